using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Transforming;

public class TransformerTests
{
    private static readonly BuildDocument Hot = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml") with
        {
            Technique = "steam",
            Foam = "low",
        }
    );

    [Fact]
    public void Hot_becomes_iced_with_ice_cooled_coffee_and_less_cold_milk()
    {
        var iced = Transformer.ServeAs(Hot, Serve.Iced, FullBar.Facts).Value;

        Assert.Equal("iced", iced.Build.Serve);
        Assert.Equal(("stir", null), (Line(iced, "milk").Technique, Line(iced, "milk").Foam));
        Assert.Equal("cool", Line(iced, "espresso").Technique);

        // A third of 400 ml, to 5 g.
        Assert.Equal(130, Line(iced, "ice").Amount);
        Assert.True(Line(iced, "milk").Amount < 200);
        Assert.Contains(iced.Changes, change => change.Line?.Value == "ice" && change.What == "Ice: 130 g.");
        Assert.All(iced.Changes, change => Assert.NotEmpty(change.Why));
        Assert.DoesNotContain(FullBar.Mix(iced.Build).Findings, finding =>
            finding.Check is "overfull" or "hot-on-the-ice"
        );
    }

    [Fact]
    public void Iced_becomes_hot_again_with_steamed_milk_in_the_ice_s_place()
    {
        var back = Transformer
            .ServeAs(Transformer.ServeAs(Hot, Serve.Iced, FullBar.Facts).Value.Build, Serve.Hot, FullBar.Facts)
            .Value;

        Assert.Equal(["syrup", "espresso", "milk"], back.Build.Lines.Select(line => line.Ingredient));
        Assert.Equal(("steam", "low"), (Line(back, "milk").Technique, Line(back, "milk").Foam));
        Assert.Null(Line(back, "espresso").Technique);

        // Ice weighs what its water fills: the milk comes back to within a step.
        Assert.InRange(Line(back, "milk").Amount!.Value, 195, 205);
        Assert.Equal(Serve.Hot, FullBar.Mix(back.Build).Serve);
    }

    [Fact]
    public void Blended_gets_more_flavour_because_it_tastes_more_dilute()
    {
        var blended = Transformer.ServeAs(Hot, Serve.Blended, FullBar.Facts).Value;

        Assert.Equal(5, Line(blended, "syrup").Amount);
        Assert.Contains(blended.Changes, change => change.What == "Syrup: 4 strokes → 5 strokes.");
        Assert.Equal(
            Serve.Iced,
            FullBar.Mix(Transformer.ServeAs(blended.Build, Serve.Iced, FullBar.Facts).Value.Build).Serve
        );
    }

    [Fact]
    public void Layered_goes_ice_first_then_the_heaviest_and_espresso_last()
    {
        var layered = Transformer.ServeAs(Hot, Serve.Layered, FullBar.Facts).Value;

        Assert.Equal(["ice", "syrup", "milk", "espresso"], layered.Build.Lines.Select(line => line.Ingredient));
        Assert.All(FullBar.Mix(layered.Build).Size("m").Drawing.Boundaries, boundary => Assert.True(boundary.Holds));
    }

    [Fact]
    public void Other_cups_take_their_share()
    {
        var large = Transformer
            .ServeAs(Hot with { Sizes = ["s", "m"] }, Serve.Iced, FullBar.Facts, [new CupId("l")])
            .Value;

        Assert.Equal(("l", "l"), (Assert.Single(large.Build.Sizes), large.Build.ReferenceSize));
        Assert.Equal((6, 3), (Line(large, "syrup").Amount, Line(large, "espresso").Amount));
    }

    [Fact]
    public void Every_way_of_serving_leads_to_every_other_and_can_be_read() =>
        Gen.Select(Gen.Enum<Serve>(), Gen.Enum<Serve>(), Gen.Int[1, 4], Gen.Double[60, 250])
            .Seeded()
            .Sample(
                (first, second, shots, milk) =>
                {
                    var build = Hot with
                    {
                        Lines =
                        [
                            Hot.Lines[0],
                            TestBar.Line("espresso", shots, "shot"),
                            Hot.Lines[2] with
                            {
                                Amount = milk,
                            },
                        ],
                    };
                    var one = first == Serve.Hot ? build : Transformer.ServeAs(build, first, FullBar.Facts).Value.Build;
                    var two = Transformer.ServeAs(one, second, FullBar.Facts);
                    return first == second
                        ? !two.IsRead
                        : FullBar.Mix(two.Value.Build).Serve == second && two.Value.Changes.Count > 0;
                }
            );

    [Fact]
    public void Another_milk_takes_the_same_room()
    {
        var oat = Transformer.SwapMilk(Hot, new("oat"), FullBar.Facts).Value;

        Assert.Equal(
            ("oat", 200, "steam"),
            (Line(oat, "milk").Ingredient, Line(oat, "milk").Amount, Line(oat, "milk").Technique)
        );
        Assert.Equal("Milk → Oat drink: 200 ml → 200 ml.", Assert.Single(oat.Changes).What);
    }

    [Fact]
    public void Another_syrup_is_as_sweet()
    {
        // Half the sugar at the same density: twice the ml, said in ml because no pump holds it; 4 strokes of 7.5 ml
        // are 30 ml.
        var light = Transformer.SwapSyrup(Hot, new("syrup"), new("light"), FullBar.Facts).Value;

        Assert.Equal(
            ("light", 60, "ml"),
            (Line(light, "syrup").Ingredient, Line(light, "syrup").Amount, Line(light, "syrup").Measure)
        );
        var (before, after) = (SugarIn(Hot), SugarIn(light.Build));
        Assert.Equal(before, after, 1e-9);

        static double SugarIn(BuildDocument build) =>
            FullBar.Mix(build).Size("m") is var size ? size.Inside.Nutrition.Sugars!.Value.Value : 0;
    }

    // 2, 4 and 6 strokes of 9.6 g: half is whole strokes in every size, a quarter and three quarters are not.
    [Theory]
    [InlineData(75, 29, "g")]
    [InlineData(50, 2, "stroke")]
    [InlineData(25, 10, "g")]
    public void Less_sweet_is_a_share_of_the_dose_in_every_size(double percent, double amount, string measure)
    {
        var less = Transformer.LessSweet(Hot, percent, FullBar.Facts).Value;

        Assert.Equal((amount, measure), (Line(less, "syrup").Amount, Line(less, "syrup").Measure));
        Assert.All(FullBar.Mix(less.Build).Sizes, size =>
            Assert.True(
                size.Taste.Poured.Sweetness!.Value.Value
                    < FullBar.Mix(Hot).Size(size.Size.Value).Taste.Poured.Sweetness!.Value.Value
            )
        );
        Assert.All(FullBar.Mix(less.Build).Sizes.Zip(FullBar.Mix(Hot).Sizes), pair =>
            Assert.InRange(
                pair.First.Lines[0].Mass / pair.Second.Lines[0].Mass,
                (percent / 100) - SweetnessShare.Nearest,
                (percent / 100) + SweetnessShare.Nearest
            )
        );
    }

    [Fact]
    public void What_strokes_are_too_coarse_for_is_weighed_and_the_true_share_is_told_of_every_size()
    {
        var less = Transformer
            .LessSweet(
                TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 200, "ml")),
                75,
                FullBar.Facts
            )
            .Value;

        Assert.Equal(
            "Whole strokes cannot give 75 % in every size, so weigh it: 72 % in Small, 77 % in Middle and 75 % in Large.",
            Assert.Single(less.Changes).Why
        );
    }

    [Fact]
    public void Dairy_free_takes_a_plant_drink_and_leaves_the_whip_out()
    {
        var build = Hot with
        {
            Lines =
            [
                .. Hot.Lines,
                TestBar.Line("whip", 20, "g"),
                TestBar.Line("white", 20, "g"),
                TestBar.Line("smoke", 0.2, "g"),
            ],
        };
        var free = Transformer.DairyFree(build, FullBar.Facts).Value;

        Assert.Equal(["syrup", "espresso", "oat", "white", "smoke"], free.Build.Lines.Select(line => line.Ingredient));
        Assert.Contains(free.Changes, change => change is { What: "White sauce stays and contains milk." });
        Assert.Contains(free.Changes, change =>
            change is { What: "Smoke stays.", Why: "Nobody has read its label: unknown is not free from milk." }
        );
    }

    public static TheoryData<string, Func<Reading<Transformed>>> Refused =>
        new()
        {
            { "serve", () => Transformer.ServeAs(Hot, Serve.Hot, FullBar.Facts) },
            {
                "serve",
                () =>
                    Transformer.ServeAs(
                        Hot,
                        Serve.Iced,
                        FullBar.Read(
                            FullBar.Document with
                            {
                                Ingredients =
                                [
                                    .. FullBar.Document.Ingredients.Where(ingredient => ingredient.Kind != "ice"),
                                ],
                            }
                        )
                    )
            },
            { "ingredient", () => Transformer.SwapMilk(Hot, new("syrup"), FullBar.Facts) },
            { "ingredient", () => Transformer.SwapMilk(Hot, new("nobody"), FullBar.Facts) },
            { "ingredient", () => Transformer.SwapSyrup(Hot, new("syrup"), new("milk"), FullBar.Facts) },
            { "line", () => Transformer.SwapSyrup(Hot, new("nobody"), new("light"), FullBar.Facts) },
            { "percent", () => Transformer.LessSweet(Hot, 60, FullBar.Facts) },
            { "percent", () => Transformer.LessSweet(Hot, double.NaN, FullBar.Facts) },
            { "milk", () => Transformer.DairyFree(Hot, FullBar.Facts, new("milk")) },
            { "milk", () => Transformer.DairyFree(Hot, FullBar.With("oat", oat => oat with { Allergens = null })) },
            {
                "lines[0].ingredient",
                () =>
                    Transformer.SwapMilk(
                        Hot with
                        {
                            Lines = [TestBar.Line("nobody", 1, "g")],
                        },
                        new("oat"),
                        FullBar.Facts
                    )
            },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_cannot_be_made_is_refused_with_the_field(string field, Func<Reading<Transformed>> make) =>
        Assert.Equal(field, make().Problems[0].Field);

    private static LineDocument Line(Transformed made, string id) => made.Build.Lines.Single(line => line.Id == id);
}
