using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Nutrition;

/// <summary>Rounds as the European Commission's guidance on tolerances wants it on a label (December 2012, table 4, on
/// Regulation (EU) No 1169/2011; from memory).</summary>
public static class EuLabelRounding
{
    /// <summary>All values.</summary>
    public static EuLabelValues Of(Composition whole) =>
        new(
            whole.EnergyKcal is { } kcal
                ? $"{ToStep(kcal * Energy.KilojoulesPerKilocalorie, 1)} kJ / {ToStep(kcal, 1)} kcal"
                : null,
            whole.Fat is { } fat ? Grams(fat) : null,
            whole.Saturates is { } saturates ? Saturates(saturates) : null,
            whole.Carbohydrate is { } carbohydrate ? Grams(carbohydrate) : null,
            whole.Sugars is { } sugars ? Grams(sugars) : null,
            whole.Protein is { } protein ? Grams(protein) : null,
            whole.Salt is { } salt ? Salt(salt) : null
        );

    /// <summary>Fat, carbohydrate, sugars and protein: from 10 g to the nearest 1 g, above 0.5 g to the nearest 0.1 g,
    /// else "&lt; 0.5 g"; nothing is 0 g.</summary>
    public static string Grams(double grams) =>
        grams >= 10 ? $"{ToStep(grams, 1)} g"
        : grams > 0.5 ? $"{ToStep(grams, 0.1)} g"
        : grams > 0 ? "< 0.5 g"
        : "0 g";

    /// <summary>Saturated fat: from 10 g to the nearest 1 g, above 0.1 g to the nearest 0.1 g, else "&lt; 0.1
    /// g".</summary>
    public static string Saturates(double grams) =>
        grams >= 10 ? $"{ToStep(grams, 1)} g"
        : grams > 0.1 ? $"{ToStep(grams, 0.1)} g"
        : grams > 0 ? "< 0.1 g"
        : "0 g";

    /// <summary>Salt: from 1 g to the nearest 0.1 g, above 0.0125 g to the nearest 0.01 g, else "&lt; 0.01
    /// g".</summary>
    public static string Salt(double grams) =>
        grams >= 1 ? $"{ToStep(grams, 0.1)} g"
        : grams > 0.0125 ? $"{ToStep(grams, 0.01)} g"
        : grams > 0 ? "< 0.01 g"
        : "0 g";

    // In decimals, as the number is read on the recipe: 1.65 g lie half way, and a binary 1.65 does not.
    private static string ToStep(double value, double step) =>
        Say.Fine((double)(Math.Round((decimal)value / (decimal)step, MidpointRounding.AwayFromZero) * (decimal)step));
}
