namespace Krasis.Core.Bar.Ingredients;

/// <summary>An allergen that a food law wants named.</summary>
public enum Allergen
{
    /// <summary>Milk.</summary>
    Milk,

    /// <summary>Eggs.</summary>
    Eggs,

    /// <summary>Fish.</summary>
    Fish,

    /// <summary>Crustaceans.</summary>
    Crustaceans,

    /// <summary>Molluscs.</summary>
    Molluscs,

    /// <summary>Tree nuts.</summary>
    TreeNuts,

    /// <summary>Peanuts.</summary>
    Peanuts,

    /// <summary>Wheat, which is one of the cereals containing gluten and has a name of its own in the US.</summary>
    Wheat,

    /// <summary>Cereals containing gluten: wheat, rye, barley, oats.</summary>
    Gluten,

    /// <summary>Soya.</summary>
    Soya,

    /// <summary>Sesame.</summary>
    Sesame,

    /// <summary>Celery.</summary>
    Celery,

    /// <summary>Mustard.</summary>
    Mustard,

    /// <summary>Sulphur dioxide and sulphites above 10 mg/kg.</summary>
    Sulphites,

    /// <summary>Lupin.</summary>
    Lupin,

    /// <summary>Rye, a cereal containing gluten.</summary>
    Rye,

    /// <summary>Barley, a cereal containing gluten.</summary>
    Barley,

    /// <summary>Oats, a cereal containing gluten.</summary>
    Oats,

    /// <summary>Spelt, a wheat, and so a cereal containing gluten.</summary>
    Spelt,

    /// <summary>Almonds, a tree nut.</summary>
    Almonds,

    /// <summary>Hazelnuts, a tree nut.</summary>
    Hazelnuts,

    /// <summary>Walnuts, a tree nut.</summary>
    Walnuts,

    /// <summary>Cashews, a tree nut.</summary>
    Cashews,

    /// <summary>Pecan nuts, a tree nut.</summary>
    Pecans,

    /// <summary>Brazil nuts, a tree nut.</summary>
    BrazilNuts,

    /// <summary>Pistachio nuts, a tree nut.</summary>
    Pistachios,

    /// <summary>Macadamia or Queensland nuts, a tree nut.</summary>
    Macadamias,
}
