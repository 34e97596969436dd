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

    /// <summary>How it goes into the cup, such as pour or steam; poured when it is missing.</summary>
    public string? Technique { get; init; }

    /// <summary>The id of the foam level that it is steamed or foamed to.</summary>
    public string? Foam { get; init; }

    /// <summary>How it follows from the reference size; as the build's school has it when it is missing.</summary>
    public ScaleDocument? Scale { get; init; }

    /// <summary>What the card says the reference size's amount is in another measure, such as 50 ml.</summary>
    public string? Stated { get; init; }

    /// <summary>Why it is so.</summary>
    public string? Note { get; init; }
}
