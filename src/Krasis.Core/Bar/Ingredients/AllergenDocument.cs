namespace Krasis.Core.Bar.Ingredients;

/// <summary>What the label says of allergens, as it is entered and stored. A missing document means that nobody has
/// looked yet.</summary>
public sealed record AllergenDocument
{
    /// <summary>What is in it, in words such as <c>milk</c> and <c>treeNuts</c>.</summary>
    public IReadOnlyList<string> Contains { get; init; } = [];

    /// <summary>What may be in it as a trace.</summary>
    public IReadOnlyList<string> MayContain { get; init; } = [];

    /// <summary>Where that was read.</summary>
    public string? Source { get; init; }

    /// <summary>The day on which it was read, as 2026-11-25.</summary>
    public string? On { get; init; }
}
