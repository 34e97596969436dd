using Krasis.Store.Values;

namespace Krasis.Store.Makes;

/// <summary>One make as the charts read it.</summary>
public sealed record MakeRow(
    string Id,
    string Build,
    string Drink,
    long? Standard,
    string? Station,
    string SizeName,
    string? Who,
    string StartedAt,
    double Seconds,
    long IsDone,
    double? Strength,
    double? Sweetness,
    long? IsAllowed
)
{
    /// <summary>When it was begun.</summary>
    public DateTimeOffset At => Timestamp.Read(StartedAt);
}
