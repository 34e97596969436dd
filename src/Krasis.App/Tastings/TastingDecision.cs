namespace Krasis.App.Tastings;

/// <summary>What was decided after a tasting, and why.</summary>
/// <param name="At">When.</param>
/// <param name="Who">Who decided; empty when not said.</param>
/// <param name="Why">Why, as it was said.</param>
/// <param name="Says">What was done, in a sentence, such as <c>Reed syrup: 3 strokes → 2 strokes in Reed</c>; null
/// where all stays as it is.</param>
/// <param name="Found">What it rests on, such as <c>Sweetness set after the tasting of 12 May: 9 of 12 found it too
/// sweet.</c></param>
/// <param name="Build">The build that was changed; null where none was.</param>
/// <param name="Version">The version that the change was kept as.</param>
/// <param name="Before">The version before it, for tasting both again.</param>
/// <param name="Size">The cup that was tasted.</param>
public sealed record TastingDecision(
    DateTimeOffset At,
    string Who,
    string Why,
    string? Says,
    string Found,
    string? Build,
    long? Version,
    long? Before,
    string? Size
);
