namespace Krasis.App.Versions;

/// <summary>A build's move to another state.</summary>
public sealed record MoveRequest
{
    /// <summary>One of draft, trial, retired. A build becomes a standard by being published.</summary>
    public string? State { get; init; }

    /// <summary>Who moves it.</summary>
    public string? Who { get; init; }

    /// <summary>Why.</summary>
    public string? Reason { get; init; }
}
