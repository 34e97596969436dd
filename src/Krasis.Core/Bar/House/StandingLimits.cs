namespace Krasis.Core.Bar.House;

/// <summary>How long what is made may stand, s.</summary>
/// <param name="Shot">Espresso in the cup before anything is poured onto it.</param>
/// <param name="Milk">Steamed milk in its pitcher, before it parts from its foam.</param>
/// <param name="Hot">A hot drink before it is handed over.</param>
/// <param name="Cold">A drink with ice before it is handed over.</param>
public sealed record StandingLimits(double Shot, double Milk, double Hot, double Cold)
{
    /// <summary>30 s for a shot, 20 s for milk, three minutes for a hot drink and two for one with ice, to begin with
    /// (common practice, no source).</summary>
    public static StandingLimits Usual { get; } = new(30, 20, 180, 120);
}
