using CsCheck;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Coffee;

/// <summary>What a pull of espresso brings, and what it costs.</summary>
public class PulledCoffeeTests
{
    private static readonly LineDocument Double = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    // Published ranges: a double of 18 g arabica brings about 160 to 205 mg (1.2 %, 0.75 to 0.95 extracted; from
    // memory).
    [Fact]
    public void A_double_of_eighteen_grams_brings_what_is_published()
    {
        var nutrition = FullBar.Mix(TestBar.Build(Double)).Size("m").Inside.Nutrition;

        Assert.InRange(nutrition.Caffeine!.Value.Value, 160, 205);
        Assert.InRange(nutrition.CaffeineFrom!.Value.Value, 150, 165);
        Assert.InRange(nutrition.CaffeineTo!.Value.Value, 200, 220);

        // By hand: √(10 %² + 10 %²) = 14.14 % either way.
        Assert.Equal(
            216 * (1 - Math.Exp(-2)) * 0.1414214,
            nutrition.CaffeineTo.Value.Value - nutrition.Caffeine.Value.Value,
            1e-3
        );
    }

    [Fact]
    public void The_dose_moves_caffeine_and_cost_and_a_longer_pull_only_what_it_extracts()
    {
        var (eighteen, twentyOne) = (Figures(18, 36), Figures(21, 42));
        Assert.Equal(21 / 18.0, twentyOne.Caffeine / eighteen.Caffeine, 1e-9);
        Assert.Equal(21 / 18.0, twentyOne.Cost / eighteen.Cost, 1e-9);

        var (usual, longer) = (Figures(18.5, 39), Figures(18.5, 55));
        Assert.Equal(usual.Cost, longer.Cost, 1e-9);
        Assert.Equal((1 - Math.Exp(-55 / 18.5)) / (1 - Math.Exp(-39 / 18.5)), longer.Caffeine / usual.Caffeine, 1e-9);
        Assert.InRange(longer.Caffeine / usual.Caffeine, 1, 1.10);
    }

    [Fact]
    public void More_dose_never_means_less_caffeine_or_less_cost() =>
        Gen.Select(Gen.Double[10, 25], Gen.Double[0.1, 5], Gen.Double[25, 60])
            .Seeded()
            .Sample(
                (dose, more, yield) =>
                    Figures(dose + more, yield).Caffeine >= Figures(dose, yield).Caffeine - 1e-9
                    && Figures(dose + more, yield).Cost >= Figures(dose, yield).Cost - 1e-9
            );

    [Theory]
    [InlineData(1, 0.36)]
    [InlineData(2, 0)]
    [InlineData(3, 0.36)]
    [InlineData(4, 0)]
    public void Espresso_is_paid_for_in_whole_pulls(double shots, double wasted)
    {
        // 18 g at 0.02 a gram are 0.36 a pull... a pull of two shots: half of it poured away is 0.18.
        var cost = FullBar.Mix(TestBar.Build(Double with { Amount = shots })).Size("m").Cost;

        Assert.Equal(Math.Ceiling(shots / 2) * 0.36, cost.Ingredients!.Value.Value, 1e-9);
        Assert.Equal(wasted / 2, cost.Wasted!.Value.Value, 1e-9);
    }

    [Fact]
    public void Milk_that_the_pitcher_needs_is_paid_for_too()
    {
        // By hand: the small pitcher steams 80 ml at least; of 50 ml 30 are poured away. A ml of 1.03 g costs 0.00103.
        var cost = FullBar
            .Mix(TestBar.Build(TestBar.Line("milk", 50, "ml") with { Technique = "steam", Foam = "low" }))
            .Size("m")
            .Cost;

        Assert.Equal(80 * 0.00103, cost.Ingredients!.Value.Value, 1e-9);
        Assert.Equal(30 * 0.00103, cost.Wasted!.Value.Value, 1e-9);
    }

    [Theory]
    [InlineData(2, 0)]
    [InlineData(3, 18)]
    [InlineData(1.99, 0)]
    [InlineData(1.97, 0.54)]
    public void What_is_pulled_and_goes_into_no_cup_is_told(double shots, double away)
    {
        // 36 g for two shots; less than a hundredth of a pull is none.
        var pull = FullBar.Mix(TestBar.Build(TestBar.Line("espresso", shots, "shot"))).Size("m").Lines[0].Pull!;

        Assert.Equal(away, pull.PouredAway.Value, 1e-9);
    }

    [Fact]
    public void A_line_may_name_another_recipe_and_is_pulled_by_it()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Espresso =
                [
                    .. FullBar.Document.Espresso,
                    new EspressoDocument
                    {
                        Id = "single",
                        Name = "Single",
                        Ingredient = "espresso",
                        DoseGrams = 9,
                        YieldGrams = 20,
                        ShotsPerPull = 1,
                        ExtractionPercent = 22,
                    },
                ],
            }
        );
        var usual = FullBar.Mix(TestBar.Build(Double, Milk), bar).Size("m").Lines[0];
        var single = FullBar.Mix(TestBar.Build(Double with { Recipe = "single" }, Milk), bar).Size("m");

        Assert.Equal((36, "Double", 1), (usual.Mass.Value, usual.Pull!.Recipe, usual.Pull.WholePulls));
        Assert.Equal(
            (40, "Single", 2),
            (single.Lines[0].Mass.Value, single.Lines[0].Pull!.Recipe, single.Lines[0].Pull!.WholePulls)
        );
        Assert.Equal(2 * 9 * 0.22 / (40 + 206) * 100, single.Taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal(0.36, single.Cost.Ingredients!.Value.Value - (206 * 0.001), 1e-9);
        Assert.Equal(
            "lines[0].recipe",
            Assert.Single(BuildReader.Read(TestBar.Build(Double with { Recipe = "triple" }), bar).Problems).Field
        );
    }

    [Fact]
    public void A_yield_may_be_said_by_volume()
    {
        var recipe = EspressoReader.Read(FullBar.Document.Espresso[0] with { YieldGrams = null, YieldMl = 36 }).Value;
        Assert.Equal(36.36, recipe.Yield.Value, 1e-9);

        // In the bar, by what a millilitre of its espresso weighs.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(each =>
                        each.Id == FullBar.Document.Espresso[0].Ingredient
                            ? each with
                            {
                                DensityGramsPerMl = 0.95,
                            }
                            : each
                    ),
                ],
                Espresso =
                [
                    FullBar.Document.Espresso[0] with
                    {
                        YieldGrams = null,
                        YieldMl = 36,
                    },
                    .. FullBar.Document.Espresso.Skip(1),
                ],
            }
        );
        Assert.Equal(36 * 0.95, bar.EspressoOf(recipe.Makes)!.Yield.Value, 1e-9);
        Assert.Equal(36, EspressoReader.Read(FullBar.Document.Espresso[0] with { YieldMl = 50 }).Value.Yield.Value);
    }

    [Theory]
    [InlineData(6, true)]
    [InlineData(6.01, false)]
    [InlineData(40, false)]
    public void A_roast_of_more_caffeine_than_any_coffee_has_is_refused(double percent, bool isRead)
    {
        var reading = Krasis.Core.Bar.Ingredients.IngredientReader.Read(
            FullBar.Document.Ingredients[0] with
            {
                RoastCaffeinePercent = percent,
            }
        );
        Assert.Equal(isRead ? [] : ["roastCaffeinePercent"], reading.Problems.Select(problem => problem.Field));
    }

    private static (double Caffeine, double Cost) Figures(double dose, double yield)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Espresso =
                [
                    FullBar.Document.Espresso[0] with
                    {
                        DoseGrams = dose,
                        YieldGrams = yield,
                        BasketFromGrams = null,
                        BasketToGrams = null,
                    },
                ],
            }
        );
        var size = FullBar.Mix(TestBar.Build(Double), bar).Size("m");
        return (size.Inside.Nutrition.Caffeine!.Value.Value, size.Cost.Ingredients!.Value.Value);
    }
}
