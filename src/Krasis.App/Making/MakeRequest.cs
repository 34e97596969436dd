namespace Krasis.App.Making;

/// <summary>A make that is over.</summary>
public sealed record MakeRequest
{
    /// <summary>The drink.</summary>
    public DrinkRequest Drink { get; init; } = new();

    /// <summary>The id of the station where it was made; null for the one where standards are set.</summary>
    public string? Station { get; init; }

    /// <summary>Who made it; null of nobody in particular.</summary>
    public string? Who { get; init; }

    /// <summary>When it was begun.</summary>
    public DateTimeOffset? StartedAt { get; init; }

    /// <summary>How long it took, s.</summary>
    public double? Seconds { get; init; }

    /// <summary>Whether it was handed over, and not given up.</summary>
    public bool IsDone { get; init; } = true;

    /// <summary>What went in, step by step.</summary>
    public IReadOnlyList<PouredRequest> Poured { get; init; } = [];

    /// <summary>Lines of the drink that were left out on purpose, as a rescue said.</summary>
    public IReadOnlyList<string> LeftOut { get; init; } = [];
}
