using Krasis.Core.Builds;

namespace Krasis.Core.Working.Mixing;

/// <summary>Where one liquid was poured on another.</summary>
/// <param name="Lower">The line below.</param>
/// <param name="Upper">The line that was poured on it.</param>
/// <param name="DensityStep">By how much the lower one is denser, g/ml; negative when it is lighter.</param>
/// <param name="Holds">Whether they stay apart.</param>
/// <param name="Why">Why they do or do not, in a sentence.</param>
public sealed record Boundary(LineId Lower, LineId Upper, double DensityStep, bool Holds, string Why)
{
    /// <summary>A liquid stays on one that is at least so much denser, if it is poured slowly: 0.01 g/ml (common practice, no
    /// source).</summary>
    public const double Margin = 0.01;
}
