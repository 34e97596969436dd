using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Making;

namespace Krasis.Core.Tests.Ingredients;

/// <summary>Tea and powders that are whisked. How they are built: common practice, no source.</summary>
public class TeaAndPowderTests
{
    private static readonly IngredientDocument Tea = new()
    {
        Id = "tea",
        Name = "Spiced tea",
        Kind = "tea",
        DensityGramsPerMl = 1.05,
        Colour = "#8a4a26",
        HotCelsius = 75,
        DilutionParts = 1,
    };

    private static readonly IngredientDocument Powder = new()
    {
        Id = "leaf",
        Name = "Green powder",
        Kind = "powder",
        DensityGramsPerMl = 0.4,
        Colour = "#7f9a3c",
        Whisked = true,
        Per100g = new() { CaffeineMg = 3200 },
    };

    private static readonly BarFacts Bar = BarWith(Tea, Powder);

    [Fact]
    public void Tea_goes_hot_into_a_hot_drink_and_cold_into_every_other()
    {
        Assert.Equal(75, Handed("hot"), 0.01);
        Assert.Equal(4, Handed("iced"), 0.01);

        static double Handed(string serve) =>
            FullBar
                .Mix(One(TestBar.Line("tea", 200, "ml")) with { Serve = serve }, Bar)
                .Sizes[0]
                .Life.Moments[0]
                .Temperature.Value;
    }

    [Fact]
    public void Only_tea_has_a_dilution_and_only_powder_is_whisked()
    {
        var syrup = IngredientReader.Read(Tea with { Kind = "syrup", Whisked = true }).Value;
        Assert.Null(syrup.HotAt);
        Assert.Null(syrup.DilutionParts);
        Assert.False(syrup.IsWhisked);
        Assert.Equal(
            "dilutionParts",
            Assert.Single(IngredientReader.Read(Tea with { DilutionParts = 21 }).Problems).Field
        );
        Assert.Equal("hotCelsius", Assert.Single(IngredientReader.Read(Tea with { HotCelsius = 19 }).Problems).Field);
    }

    [Theory]
    [InlineData(Serve.Hot, 1.0, 0.45, 0.55)]
    [InlineData(Serve.Iced, 1.0, 0.45, 0.55)]
    // One part to three of milk.
    [InlineData(Serve.Hot, 3.0, 0.22, 0.28)]
    // Ready to drink, and not said: half and half, as a tea with milk.
    [InlineData(Serve.Iced, 0.0, 0.45, 0.55)]
    [InlineData(Serve.Hot, null, 0.45, 0.55)]
    public void A_tea_is_proposed_as_far_as_it_is_thinned(Serve serve, double? parts, double least, double most)
    {
        var bar = BarWith(Tea with { DilutionParts = parts });
        var build = Skeleton.Propose(DrinkBase.Tea, serve, [new CupId("m")], bar).Value.Build;
        var (tea, milk) = (Of(build, "tea"), Of(build, "milk"));
        Assert.InRange(tea / (tea + milk), least, most);
        Assert.DoesNotContain(FullBar.Mix(build with { Name = "Tea" }, bar).Findings, finding =>
            finding.Check is "overfull" or "not-cold" or "lukewarm"
        );
    }

    [Fact]
    public void Tea_is_not_served_in_layers_and_says_why()
    {
        var refused = Assert.Single(Skeleton.Propose(DrinkBase.Tea, Serve.Layered, [new CupId("m")], Bar).Problems);
        Assert.Equal("serve", refused.Field);
        Assert.Equal("Spiced tea and milk are about equally heavy, so layers do not hold.", refused.Message);
    }

    [Fact]
    public void A_tea_that_goes_in_cold_is_no_hot_drink_and_says_why()
    {
        var cold = BarWith(Tea with { HotCelsius = null });
        var refused = Assert.Single(Skeleton.Propose(DrinkBase.Tea, Serve.Hot, [new CupId("m")], cold).Problems);
        Assert.Equal("serve", refused.Field);
        Assert.StartsWith("Spiced tea is served cold.", refused.Message, StringComparison.Ordinal);
        Assert.True(Skeleton.Propose(DrinkBase.Tea, Serve.Iced, [new CupId("m")], cold).IsRead);
    }

    [Theory]
    [InlineData("hot", null, true)]
    [InlineData("hot", "stir", true)]
    [InlineData("iced", "dissolve", true)]
    [InlineData("iced", "whisk", false)]
    [InlineData("hot", "whisk", false)]
    [InlineData("shaken", null, false)]
    [InlineData("blended", null, false)]
    public void A_powder_that_lumps_is_whisked(string serve, string? technique, bool isFound)
    {
        var build = One(
            TestBar.Line("leaf", 4, "g") with
            {
                Technique = technique,
            },
            TestBar.Line("milk", 200, "ml")
        ) with
        {
            Serve = serve,
        };
        var found = FullBar.Mix(build, Bar).Findings.Where(finding => finding.Check == "lumpy-powder").ToList();
        Assert.Equal(isFound, found.Count == 1);
        if (isFound)
        {
            var mended = BuildEdits.Apply(build, found[0].Mend!, Bar);
            Assert.DoesNotContain(FullBar.Mix(mended, Bar).Findings, finding => finding.Check == "lumpy-powder");
        }
    }

    [Fact]
    public void It_is_proposed_whisked_and_its_step_says_how()
    {
        var build = Skeleton.Propose(DrinkBase.Powder, Serve.Iced, [new CupId("m")], Bar, "leaf").Value.Build;
        Assert.Equal("whisk", build.Lines[0].Technique);
        Assert.InRange(build.Lines[0].Amount!.Value, 2, 6);
        var steps = Planner.Plan(BuildReader.Read(build with { Name = "Leaf" }, Bar).Value, Bar).Value[0].Steps;
        Assert.Equal("Whisk smooth in a splash of hot water, then pour in.", steps[0].How);
    }

    // By hand: a doser that drops 2 g of a powder of 0.4 g/ml gives 5 ml a stroke.
    [Fact]
    public void A_doser_drops_powder_by_the_stroke()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients = [.. FullBar.Document.Ingredients, Powder],
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "doser",
                        Name = "Doser",
                        Ingredient = "leaf",
                        Kind = "doser",
                        StrokeMl = 5,
                    },
                ],
            }
        );
        Assert.Equal(4, FullBar.Mix(One(TestBar.Line("leaf", 2, "stroke")), bar).Sizes[0].Lines[0].Mass.Value, 1e-9);
    }

    [Fact]
    public void A_hot_drink_of_it_is_whisked_once_it_is_served_cold()
    {
        var hot = One(
            TestBar.Line("leaf", 4, "g"),
            TestBar.Line("milk", 200, "ml") with
            {
                Technique = "steam",
                Foam = "low",
            }
        );
        var iced = Transformer.ServeAs(hot with { Serve = "hot" }, Serve.Iced, Bar, []).Value.Build;
        Assert.Equal("whisk", iced.Lines.Single(line => line.Ingredient == "leaf").Technique);
    }

    private static double Of(BuildDocument build, string ingredient) =>
        build.Lines.Single(line => line.Ingredient == ingredient).Amount!.Value;

    private static BarFacts BarWith(params IngredientDocument[] more) =>
        FullBar.Read(FullBar.Document with { Ingredients = [.. FullBar.Document.Ingredients, .. more] });

    private static BuildDocument One(params LineDocument[] lines) =>
        TestBar.Build(lines) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
        };
}
