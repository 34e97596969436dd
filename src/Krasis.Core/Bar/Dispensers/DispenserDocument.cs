namespace Krasis.Core.Bar.Dispensers;

/// <summary>A dispenser as it is entered and stored. Nothing in it is trusted before
/// <see cref="DispenserReader"/> has read it.</summary>
public sealed record DispenserDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>The id of the ingredient or part in it.</summary>
    public string? Ingredient { get; init; }

    /// <summary>One of pump, bottle, scoop, spoon, jigger, doser; pump when it is missing.</summary>
    public string? Kind { get; init; }

    /// <summary>Measured yield per stroke, ml. Not together with weighed strokes.</summary>
    public double? StrokeMl { get; init; }

    /// <summary>The weights of strokes given one after another, g. Not together with <see cref="StrokeMl"/>.</summary>
    public IReadOnlyList<double> StrokesGrams { get; init; } = [];

    /// <summary>Strokes that were weighed and left out of the average because they were not like the others,
    /// g.</summary>
    public IReadOnlyList<double> LeftOutGrams { get; init; } = [];

    /// <summary>The day on which the strokes were weighed, as 2026-11-25.</summary>
    public string? WeighedOn { get; init; }

    /// <summary>The id of the station at which it stands; missing when it serves every station.</summary>
    public string? Station { get; init; }

    /// <summary>What the maker says a stroke gives, ml.</summary>
    public double? NominalMl { get; init; }

    /// <summary>Whether the bar gives half strokes of it; as the house has it when it is missing.</summary>
    public bool? HalfStrokes { get; init; }
}
