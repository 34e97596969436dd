using Krasis.Core.Builds;

namespace Krasis.App.Transforming;

/// <summary>What another build is to be made of a build.</summary>
public sealed record TransformRequest
{
    /// <summary>The build.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>One of serve, milk, syrup, lessSweet, dairyFree.</summary>
    public string? To { get; init; }

    /// <summary>For serve: hot, iced, layered, shaken or blended.</summary>
    public string? Serve { get; init; }

    /// <summary>For serve: the cups for it; its own when there are none.</summary>
    public IReadOnlyList<string> Sizes { get; init; } = [];

    /// <summary>For milk, syrup and, if one is wanted, dairyFree: the id of the ingredient to take.</summary>
    public string? Ingredient { get; init; }

    /// <summary>For syrup: the id of the line.</summary>
    public string? Line { get; init; }

    /// <summary>For lessSweet: 75, 50 or 25, the share that stays, %.</summary>
    public double? Percent { get; init; }
}
