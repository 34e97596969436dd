using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;

namespace Krasis.Core.Tests.Checks;

/// <summary>What a bar's jar takes, how long its coffee rests and how long its brews hold.</summary>
public class BarToolCheckTests
{
    // 103 g of milk in 100 ml and 100 g of ice at 0.917 g/ml: 209 ml before it is blended.
    [Theory]
    [InlineData(209.5, false)]
    [InlineData(208, true)]
    public void A_jar_takes_what_it_takes(double ml, bool isFound)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House! with { Serving = new() { JarMl = ml } },
            }
        );
        var build = One(TestBar.Line("milk", 100, "ml"), TestBar.Line("ice", 100, "g")) with { Serve = "blended" };
        var found = FullBar.Mix(build, bar).Findings.Where(finding => finding.Check == "over-the-jar").ToList();
        Assert.Equal(isFound, found.Count == 1);
        Assert.DoesNotContain(FullBar.Mix(build).Findings, finding => finding.Check == "over-the-jar");
        if (isFound)
        {
            Assert.StartsWith(
                "Middle needs 209 ml in the blender, but the jar holds 208 ml.",
                found[0].Message,
                StringComparison.Ordinal
            );
        }
    }

    [Theory]
    [InlineData(26, true)]
    [InlineData(27, false)]
    public void Coffee_rests_before_it_is_pulled(int day, bool isFound)
    {
        var found = FullBar
            .Mix(One(TestBar.Line("espresso", 2, "shot")), Roasted, new DateOnly(2026, 11, day))
            .Findings.Where(finding => finding.Check == "roast-not-rested")
            .ToList();
        Assert.Equal(isFound, found.Count == 1);
        if (isFound)
        {
            Assert.StartsWith(
                "Middle: Espresso was roasted on 20 November and rests until 27 November. Before that it tastes sharp.",
                found[0].Message,
                StringComparison.Ordinal
            );
        }
    }

    [Fact]
    public void Who_complains_of_a_sour_shot_is_asked_about_the_roast()
    {
        var build = One(TestBar.Line("espresso", 2, "shot"));
        var diagnosis = Diagnosis.Of(build, Roasted, new("m"), Complaint.Sour, []).Value;
        Assert.Contains(diagnosis.Causes, cause =>
            cause.Says.Contains("roasted on 20 November and rests until 27 November", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_day_that_is_none_is_refused()
    {
        var recipe = FullBar.Document.Espresso[0];
        Assert.Equal(
            "roastedOn",
            Assert.Single(EspressoReader.Read(recipe with { RoastedOn = "20 November" }).Problems).Field
        );
        Assert.Equal("restDays", Assert.Single(EspressoReader.Read(recipe with { RestDays = 91 }).Problems).Field);
    }

    // Common practice, no source: batch coffee for ice 1 day, cold brew 5 days, as a concentrate 7.
    [Theory]
    [InlineData("batch", null, 24.0)]
    [InlineData("coldBrew", null, 120.0)]
    [InlineData("coldBrew", 1.0, 168.0)]
    [InlineData("strong", null, 1.0)]
    [InlineData("instant", null, null)]
    public void A_brew_holds_as_long_as_its_kind_does(string method, double? parts, double? hours)
    {
        var brew = Brew(method, parts);
        Assert.Equal(hours, CoffeeBaseReader.Read(brew).Value.HoldsHours);
        Assert.Equal(6, CoffeeBaseReader.Read(brew with { HoldsHours = 6 }).Value.HoldsHours);
    }

    [Theory]
    [InlineData("hot", true)]
    [InlineData("iced", false)]
    public void A_batch_is_held_hot_for_an_hour(string serve, bool isTold)
    {
        var bar = FullBar.Read(FullBar.Document with { Coffees = [Brew("batch", null)] });
        var cautions = FullBar.Mix(One(TestBar.Line("coffee", 200, "ml")) with { Serve = serve }, bar).Cautions;
        Assert.Equal(
            isTold,
            cautions.Any(caution =>
                caution.Message == "Iced coffee: Keep it hot for 1 hour at most. Then brew a fresh batch."
            )
        );
        Assert.Null(CoffeeBaseReader.Read(Brew("coldBrew", null)).Value.HoldsHotHours);
        Assert.Equal(
            "holdsHotHours",
            Assert.Single(CoffeeBaseReader.Read(Brew("batch", null) with { HoldsHotHours = 25 }).Problems).Field
        );
    }

    [Theory]
    [InlineData("coldBrew", null, "Ready to drink: add no water.")]
    [InlineData("coldBrew", 1.0, "Concentrate, 1 : 1. Serve one part with 1 part of water.")]
    [InlineData("coldBrew", 1.0, "It keeps for 7 days after brewing if kept cold.")]
    [InlineData("strong", null, "It keeps for 1 hour after brewing.")]
    public void A_brew_says_whether_it_is_ready_and_how_long_it_holds(string method, double? parts, string says) =>
        Assert.Contains(BrewMeasured.Of(Brew(method, parts), null).Says, sentence =>
            sentence.StartsWith(says, StringComparison.Ordinal)
        );

    private static readonly BarFacts Roasted = FullBar.Read(
        FullBar.Document with
        {
            Espresso =
            [
                .. FullBar.Document.Espresso.Select(recipe => recipe with { RoastedOn = "2026-11-20", RestDays = 7 }),
            ],
        }
    );

    private static CoffeeBaseDocument Brew(string method, double? parts) =>
        new()
        {
            Id = "brew",
            Name = "Brew",
            Ingredient = "coffee",
            Method = method,
            CoffeeGrams = 100,
            WaterGrams = 1000,
            DilutionParts = parts,
        };

    private static BuildDocument One(params LineDocument[] lines) =>
        TestBar.Build(lines) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
        };
}
