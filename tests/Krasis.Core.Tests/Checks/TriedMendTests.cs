using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Advising;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Checks;

/// <summary>What is offered keeps its promise.</summary>
public class TriedMendTests
{
    // The finding goes, nothing stands further beyond what the house allows in any size, no mark is dropped, the build
    // can still be read, and every amount that the mend names can be poured.
    [Fact]
    public void Every_mend_that_is_offered_does_what_it_says_and_no_harm() =>
        RandomBuilds
            .Any.Seeded()
            .Sample(
                build =>
                {
                    if (!BuildReader.Read(build, FullBar.Facts).IsRead)
                    {
                        return;
                    }

                    var sheet = FullBar.Try(build);
                    foreach (var finding in sheet.Findings.Where(finding => finding.Mend is not null))
                    {
                        var mended = BuildEdits.Apply(build, finding.Mend!, FullBar.Facts);
                        var after = FullBar.Mix(mended);
                        Assert.DoesNotContain(after.Findings, left => Key(left) == Key(finding));
                        Assert.Empty(BeyondAllowed.Worse(sheet, after));
                        Assert.Empty(Marks(build).Except(Marks(mended)));
                        foreach (var edit in finding.Mend!.Edits)
                        {
                            var line = mended.Lines.Single(line => line.Id == edit.Line.Value);
                            var (measure, ingredient) = (
                                Measure.Find(line.Measure)!,
                                FullBar.Facts.Find(new IngredientId(line.Ingredient!))!
                            );
                            Assert.True(
                                BarRounding.IsPourable(
                                    new Quantity(edit.Amount, measure),
                                    BarRounding.StepOf(measure, ingredient, FullBar.Facts)
                                ),
                                finding.Mend.Label
                            );
                        }
                    }
                },
                iter: Proof.Times(1500)
            );

    // Ice, then milk up to a line: with less ice more milk goes in, and less stands out above the line.
    [Fact]
    public void Ice_that_stands_out_above_a_fill_line_is_taken_out_and_the_line_stays()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("ice", 200, "g"),
            TestBar.Line("milk", 100, "ml") with
            {
                To = "to 81 mm",
            }
        ) with
        {
            Serve = "iced",
            Sizes = ["m"],
            ReserveMm = 10,
        };
        var over = FullBar.Try(build).Findings.Single(finding => finding.Check == "overfull");
        Assert.True(
            over.Mend is not null,
            over.Message + over.Otherwise + string.Join(";", FullBar.Try(build).Findings.Select(f => f.Check))
        );
        Assert.StartsWith("Take out ", over.Mend?.Label, StringComparison.Ordinal);
        Assert.EndsWith(" of Ice", over.Mend!.Label, StringComparison.Ordinal);
        var mended = BuildEdits.Apply(build, over.Mend, FullBar.Facts);
        Assert.Equal(build.Lines[2].To, mended.Lines[2].To);
    }

    // The generator makes what there is to mend: each of these is offered somewhere.
    [Fact]
    public void Mends_are_offered()
    {
        var offered = new HashSet<string>();
        RandomBuilds
            .Any.Seeded()
            .Sample(
                build =>
                {
                    if (BuildReader.Read(build, FullBar.Facts).IsRead)
                    {
                        lock (offered)
                        {
                            offered.UnionWith(
                                FullBar
                                    .Try(build)
                                    .Findings.Where(finding => finding.Mend is not null)
                                    .Select(finding => finding.Check)
                            );
                        }
                    }
                },
                iter: 600
            );

        Assert.Superset(
            new HashSet<string>
            {
                "overfull",
                "not-pourable",
                "taste-drift",
                "powder-in-the-cold",
                "sauce-on-the-bottom",
                "milk-temperature",
                "potent",
                "nothing-of-it",
                "dosed-like-another",
                "ounces-for-tablespoons",
            },
            offered
        );
    }

    // A share that follows the coffee goes up with it: pinning the coffee would mend the drift and run the cup over. So
    // it is not offered, and advice is.
    [Fact]
    public void What_does_not_help_is_not_offered()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 4, "shot", ("l", 3)),
            TestBar.Line("water", 150, "ml") with
            {
                Scale = new ScaleDocument { By = "share", Of = "espresso" },
            },
            TestBar.Line("milk", 120, "ml", ("l", 430))
        ) with
        {
            Sizes = ["m", "l"],
        };
        foreach (
            var finding in FullBar
                .Try(build)
                .Findings.Where(finding => finding.Check is "taste-drift" or "overfull" && finding.Mend is null)
        )
        {
            Assert.True(finding.CanAdvise);
            Assert.NotNull(finding.Otherwise);
        }

        Assert.Contains(FullBar.Mix(build).Findings, untried =>
            untried.Mend is not null
            && FullBar.Try(build).Findings.Any(tried => Key(tried) == Key(untried) && tried.Mend is null)
        );
    }

    // 36 + 380 ml in 400: with 360 ml of milk there are 4 ml left.
    [Fact]
    public void What_is_promised_is_what_the_new_sheet_says()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 380, "ml")) with
        {
            Sizes = ["m"],
        };

        Assert.Equal(
            "Then 4 ml of room and 5 % stronger than now.",
            FullBar.Try(build).Findings.Single(finding => finding.Check == "overfull").Mend!.Promise
        );
        var drifted = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke", ("l", 6)),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 200, "ml")
        ) with
        {
            Sizes = ["m", "l"],
        };
        Assert.Equal(
            "Then 224 ml of room, strength as the reference and sweetness as the reference.",
            FullBar.Try(drifted).Findings.Single(finding => finding.Check == "taste-drift").Mend!.Promise
        );
    }

    private static (string Check, string? Of, string Size, string? Line) Key(Finding finding) =>
        (finding.Check, finding.Excess?.Of, finding.Size.Value, finding.Line?.Value);

    private static IEnumerable<string> Marks(BuildDocument build) =>
        build.Lines.Select(line => line.To).OfType<string>();
}
