namespace Krasis.Core.Checks;

/// <summary>What would put a finding right.</summary>
/// <param name="Label">What it does, as on a button.</param>
/// <param name="Edits">The cells it changes, at least one.</param>
public sealed record Mend(string Label, IReadOnlyList<CellEdit> Edits);
