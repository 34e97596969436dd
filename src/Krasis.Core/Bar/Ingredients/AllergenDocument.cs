namespace Krasis.Core.Bar.Ingredients;

/// <summary>What the label says of allergens, as it is entered and stored. A missing document means that nobody has
/// looked yet. It counts as read only with the day on which it was read, and where it lists nothing, only if somebody
/// says that the label names none: empty lists alone may be an entry that was never finished.</summary>
public sealed record AllergenDocument
{
    /// <summary>What is in it, in words such as <c>milk</c> and <c>treeNuts</c>.</summary>
    public IReadOnlyList<string> Contains { get; init; } = [];

    /// <summary>What may be in it as a trace.</summary>
    public IReadOnlyList<string> MayContain { get; init; } = [];

    /// <summary>Whether the label was read and names none; only with both lists empty.</summary>
    public bool NamesNone { get; init; }

    /// <summary>Where that was read.</summary>
    public string? Source { get; init; }

    /// <summary>Who read it. Statements from before names were kept have none.</summary>
    public string? By { get; init; }

    /// <summary>The day on which it was read, as 2026-11-25.</summary>
    public string? On { get; init; }
}
