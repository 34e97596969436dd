using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Judging;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Bringing;

/// <summary>Drinks of the full bar, brought to another: everything there has another id, the pump gives 10 ml and not
/// 7.5, the large cup holds a tenth more, and there is no white sauce.</summary>
public class DrinkImporterTests
{
    private static readonly BarDocument Other = Renamed(
        FullBar.Document with
        {
            Ingredients = [.. FullBar.Document.Ingredients.Where(one => one.Id != "white")],
            Dispensers =
            [
                .. FullBar.Document.Dispensers.Select(pump => pump.Id == "pump" ? pump with { StrokeMl = 10 } : pump),
            ],
            Cups =
            [
                .. FullBar.Document.Cups.Select(cup =>
                    cup.Id == "l" ? cup with { WaterGrams = cup.WaterGrams * 1.1 } : cup
                ),
            ],
        }
    );

    [Fact]
    public void What_is_called_so_here_too_stands_for_it()
    {
        var facts = Matching.Of([], FullBar.Facts, FullBar.Read(Other), []);

        Assert.Equal("syrup-here", Of("syrup").Choice.Own);
        Assert.True(Of("syrup").IsSure);
        Assert.True(Of("white").Choice.Comes);
        Assert.False(Of("white").IsSure);
        Assert.Equal("s-here", Of("s").Choice.Own);
        Assert.True(Of("m").IsSure);
        Assert.False(Of("l").IsSure);

        MatchedFact Of(string id) => facts.Single(fact => fact.Choice.Id == id);
    }

    [Fact]
    public void What_brings_in_an_allergen_is_not_guessed_and_where_it_is_called_so_is_said()
    {
        // Another milk of the same density: with milk in it like ours, or with almonds.
        var like = FullBar.Document with
        {
            Ingredients =
            [
                new()
                {
                    Id = "farm",
                    Name = "Pasture",
                    Kind = "milk",
                    DensityGramsPerMl = 1.03,
                    Colour = "#ffffff",
                    Allergens = FullBar.Label(["milk"]),
                },
            ],
            Dispensers = [],
            Espresso = [],
            Coffees = [],
            Parts = [],
        };
        var almonds = like with { Ingredients = [like.Ingredients[0] with { Allergens = FullBar.Label(["almonds"]) }] };
        var called = like with { Ingredients = [almonds.Ingredients[0] with { Name = "Milk" }] };

        Assert.Equal("farm", Milk(like).Choice.Own);
        Assert.True(Milk(almonds).Choice.Comes);
        Assert.Equal("farm", Milk(called).Choice.Own);
        Assert.False(Milk(called).IsSure);
        Assert.Contains("It brings in tree nuts", Milk(called).Why, StringComparison.Ordinal);

        static MatchedFact Milk(BarDocument own) =>
            Matching.Of([], FullBar.Facts, FullBar.Read(own), []).Single(fact => fact.Choice.Id == "milk");
    }

    [Fact]
    public void What_was_said_before_is_not_asked_again()
    {
        FactChoice[] said =
        [
            new("ingredients", "milk", "oat-here", false),
            new("ingredients", "syrup", null, true),
            new("ingredients", "cocoa", "gone-since", false),
        ];
        var facts = Matching.Of([], FullBar.Facts, FullBar.Read(Other), said);

        Assert.Equal("oat-here", facts.Single(fact => fact.Choice.Id == "milk").Choice.Own);
        Assert.True(facts.Single(fact => fact.Choice.Id == "syrup").Choice.Comes);
        Assert.Equal("cocoa-here", facts.Single(fact => fact.Choice.Id == "cocoa").Choice.Own);
        Assert.Contains(facts, fact => fact.Choice is { Kind: "dispensers", Id: "pump" });
    }

    [Fact]
    public void Strokes_of_their_pump_become_strokes_of_ours_with_as_many_millilitres()
    {
        // 4 strokes of 7.5 ml are 30 ml: 3 of 10 ml. In the small cup 2 of theirs, 15 ml, are 1.5 of ours, poured as 2.
        var drink = Bring(Build(TestBar.Line("syrup", 4, "stroke"), TestBar.Line("milk", 100, "ml")));

        Assert.Equal((3.0, "stroke"), (drink.Build.Lines[0].Amount, drink.Build.Lines[0].Measure));
        Assert.Equal("syrup-here", drink.Build.Lines[0].Ingredient);
        Assert.Contains(drink.Sizes.SelectMany(size => size.Rows), row =>
            row.What == "Syrup"
            && row.Published.StartsWith("4 ", StringComparison.Ordinal)
            && row.Now.StartsWith("3 ", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void In_a_cup_that_is_the_same_the_strokes_are_the_nearest_to_what_is_poured_there()
    {
        // 5 strokes of 7.5 ml are 37.5 ml: 4 of 10. Scaled there to 3 in the small cup, 22.5 ml: 2 of 10 and not 3.
        var build = Build(TestBar.Line("syrup", 5, "stroke"), TestBar.Line("milk", 100, "ml"));
        var there = Mixer.Mix(BuildReader.Read(build, FullBar.Facts).Value, FullBar.Facts);
        var here = Bring(build).Sheet;
        foreach (var size in new[] { "s", "m" })
        {
            var strokes = there.Sizes.Single(each => each.Size.Value == size).Lines[0].Amount;
            Assert.Equal(
                Math.Max(1, Math.Round(strokes * 0.75, MidpointRounding.AwayFromZero)),
                here.Sizes.Single(each => each.Size.Value == $"{size}-here").Lines[0].Amount
            );
        }
    }

    [Fact]
    public void What_nothing_stands_for_comes_along_under_a_name_that_is_free()
    {
        var taken = Other with
        {
            Ingredients =
            [
                .. Other.Ingredients.Select(one =>
                    one.Id == "smoke-here" ? one with { Id = "white", Name = "White sauce", Kind = "flavour" } : one
                ),
            ],
        };
        var brought = DrinkImporter
            .Import(
                [Build(TestBar.Line("white", 20, "g"), TestBar.Line("milk", 100, "ml"))],
                FullBar.Document,
                taken,
                Choices(taken)
            )
            .Value;

        Assert.Equal("white-2", brought.Drinks[0].Build.Lines[0].Ingredient);
        Assert.Equal(
            "White sauce (from elsewhere)",
            Assert.Single(brought.Added.Ingredients, one => one.Id == "white-2").Name
        );
    }

    [Fact]
    public void A_cup_that_holds_more_has_its_amounts_by_the_drink_s_own_scaling()
    {
        var drink = Bring(Build(TestBar.Line("milk", 100, "ml")));
        var (middle, large) = (
            FullBar.Facts.Cups.Single(cup => cup.Id.Value == "m"),
            FullBar.Read(Other).Cups.Single(cup => cup.Id.Value == "l-here")
        );

        // Handbook 4: with the cup, amounts follow the working volumes; milk is poured by 5 ml.
        var reserve = Quantities.Millimetres.From(10);
        var expected =
            Math.Round(100 * large.WorkingVolume(reserve).Value / middle.WorkingVolume(reserve).Value / 5) * 5;
        Assert.Equal(expected, drink.Sheet.Sizes.Single(size => size.Size.Value == "l-here").Lines[0].Amount, 6);
        Assert.Contains(drink.Said, said => said.Contains("does not hold as much", StringComparison.Ordinal));
    }

    // 22.5 ml are 2.25 strokes of 10 ml, rounded to 2. The large cup is scaled from 22.5 ml, not from 20.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(5)]
    [InlineData(6)]
    [InlineData(7)]
    public void In_another_cup_the_strokes_follow_from_what_is_poured_there(int strokes)
    {
        var here = FullBar.Read(Other);
        var drink = Bring(Build(TestBar.Line("syrup", strokes, "stroke"), TestBar.Line("milk", 100, "ml")));
        var reserve = Quantities.Millimetres.From(10);
        double Working(string cup) => here.Cups.Single(each => each.Id.Value == cup).WorkingVolume(reserve).Value;

        Assert.Equal(
            Math.Max(
                1,
                Math.Round(strokes * 0.75 * Working("l-here") / Working("m-here"), MidpointRounding.AwayFromZero)
            ),
            drink.Sheet.Sizes.Single(size => size.Size.Value == "l-here").Lines[0].Amount
        );
    }

    [Fact]
    public void What_tastes_otherwise_here_is_said_with_how_much()
    {
        // One stroke of 7.5 ml becomes one of 10: a third more, and milk has some sugar too.
        var drink = Bring(Build(TestBar.Line("syrup", 1, "stroke"), TestBar.Line("milk", 100, "ml")));
        Assert.Contains(drink.Said, said =>
            said.StartsWith("Middle will be ", StringComparison.Ordinal)
            && said.EndsWith(" % sweeter here.", StringComparison.Ordinal)
        );

        // Four are three of ours to the millilitre.
        Assert.DoesNotContain(
            Bring(Build(TestBar.Line("syrup", 4, "stroke"), TestBar.Line("milk", 100, "ml"))).Said,
            said => said.StartsWith("Middle will be ", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_name_is_given_once()
    {
        var names = new FreeNames(["White sauce"]);

        Assert.Equal("White sauce (from elsewhere)", names.Give("White sauce"));
        Assert.Equal("white sauce (from elsewhere, 2)", names.Give("white sauce"));
        Assert.Equal("Smoke", names.Give("Smoke"));
        Assert.Equal("smoke (from elsewhere)", names.Give("smoke"));
    }

    [Fact]
    public void What_stands_for_nothing_is_told_and_nothing_is_brought()
    {
        var choices = Choices(Other).Where(choice => choice.Id != "milk").ToList();
        var failed = DrinkImporter.Import([Build(TestBar.Line("milk", 100, "ml"))], FullBar.Document, Other, choices);

        Assert.False(failed.IsRead);
        Assert.StartsWith("builds[0].lines[0].ingredient", failed.Problems[0].Field, StringComparison.Ordinal);
    }

    [Fact]
    public void Whatever_can_be_read_there_pours_as_much_here_to_the_nearest_that_this_bar_pours() =>
        RandomBuilds
            .Any.Seeded()
            .Sample(build =>
            {
                if (BuildReader.Read(build, FullBar.Facts) is not { IsRead: true } there)
                {
                    return;
                }

                var brought = DrinkImporter.Import([build], FullBar.Document, Other, Choices(Other));
                Assert.True(brought.IsRead, string.Join(" ", brought.Problems.Select(problem => problem.Message)));
                // The large cup holds more here: it follows by the drink's own scaling.
                var pairs = Mixer
                    .Mix(there.Value, FullBar.Facts)
                    .Sizes.Where(size => size.Size.Value != "l" || size.IsReference)
                    .SelectMany(size =>
                        size.Lines.Zip(
                            brought
                                .Value.Drinks[0]
                                .Sheet.Sizes.Single(each => each.Size.Value == $"{size.Size.Value}-here")
                                .Lines
                        )
                    );
                foreach (var (was, now) in pairs)
                {
                    // A stroke of the larger pump, a piece of ice, a shot or what a line rounds to: never more than one
                    // step of it.
                    var step = Math.Max(now.Unit == "stroke" || now.Unit == "strokes" ? 13 : 6, was.Mass.Value * 0.001);
                    Assert.InRange(now.Mass.Value - was.Mass.Value, -step, step);
                }
            });

    [Fact]
    public void A_drink_that_is_brought_to_its_own_bar_stays_as_it_is() =>
        RandomBuilds
            .Any.Seeded()
            .Sample(build =>
            {
                if (BuildReader.Read(build, FullBar.Facts) is not { IsRead: true } there)
                {
                    return;
                }

                var brought = DrinkImporter
                    .Import([build], FullBar.Document, FullBar.Document, Choices(FullBar.Document))
                    .Value.Drinks[0];
                var before = Mixer.Mix(there.Value, FullBar.Facts);
                Assert.Equal(
                    before
                        .Sizes.SelectMany(size => size.Lines)
                        .Select(line => (line.Ingredient, Math.Round(line.Mass.Value, 6))),
                    brought
                        .Sheet.Sizes.SelectMany(size => size.Lines)
                        .Select(line => (line.Ingredient, Math.Round(line.Mass.Value, 6)))
                );
            });

    private static BroughtDrink Bring(BuildDocument build) =>
        DrinkImporter.Import([build], FullBar.Document, Other, Choices(Other)).Value.Drinks[0];

    private static IReadOnlyList<FactChoice> Choices(BarDocument own) =>
        [
            .. Matching
                .Of(
                    [Build([.. FullBar.Document.Foams.Select(foam => new LineDocument { Foam = foam.Id })])],
                    FullBar.Facts,
                    FullBar.Read(own),
                    []
                )
                .Select(fact => fact.Choice),
        ];

    private static BuildDocument Build(params LineDocument[] lines) => TestBar.Build(lines) with { ReserveMm = 10 };

    private static BarDocument Renamed(BarDocument bar) =>
        bar with
        {
            Cups = [.. bar.Cups.Select(cup => cup with { Id = $"{cup.Id}-here" })],
            Ingredients = [.. bar.Ingredients.Select(one => one with { Id = $"{one.Id}-here" })],
            Dispensers =
            [
                .. bar.Dispensers.Select(pump =>
                    pump with
                    {
                        Id = $"{pump.Id}-here",
                        Ingredient = $"{pump.Ingredient}-here",
                    }
                ),
            ],
            Espresso =
            [
                .. bar.Espresso.Select(recipe =>
                    recipe with
                    {
                        Id = $"{recipe.Id}-here",
                        Ingredient = $"{recipe.Ingredient}-here",
                    }
                ),
            ],
            Coffees =
            [
                .. bar.Coffees.Select(coffee =>
                    coffee with
                    {
                        Id = $"{coffee.Id}-here",
                        Ingredient = $"{coffee.Ingredient}-here",
                    }
                ),
            ],
            Foams = [.. bar.Foams.Select(foam => foam with { Id = $"{foam.Id}-here" })],
        };
}
