using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging.Cautions;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging;

/// <summary>Works out builds: the heart of the program.</summary>
public static class Mixer
{
    /// <summary>Works out every size of a build by the school that it follows.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    /// <returns>The sheet; the same for the same input, bit for bit.</returns>
    /// <exception cref="ArgumentException">The build was read against another bar, which is a defect in the
    /// caller.</exception>
    public static BuildSheet Mix(Build build, BarFacts bar, DateOnly? today = null) =>
        Mix(build, bar, build.School.Scaling, today);

    /// <summary>Works out every size of a build with a way of scaling.</summary>
    /// <inheritdoc cref="Mix(Build, BarFacts, DateOnly?)"/>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="scaling">What the lines follow that have no rule of their own.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    public static BuildSheet Mix(Build build, BarFacts bar, IScaling scaling, DateOnly? today = null)
    {
        var worked = SizeWork.SettleAll(build, bar, scaling);
        var sheet = new BuildSheet(
            build.Name,
            build.ReferenceSize,
            build.School.Code,
            build.Serve,
            SizeWork.Describe(build, bar, worked),
            bar.House.AllowedStrengthDrift,
            bar.House.AllowedSweetnessDrift,
            bar.House.AllowedColourDrift,
            bar.House.Currency,
            []
        );
        var setting = new Setting(build, bar, sheet, worked, scaling, today);
        return sheet with { Findings = AllChecks.Judge(setting), Warn = new(() => AllCautions.For(setting)) };
    }
}
