using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Drawing;

/// <summary>Where one liquid was poured on another.</summary>
/// <param name="Lower">The line below.</param>
/// <param name="Upper">The line that was poured on it.</param>
/// <param name="DensityStep">By how much the lower one is denser, g/ml; negative when it is lighter.</param>
/// <param name="Holds">Whether they stay apart.</param>
public sealed record Boundary(LineId Lower, LineId Upper, double DensityStep, bool Holds)
{
    /// <summary>A liquid stays on one that is at least so much denser, if it is poured slowly: 0.01 g/ml (common
    /// practice, no source).</summary>
    public const double Margin = 0.01;

    /// <summary>What the line below is of.</summary>
    internal string LowerName { get; init; } = "";

    /// <summary>What was poured on it.</summary>
    internal string UpperName { get; init; } = "";

    /// <summary>Whether pouring it or serving it mixes them.</summary>
    internal bool IsMixed { get; init; }

    /// <summary>Why they stay apart or do not, in a sentence. Put together when it is asked for.</summary>
    public string Why =>
        IsMixed ? "They are mixed."
        : DensityStep < Margin
            ? $"{UpperName} is too heavy to stay on {LowerName}: it would have to be {Say.Hundredths(Margin)} g/ml lighter, and is {(DensityStep < 0 ? $"{Say.Hundredths(-DensityStep)} g/ml heavier" : $"{Say.Hundredths(DensityStep)} g/ml lighter")}."
        : Holds ? $"{LowerName} is {Say.Hundredths(DensityStep)} g/ml denser, and {UpperName} is poured slowly."
        : $"{UpperName} would stay on {LowerName} if it were poured slowly.";
}
