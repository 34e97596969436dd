using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Working.Life;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>What becomes of a drink after it was handed over.</summary>
public static class Ageing
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
        LifeOfADrink.AfterMinutes(
            SizeWork.SettleAll(build, bar, build.School.Scaling).Find(each => each.Size.Cup.Id == size)
                ?? throw new ArgumentException($"The build has no size '{size}'.", nameof(size)),
            build.Serve,
            bar.House,
            minutes
        );
}
