namespace Krasis.Core.Builds;

/// <summary>A line of a build as it is entered and stored.</summary>
public sealed record LineDocument
{
    /// <summary>The line's id, once in a build.</summary>
    public string? Id { get; init; }

    /// <summary>The id of the ingredient.</summary>
    public string? Ingredient { get; init; }

    /// <summary>The code of the measure, such as stroke, shot, ml or g.</summary>
    public string? Measure { get; init; }

    /// <summary>How much at the reference size, in that measure.</summary>
    public double? Amount { get; init; }

    /// <summary>How much at the sizes where the lead has said so by hand.</summary>
    public IReadOnlyList<PinDocument> Pins { get; init; } = [];
}
