namespace Krasis.Core.Dispensers;

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

    /// <summary>One of pump, bottle, scoop, spoon, jigger; pump when it is missing.</summary>
    public string? Kind { get; init; }

    /// <summary>Measured yield per stroke, ml. Not together with weighed strokes.</summary>
    public double? StrokeMl { get; init; }

    /// <summary>The weights of strokes given one after another, g. Not together with <see cref="StrokeMl"/>.</summary>
    public IReadOnlyList<double> StrokesGrams { get; init; } = [];

    /// <summary>What the maker says a stroke gives, ml.</summary>
    public double? NominalMl { get; init; }

    /// <summary>Whether the bar gives half strokes of it.</summary>
    public bool? HalfStrokes { get; init; }
}
