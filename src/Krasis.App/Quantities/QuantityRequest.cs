using Krasis.Core.Builds;

namespace Krasis.App.Quantities;

/// <summary>What somebody typed into a cell.</summary>
public sealed record QuantityRequest
{
    /// <summary>What was typed, such as <c>180</c>, <c>6 fl oz</c>, <c>3 strokes</c>, <c>half</c>, <c>to 62 mm</c> or
    /// <c>1:6</c>.</summary>
    public string? Text { get; init; }

    /// <summary>The id of the ingredient.</summary>
    public string? Ingredient { get; init; }

    /// <summary>The code of the measure that the answer is to be in, and that is meant when the text names
    /// none.</summary>
    public string? Measure { get; init; }

    /// <summary>The build in which it was typed; needed for heights, printed lines, ratios, and what is said of what
    /// stands there.</summary>
    public BuildDocument? Build { get; init; }

    /// <summary>The id of the size in which it was typed.</summary>
    public string? Size { get; init; }

    /// <summary>The id of the line in which it was typed.</summary>
    public string? Line { get; init; }
}
