using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Selling;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>The checks on what a drink is said to be: hot, foamed, of one colour, without milk. Each just under and
/// just over where it fires.</summary>
public class AsServedTests
{
    private static readonly LineDocument Steamed = TestBar.Line("milk", 150, "ml") with
    {
        Technique = "steam",
        Foam = "low",
    };

    // 100 g of espresso at 70 °C with water of 20 °C: 70 − 50 · w·4.186 ÷ (100·4.18 + w·4.186) is 55.1 °C with 42.3 g
    // and 54.9 °C with 43.1 g.
    [Theory]
    [InlineData(42.3, false)]
    [InlineData(43.1, true)]
    public void A_hot_drink_below_fifty_five_degrees_is_lukewarm(double water, bool isTold)
    {
        var build = Only(TestBar.Line("espresso", 100, "g"), TestBar.Line("water", water, "g")) with { Serve = "hot" };
        var findings = Found(build, new LukewarmHot().Name);

        Assert.Equal(isTold, findings.Count == 1);
        Assert.All(findings, finding =>
            Assert.Contains("Water goes in at 20 °C", finding.Message, StringComparison.Ordinal)
        );

        // Nobody has said that it is hot: it is not held to it.
        Assert.Empty(Found(build with { Serve = null }, new LukewarmHot().Name));
        Assert.Empty(Found(build, new LukewarmHot().Name, House(house => house with { HotFromCelsius = 50 })));
    }

    [Fact]
    public void A_cold_cup_that_takes_the_heat_is_named()
    {
        // 400 J/K of a thick cold mug against 60 g of espresso: it ends near 41 °C.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { EmptyGrams = 450, Material = "ceramic" })],
            }
        );
        var build = Only(TestBar.Line("espresso", 60, "g")) with { Serve = "hot" };

        Assert.Contains(
            "warm it first",
            Assert.Single(Found(build, new LukewarmHot().Name, bar)).Message,
            StringComparison.Ordinal
        );
        Assert.Empty(
            Found(
                build,
                new LukewarmHot().Name,
                FullBar.Read(
                    FullBar.Document with
                    {
                        Cups =
                        [
                            .. FullBar.Document.Cups.Select(cup =>
                                cup with
                                {
                                    EmptyGrams = 450,
                                    Material = "ceramic",
                                    WarmedCelsius = 60,
                                }
                            ),
                        ],
                    }
                )
            )
        );
    }

    // A weak whisk manages 1 g of fat in 100 g, a jar 4.5 g (common practice, no source).
    [Theory]
    [InlineData("whisk", 1, false)]
    [InlineData("whisk", 1.1, true)]
    [InlineData("jar", 4.5, false)]
    [InlineData("jar", 4.6, true)]
    [InlineData("wand", 4.6, false)]
    [InlineData("mixer", 35, false)]
    public void A_tool_foams_only_what_it_manages(string tool, double fat, bool isTold)
    {
        var bar = Foaming(fat, foam => foam.Id == "low" ? foam with { Tool = tool } : foam);
        var findings = Found(Only(Steamed), new FoamWillNotStand().Name, bar);

        Assert.Equal(isTold, findings.Count == 1);
        Assert.All(findings, finding => Assert.Equal("Foam it to High", finding.Mend!.Label));
        Assert.All(findings, finding =>
            Assert.Empty(
                Found(BuildEdits.Apply(Only(Steamed), finding.Mend!, FullBar.Facts), new FoamWillNotStand().Name, bar)
            )
        );
    }

    // Common practice, no source: cream from 10 g of fat on holds, and so does what has grown by half.
    [Theory]
    [InlineData(9.9, 49, true)]
    [InlineData(10, 49, false)]
    [InlineData(9.9, 50, false)]
    public void A_thin_cold_foam_drips_through(double fat, double overrun, bool isTold)
    {
        var bar = FullBar.Read(
            Document(fat, foam => foam) with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "thin",
                        Name = "Thin",
                        OverrunPercent = overrun,
                        Cold = true,
                        FromCelsius = 2,
                    },
                ],
            }
        );
        var build = Only(
            TestBar.Line("coffee", 200, "ml"),
            TestBar.Line("milk", 40, "ml") with
            {
                Technique = "foam",
                Foam = "thin",
            }
        );
        var findings = Found(build, new FoamWillNotStand().Name, bar);

        Assert.Equal(isTold, findings.Count == 1);
        Assert.All(findings, finding => Assert.Equal("Foam it to Cold", finding.Mend!.Label));
        Assert.All(findings, finding =>
            Assert.Empty(Found(BuildEdits.Apply(build, finding.Mend!, FullBar.Facts), new FoamWillNotStand().Name, bar))
        );
    }

    [Fact]
    public void A_size_that_looks_different_is_told_from_just_beyond_what_the_house_allows()
    {
        // More milk in the large cup: it is paler.
        var build = TestBar.Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 250, "ml", ("l", 500))) with
        {
            Sizes = ["m", "l"],
        };
        var off = FullBar.Mix(build).Size("l").Taste.Drift.Colour!.Value;

        Assert.True(off > 1.1);
        Assert.Empty(
            Found(
                build,
                new ColourDrift().Name,
                House(house => house with { ColourDrift = off + 0.01, StrengthDriftPercent = 90 })
            )
        );
        var told = Assert.Single(
            Found(
                build,
                new ColourDrift().Name,
                House(house => house with { ColourDrift = off - 0.01, StrengthDriftPercent = 90 })
            )
        );
        Assert.StartsWith("Large does not look like the reference size", told.Message, StringComparison.Ordinal);

        // Where it tastes different too, that is said alone.
        Assert.Empty(
            Found(
                build,
                new ColourDrift().Name,
                House(house => house with { ColourDrift = off - 0.01, StrengthDriftPercent = 1 })
            )
        );
    }

    [Fact]
    public void No_added_sugar_is_held_against_what_goes_in()
    {
        var build = Only(TestBar.Line("espresso", 2, "shot"), Steamed) with { Claims = ["noAddedSugar"] };

        // What milk has by nature is not added.
        Assert.Empty(Found(build, new ClaimNotMet().Name));
        var sweet = Assert.Single(
            Found(build with { Lines = [TestBar.Line("syrup", 1, "stroke"), .. build.Lines] }, new ClaimNotMet().Name)
        );
        Assert.Equal(
            (Severity.Fault, "Middle: \"no added sugar\" is not so: Syrup brings sugar."),
            (sweet.Severity, sweet.Message)
        );
        Assert.Contains(
            "Milk mix brings sugar",
            Assert
                .Single(
                    Found(
                        Only(TestBar.Line("sweet-milk", 100, "ml")) with
                        {
                            Claims = ["noAddedSugar"],
                        },
                        new ClaimNotMet().Name
                    )
                )
                .Message,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Without_milk_is_held_against_labels_and_what_nobody_has_read_is_said()
    {
        var build = Only(TestBar.Line("espresso", 2, "shot"), TestBar.Line("oat", 150, "ml")) with
        {
            Claims = ["withoutMilk"],
        };

        Assert.Empty(Found(build, new ClaimNotMet().Name));
        Assert.Contains(
            "Whip brings milk",
            Assert
                .Single(
                    Found(
                        build with
                        {
                            Lines = [.. build.Lines, TestBar.Line("whip", 10, "g")],
                        },
                        new ClaimNotMet().Name
                    )
                )
                .Message,
            StringComparison.Ordinal
        );
        var unread = Assert.Single(
            Found(build with { Lines = [.. build.Lines, TestBar.Line("smoke", 0.1, "g")] }, new ClaimNotMet().Name)
        );
        Assert.Equal(
            (Severity.Warning, "Middle: whether \"made without milk\" is so is not known of Smoke."),
            (unread.Severity, unread.Message)
        );
    }

    private static BuildDocument Only(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m"] };

    private static List<Finding> Found(BuildDocument build, string check, BarFacts? bar = null) =>
        [.. FullBar.Mix(build, bar).Findings.Where(finding => finding.Check == check)];

    private static BarFacts House(Func<HouseDocument, HouseDocument> make) =>
        FullBar.Read(FullBar.Document with { House = make(FullBar.Document.House) });

    private static BarFacts Foaming(double fat, Func<FoamDocument, FoamDocument> make) =>
        FullBar.Read(Document(fat, make));

    private static BarDocument Document(double fat, Func<FoamDocument, FoamDocument> make) =>
        FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(ingredient =>
                    ingredient.Id == "milk"
                        ? ingredient with
                        {
                            Per100g = ingredient.Per100g! with { Fat = fat, EnergyKcal = null },
                        }
                        : ingredient
                ),
            ],
            Foams = [.. FullBar.Document.Foams.Select(make)],
        };
}
