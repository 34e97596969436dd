namespace Krasis.App.Standards;

/// <summary>Why a build is published.</summary>
public sealed record PublishRequest
{
    /// <summary>Who publishes it.</summary>
    public string? Who { get; init; }

    /// <summary>The reason, in the lead's words.</summary>
    public string? Reason { get; init; }
}
