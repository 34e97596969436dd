namespace Krasis.Core.Bar.Ingredients;

/// <summary>Turns allergens into the names that people read.</summary>
internal static class AllergenNaming
{
    /// <summary>Names allergens, the contained ones first. A species stands in brackets behind its family: "tree nuts
    /// (hazelnuts)".</summary>
    /// <param name="contains">The contained allergens, each with its families.</param>
    /// <param name="mayContain">The possible traces, each with its families.</param>
    public static IReadOnlyList<(Allergen Allergen, string Name, bool IsTrace)> Of(
        IReadOnlyCollection<Allergen> contains,
        IReadOnlyCollection<Allergen> mayContain
    )
    {
        return
        [
            .. contains.Where(IsNamed).Order().Select(allergen => (allergen, Name(allergen, contains), false)),
            .. mayContain
                .Where(allergen => IsNamed(allergen) && !IsCovered(allergen))
                .Order()
                .Select(allergen => (allergen, Name(allergen, mayContain), true)),
        ];

        // A drink with almonds may still have traces of hazelnuts, though both are tree nuts: list both.
        bool IsCovered(Allergen trace) =>
            contains.Contains(trace) && KindsOf(trace, mayContain).All(kind => contains.Contains(kind));
    }

    private static bool IsNamed(Allergen allergen) =>
        AllergenLists.UsNine.Contains(allergen) || AllergenLists.EuFourteen.Contains(allergen);

    private static string Name(Allergen allergen, IReadOnlyCollection<Allergen> all)
    {
        var kinds = KindsOf(allergen, all).Order().Select(AllergenLists.Say).ToList();
        var name = AllergenLists.Say(allergen);
        return kinds.Count == 0 ? name : $"{name} ({string.Join(", ", kinds)})";
    }

    private static IEnumerable<Allergen> KindsOf(Allergen allergen, IReadOnlyCollection<Allergen> all) =>
        all.Where(other => other != allergen && AllergenLists.WithFamily(other).Contains(allergen));
}
