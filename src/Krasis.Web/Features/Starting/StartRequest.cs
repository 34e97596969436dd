namespace Krasis.Web.Features.Starting;

/// <summary>What a build is to begin with.</summary>
public sealed record StartRequest
{
    /// <summary>One of espresso, batch, coldBrew, strong, powder, chocolate.</summary>
    public string? Base { get; init; }

    /// <summary>One of hot, iced, layered, shaken, blended.</summary>
    public string? Serve { get; init; }

    /// <summary>The ids of the cups.</summary>
    public IReadOnlyList<string> Sizes { get; init; } = [];
}
