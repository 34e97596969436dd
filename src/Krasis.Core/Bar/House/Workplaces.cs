namespace Krasis.Core.Bar.House;

/// <summary>How many people make an order's drinks at a time, and with what.</summary>
/// <param name="Baristas">How many make drinks.</param>
/// <param name="Groups">How many pulls the espresso machine runs at once.</param>
/// <param name="Wands">How many pitchers are steamed at once.</param>
public sealed record Workplaces(int Baristas, int Groups, int Wands)
{
    /// <summary>The most of each that a house may have.</summary>
    public const int Most = 6;

    /// <summary>One of each, to begin with.</summary>
    public static Workplaces Usual { get; } = new(1, 1, 1);
}
