namespace Krasis.Core.Bar.Ingredients;

/// <summary>Which allergens the law wants named where, and what they are called in a sentence.</summary>
public static class AllergenLists
{
    /// <summary>The nine of the US: Food Allergen Labeling and Consumer Protection Act of 2004 and FASTER Act of
    /// 2021.</summary>
    public static IReadOnlyList<Allergen> UsNine { get; } =
    [
        Allergen.Milk,
        Allergen.Eggs,
        Allergen.Fish,
        Allergen.Crustaceans,
        Allergen.TreeNuts,
        Allergen.Peanuts,
        Allergen.Wheat,
        Allergen.Soya,
        Allergen.Sesame,
    ];

    /// <summary>The fourteen of the EU: Regulation (EU) No 1169/2011, Annex II.</summary>
    public static IReadOnlyList<Allergen> EuFourteen { get; } =
    [
        Allergen.Gluten,
        Allergen.Crustaceans,
        Allergen.Eggs,
        Allergen.Fish,
        Allergen.Peanuts,
        Allergen.Soya,
        Allergen.Milk,
        Allergen.TreeNuts,
        Allergen.Celery,
        Allergen.Mustard,
        Allergen.Sesame,
        Allergen.Sulphites,
        Allergen.Lupin,
        Allergen.Molluscs,
    ];

    /// <summary>The species that have to be named, and what each of them is: Regulation (EU) No 1169/2011, Annex II, 1
    /// and 8, and article 21; wheat is one of them and has a name of its own in the US.</summary>
    public static IReadOnlyDictionary<Allergen, Allergen> FamilyOf { get; } =
        new Dictionary<Allergen, Allergen>
        {
            [Allergen.Wheat] = Allergen.Gluten,
            [Allergen.Rye] = Allergen.Gluten,
            [Allergen.Barley] = Allergen.Gluten,
            [Allergen.Oats] = Allergen.Gluten,
            [Allergen.Spelt] = Allergen.Wheat,
            [Allergen.Almonds] = Allergen.TreeNuts,
            [Allergen.Hazelnuts] = Allergen.TreeNuts,
            [Allergen.Walnuts] = Allergen.TreeNuts,
            [Allergen.Cashews] = Allergen.TreeNuts,
            [Allergen.Pecans] = Allergen.TreeNuts,
            [Allergen.BrazilNuts] = Allergen.TreeNuts,
            [Allergen.Pistachios] = Allergen.TreeNuts,
            [Allergen.Macadamias] = Allergen.TreeNuts,
        };

    /// <summary>Every allergen that a label can name.</summary>
    public static IReadOnlyList<Allergen> Named { get; } = Enum.GetValues<Allergen>();

    /// <summary>An allergen and all that it is: spelt is wheat, and a cereal with gluten.</summary>
    public static IEnumerable<Allergen> WithFamily(Allergen allergen)
    {
        yield return allergen;
        while (FamilyOf.TryGetValue(allergen, out allergen))
        {
            yield return allergen;
        }
    }

    /// <summary>What an allergen is called in a sentence.</summary>
    public static string Say(Allergen allergen) =>
        allergen switch
        {
            Allergen.TreeNuts => "tree nuts",
            Allergen.Gluten => "cereals with gluten",
            Allergen.Pecans => "pecan nuts",
            Allergen.BrazilNuts => "Brazil nuts",
            Allergen.Pistachios => "pistachio nuts",
            Allergen.Macadamias => "macadamia nuts",
            _ => allergen.ToString().ToLowerInvariant(),
        };
}
