namespace Krasis.App.Making;

/// <summary>A drink that is half made.</summary>
public sealed record RescueRequest
{
    /// <summary>The drink.</summary>
    public DrinkRequest Drink { get; init; } = new();

    /// <summary>The id of the station where it is made; null for the one where standards are set.</summary>
    public string? Station { get; init; }

    /// <summary>What is in the cup.</summary>
    public IReadOnlyList<PouredRequest> Poured { get; init; } = [];
}
