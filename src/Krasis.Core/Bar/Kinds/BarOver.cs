namespace Krasis.Core.Bar.Kinds;

/// <summary>Lays some facts over the bar as it is today.</summary>
public static class BarOver
{
    /// <summary>The facts that a standard was published with, and of what it does not rest on, today's.</summary>
    /// <param name="frozen">The facts that hold whatever is there today.</param>
    /// <param name="today">The bar as it is.</param>
    /// <remarks>What is kept today under the id or the name of something frozen, or holds or makes the same at the same
    /// station, gives way to it.</remarks>
    public static BarDocument Lay(BarDocument frozen, BarDocument today)
    {
        var laying = new Laying(frozen, today);
        BarKinds.Each(laying);
        return laying.Bar;
    }

    private sealed class Laying(BarDocument frozen, BarDocument today) : IBarKindVisitor
    {
        private BarDocument? laid;

        public BarDocument Bar => laid ?? frozen;

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            if (kind.OnlyId is not null)
            {
                return;
            }

            var kept = kind.From(frozen);
            var ids = kept.Select(kind.Id).ToHashSet();
            var names = kept.Select(kind.Called).ToHashSet(StringComparer.OrdinalIgnoreCase);
            var places = kept.Select(PlaceOf).OfType<string>().ToHashSet();
            laid = kind.Into(
                Bar,
                [
                    .. kept,
                    .. kind.From(today)
                        .Where(fact =>
                            !ids.Contains(kind.Id(fact))
                            && !names.Contains(kind.Called(fact))
                            && (PlaceOf(fact) is not { } place || !places.Contains(place))
                        ),
                ]
            );
        }

        private static string? PlaceOf<TDocument>(TDocument fact) =>
            fact switch
            {
                Dispensers.DispenserDocument dispenser => $"{dispenser.Station} {dispenser.Ingredient}",
                Coffee.CoffeeBaseDocument coffee => coffee.Ingredient,
                _ => null,
            };
    }
}
