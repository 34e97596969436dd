using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>All checks together. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class EveryCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");

    [Fact]
    public void Overfull_rounded_away_and_not_pourable_are_mended()
    {
        Fires(
            Only(Espresso, TestBar.Line("milk", 380, "ml")),
            new Overfull().Name,
            Severity.Fault,
            "m",
            "Middle runs over",
            mended: true
        );
        Fires(
            Only(TestBar.Line("syrup", 2.5, "stroke"), Milk),
            new NotPourable().Name,
            Severity.Fault,
            "m",
            "cannot be poured",
            mended: true
        );
        Fires(
            TestBar.Build(TestBar.Line("syrup", 1, "stroke"), Milk) with
            {
                ReferenceSize = "l",
                Sizes = ["s", "l"],
            },
            new RoundedAway().Name,
            Severity.Warning,
            "s",
            "Small gets no Syrup",
            mended: true
        );
        Silent(Only(Espresso, TestBar.Line("milk", 364, "ml")), new Overfull().Name);
        Silent(
            TestBar.Build(TestBar.Line("syrup", 2, "stroke"), Milk) with
            {
                ReferenceSize = "l",
                Sizes = ["s", "l"],
            },
            new RoundedAway().Name
        );
    }

    [Fact]
    public void Every_check_has_a_name_of_its_own() =>
        Assert.Equal(52, AllChecks.All.Select(check => check.Name).Distinct().Count());

    [Fact]
    public void A_build_that_fits_still_fits_after_its_own_mends() =>
        Gen.Select(
                Gen.Int[1, 4],
                Gen.Double[40, 260],
                Gen.Int[1, 5],
                Gen.Double[0, 120],
                Gen.OneOfConst("hot", "iced", "layered")
            )
            .Seeded()
            .Sample(
                (shots, milk, strokes, ice, serve) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("milk", milk, "ml"),
                        TestBar.Line("ice", ice, "g")
                    ) with
                    {
                        Serve = serve,
                    };
                    var sheet = FullBar.Try(build);
                    return sheet.Sizes.Any(size => size.Fill.RoomLeft.Value < 0)
                        || sheet
                            .Findings.Where(finding =>
                                finding.Mend is not null && finding.Check != new MilkTemperature().Name
                            )
                            .All(finding =>
                                FullBar
                                    .Mix(BuildEdits.Apply(build, finding.Mend!, FullBar.Facts))
                                    .Sizes.All(size => size.Fill.RoomLeft.Value >= -1e-6)
                            );
                }
            );
}
