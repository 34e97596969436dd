using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;

namespace Krasis.Core.Working.Tasting;

/// <summary>The colour of liquids that are mixed: with milk in it by Kubelka and Munk, clear by Beer and
/// Lambert.</summary>
internal static class DrinkColour
{
    // Below so large a share of what scatters, by mass, a drink is seen through (no source: a tablespoon of milk in a
    // litre of coffee clouds it).
    private const double Opaque = 0.01;

    /// <summary>The colour of a mixture.</summary>
    /// <param name="parts">What is in it, and grams of each.</param>
    /// <param name="water">Grams of clear water in it besides: melted ice and condensed steam.</param>
    /// <param name="tint">What a real cup's colour has taught; see <see cref="TintBy"/>.</param>
    /// <returns>Null of nothing.</returns>
    public static Light? Of(IEnumerable<(Ingredient Ingredient, double Grams)> parts, double water, Light? tint = null)
    {
        var all = parts.Where(part => part.Grams > 0).ToList();
        var mass = all.Sum(part => part.Grams) + water;
        if (all.Count == 0)
        {
            return null;
        }

        var by = tint ?? new Light(1, 1, 1);
        return IsOpaque(all, mass)
            ? Zip(Ratio(all), by, (ratio, factor) => KubelkaMunk.ReflectanceOf(ratio * factor))
            : Zip(Depth(all, mass), by, (depth, factor) => Math.Exp(-depth * factor));
    }

    /// <summary>By how much a real cup of a mixture absorbs more than was worked out of it, band by band: the lead
    /// picks its colour once, and every size goes by it.</summary>
    public static Light TintBy(IEnumerable<(Ingredient Ingredient, double Grams)> parts, double water, Light seen)
    {
        var all = parts.Where(part => part.Grams > 0).ToList();
        return IsOpaque(all, all.Sum(part => part.Grams) + water)
            ? Zip(seen.Each(KubelkaMunk.RatioOf), Ratio(all), (real, worked) => real / Math.Max(1e-9, worked))
            : Zip(seen, Depth(all, all.Sum(part => part.Grams) + water), (real, worked) =>
                -Math.Log(Math.Clamp(real, 0.002, 1)) / Math.Max(1e-9, worked)
            );
    }

    private static bool IsOpaque(List<(Ingredient Ingredient, double Grams)> parts, double mass) =>
        parts.Sum(part => Scatters(part.Ingredient) ? part.Grams : 0) >= Opaque * mass;

    private static Light Ratio(List<(Ingredient Ingredient, double Grams)> parts)
    {
        var (red, green, blue, scattering) = (0.0, 0.0, 0.0, 0.0);
        foreach (var (ingredient, grams) in parts)
        {
            var s = grams * Scattering(ingredient);
            var ratio = Light.Of(ingredient.Colour).Each(KubelkaMunk.RatioOf);
            (red, green, blue, scattering) = (
                red + (s * ratio.Red),
                green + (s * ratio.Green),
                blue + (s * ratio.Blue),
                scattering + s
            );
        }

        return new Light(red / scattering, green / scattering, blue / scattering);
    }

    // The optical depth of a glass of it: each liquid's own, by its share; water has none.
    private static Light Depth(List<(Ingredient Ingredient, double Grams)> parts, double mass)
    {
        var sum = new Light(0, 0, 0);
        foreach (
            var (ingredient, grams) in parts.Where(part =>
                part.Ingredient.Kind != IngredientKind.Water && !part.Ingredient.IsIce
            )
        )
        {
            sum = Zip(sum, Light.Of(ingredient.Colour), (depth, light) =>
                depth - (Math.Log(Math.Clamp(light, 0.002, 1)) * grams / mass)
            );
        }

        return sum;
    }

    private static bool Scatters(Ingredient ingredient) => Scattering(ingredient) > Clear;

    private const double Clear = 0.05;

    // How much a gram scatters against a gram of milk: fat and protein in drops scatter, sugar and coffee in solution
    // hardly; the finest of coffee is its oil and dust, cocoa in a sauce its particles (fitted by eye to drinks of one
    // part coffee to three and to six of milk; no source).
    private static double Scattering(Ingredient ingredient) =>
        ingredient.Kind switch
        {
            IngredientKind.Milk or IngredientKind.Topping => 1,
            IngredientKind.Sauce or IngredientKind.Powder => 0.3,
            _ when ingredient.MilkShare > 0 => Math.Max(Clear, ingredient.MilkShare),
            _ => Clear,
        };

    private static Light Zip(Light one, Light other, Func<double, double, double> of) =>
        new(of(one.Red, other.Red), of(one.Green, other.Green), of(one.Blue, other.Blue));
}
