using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Starting;

/// <summary>A bar made of four answers.</summary>
public class BarSetupTests
{
    private static readonly SetupDocument House = new()
    {
        Cups = [new() { Name = "Otter", LabelMl = 350 }, new() { Name = "Coot", WaterGrams = 480 }],
        DoseGrams = 19,
        YieldGrams = 40,
        Milks = ["milk", "oat"],
        Flavours = [new() { Name = "Damson syrup", StrokeMl = 10 }, new() { Name = "House dark", Like = "sauce" }],
    };

    [Fact]
    public void The_house_s_own_stands_in_the_starter_s_place()
    {
        var made = BarSetup.Make(FullBar.Document, House).Value;
        var bar = BarReader.Read(made).Value;

        Assert.Equal(["otter", "coot"], bar.Cups.Select(cup => cup.Id.Value));
        Assert.Equal(
            ["Milk", "Oat drink"],
            bar.Ingredients.Where(one => one.Kind == IngredientKind.Milk).Select(one => one.Name)
        );
        Assert.Equal(
            (19, 40),
            (bar.RecipesOf(new("espresso"))[0].Dose.Value, bar.RecipesOf(new("espresso"))[0].Yield.Value)
        );
        Assert.Equal(10, bar.DispenserOf(new("damson-syrup"))!.YieldPerStroke.Value);
        Assert.Null(bar.DispenserOf(new("house-dark")));
        Assert.DoesNotContain(bar.Ingredients, one => one.Id.Value == "syrup");

        // What nobody has read on a label of one's own is not known, whatever it is like.
        Assert.True(bar.Find(new IngredientId("damson-syrup"))!.Allergens.SaysNothing);
        Assert.NotNull(
            BarReader
                .Read(BarSetup.Make(FullBar.Document, House with { Flavours = [] }).Value)
                .Value.Find(new IngredientId("syrup"))
        );
    }

    [Fact]
    public void The_first_proposal_comes_out_of_it_at_once()
    {
        var bar = BarReader.Read(BarSetup.Make(FullBar.Document, House).Value).Value;
        var build = Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("otter"), new("coot")], bar).Value.Build;
        var sheet = FullBar.Mix(build with { Name = "First" }, bar);

        Assert.Equal("damson-syrup", build.Lines[0].Ingredient);
        Assert.DoesNotContain(sheet.Findings, finding => finding.Severity != Severity.Note);
        Assert.Equal(
            ["cup-not-measured", "cup-not-measured"],
            sheet.Findings.Where(finding => finding.Check == "cup-not-measured").Select(finding => finding.Check)
        );
    }

    [Fact]
    public void A_flavour_called_as_the_starters_takes_its_place_and_its_pump()
    {
        var syrup = FullBar.Facts.Find(new IngredientId("syrup"))!;
        var pump = FullBar.Facts.DispenserOf(syrup.Id)!.YieldPerStroke.Value;
        var made = Made(new() { Name = $" {syrup.Name.ToUpperInvariant()} ", Like = "syrup" });
        Assert.Equal(syrup.Name.ToUpperInvariant(), made.Find(syrup.Id)!.Name);
        Assert.Equal(pump, made.DispenserOf(syrup.Id)!.YieldPerStroke.Value);

        var pumped = Made(
            new()
            {
                Name = syrup.Name,
                Like = "syrup",
                StrokeMl = pump + 2,
            }
        );
        Assert.Equal(pump + 2, pumped.DispenserOf(syrup.Id)!.YieldPerStroke.Value);
        Assert.Single(pumped.Ingredients, one => one.Name == syrup.Name);

        BarFacts Made(SetupFlavour flavour) =>
            BarReader.Read(BarSetup.Make(FullBar.Document, House with { Flavours = [flavour] }).Value).Value;
    }

    // "Whip!" would get the id that the starter's cream has.
    [Fact]
    public void A_flavour_gets_an_id_that_nothing_else_has()
    {
        var bar = BarReader
            .Read(
                BarSetup
                    .Make(FullBar.Document, House with { Flavours = [new() { Name = "Whip!", Like = "sauce" }] })
                    .Value
            )
            .Value;
        Assert.Equal("whip-2", bar.Ingredients.Single(one => one.Name == "Whip!").Id.Value);
    }

    [Theory]
    [InlineData("milk")]
    [InlineData("Oat drink")]
    [InlineData("Damson syrup")]
    public void A_flavour_that_is_called_as_something_else_is_told_by_its_own_field(string name)
    {
        var made = BarSetup.Make(
            FullBar.Document,
            House with
            {
                Flavours = [new() { Name = "Damson syrup" }, new() { Name = name }],
            }
        );
        Assert.Equal("flavours[1].name", Assert.Single(made.Problems).Field);
    }

    [Fact]
    public void What_is_missing_is_named_by_its_own_field()
    {
        var bad = House with
        {
            Cups = [new() { Name = "Otter" }, new() { Name = "", LabelMl = 3 }],
            DoseGrams = null,
            YieldGrams = 500,
            Milks = ["syrup"],
            Flavours = [new() { Name = "", StrokeMl = 100 }, new() { Name = "x", Like = "milk" }],
        };
        Assert.Equal(
            [
                "cups[0].waterGrams",
                "cups[1].labelMl",
                "cups[1].name",
                "doseGrams",
                "flavours[0].name",
                "flavours[0].strokeMl",
                "flavours[1].like",
                "milks",
                "yieldGrams",
            ],
            BarSetup.Make(FullBar.Document, bad).Problems.Select(problem => problem.Field).Order(StringComparer.Ordinal)
        );
        Assert.Equal("cups", Assert.Single(BarSetup.Make(FullBar.Document, House with { Cups = [] }).Problems).Field);
        Assert.Equal(
            "cups[1].name",
            Assert
                .Single(BarSetup.Make(FullBar.Document, House with { Cups = [House.Cups[0], House.Cups[0]] }).Problems)
                .Field
        );
    }

    // The usual shape of 80, 55 and 100 mm holds 361.94 ml; one of 350 ml is as much smaller in every length as the
    // cube root says.
    [Fact]
    public void A_cup_with_a_label_is_shaped_as_many_are_and_says_so()
    {
        var cup = CupReader
            .Read(
                new CupDocument
                {
                    Id = "c",
                    Name = "Otter",
                    LabelMl = 350,
                }
            )
            .Value;

        Assert.Equal(350, cup.BrimCapacity.Value, 1e-9);
        Assert.Equal(350, cup.Shape.Capacity.Value, 1e-9);
        Assert.Equal(100 * Math.Cbrt(350 / 361.9376536), cup.Shape.Height.Value, 1e-6);
        Assert.Equal((false, false), (cup.IsWeighed, cup.IsShapeKnown));

        var lengths = CupReader
            .Read(
                new CupDocument
                {
                    Id = "c",
                    Name = "Otter",
                    TopDiameterMm = 80,
                    BottomDiameterMm = 55,
                    HeightMm = 100,
                }
            )
            .Value;
        Assert.Equal(
            (361.94, false, true),
            (Math.Round(lengths.BrimCapacity.Value, 2), lengths.IsWeighed, lengths.IsShapeKnown)
        );

        var water = CupReader
            .Read(
                new CupDocument
                {
                    Id = "c",
                    Name = "Otter",
                    WaterGrams = 480,
                    WaterCelsius = 20,
                }
            )
            .Value;
        Assert.Equal(
            (480.86, true, false),
            (Math.Round(water.BrimCapacity.Value, 2), water.IsWeighed, water.IsShapeKnown)
        );
        Assert.Equal(480.86, water.Shape.Capacity.Value, 0.01);

        Assert.Equal(
            ["waterGrams"],
            CupReader.Read(new CupDocument { Id = "c", Name = "Otter" }).Problems.Select(problem => problem.Field)
        );
        Assert.Equal(
            ["bottomDiameterMm", "heightMm"],
            CupReader
                .Read(
                    new CupDocument
                    {
                        Id = "c",
                        Name = "Otter",
                        TopDiameterMm = 80,
                        WaterGrams = 480,
                        WaterCelsius = 20,
                    }
                )
                .Problems.Select(problem => problem.Field)
        );
    }

    // 30 % apart is a slip in one of them: asked about just beyond, believed just within. The lengths hold 361.94 ml.
    [Theory]
    [InlineData(
        2850,
        "The lengths hold 362 ml and the water fills 2855 ml. One of them belongs to another cup: which?"
    )]
    [InlineData(472, "The lengths hold 362 ml and the water fills 473 ml. One of them belongs to another cup: which?")]
    [InlineData(468, "The lengths alone give 362 ml; the water is right, and the drawing goes by it.")]
    public void Lengths_and_water_are_compared_at_once(double water, string says) =>
        Assert.Contains(
            says,
            CupMeasured
                .Of(
                    new CupDocument
                    {
                        TopDiameterMm = 80,
                        BottomDiameterMm = 55,
                        HeightMm = 100,
                        WaterGrams = water,
                        WaterCelsius = 20,
                    },
                    default
                )
                .Says
        );

    [Theory]
    [InlineData(
        350.0,
        null,
        null,
        "Otter has not been measured: its room goes by its label, and its fill line in mm is a guess."
    )]
    [InlineData(null, 480.0, null, "Otter's lengths are not measured: its fill line in mm is a guess.")]
    [InlineData(null, null, 100.0, "Otter has not been weighed: its room goes by its lengths.")]
    [InlineData(null, 355.0, 100.0, null)]
    public void A_sheet_says_what_of_its_cup_is_not_known(double? label, double? water, double? height, string? message)
    {
        var cup = new CupDocument
        {
            Id = "c",
            Name = "Otter",
            LabelMl = label,
            WaterGrams = water,
            WaterCelsius = water is null ? null : 20,
            HeightMm = height,
            TopDiameterMm = height is null ? null : 80,
            BottomDiameterMm = height is null ? null : 55,
        };
        var bar = FullBar.Read(FullBar.Document with { Cups = [cup] });
        var sheet = FullBar.Mix(
            TestBar.Build(TestBar.Line("milk", 100, "ml")) with
            {
                Sizes = ["c"],
                ReferenceSize = "c",
            },
            bar
        );

        Assert.Equal(
            message is null ? [] : [message],
            sheet.Findings.Where(finding => finding.Check == "cup-not-measured").Select(finding => finding.Message)
        );
    }
}
