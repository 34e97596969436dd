using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Making;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Transforming;

/// <summary>Fewer shots, half-caf, a stroke more or less, another syrup, ice, heat and a bigger cup. Shots of the full bar
/// are 18 g each; cups hold 200, 400 and 600 ml.</summary>
public class MoreWishesTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml") with
        {
            Technique = "steam",
            Foam = "low",
        }
    ) with
    {
        Serve = "hot",
    };

    private static readonly BuildDocument Iced = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 150, "ml"),
        TestBar.Line("ice", 100, "g")
    ) with
    {
        Serve = "iced",
    };

    private static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients,
                new()
                {
                    Id = "decaf",
                    Name = "Decaf",
                    Kind = "espresso",
                    DensityGramsPerMl = 1,
                    Colour = "#3d2314",
                    RoastCaffeinePercent = 0.08,
                    Allergens = FullBar.Label(),
                },
            ],
            Espresso =
            [
                .. FullBar.Document.Espresso,
                new()
                {
                    Id = "decaf-double",
                    Name = "Decaf double",
                    Ingredient = "decaf",
                    DoseGrams = 18,
                    YieldGrams = 36,
                    ShotsPerPull = 2,
                    ExtractionPercent = 20,
                },
            ],
        }
    );

    [Fact]
    public void A_shot_fewer_is_one_fewer_and_never_leaves_a_size_without_coffee()
    {
        var granted = Grant(Latte, new() { Shots = -1 });

        // One, two and three shots.
        Assert.Equal([1, 1, 2], Amounts(granted, "espresso"));
        Assert.Contains(granted.Changes, change => change.What == "Espresso stays at one shot in Small.");
        Assert.Equal(2, GuestWishes.Possible(Latte, Bar).Fewer);
        Assert.Equal(0, GuestWishes.Possible(TestBar.Build(TestBar.Line("espresso", 36, "g")), Bar).Fewer);
    }

    [Fact]
    public void Half_caf_pulls_every_other_shot_from_the_decaf_and_says_the_true_share()
    {
        var granted = Grant(Latte, new() { HalfCaf = true });

        Assert.Equal([1, 1, 2], Amounts(granted, "espresso"));
        Assert.Equal([0, 1, 1], Amounts(granted, "decaf"));
        Assert.Contains(granted.Changes, change =>
            change.What
            == "Decaf: 0 % of the shots in Small, 50 % of the shots in Middle and 33 % of the shots in Large."
        );
        Assert.True(GuestWishes.Possible(Latte, Bar).HalfCaf);
        Assert.False(GuestWishes.Possible(Latte, FullBar.Facts).HalfCaf);
        Refused(new() { HalfCaf = true, Decaf = true }, Latte, "halfCaf");
        Refused(new() { HalfCaf = true }, One(TestBar.Line("espresso", 1, "shot")), "halfCaf");
    }

    [Fact]
    public void A_stroke_more_or_less_is_one_in_every_size()
    {
        var before = Amounts(new(Latte, []), "syrup");
        Assert.Equal(before.Select(amount => amount + 1), Amounts(Grant(Latte, new() { Strokes = 1 }), "syrup"));
        Assert.Equal(before.Select(amount => amount - 1), Amounts(Grant(Latte, new() { Strokes = -1 }), "syrup"));

        var one = Grant(One(TestBar.Line("syrup", 1, "stroke"), Latte.Lines[1]), new() { Strokes = -1 });
        Assert.Contains(one.Changes, change => change.What == "No Syrup is left in Middle.");
        Refused(new() { Strokes = 1, Sweet = 50 }, Latte, "strokes");
        Refused(new() { Strokes = 1 }, One(Latte.Lines[1]), "strokes");
        Refused(new() { Strokes = 3 }, Latte, "strokes");
    }

    [Fact]
    public void Another_syrup_takes_the_first_one_s_place()
    {
        var granted = Grant(Latte, new() { Syrup = new("light") });
        Assert.Equal("light", granted.Build.Lines[0].Ingredient);
        Refused(new() { Syrup = new("milk") }, Latte, "syrup");
        Refused(new() { Syrup = new("light") }, One(Latte.Lines[1]), "syrup");
    }

    [Theory]
    [InlineData(IceWish.None, null)]
    [InlineData(IceWish.Light, 50.0)]
    [InlineData(IceWish.Extra, 150.0)]
    public void Ice_is_left_out_halved_or_half_as_much_again(IceWish ice, double? grams)
    {
        var granted = Grant(Iced, new() { Ice = ice });
        Assert.Equal(grams, granted.Build.Lines.FirstOrDefault(line => line.Ingredient == "ice")?.Amount);
        var (before, after) = (FullBar.Mix(Iced, Bar), FullBar.Mix(granted.Build, Bar));

        // The cup is no fuller than it may be.
        Assert.All(after.Sizes.Zip(before.Sizes), pair =>
            Assert.True(pair.First.Fill.RoomLeft.Value >= Math.Min(0, pair.Second.Fill.RoomLeft.Value) - 1e-6)
        );
    }

    [Fact]
    public void What_is_shaken_or_blended_keeps_its_ice_and_what_is_layered_some()
    {
        Refused(new() { Ice = IceWish.Light }, Iced with { Serve = "shaken" }, "ice");
        Refused(new() { Ice = IceWish.None }, Iced with { Serve = "blended" }, "ice");
        Refused(new() { Ice = IceWish.None }, Iced with { Serve = "layered" }, "ice");
        Refused(new() { Ice = IceWish.Extra }, Latte, "ice");
        Assert.Equal([IceWish.Light, IceWish.Extra], GuestWishes.Possible(Iced with { Serve = "layered" }, Bar).Ice);
    }

    [Fact]
    public void Extra_hot_is_as_hot_as_the_milk_bears_and_for_a_child_it_is_48_degrees()
    {
        var hot = Grant(Latte, new() { Heat = HeatWish.Extra });
        Assert.Equal(68, hot.Build.Lines[2].SteamedCelsius);
        var kids = Grant(Latte, new() { Heat = HeatWish.Kids });
        Assert.Equal(48, kids.Build.Lines[2].SteamedCelsius);
        Assert.True(HandedOver(kids.Build) < HandedOver(Latte) && HandedOver(Latte) < HandedOver(hot.Build));
        Assert.Contains(
            "48 °C",
            Planner.Plan(BuildReader.Read(kids.Build, Bar).Value, Bar).Value[0].Steps[1].Meanwhile!,
            StringComparison.Ordinal
        );

        // It is meant to be so: no check minds it.
        Assert.DoesNotContain(FullBar.Mix(kids.Build, Bar).Findings, finding =>
            finding.Check is "milk-temperature" or "lukewarm"
        );

        // A milk that bears 65 °C is steamed no hotter, and one that is there already cannot be.
        Assert.Equal(65, Grant(Latte, new() { Heat = HeatWish.Extra }, Bears(65)).Build.Lines[2].SteamedCelsius);
        Assert.Equal([HeatWish.Kids], GuestWishes.Possible(Latte, Bears(62)).Heat);
        Refused(new() { Heat = HeatWish.Extra }, Latte, "heat", Bears(62));
        Refused(new() { Heat = HeatWish.Kids }, Iced, "heat");
    }

    [Fact]
    public void A_foam_level_says_how_hot_extra_hot_is_and_how_warm_for_a_child()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams.Select(foam =>
                        foam.Cold == true ? foam : foam with { ExtraHotCelsius = 66, KidsCelsius = 45 }
                    ),
                ],
            }
        );
        Assert.Equal(66, Grant(Latte, new() { Heat = HeatWish.Extra }, bar).Build.Lines[2].SteamedCelsius);
        Assert.Equal(45, Grant(Latte, new() { Heat = HeatWish.Kids }, bar).Build.Lines[2].SteamedCelsius);

        // Extra hot is no cooler than the level itself, and a child's no hotter.
        var foam = FullBar.Document.Foams.First(foam => foam.Cold != true);
        Assert.Equal(
            "extraHotCelsius",
            Assert.Single(FoamReader.Read(foam with { ExtraHotCelsius = foam.ToCelsius - 1 }).Problems).Field
        );
        Assert.Equal(
            "kidsCelsius",
            Assert.Single(FoamReader.Read(foam with { KidsCelsius = foam.ToCelsius + 1 }).Problems).Field
        );
    }

    public static TheoryData<string> Schools => [.. School.All.Select(school => school.Code)];

    // Some schools let a pull give more in a larger cup: what goes into the smaller one is what is poured.
    [Theory]
    [MemberData(nameof(Schools))]
    public void A_bigger_cup_holds_what_the_smaller_one_does(string school)
    {
        var build = Latte with { School = school };
        var granted = Grant(build, new() { BiggerCup = true });
        var (before, after) = (FullBar.Mix(build, Bar), FullBar.Mix(granted.Build, Bar));

        Assert.Equal(["m", "l"], granted.Build.Sizes);
        foreach (var (small, large) in new[] { ("s", "m"), ("m", "l") })
        {
            Assert.Equal(
                before.Size(small).Lines.Select(line => Math.Round(line.Mass.Value, 6)),
                after.Size(large).Lines.Select(line => Math.Round(line.Mass.Value, 6))
            );
        }

        Refused(new() { BiggerCup = true }, One(Latte.Lines[1]), "biggerCup");
    }

    // Whatever a guest asks for together is granted or refused under the name of a wish, keeps the pour order, brings
    // nothing that cannot be made, and is no fuller than the standard may be.
    [Fact]
    public void Wishes_together_are_made_or_refused_with_a_reason() =>
        Gen.Select(
                Gen.Int[-2, 3],
                Gen.Int[-1, 1],
                Gen.OneOfConst<IceWish?>(null, IceWish.None, IceWish.Light, IceWish.Extra),
                Gen.OneOfConst<HeatWish?>(null, HeatWish.Extra, HeatWish.Kids),
                Gen.Bool,
                Gen.Bool,
                Gen.Bool
            )
            .Seeded()
            .Sample(
                (shots, strokes, ice, heat, isHalf, isBigger, isHot) =>
                {
                    var build = isHot ? Latte : Iced;
                    var granted = GuestWishes.Grant(
                        build,
                        new()
                        {
                            Shots = shots,
                            Strokes = strokes,
                            Ice = ice,
                            Heat = heat,
                            HalfCaf = isHalf,
                            BiggerCup = isBigger,
                        },
                        Bar
                    );
                    if (!granted.IsRead)
                    {
                        Assert.All(granted.Problems, problem =>
                            Assert.Contains(problem.Field, (string[])["shots", "strokes", "ice", "heat", "halfCaf"])
                        );
                        return;
                    }

                    var sheet = FullBar.Mix(granted.Value.Build, Bar);
                    Assert.DoesNotContain(sheet.Findings, finding =>
                        finding.Check is "under-the-topping" or "not-pourable"
                    );
                    Assert.All(sheet.Sizes, size => Assert.True(size.Fill.Spilt.Value < 1e-6, size.Name));
                },
                iter: 300
            );

    private static double HandedOver(BuildDocument build) =>
        FullBar.Mix(build, Bar).Size("m").Life.Moments[0].Temperature.Value;

    private static BarFacts Bears(double celsius) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "milk" ? one with { SteamsBelowCelsius = celsius } : one
                    ),
                ],
            }
        );

    private static BuildDocument One(params LineDocument[] lines) =>
        TestBar.Build(lines) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
        };

    private static IEnumerable<double> Amounts(Transformed granted, string ingredient) =>
        FullBar
            .Mix(granted.Build, Bar)
            .Sizes.Select(size => size.Lines.Single(line => line.Ingredient.Value == ingredient).Amount);

    private static Transformed Grant(BuildDocument build, GuestWish wish, BarFacts? bar = null) =>
        GuestWishes.Grant(build, wish, bar ?? Bar).Value;

    private static void Refused(GuestWish wish, BuildDocument build, string field, BarFacts? bar = null) =>
        Assert.Equal(field, Assert.Single(GuestWishes.Grant(build, wish, bar ?? Bar).Problems).Field);
}
