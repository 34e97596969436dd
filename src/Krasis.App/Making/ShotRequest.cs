namespace Krasis.App.Making;

/// <summary>Espresso that has run into a cup.</summary>
public sealed record ShotRequest
{
    /// <summary>The drink.</summary>
    public DrinkRequest Drink { get; init; } = new();

    /// <summary>The id of the station where it is made; null for the one where standards are set.</summary>
    public string? Station { get; init; }

    /// <summary>The line's id.</summary>
    public string? Line { get; init; }

    /// <summary>How much ran into the cup, g.</summary>
    public double? Grams { get; init; }

    /// <summary>How long a pull ran, s.</summary>
    public double? Seconds { get; init; }
}
