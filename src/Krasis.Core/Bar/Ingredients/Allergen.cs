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
}
