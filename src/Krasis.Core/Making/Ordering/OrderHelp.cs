using System.Globalization;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;

namespace Krasis.Core.Making.Ordering;

/// <summary>Says what would help where something of an order stands too long. Everything that is named has been
/// tried.</summary>
internal static class OrderHelp
{
    /// <summary>What helps most for the least.</summary>
    /// <param name="best">The best that there is with what the house has.</param>
    /// <param name="pitchers">The bar's pitchers.</param>
    /// <returns>A sentence; null where nothing that was tried helps.</returns>
    public static string? For(OrderTimes best, IReadOnlyList<Pitcher> pitchers)
    {
        var work = best.Work;
        var late = best.Standings().Where(each => each.To - each.From > each.Limit + 1e-6).ToList();
        if (late.TrueForAll(each => each.Kind == OrderStepKind.Finish))
        {
            return $"Hand over {string.Join(" and ", late.Select(each => work.Drinks[each.Of].Name))} as soon as it is "
                + "ready.";
        }

        if (ByItself(work, pitchers) is { } apart)
        {
            return $"Make {work.Drinks[apart].Name} after the others are handed over: then nothing stands too long.";
        }

        var has = work.Places;
        var tries = new List<(string With, Workplaces Places)>
        {
            ("another barista", has with { Baristas = has.Baristas + 1 }),
            ("another group", has with { Groups = has.Groups + 1 }),
            ("another steam wand", has with { Wands = has.Wands + 1 }),
            ("another barista and another group", has with { Baristas = has.Baristas + 1, Groups = has.Groups + 1 }),
        }.ConvertAll(each =>
            (each.With, OrderPlanner.Best(work.Drinks, pitchers, work.Limits, each.Places, isThorough: false).Beyond)
        );
        if (tries.Find(each => each.Beyond <= 1e-6) is { With: { } enough })
        {
            return $"With {enough} nothing stands too long.";
        }

        var least = tries.MinBy(each => each.Beyond);
        return least.Beyond < best.Beyond - 1
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"With {least.With} it stands {best.Beyond - least.Beyond:0} s less too long."
            )
            : null;
    }

    // Which drink, made by itself, leaves nothing that stands too long.
    private static int? ByItself(OrderWork work, IReadOnlyList<Pitcher> pitchers)
    {
        if (work.Drinks.Count == 1)
        {
            return null;
        }

        return Enumerable
            .Range(0, work.Drinks.Count)
            .Select(drink => (int?)drink)
            .FirstOrDefault(drink =>
                IsGood([work.Drinks[drink!.Value]]) && IsGood([.. work.Drinks.Where((_, i) => i != drink)])
            );

        bool IsGood(IReadOnlyList<OrderedDrink> drinks) =>
            OrderPlanner.Best(drinks, pitchers, work.Limits, work.Places, isThorough: false).Beyond <= 1e-6;
    }
}
