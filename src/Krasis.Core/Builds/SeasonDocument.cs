namespace Krasis.Core.Builds;

/// <summary>A season as it is entered and stored.</summary>
public sealed record SeasonDocument
{
    /// <summary>The first day, as month-day: 11-25.</summary>
    public string? From { get; init; }

    /// <summary>The last day, as month-day.</summary>
    public string? To { get; init; }
}
