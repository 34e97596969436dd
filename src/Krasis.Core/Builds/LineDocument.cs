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

    /// <summary>To where it fills the cup, as it is said: <c>to the milk line</c>, <c>to 62 mm</c>, <c>to 120 ml</c>,
    /// <c>to ¾</c>, <c>to the top</c>, <c>to the brim</c>. It is kept in every size by that size's own mark, and
    /// <see cref="Amount"/> only stands for the cups that lack it. Missing for what goes in by amount.</summary>
    public string? To { get; init; }

    /// <summary>The id of the espresso recipe that it is pulled by; the bar's first for the coffee when it is
    /// missing.</summary>
    public string? Recipe { get; init; }

    /// <summary>How it is cooled, where its technique is cool: overIce, chilledJug, fridge, stand; over ice when it is
    /// missing.</summary>
    public string? Cooling { get; init; }

    /// <summary>To what it is cooled, °C; as that way of cooling usually does when it is missing.</summary>
    public double? CooledCelsius { get; init; }

    /// <summary>To what it is steamed, °C, where its technique is steam; to the foam level's end when it is
    /// missing.</summary>
    public double? SteamedCelsius { get; init; }

    /// <summary>How thick the foam on it stands, mm, in every size; by the foam level when it is missing.</summary>
    public double? FoamCapMm { get; init; }

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
