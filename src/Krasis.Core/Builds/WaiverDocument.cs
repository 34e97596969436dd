namespace Krasis.Core.Builds;

/// <summary>A finding that the lead has looked at and lets be, as it is entered and stored.</summary>
public sealed record WaiverDocument
{
    /// <summary>The check's name.</summary>
    public string? Check { get; init; }

    /// <summary>The id of the cup it is about.</summary>
    public string? Size { get; init; }

    /// <summary>The id of the line it is about; missing when it is about the whole cup.</summary>
    public string? Line { get; init; }

    /// <summary>Why it may be.</summary>
    public string? Reason { get; init; }
}
