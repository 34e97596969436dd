using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Input;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Parts;

public class PartTests
{
    [Fact]
    public void A_syrup_boiled_down_comes_out_as_worked()
    {
        // By hand: 500 g cocoa and 500 g water, 10 % boiled away, are 900 g: sucrose 390/900, energy 1900/900, and
        // 500/1.55 + 500 - 100/0.9982 ml.
        var part = Make(Part("mocha", ("cocoa", 500, "g"), ("water", 500, "g")) with { LossPercent = 10 });

        Assert.Equal(39000.0 / 900, part.Sugars![Sugar.Sucrose].Value, 1e-9);
        Assert.Equal(190000.0 / 900, part.Composition.EnergyKcal!.Value, 1e-9);
        Assert.Equal(900 / ((500 / 1.55) + 500 - (100 / 0.9982)), part.Density.Value, 1e-9);
    }

    // Source: sweet cream foam by volume, syrup 1 : milk 2 : cream 3 (common practice, no source).
    [Fact]
    public void A_ratio_by_volume_is_carried_to_mass_by_the_densities()
    {
        var part = Make(Part("mix", ("syrup", 1, null), ("milk", 2, null)) with { Ratio = "volume" });
        var mass = 1.3 + (2 * 1.03);

        Assert.Equal(1.3 * 65 / mass, part.Sugars![Sugar.Sucrose].Value, 1e-9);
        Assert.Equal(mass / 3, part.Density.Value, 1e-9);
    }

    [Fact]
    public void Mass_goes_in_and_comes_out() =>
        Gen.Select(Gen.Double[1, 500], Gen.Double[1, 500], Gen.Double[0, 50])
            .Seeded()
            .Sample(
                (syrup, milk, loss) =>
                {
                    var part = Make(
                        Part("mix", ("syrup", syrup, "g"), ("milk", milk, "g")) with
                        {
                            LossPercent = loss,
                        }
                    );
                    var mass = (syrup + milk) * (1 - (loss / 100));
                    var sugars = (syrup * 0.65) + (milk * 0.05);
                    return Math.Abs((part.Sugars!.Values.Sum(sugar => sugar.Value) / 100 * mass) - sugars) < 1e-9
                        && Math.Abs((part.Composition.EnergyKcal!.Value / 100 * mass) - ((syrup * 2.6) + (milk * 0.6)))
                            < 1e-6;
                }
            );

    [Fact]
    public void Cost_and_allergens_follow_and_what_is_unknown_stays_so()
    {
        var known = Make(Part("mix", ("syrup", 100, "g"), ("milk", 100, "g")));
        Assert.Equal((0.01 + 0.001) / 2, known.PricePerGram!.Value.Value, 1e-12);
        Assert.Equal([Allergen.Milk], known.Allergens.Contains);

        var unknown = Make(Part("mix", ("smoke", 1, "g"), ("milk", 100, "g")));
        Assert.Null(unknown.PricePerGram);
        Assert.Equal([Allergen.Milk], unknown.Allergens.Contains);
        Assert.False(unknown.Allergens.IsRead);
    }

    [Fact]
    public void Parts_are_made_of_parts()
    {
        var bar = Bar(
            Part("a", ("b", 100, "g"), ("water", 100, "g")),
            Part("b", ("syrup", 100, "g"), ("water", 100, "g"))
        );

        Assert.Equal(65 / 4.0, bar.Value.Find(new IngredientId("a"))!.Sugars![Sugar.Sucrose].Value, 1e-9);
    }

    [Fact]
    public void A_part_with_coffee_in_it_is_as_strong_as_its_share() =>
        Assert.Equal(1.25 / 2, Make(Part("mix", ("coffee", 100, "g"), ("milk", 100, "g"))).Strength!.Value.Value, 1e-9);

    [Fact]
    public void A_part_that_contains_itself_through_three_others_is_refused_with_the_path()
    {
        var problem = Assert.Single(
            Bar(
                Part("a", ("b", 1, "g")),
                Part("b", ("c", 1, "g")),
                Part("c", ("d", 1, "g")),
                Part("d", ("a", 1, "g"))
            ).Problems
        );

        Assert.Equal("parts[0].lines", problem.Field);
        Assert.Equal("Part a contains itself: Part a → Part b → Part c → Part d → Part a.", problem.Message);
    }

    [Fact]
    public void A_part_of_itself_alone_is_refused() =>
        Assert.Contains(
            "contains itself",
            Assert.Single(Bar(Part("a", ("a", 1, "g"))).Problems).Message,
            StringComparison.Ordinal
        );

    public static TheoryData<string, PartDocument> Bad =>
        new()
        {
            { "parts[0].lines[0].ingredient", Part("a", ("nothing", 1, "g")) },
            { "parts[0].lines[0].measure", Part("a", ("syrup", 1, "stroke")) },
            { "parts[0].lines[0].measure", Part("a", ("syrup", 1, null)) },
            { "parts[0].lines[0].amount", Part("a", ("syrup", -1, "g")) },
            { "parts[0].lines[0].amount", Part("a", ("syrup", double.NaN, "g")) },
            { "parts[0].lines", Part("a") },
            { "parts[0].lines[0].amount", Part("a", ("syrup", 0, "g")) },
            { "parts[0].ratio", Part("a", ("syrup", 1, "g")) with { Ratio = "luck" } },
            { "parts[0].kind", Part("a", ("syrup", 1, "g")) with { Kind = "ice" } },
            { "parts[0].lossPercent", Part("a", ("syrup", 1, "g")) with { LossPercent = 100 } },
            { "parts[0].madeOn", Part("a", ("syrup", 1, "g")) with { MadeOn = "yesterday" } },
            { "parts[0].id", Part("syrup", ("milk", 1, "g")) },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_cannot_be_made_is_named(string field, PartDocument part) =>
        Assert.Contains(Bar(part).Problems, problem => problem.Field == field && problem.Accepted.Length > 0);

    private static PartDocument Part(string id, params (string Of, double Amount, string? Measure)[] lines) =>
        new()
        {
            Id = id,
            Name = $"Part {id}",
            Kind = "syrup",
            Colour = "#aabbcc",
            Lines =
            [
                .. lines.Select(line => new PartLineDocument
                {
                    Ingredient = line.Of,
                    Amount = line.Amount,
                    Measure = line.Measure,
                }),
            ],
        };

    private static Reading<BarFacts> Bar(params PartDocument[] parts) =>
        BarReader.Read(FullBar.Document with { Parts = parts });

    private static Ingredient Make(PartDocument part) => Bar(part).Value.Find(new IngredientId(part.Id!))!;
}
