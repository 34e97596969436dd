namespace Krasis.Tasting.Simulating;

/// <summary>What simulated tasters are like. Invented: no panel has been measured.</summary>
/// <param name="Ideal">What the panel would have on every scale; a scale that is missing is right as it is.</param>
/// <param name="Spread">How far tasters' own ideals lie apart, as a share.</param>
/// <param name="Noise">How much one and the same thing tastes different from sip to sip, as a share.</param>
/// <param name="Step">How far off, as a share, a taster calls one step on a scale.</param>
/// <param name="Cost">What such a step costs in points of liking.</param>
public sealed record PanelTraits(
    IReadOnlyDictionary<string, double> Ideal,
    double Spread = 0.05,
    double Noise = 0.05,
    double Step = 0.15,
    double Cost = 1.2
);
