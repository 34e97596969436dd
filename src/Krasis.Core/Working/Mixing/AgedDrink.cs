using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>A drink some time after it was handed over.</summary>
/// <param name="After">How long after.</param>
/// <param name="Melt">Ice turned to water since it was put together.</param>
/// <param name="IceLeft">Ice that is left.</param>
/// <param name="Temperature">How warm the liquid is.</param>
/// <param name="Strength">Coffee solids in the drink, the melted ice with it; null when not known.</param>
/// <param name="Sweetness">Sweetness of the drink, the melted ice with it; null when not known.</param>
public sealed record AgedDrink(
    Minutes After,
    Grams Melt,
    Grams IceLeft,
    Celsius Temperature,
    Percent? Strength,
    GramsPer100Grams? Sweetness
)
{
    /// <summary>One size of a build at any age.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="size">One of its sizes.</param>
    /// <param name="minutes">How many minutes after it was handed over, none below nothing.</param>
    /// <returns>One for every number of minutes. Where it is not known what the cup loses, the drink stays as it was
    /// handed over.</returns>
    /// <exception cref="ArgumentException">The build has no such size.</exception>
    public static IReadOnlyList<AgedDrink> Of(Build build, BarFacts bar, CupId size, IReadOnlyList<double> minutes) =>
        LifeOfADrink.At(
            SizeWork.SettleAll(build, bar, build.School.Scaling).Find(each => each.Size.Cup.Id == size)
                ?? throw new ArgumentException($"The build has no size '{size}'.", nameof(size)),
            build.Serve,
            bar.House,
            minutes
        );
}
