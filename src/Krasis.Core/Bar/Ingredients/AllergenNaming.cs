namespace Krasis.Core.Bar.Ingredients;

/// <summary>Which allergens are told of something, and by what name.</summary>
internal static class AllergenNaming
{
    /// <summary>Names them: those that are in it first. A species is told with what it is one of.</summary>
    /// <param name="contains">What is in it, each with its families.</param>
    /// <param name="mayContain">What may be, likewise.</param>
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

        // Traces of hazelnuts are told beside almonds that are in it, though both are tree nuts.
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
