using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>One pour in the book.</summary>
/// <param name="On">The day.</param>
/// <param name="Station">What the house calls the station; null where there is one place only.</param>
/// <param name="Who">Who poured it; null of nobody in particular.</param>
/// <param name="What">What was poured.</param>
/// <param name="Dispenser">The id of the dispenser that gave it; null where none did.</param>
/// <param name="Recipe">The espresso recipe by which it was pulled; null where it was not.</param>
/// <param name="Target">How much was to go in.</param>
/// <param name="Grams">How much went in.</param>
/// <param name="Seconds">How long the pull ran, s; null where it was no pull, and when nobody timed it.</param>
public sealed record Pour(
    DateOnly On,
    string? Station,
    string? Who,
    string What,
    string? Dispenser,
    string? Recipe,
    Grams Target,
    Grams Grams,
    double? Seconds
)
{
    /// <summary>How far it was from what was to go in; null where nothing was to.</summary>
    public Percent? Off => Target.Value > 0 ? Percent.From(((Grams.Value / Target.Value) - 1) * 100) : null;
}
