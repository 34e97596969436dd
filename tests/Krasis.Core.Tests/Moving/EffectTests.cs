using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;

namespace Krasis.Core.Tests.Moving;

/// <summary>What a change of the bar would move, before it is kept.</summary>
public class EffectTests
{
    private static readonly DateOnly Today = new(2026, 11, 25);
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    ) with
    {
        Name = "Latte",
    };
    private static readonly BuildDocument Iced = TestBar.Build(
        TestBar.Line("coffee", 150, "ml"),
        TestBar.Line("ice", 100, "g")
    ) with
    {
        Name = "Iced",
    };
    private static readonly (string, BuildDocument)[] Menu = [("1", Latte), ("2", Iced)];

    [Fact]
    public void Nothing_moves_when_nothing_changes() => Assert.Empty(Of(FullBar.Document).Moved);

    [Fact]
    public void A_bigger_stroke_moves_the_drinks_with_it_and_no_others()
    {
        var moved = Assert.Single(Of(Stroke(9)).Moved);

        Assert.Equal("Latte", moved.Name);
        var middle = moved.Sizes.Single(size => size.Name == "Middle");
        // By hand: 2 · 7.5 ml · 1.3 = 19.5 g become 23.4 g.
        Assert.Contains(middle.Moves, move =>
            move is { What: "Syrup", Before: "19.5 g", After: "23.4 g", IsPoured: false }
        );
        Assert.Contains(middle.Moves, move => move.What == "sweetness" && move.By.StartsWith('+'));
        Assert.Contains(middle.Moves, move => move.What == "filled to");
    }

    [Fact]
    public void Every_figure_that_moves_is_said_with_its_unit_and_by_how_much()
    {
        // By hand: 15 ml of syrup become 18 ml in 251 ml, 4 ml to a millimetre. 36 g of espresso at 10 % in 261.5 g and
        // in 265.4 g. 12.675 g of sucrose and 10.3 g of lactose at 0.16 become 15.21 g and the same. 2.6 kcal and 0.01
        // a gram of syrup; 18 g of coffee at 0.02, milk for 0.20 and a cup for 0.15 stay.
        var middle = Of(Stroke(9)).Moved[0].Sizes.Single(size => size.Name == "Middle");
        Assert.Equal(
            [
                new("Syrup", "19.5 g", "23.4 g", "+3.9 g in 2 strokes", false),
                new("filled to", "62.8 mm", "63.5 mm", "+0.8 mm", false),
                new("room left", "149 ml", "146 ml", "−3 ml", false),
                new("strength", "1.38 %", "1.36 %", "−1.5 %", false),
                new("sweetness", "5.48 g/100 g", "6.35 g/100 g", "+16 %", false),
                new("energy", "175 kcal", "185 kcal", "+10 kcal", false),
                new("cost", "0.91", "0.95", "+0.04", false),
            ],
            middle.Moves
        );
        Assert.Equal(["Latte", "Iced"], Of(Stroke(9)).Uses);
    }

    [Fact]
    public void A_size_has_the_findings_that_come_and_those_that_go()
    {
        // The small cup is 2 ml from its brim: a stroke of 9 ml more fills it over, in that size alone.
        var full = Latte with
        {
            Sizes = ["s", "m"],
            ReferenceSize = "s",
            Lines = [TestBar.Line("syrup", 1, "stroke", ("m", 1)), TestBar.Line("milk", 191, "ml", ("m", 200))],
        };
        var comes = Of(Stroke(9), [("1", full)]).Moved[0].Sizes;
        Assert.Empty(comes.Single(size => size.Name == "Small").NewFindings);
        comes = Of(Stroke(10), [("1", full)]).Moved[0].Sizes;
        Assert.StartsWith(
            "Small runs over",
            Assert.Single(comes.Single(size => size.Name == "Small").NewFindings),
            StringComparison.Ordinal
        );
        Assert.Empty(comes.Single(size => size.Name == "Middle").NewFindings);
        Assert.All(comes, size => Assert.Empty(size.MendedFindings));

        var goes = Effect.Of([("1", full)], _ => true, FullBar.Read(Stroke(10)), FullBar.Facts, Today).Moved[0].Sizes;
        Assert.StartsWith(
            "Small runs over",
            Assert.Single(goes.Single(size => size.Name == "Small").MendedFindings),
            StringComparison.Ordinal
        );
        Assert.All(goes, size => Assert.Empty(size.NewFindings));
    }

    [Fact]
    public void What_can_be_worked_out_again_and_what_could_not_before_are_no_harm_of_this_change()
    {
        var without = FullBar.Read(FullBar.Document with { Dispensers = [FullBar.Document.Dispensers[1]] });
        Assert.Empty(Effect.Of(Menu, _ => false, without, FullBar.Facts, Today).Moved);
        Assert.Empty(Effect.Of(Menu, _ => false, without, without, Today).Moved);
        Assert.Empty(Effect.Of(Menu, _ => false, without, without, Today).Uses);
    }

    [Theory]
    [InlineData("coffee", 1.2, "strength")]
    [InlineData("coffee", 1.251, null)]
    [InlineData("coffee", 1.252, "strength")]
    public void A_taste_moves_from_a_thousandth_on(string id, double strength, string? told)
    {
        var other = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one =>
                    one.Id == id ? one with { StrengthPercent = strength } : one
                ),
            ],
        };
        var moves = Of(other, [("2", Iced)])
            .Moved.SelectMany(build => build.Sizes)
            .Where(size => size.Name == "Middle")
            .SelectMany(size => size.Moves)
            .Select(move => move.What);

        Assert.Equal(told, moves.SingleOrDefault());
    }

    [Theory]
    [InlineData(40, true)]
    [InlineData(36.01, false)]
    public void A_bigger_pull_moves_the_ratio_as_far_as_it_is_said(double grams, bool isTold)
    {
        var bigger = FullBar.Document with { Espresso = [FullBar.Document.Espresso[0] with { YieldGrams = grams }] };
        var moves = Of(bigger)
            .Moved.Where(moved => moved.Name == "Latte")
            .SelectMany(moved => moved.Sizes)
            .Where(size => size.Name == "Middle")
            .SelectMany(size => size.Moves);

        Assert.Equal(
            isTold,
            moves.Any(move =>
                move.What == "coffee to milk"
                && move.By.StartsWith('−')
                && move.Before.StartsWith("1 : ", StringComparison.Ordinal)
            )
        );
    }

    [Fact]
    public void A_change_of_the_number_of_strokes_comes_first()
    {
        // Half strokes: the small cup's rounded stroke is poured otherwise.
        var halves = FullBar.Document with
        {
            Dispensers = [FullBar.Document.Dispensers[0] with { HalfStrokes = true }, FullBar.Document.Dispensers[1]],
        };
        var latte = Latte with { Lines = [TestBar.Line("syrup", 3, "stroke"), .. Latte.Lines.Skip(1)] };
        var small = Of(halves, [("1", latte)]).Moved[0].Sizes.Single(size => size.Name == "Small");

        Assert.Equal(
            ("Syrup", "2 strokes", "1.5 strokes", true),
            (small.Moves[0].What, small.Moves[0].Before, small.Moves[0].After, small.Moves[0].IsPoured)
        );
        Assert.Equal("−0.5", small.Moves[0].By);
        Assert.All(small.Moves.Skip(1), move => Assert.False(move.IsPoured));
    }

    [Fact]
    public void Colder_ice_melts_less()
    {
        var colder = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one => one.Id == "ice" ? one with { ServedCelsius = -15 } : one),
            ],
        };
        var moved = Assert.Single(Of(colder).Moved);

        Assert.Equal("Iced", moved.Name);
        Assert.All(moved.Sizes, size =>
            Assert.Contains(size.Moves, move => move.What == "melted at hand-over" && move.By.StartsWith('−'))
        );
    }

    [Fact]
    public void What_would_break_is_said()
    {
        var without = FullBar.Document with { Dispensers = [FullBar.Document.Dispensers[1]] };
        var broken = Assert.Single(Of(without).Moved);

        Assert.Contains("No dispenser holds Syrup", broken.Trouble, StringComparison.Ordinal);
    }

    [Fact]
    public void What_becomes_unknown_is_said_and_is_not_zero()
    {
        var unknown = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one => one.Id == "syrup" ? one with { Per100g = null } : one),
            ],
        };
        Assert.Contains(
            new Move("sweetness", "5.48 g/100 g", "not known", "", false),
            Of(unknown).Moved[0].Sizes.Single(size => size.Name == "Middle").Moves
        );
    }

    [Fact]
    public void A_new_allergen_is_said()
    {
        var nutty = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one =>
                    one.Id == "syrup" ? one with { Allergens = FullBar.Label(["treeNuts"]) } : one
                ),
            ],
        };
        Assert.Contains(new Move("allergens", "milk", "milk, tree nuts", "", false), Of(nutty).Moved[0].Sizes[0].Moves);

        var plain = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one =>
                    one.Id switch
                    {
                        "coffee" => one with { Allergens = FullBar.Label(mayContain: ["milk"]) },
                        "ice" => one with { Allergens = FullBar.Label() },
                        _ => one,
                    }
                ),
            ],
        };
        var unread = FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(one => one.Id == "coffee" ? one with { Allergens = null } : one),
            ],
        };
        Assert.Contains(
            new Move("allergens", "none listed on the labels", "may contain milk", "", false),
            Of(plain, [("2", Iced)]).Moved[0].Sizes[0].Moves
        );
        Assert.Contains(
            new Move("allergens", "none listed on the labels", "unknown for: Iced coffee", "", false),
            Of(unread, [("2", Iced)]).Moved[0].Sizes[0].Moves
        );
    }

    [Theory]
    [InlineData("dispensers", "pump", true)]
    [InlineData("dispensers", "scoop", false)]
    [InlineData("cups", "m", true)]
    [InlineData("ingredients", "syrup", true)]
    [InlineData("ingredients", "cocoa", false)]
    [InlineData("espresso", "double", true)]
    [InlineData("foams", "low", false)]
    [InlineData("house", "house", true)]
    public void A_build_uses_what_it_rests_on(string kind, string id, bool uses) =>
        Assert.Equal(
            uses,
            BarSubset.Uses(Latte, FullBar.Document, BarKinds.All.Single(known => known.Name == kind), id)
        );

    private static BarDocument Stroke(double ml) =>
        FullBar.Document with
        {
            Dispensers = [FullBar.Document.Dispensers[0] with { StrokeMl = ml }, FullBar.Document.Dispensers[1]],
        };

    private static Effect Of(BarDocument after, IReadOnlyList<(string, BuildDocument)>? menu = null) =>
        Effect.Of(menu ?? Menu, _ => true, FullBar.Facts, FullBar.Read(after), Today);
}
