using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>How fast a barista works: common practice, no source; time your
/// own.</summary>
internal static class Pace
{
    /// <summary>For dosing, tamping and locking in, s a pull.</summary>
    public const double Dose = 15;

    /// <summary>How long a pull runs where the house has no window, s.</summary>
    public const double Pull = 28;

    /// <summary>For anything else that goes in, s.</summary>
    public const double Put = 5;

    /// <summary>For pouring steamed milk into a cup, s.</summary>
    public const double PourMilk = 6;

    /// <summary>For closing and emptying a shaker or a blender jar, s.</summary>
    public const double Empty = 6;

    /// <summary>For shaking or blending and emptying the vessel, s.</summary>
    public static double Finish(Serve serve) =>
        Empty + (serve == Serve.Blended ? StepWords.BlendSeconds : StepWords.ShakeSeconds);

    /// <summary>For the lid and the counter, s.</summary>
    public const double HandOver = 4;

    /// <summary>For steaming, s: rinsing the pitcher, purging and wiping, and the milk itself.</summary>
    public static double Steam(Millilitres milk) => 8 + (milk.Value * 0.08);

    /// <summary>How long a pull of a recipe runs: the middle of its window, s.</summary>
    public static double Runs(StepShot shot) =>
        shot.SecondsFrom is { } from && shot.SecondsTo is { } to ? (from + to) / 2 : Pull;
}
