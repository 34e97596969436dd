namespace Krasis.Web.Features.Quantities;

/// <summary>What somebody typed into a cell.</summary>
public sealed record QuantityRequest
{
    /// <summary>What was typed, such as <c>180</c>, <c>6 fl oz</c> or <c>3 strokes</c>.</summary>
    public string? Text { get; init; }

    /// <summary>The id of the ingredient.</summary>
    public string? Ingredient { get; init; }

    /// <summary>The code of the measure that the answer is to be in, and that is meant when the text names none.</summary>
    public string? Measure { get; init; }
}
