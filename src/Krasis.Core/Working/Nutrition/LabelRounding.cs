using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Nutrition;

/// <summary>Rounds as 21 CFR 101.9(c) wants it on a label.</summary>
public static class LabelRounding
{
    // Regulation (EU) No 1169/2011, Annex I: salt = sodium × 2.5.
    private const double SaltPerSodium = 2.5;

    /// <summary>All values of a drink.</summary>
    public static LabelValues Of(Composition whole) =>
        new(
            whole.EnergyKcal is { } kcal ? Calories(kcal) : null,
            whole.Fat is { } fat ? Fat(fat) : null,
            whole.Saturates is { } saturates ? Fat(saturates) : null,
            whole.Salt is { } salt ? Sodium(SodiumOf(Grams.From(salt)).Value) : null,
            whole.Carbohydrate is { } carbohydrate ? Whole(carbohydrate) : null,
            whole.Sugars is { } sugars ? Whole(sugars) : null,
            whole.Protein is { } protein ? Whole(protein) : null
        );

    /// <summary>Energy in kcal: below 5 zero, up to 50 to the nearest 5, above to the nearest 10
    /// (101.9(c)(1)).</summary>
    public static string Calories(double kcal) => InUnit(kcal < 5 ? 0 : Nearest(kcal, kcal <= 50 ? 5 : 10), "kcal");

    /// <summary>Fat in g: below 0.5 zero, below 5 to the nearest 0.5, above to the nearest 1 (101.9(c)(2)).</summary>
    public static string Fat(double grams) => InUnit(grams < 0.5 ? 0 : Nearest(grams, grams < 5 ? 0.5 : 1), "g");

    /// <summary>The sodium in salt.</summary>
    public static Milligrams SodiumOf(Grams salt) => Milligrams.From(salt.Value / SaltPerSodium * 1000);

    /// <summary>Sodium in mg: below 5 zero, up to 140 to the nearest 5, above to the nearest 10
    /// (101.9(c)(4)).</summary>
    public static string Sodium(double milligrams) =>
        InUnit(milligrams < 5 ? 0 : Nearest(milligrams, milligrams <= 140 ? 5 : 10), "mg");

    /// <summary>Carbohydrate, sugars and protein in g: below 0.5 zero, below 1 "less than 1 g", else to the nearest 1
    /// (101.9(c)(6) and (7)).</summary>
    public static string Whole(double grams) =>
        grams is >= 0.5 and < 1 ? "less than 1 g" : InUnit(grams < 0.5 ? 0 : Nearest(grams, 1), "g");

    private static double Nearest(double value, double step) =>
        Math.Round(value / step, MidpointRounding.AwayFromZero) * step;

    private static string InUnit(double value, string unit) => $"{Say.Short(value)} {unit}";
}
