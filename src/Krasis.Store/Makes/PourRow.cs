using Krasis.Store.Values;

namespace Krasis.Store.Makes;

/// <summary>One pour as the charts read it.</summary>
public sealed record PourRow(
    string StartedAt,
    string? Station,
    string? Who,
    string What,
    string? Dispenser,
    string? Recipe,
    double Target,
    double Grams,
    double? Seconds,
    double? Celsius,
    long IsRight
)
{
    /// <summary>When the drink was begun that it went into.</summary>
    public DateTimeOffset At => Timestamp.Read(StartedAt);
}
