namespace Krasis.Core.Bar.House;

/// <summary>In what a cell says beside the bar's measure how much that is.</summary>
public enum DisplayUnits
{
    /// <summary>Millilitres and grams.</summary>
    Metric,

    /// <summary>US fluid ounces and grams.</summary>
    Us,

    /// <summary>Imperial fluid ounces and grams.</summary>
    Imperial,
}
