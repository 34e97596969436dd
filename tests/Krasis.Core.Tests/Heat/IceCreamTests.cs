using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Tests.Heat;

/// <summary>Ice cream takes up heat as it melts, and not at one temperature.</summary>
public class IceCreamTests
{
    private static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients,
                new()
                {
                    Id = "scoop",
                    Name = "Ice cream",
                    Kind = "iceCream",
                    DensityGramsPerMl = 0.55,
                    Colour = "#f6ead0",
                    Per100g = new()
                    {
                        Fat = 10,
                        Carbohydrate = 23.3,
                        Protein = 3.5,
                        Salt = 0.2,
                    },
                },
            ],
        }
    );

    // Source: Goff and Hartel, Ice Cream (from memory): three quarters of the water of a mix is ice at −18 °C, about
    // half at −6 °C, where soft ice cream is drawn, and none at −2.5 °C.
    [Theory]
    [InlineData(-18, 0.72, 0.78)]
    [InlineData(-6, 0.45, 0.55)]
    [InlineData(-2.51, 0, 0.01)]
    [InlineData(-2.5, 0, 0)]
    [InlineData(20, 0, 0)]
    public void The_colder_it_is_the_more_of_its_water_is_ice(double celsius, double least, double most) =>
        Assert.InRange(FrozenScoop.FrozenShare(Celsius.From(celsius)), least, most);

    // Source: the ASHRAE handbook's table of foods (from memory) has 63 % of water and 210 J/g to freeze all of it; at
    // −18 °C three quarters are frozen.
    [Fact]
    public void What_is_frozen_of_it_takes_up_three_quarters_of_its_waters_heat()
    {
        var scoop = Bar.Find(new IngredientId("scoop"))!;
        Assert.Equal(-18, scoop.ServedAt.Value);
        Assert.InRange(scoop.MeltHeat, 0.72 * 210, 0.78 * 210);

        // Where the label is not known, as usual ice cream.
        Assert.InRange(FrozenScoop.MeltHeat(Composition.Unknown, scoop.ServedAt), 145, 160);
    }

    // By hand: 36 g of espresso at 70 °C bring 36 × 4.186 × 70 = 10,549 J to 0 °C. 50 g of ice cream at −18 °C take up
    // 50 × (3.3 × 18 + 157.8) = 10,860 J and are just not warmed to 0 °C; 20 g take up 4,344 J and melt.
    [Fact]
    public void A_small_scoop_melts_in_a_double_and_a_large_one_stays()
    {
        var small = Handed(20);
        Assert.Equal((10549 - 4344) / ((36 * 4.186) + (20 * 3.3)), small, 1.0);
        Assert.InRange(Handed(50), FrozenScoop.FirstIce, 0);

        // 80 g take up 17,376 J, more than is there: the drink is slush.
        Assert.InRange(Handed(80), -18, FrozenScoop.FirstIce);
    }

    [Fact]
    public void A_drink_with_ice_cream_is_cold_unless_it_is_said_to_be_hot()
    {
        var build = Affogato(50);
        Assert.Equal(Serve.Iced, BuildReader.Read(build, Bar).Value.Serve);
        Assert.DoesNotContain(FullBar.Mix(build, Bar).Findings, finding => finding.Check == "lukewarm");
        Assert.Contains(FullBar.Mix(build with { Serve = "hot" }, Bar).Findings, finding =>
            finding.Check == "lukewarm"
        );
    }

    [Fact]
    public void It_may_be_as_cold_as_a_freezer_and_no_colder_and_no_warmer_than_ice()
    {
        Assert.Equal("scoop", Reads(-30).Value.Id.Value);
        Assert.Equal("servedCelsius", Assert.Single(Reads(-30.1).Problems).Field);
        Assert.Equal("servedCelsius", Assert.Single(Reads(0.1).Problems).Field);

        static Reading<Ingredient> Reads(double celsius) =>
            IngredientReader.Read(
                new()
                {
                    Id = "scoop",
                    Name = "Scoop",
                    Kind = "iceCream",
                    Colour = "#ffffff",
                    DensityGramsPerMl = 0.5,
                    ServedCelsius = celsius,
                }
            );
    }

    // In the blender it is what ice is: a shake of ice cream and milk needs no ice.
    [Theory]
    [InlineData(78, true)]
    [InlineData(82, false)]
    public void It_counts_as_ice_in_the_blender(double grams, bool isThin)
    {
        var shake = TestBar.Build(TestBar.Line("milk", 100, "ml"), TestBar.Line("scoop", grams, "g")) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
            Serve = "blended",
        };
        Assert.Equal(isThin, FullBar.Mix(shake, Bar).Findings.Any(finding => finding.Check == "blended-ice"));
    }

    // A drink that stands only warms, however much of it is frozen, and nears the room.
    [Fact]
    public void It_warms_as_it_stands() =>
        Gen.Select(Gen.Double[5, 300], Gen.Double[5, 300], Gen.Double[0, 90], Gen.Double[0.1, 1], Gen.Double[1, 200])
            .Seeded()
            .Sample(
                (scoop, coffee, celsius, loss, minutes) =>
                {
                    const double Melt = 157.8;
                    var capacity = (scoop * 3.3) + (coffee * Water.SpecificHeat);
                    var heat = new HeatContent(
                        (scoop * 3.3 * -18) - (scoop * Melt) + (coffee * Water.SpecificHeat * celsius),
                        capacity,
                        0,
                        0
                    )
                    {
                        MeltHeat = scoop * Melt,
                    };
                    var room = Celsius.From(20);
                    var (sooner, later) = (After(minutes), After(minutes * 2));
                    var lowest = Math.Min(heat.Temperature.Value, 20) - 1e-9;
                    Assert.InRange(sooner.Temperature.Value, lowest, Math.Max(heat.Temperature.Value, 20) + 1e-9);
                    Assert.True(
                        Math.Abs(later.Temperature.Value - 20) <= Math.Abs(sooner.Temperature.Value - 20) + 1e-9
                    );
                    Assert.Equal(20, After(1e6).Temperature.Value, 0.1);

                    HeatContent After(double time) =>
                        Cooling.After(heat, WattsPerKelvin.From(loss), room, Minutes.From(time));
                }
            );

    private static double Handed(double grams) =>
        FullBar.Mix(Affogato(grams), Bar).Sizes[0].Life.Moments[0].Temperature.Value;

    private static BuildDocument Affogato(double grams) =>
        TestBar.Build(TestBar.Line("scoop", grams, "g"), TestBar.Line("espresso", 2, "shot")) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
        };
}
