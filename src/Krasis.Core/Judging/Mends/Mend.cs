namespace Krasis.Core.Judging.Mends;

/// <summary>What would put a finding right.</summary>
/// <param name="Label">What it does, as on a button.</param>
/// <param name="Edits">The cells it changes.</param>
/// <param name="Changes">What else it changes, in order. Edits and changes together are at least one.</param>
public sealed record Mend(string Label, IReadOnlyList<CellEdit> Edits, IReadOnlyList<LineChange> Changes)
{
    /// <summary>What the size it is about comes to with it, worked out; null before it has been tried.</summary>
    public string? Promise { get; init; }

    /// <summary>A mend of cells alone.</summary>
    internal static Mend Cells(string label, params IReadOnlyList<CellEdit> edits) => new(label, edits, []);

    /// <summary>A mend of lines alone.</summary>
    internal static Mend Lines(string label, params IReadOnlyList<LineChange> changes) => new(label, [], changes);
}
