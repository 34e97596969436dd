using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>How the threshold tests ask whether a check speaks.</summary>
internal static class Thresholds
{
    public static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    public static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");
    public static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    public static BuildDocument Only(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m"] };

    public static List<Finding> Found(string check, BuildDocument build, BarFacts? bar = null) =>
        [.. FullBar.Mix(build, bar).Findings.Where(finding => finding.Check == check)];

    public static void Told(bool isTold, string check, BuildDocument build, BarFacts? bar = null) =>
        Assert.Equal(isTold, Found(check, build, bar).Count > 0);
}
