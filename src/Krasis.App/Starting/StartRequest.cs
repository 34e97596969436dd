namespace Krasis.App.Starting;

/// <summary>What a build is to begin with.</summary>
public sealed record StartRequest
{
    /// <summary>One of espresso, batch, coldBrew, strong, powder, chocolate.</summary>
    public string? Base { get; init; }

    /// <summary>One of hot, iced, layered, shaken, blended.</summary>
    public string? Serve { get; init; }

    /// <summary>The id of what it is made of, where the bar has several; the first when it is missing.</summary>
    public string? Of { get; init; }

    /// <summary>The id of its flavour; the house's usual when it is missing, none when it is empty.</summary>
    public string? Flavour { get; init; }

    /// <summary>The ids of the cups.</summary>
    public IReadOnlyList<string> Sizes { get; init; } = [];
}
