namespace Krasis.Core.Bar.Parts;

/// <summary>A part, something the house makes for its drinks, as it is entered and stored.</summary>
public sealed record PartDocument
{
    /// <summary>The id, which no ingredient has either.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>What sort of ingredient it is in a drink, such as syrup or milk.</summary>
    public string? Kind { get; init; }

    /// <summary>Colour in drawings, as #rrggbb.</summary>
    public string? Colour { get; init; }

    /// <summary>What goes in.</summary>
    public IReadOnlyList<PartLineDocument> Lines { get; init; } = [];

    /// <summary>mass or volume when the amounts are parts of a ratio (1 : 2 : 3); missing when they are
    /// measures.</summary>
    public string? Ratio { get; init; }

    /// <summary>Water that is lost in the making, % of what went in by mass.</summary>
    public double? LossPercent { get; init; }

    /// <summary>Density as weighed, g/ml; estimated from what went in where it is missing.</summary>
    public double? DensityGramsPerMl { get; init; }

    /// <summary>How warm it is when it goes into the cup, °C.</summary>
    public double? ServedCelsius { get; init; }

    /// <summary>How it is made.</summary>
    public string? Method { get; init; }

    /// <summary>How many days it keeps, the day of making counted.</summary>
    public double? ShelfLifeDays { get; init; }

    /// <summary>The day the batch in use was made, as 2026-11-25.</summary>
    public string? MadeOn { get; init; }

    /// <summary>Whether it must be held at or below 5 °C.</summary>
    public bool? Chilled { get; init; }
}
