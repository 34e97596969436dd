namespace Krasis.Exchange.Pouring;

/// <summary>One pour as it is carried out.</summary>
/// <param name="StartedAt">When the drink was begun that it went into, as ISO 8601.</param>
/// <param name="Station">The station; empty where there is one place only.</param>
/// <param name="Who">Who poured it; empty of nobody in particular.</param>
/// <param name="What">What was poured.</param>
/// <param name="Dispenser">The id of the dispenser; empty where none gave it.</param>
/// <param name="Recipe">The espresso recipe; empty where it was no pull.</param>
/// <param name="Target">How much was to go in, g.</param>
/// <param name="Grams">How much went in, g.</param>
/// <param name="Seconds">How long the pull ran, s; null where it was none.</param>
public sealed record PouredRow(string StartedAt, string? Station, string? Who, string What, string? Dispenser, string? Recipe, double Target, double Grams, double? Seconds);
