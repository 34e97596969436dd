using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Making.PlannedDrinks;

namespace Krasis.Core.Tests.Making;

/// <summary>The steps by which a drink is made. The cups of the test bar are cylinders of 2, 4 and 6 ml a millimetre,
/// so that heights are reckoned by hand.</summary>
public class PlannerTests
{
    [Fact]
    public void A_drink_is_made_in_pour_order_and_each_step_says_how_much_how_and_to_where()
    {
        var plan = Middle(TestBar.Build(Syrup, Shots, PlannedDrinks.Milk) with { Name = "Latte" });

        Assert.Equal(("Latte", "Middle", null), (plan.Drink, plan.SizeName, plan.Station));
        Assert.Equal(["Syrup", "Espresso", "Milk", "Hand it over"], plan.Steps.Select(step => step.Title));
        Assert.Equal([1, 2, 3, 4], plan.Steps.Select(step => step.Number));
        Assert.Equal(["2 strokes", "2 shots", "200 ml"], plan.Steps.Take(3).Select(step => step.Amount));
        // 2 × 7.5 ml at 1.3 g/ml; 200 ml at 1.03.
        Assert.Equal(["15 ml · 20 g", "36 g", "206 g"], plan.Steps.Take(3).Select(step => step.Beside));
        Assert.Equal(["Pump", null, null], plan.Steps.Take(3).Select(step => step.Hold));
        // 15 ÷ 4, 51 ÷ 4 and 251 ÷ 4 mm.
        Assert.Equal([3.75, 12.75, 62.75], plan.Steps.Take(3).Select(step => Math.Round(step.Level!.Height.Value, 6)));
        Assert.Equal(
            ["Pour in.", "Let it run into the cup, and swirl until nothing is left on the bottom.", "Pour in."],
            plan.Steps.Take(3).Select(step => step.How)
        );
        Assert.Equal("18 g in, 36 g out, 25 to 30 s", plan.Steps[1].Shot!.Says);
    }

    [Fact]
    public void What_is_to_be_seen_stands_with_the_step_by_the_cup_s_own_lines_where_it_has_any()
    {
        var steps = Middle(TestBar.Build(Syrup, Shots, Steamed)).Steps;

        // 15 ÷ 4 mm; the foam of 200 ml is high enough to be told by its shine and its height.
        Assert.Equal("It stands 4 mm high.", steps[0].See);
        Assert.StartsWith(
            "An even stream that turns from dark to blond. It stands ",
            steps[1].See,
            StringComparison.Ordinal
        );
        Assert.StartsWith("Milk that shines, without bubbles. It stands ", steps[3].See, StringComparison.Ordinal);

        // A line of the cup at 12 mm; the shots stand at 12.75, and the syrup at 3.75.
        var printed = FullBar.Read(
            FullBar.Document with
            {
                Cups =
                [
                    .. FullBar.Document.Cups.Select(cup =>
                        cup.Id == "m" ? cup with { PrintedLines = [new() { Label = "shots", HeightMm = 12 }] } : cup
                    ),
                ],
            }
        );
        var lined = Planner
            .Plan(BuildReader.Read(TestBar.Build(Syrup, Shots), printed).Value, printed)
            .Value.Single(plan => plan.Size.Value == "m")
            .Steps;
        Assert.Equal("It stands 8 mm below the shots line.", lined[0].See);
        Assert.EndsWith("It stands 1 mm above the shots line.", lined[1].See, StringComparison.Ordinal);

        // A mark is what is to be seen.
        Assert.Null(Middle(TestBar.Build(Shots, PlannedDrinks.Milk with { To = "to 50 mm" })).Steps[1].See);
    }

    [Fact]
    public void A_step_says_how_long_it_is_worked_on_and_a_shot_how_long_it_may_stand()
    {
        var steps = Middle(TestBar.Build(Syrup, Shots with { Technique = "stir" }, PlannedDrinks.Milk)).Steps;

        // Five seconds of stirring: common practice, no source. Thirty for a shot, as the house has it to begin with.
        Assert.Equal([null, 5.0, null, null], steps.Select(step => step.Seconds));
        Assert.Equal([null, 30.0, null, null], steps.Select(step => step.MayStand));

        // Nothing comes onto the last.
        Assert.Null(Middle(TestBar.Build(Syrup, Shots)).Steps[1].MayStand);
    }

    [Fact]
    public void Whole_pulls_are_pulled_and_what_goes_into_no_cup_is_told()
    {
        var plan = Middle(TestBar.Build(TestBar.Line("espresso", 3, "shot"), PlannedDrinks.Milk));

        // Three shots are a double and a half: two pulls of 36 g, of which 54 g go in.
        Assert.Equal("2 pulls: 18 g in, 36 g out, 25 to 30 s; 18 g go into no cup", plan.Steps[0].Shot!.Says);
    }

    [Fact]
    public void A_shot_is_cooled_as_the_line_says()
    {
        var over = Middle(
            TestBar.Build(Shots with { Technique = "cool" }, PlannedDrinks.Milk, TestBar.Line("ice", 100, "g")) with
            {
                Serve = "iced",
            }
        ).Steps[0];
        Assert.Equal(
            // 17.3 g of the ice melt; three times as much leaves cubes to be taken out.
            ("Stir it over 60 g of ice for 30 seconds, take the cubes out, then pour it in.", 20.0, 30.0),
            (over.How, over.Temperature!.Value.Value, over.Seconds)
        );

        var jug = Middle(
            TestBar.Build(
                Shots with
                {
                    Technique = "cool",
                    Cooling = "chilledJug",
                },
                PlannedDrinks.Milk,
                TestBar.Line("ice", 100, "g")
            ) with
            {
                Serve = "iced",
            }
        ).Steps[0];
        Assert.Equal(
            ("Swirl it in a steel jug from the freezer for 30 seconds, then pour it in.", 30.0),
            (jug.How, jug.Seconds)
        );
    }

    [Fact]
    public void How_high_it_stands_is_not_said_of_a_cup_that_hides_it()
    {
        var paper = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { Material = "paper" })],
            }
        );
        var steps = Planner
            .Plan(BuildReader.Read(TestBar.Build(Syrup, Shots), paper).Value, paper)
            .Value.Single(plan => plan.Size.Value == "m")
            .Steps;

        Assert.Null(steps[0].See);
        Assert.Equal("An even stream that turns from dark to blond.", steps[1].See);
    }

    [Fact]
    public void What_fills_to_a_mark_is_said_by_the_mark()
    {
        var step = Middle(TestBar.Build(Shots, PlannedDrinks.Milk with { To = "to 50 mm" })).Steps[1];

        // 50 mm of 4 ml are 200, less the 36 of the shots.
        Assert.Equal(
            ("to 50 mm", "164 ml · 169 g", "to 50 mm", 50.0),
            (step.Amount, step.Beside, step.Level!.Mark, Math.Round(step.Level.Height.Value, 6))
        );
    }

    [Fact]
    public void Cautions_and_allergens_stand_with_the_step_that_brings_them()
    {
        var plan = Middle(TestBar.Build(TestBar.Line("sauce", 20, "g"), Shots, Steamed));

        Assert.Equal(["may contain milk"], plan.Steps[0].Allergens);
        Assert.Empty(plan.Steps[1].Allergens);
        Assert.Equal(["milk"], plan.Steps[3].Allergens);
        Assert.Contains(plan.Steps[3].Cautions, caution =>
            caution.Contains("Steam and hot milk burn", StringComparison.Ordinal)
        );
        Assert.Empty(plan.Steps[1].Cautions);
        Assert.Equal(
            plan.Allergens,
            FullBar.Mix(TestBar.Build(TestBar.Line("sauce", 20, "g"), Shots, Steamed)).Size("m").Inside.Allergens.Says
        );
    }

    [Fact]
    public void A_line_of_which_nothing_is_poured_is_no_step() =>
        Assert.Equal(
            ["Espresso", "Milk", "Hand it over"],
            Middle(TestBar.Build(TestBar.Line("syrup", 0, "stroke"), Shots, PlannedDrinks.Milk))
                .Steps.Select(step => step.Title)
        );

    [Fact]
    public void Another_station_has_pumps_and_recipes_of_its_own()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Stations = [new() { Id = "bar", Name = "Bar" }, new() { Id = "kiosk", Name = "Kiosk" }],
                Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "l" ? cup with { Stations = ["bar"] } : cup)],
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "kp",
                        Name = "Kiosk pump",
                        Ingredient = "syrup",
                        StrokeMl = 5,
                        Station = "kiosk",
                    },
                ],
            }
        );
        var build = BuildReader.Read(TestBar.Build(Syrup, Shots, PlannedDrinks.Milk), bar).Value;

        Assert.Equal(["Bar", "Bar", "Bar"], Planner.Plan(build, bar).Value.Select(plan => plan.Station));
        var kiosk = Planner.Plan(build, bar, "kiosk").Value;
        // 2 strokes of 7.5 ml are 3 of 5; the large cup stays at the bar.
        Assert.Equal(["Small", "Middle"], kiosk.Select(plan => plan.SizeName));
        Assert.Equal(
            ("3 strokes", "Kiosk pump", "Kiosk"),
            (kiosk[1].Steps[0].Amount, kiosk[1].Steps[0].Hold, kiosk[1].Station)
        );

        Assert.Equal("station", Assert.Single(Planner.Plan(build, bar, "boat").Problems).Field);
        var large = BuildReader
            .Read(TestBar.Build(Shots, PlannedDrinks.Milk) with { Sizes = ["l"], ReferenceSize = "l" }, bar)
            .Value;
        Assert.Contains(
            "none of the cups",
            Assert.Single(Planner.Plan(large, bar, "kiosk").Problems).Message,
            StringComparison.Ordinal
        );
    }

    [Theory]
    // One step of the bar's, 5 ml of 1.03 g/ml.
    [InlineData("milk", 200, "ml", 200.84, false)]
    [InlineData("milk", 200, "ml", 200.86, true)]
    [InlineData("milk", 200, "ml", 211.14, true)]
    [InlineData("milk", 200, "ml", 211.16, false)]
    // The house's 10 % of a sauce.
    [InlineData("sauce", 20, "g", 22, true)]
    [InlineData("sauce", 20, "g", 22.01, false)]
    // Half a stroke of 9.75 g, where only whole ones are given.
    [InlineData("syrup", 2, "stroke", 24.37, true)]
    [InlineData("syrup", 2, "stroke", 24.38, false)]
    // The tenth of its yield that a pull is judged by.
    [InlineData("espresso", 2, "shot", 38, true)]
    [InlineData("espresso", 2, "shot", 38.01, false)]
    public void A_weight_is_right_within_what_the_bar_is_held_to(
        string ingredient,
        double amount,
        string measure,
        double shown,
        bool isRight
    ) =>
        Assert.Equal(
            isRight,
            Middle(TestBar.Build(TestBar.Line(ingredient, amount, measure), TestBar.Line("water", 20, "ml")))
                .Steps[0]
                .Target!.IsMet(Grams.From(shown))
        );

    // Every line that is poured is one step, in pour order; what the steps ask for is what the scale shows in the end,
    // with the water that steam and ice bring; the drink never sinks; no target takes nothing for right.
    [Fact]
    public void The_steps_come_to_the_sheet_s_drink() =>
        RandomBuilds
            .Any.Seeded()
            .Sample(
                document =>
                {
                    var reading = BuildReader.Read(document, FullBar.Facts);
                    if (!reading.IsRead)
                    {
                        return;
                    }

                    var sheet = Mixer.Mix(reading.Value, FullBar.Facts);
                    foreach (var (plan, size) in Planner.Plan(reading.Value, FullBar.Facts).Value.Zip(sheet.Sizes))
                    {
                        var poured = plan.Steps.Where(step => step.Line is not null).ToList();
                        Assert.Equal(
                            size.Lines.Where(line => line.Amount > 0).Select(line => line.Line),
                            poured.Select(step => step.Line!.Value)
                        );
                        Assert.Equal(
                            size.Fill.TotalMass.Value,
                            poured.Sum(step => step.Target!.Grams.Value)
                                + size.Life.Condensate.Value
                                + size.Life.CoolingMelt.Value,
                            1e-6
                        );
                        Assert.Equal(
                            Enumerable.Range(1, plan.Steps[^1].Number),
                            plan.Steps.Select(step => step.Number).Distinct()
                        );
                        Assert.All(poured, step =>
                            Assert.True(step.Target!.IsMet(step.Target.Grams) && !step.Target.IsMet(default))
                        );
                        var levels = plan
                            .Steps.Where(step => step.Level is not null)
                            .Select(step => step.Level!.Height.Value)
                            .ToList();
                        Assert.All(levels, level => Assert.InRange(level, 0, size.Cup.Height.Value));
                    }
                },
                iter: 500
            );
}
