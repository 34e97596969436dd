namespace Krasis.Core.Bar.Ingredients;

/// <summary>Which allergens the law wants named where, and what they are called in a sentence.</summary>
public static class AllergenLists
{
    /// <summary>The nine of the US: Food Allergen Labeling and Consumer Protection Act of 2004 and FASTER Act of 2021.</summary>
    public static IReadOnlyList<Allergen> UsNine { get; } =
    [
        Allergen.Milk, Allergen.Eggs, Allergen.Fish, Allergen.Crustaceans, Allergen.TreeNuts, Allergen.Peanuts, Allergen.Wheat,
        Allergen.Soya, Allergen.Sesame,
    ];

    /// <summary>The fourteen of the EU: Regulation (EU) No 1169/2011, Annex II.</summary>
    public static IReadOnlyList<Allergen> EuFourteen { get; } =
    [
        Allergen.Gluten, Allergen.Crustaceans, Allergen.Eggs, Allergen.Fish, Allergen.Peanuts, Allergen.Soya, Allergen.Milk,
        Allergen.TreeNuts, Allergen.Celery, Allergen.Mustard, Allergen.Sesame, Allergen.Sulphites, Allergen.Lupin, Allergen.Molluscs,
    ];

    /// <summary>What an allergen is called in a sentence.</summary>
    public static string Say(Allergen allergen) => allergen switch
    {
        Allergen.TreeNuts => "tree nuts",
        Allergen.Gluten => "cereals with gluten",
        _ => allergen.ToString().ToLowerInvariant(),
    };
}
