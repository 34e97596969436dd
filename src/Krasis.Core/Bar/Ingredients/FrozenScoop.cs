using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>The heat that ice cream takes up: its sugar keeps part of its water liquid, so it melts over a range of
/// temperatures and not at 0 °C.</summary>
public static class FrozenScoop
{
    /// <summary>What a freezer holds it at, °C (common practice, no source).</summary>
    public const double Freezer = -18;

    /// <summary>Where the first ice forms in ice cream mix, °C (Goff and Hartel, Ice Cream, give about −2.5; from
    /// memory).</summary>
    public const double FirstIce = -2.5;

    // What binds to sugar and protein never freezes: with this share, three quarters of the water is ice at −18 °C, as
    // Goff and Hartel give it (from memory).
    private const double Freezable = 0.87;

    // Water in 100 g where the label does not tell it (common practice, no source).
    private const double UsualWater = 60;

    /// <summary>The share of its water that is ice at a temperature, by the law of mixtures on the freezing curve of an
    /// ideal solution: 1 − first ice ÷ temperature.</summary>
    /// <param name="at">How cold it is; at <see cref="FirstIce"/> and above nothing is frozen.</param>
    public static double FrozenShare(Celsius at) => at.Value >= FirstIce ? 0 : Freezable * (1 - (FirstIce / at.Value));

    /// <summary>Heat that melts what is frozen of a gram, J.</summary>
    /// <param name="composition">What is in it; water is what fat, carbohydrate, protein and salt leave of it.</param>
    /// <param name="at">How cold it is.</param>
    public static double MeltHeat(Composition composition, Celsius at)
    {
        var solids = composition.Fat + composition.Carbohydrate + composition.Protein;
        var water = solids is { } known ? Math.Clamp(100 - known - (composition.Salt ?? 0), 0, 100) : UsualWater;
        return water / 100 * FrozenShare(at) * IceFacts.Fusion;
    }
}
