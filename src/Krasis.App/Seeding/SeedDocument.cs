using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.App.Seeding;

/// <summary>What a fresh data file is filled with.</summary>
public sealed record SeedDocument
{
    /// <summary>The bar's facts.</summary>
    public required BarDocument Bar { get; init; }

    /// <summary>Builds to begin with.</summary>
    public IReadOnlyList<BuildDocument> Builds { get; init; } = [];

    /// <summary>The names of those that are standards already.</summary>
    public IReadOnlyList<string> Published { get; init; } = [];

    /// <summary>The names of those that are on trial.</summary>
    public IReadOnlyList<string> OnTrial { get; init; } = [];

    /// <summary>Those that are off the board, and why.</summary>
    public IReadOnlyList<SeedRetired> Retired { get; init; } = [];

    /// <summary>How some of the standards were before, published then.</summary>
    public IReadOnlyList<SeedEarlier> Earlier { get; init; } = [];
}
