namespace Krasis.Core.Bar.Ingredients;

/// <summary>A kind of sugar, because they do not taste equally sweet.</summary>
public enum Sugar
{
    /// <summary>Table sugar; the one that the others are measured by.</summary>
    Sucrose,

    /// <summary>Grape sugar.</summary>
    Glucose,

    /// <summary>Fruit sugar.</summary>
    Fructose,

    /// <summary>Milk sugar.</summary>
    Lactose,

    /// <summary>Malt sugar, which oat drinks are sweet from.</summary>
    Maltose,

    /// <summary>Galactose, half of what lactose is split into.</summary>
    Galactose,
}
