namespace Krasis.Core.Making.Telling;

/// <summary>In which measures a recipe is told to somebody who has not this bar's pumps and scales.</summary>
public enum KitchenWords
{
    /// <summary>Millilitres, grams, °C.</summary>
    Metric,

    /// <summary>US teaspoons, tablespoons and fluid ounces, ounces, °F.</summary>
    Us,

    /// <summary>Metric teaspoons and tablespoons, imperial fluid ounces, grams, °C.</summary>
    Uk,
}
