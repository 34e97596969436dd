namespace Krasis.Core.Builds;

/// <summary>The build that a variant was made of, as it is stored.</summary>
public sealed record ParentDocument
{
    /// <summary>The id of the build.</summary>
    public string? Build { get; init; }

    /// <summary>Which save of it the variant goes by.</summary>
    public double? Version { get; init; }

    /// <summary>What was made of it, in words.</summary>
    public string? How { get; init; }

    /// <summary>The transformation, so that it can be made anew when the parent has changed: serve, milk, syrup,
    /// lessSweet or dairyFree; with the fields below as far as it needs them.</summary>
    public string? To { get; init; }

    /// <summary>How it is served.</summary>
    public string? Serve { get; init; }

    /// <summary>The cups for it.</summary>
    public IReadOnlyList<string> Sizes { get; init; } = [];

    /// <summary>The id of the ingredient that was taken.</summary>
    public string? Ingredient { get; init; }

    /// <summary>The id of the line that was swapped.</summary>
    public string? Line { get; init; }

    /// <summary>The share of the sweetness that stays, %.</summary>
    public double? Percent { get; init; }
}
