namespace Krasis.Core.Bar.Ingredients;

/// <summary>The allergens on a label, as entered and saved. A missing document means that nobody has read the label. A
/// label counts as read only if it has a reading date. If both lists are empty, somebody must also have confirmed that
/// the label names none: empty lists alone may be an unfinished entry.</summary>
public sealed record AllergenDocument
{
    /// <summary>What is in it, in words such as <c>milk</c> and <c>treeNuts</c>.</summary>
    public IReadOnlyList<string> Contains { get; init; } = [];

    /// <summary>What may be in it as a trace.</summary>
    public IReadOnlyList<string> MayContain { get; init; } = [];

    /// <summary>Whether somebody confirmed that the label names none; only with both lists empty.</summary>
    public bool NamesNone { get; init; }

    /// <summary>Where that was read.</summary>
    public string? Source { get; init; }

    /// <summary>Who read it. Older entries have no name.</summary>
    public string? By { get; init; }

    /// <summary>The day on which it was read, as 2026-11-25.</summary>
    public string? On { get; init; }
}
