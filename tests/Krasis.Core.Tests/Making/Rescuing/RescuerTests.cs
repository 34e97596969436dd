using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Making.Rescuing;

/// <summary>What can still be made of a drink. The house of the full bar allows 15 % of drift.</summary>
public class RescuerTests
{
    private const double Allowed = 15;

    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 3, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 250, "ml")
    );

    [Fact]
    public void What_is_as_it_should_be_needs_no_rescue()
    {
        // 3 strokes of 7.5 ml at 1.3 g/ml are 29.25 g.
        var rescue = Rescue(Latte, ("syrup", 29.25));

        Assert.Equal(RescueKind.CarryOn, rescue.Kind);
        Assert.Equal(
            (0, 0),
            (Math.Round(rescue.Strength!.Value.Value, 6), Math.Round(rescue.Sweetness!.Value.Value, 6))
        );
        Assert.Empty(rescue.Changes);
        Assert.StartsWith("Carry on as planned: it is as strong and as sweet,", rescue.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void A_stroke_too_many_is_made_good_by_more_of_what_follows()
    {
        var rescue = Rescue(Latte, ("syrup", 39));

        Assert.Equal(RescueKind.Change, rescue.Kind);
        var change = Assert.Single(rescue.Changes);
        Assert.Equal(("milk", "250 ml", false), (change.Line.Value, change.Was, change.IsMore));
        Assert.Contains("not 250 ml", rescue.Says, StringComparison.Ordinal);

        // It stands in the plan, and what is in stands before it as it is.
        Assert.Equal(39, rescue.Plan!.Steps[0].Target!.Grams.Value, 6);
        Assert.Equal(change.Now, rescue.Plan.Steps[2].Amount);
    }

    [Fact]
    public void What_is_in_already_gets_more_where_too_little_of_it_went_in()
    {
        var rescue = Rescue(Latte, ("syrup", 9.75), ("espresso", 36), ("milk", 257.5));

        Assert.Equal(RescueKind.Change, rescue.Kind);
        var change = Assert.Single(rescue.Changes);
        Assert.Equal(
            ("syrup", "2 strokes", true, "Syrup: 2 strokes more"),
            (change.Line.Value, change.Now, change.IsMore, change.Says)
        );

        // After all that is in, and before the hand-over.
        Assert.Equal(
            ["Syrup", "Espresso", "Milk", "Syrup", "Hand it over"],
            rescue.Plan!.Steps.Select(step => step.Title)
        );
        Assert.Equal(
            ("2 strokes", "syrup", true),
            (rescue.Plan.Steps[3].Amount, rescue.Plan.Steps[3].Line!.Value.Value, rescue.Plan.Steps[3].IsMore)
        );
        Assert.All(rescue.Plan.Steps.Take(3), step => Assert.False(step.IsMore));
    }

    [Fact]
    public void What_no_more_can_be_done_about_is_begun_again_and_it_is_said_why()
    {
        var only = Latte with { Sizes = ["m"] };
        var sweet = Rescue(only, ("syrup", 120));
        Assert.Equal((RescueKind.StartAgain, null), (sweet.Kind, sweet.Plan));
        Assert.Contains("sweeter", sweet.Says, StringComparison.Ordinal);
        Assert.True(
            Math.Abs(sweet.Sweetness!.Value.Value) > Allowed || Math.Abs(sweet.Strength!.Value.Value) > Allowed
        );

        var full = Rescue(only, ("syrup", 29.25), ("espresso", 36), ("milk", 420));
        Assert.Equal(RescueKind.StartAgain, full.Kind);
        Assert.Contains("too full", full.Says, StringComparison.Ordinal);
        Assert.Null(full.Sweetness);
        Assert.True(full.RoomLeft.Value < 0);
    }

    [Fact]
    public void A_drift_that_nobody_notices_needs_no_rescue_and_what_the_house_just_allows_may_be_brought_nearer()
    {
        // Sweetness = 0.65 s ÷ (s + 36 + 257.5) against s = 29.25, milk without sugars of its own.
        var bar = FullBar.With("milk", milk =>
            milk with
            {
                Per100g = FullBar.Document.Ingredients.Single(each => each.Id == "oat").Per100g! with
                {
                    Maltose = 0,
                    Sugars = 0,
                },
            }
        );
        var build = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 250, "ml")
        );
        const double rest = 36 + (250 * 1.03);

        // 3 % sweeter, and all but the 15 % that the house allows.
        Assert.Equal(RescueKind.CarryOn, With(1.03).Kind);
        Assert.Equal(RescueKind.Change, With(1.149).Kind);

        Rescue With(double sweeter)
        {
            var wanted = 29.25 / (29.25 + rest) * sweeter;
            return Rescue(bar, build, ("syrup", wanted * rest / (1 - wanted)), ("espresso", 36), ("milk", 257.5));
        }
    }

    [Fact]
    public void What_fills_to_a_line_still_fills_to_it()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 200, "ml") with
            {
                To = "to 60 mm",
            }
        );
        var rescue = Rescue(build, ("espresso", 38));

        // 60 mm of 4 ml a millimetre are 240 ml, less the 38 that are in.
        Assert.Equal((RescueKind.CarryOn, "to 60 mm"), (rescue.Kind, rescue.Plan!.Steps[1].Amount));
        Assert.Equal(202 * 1.03, rescue.Plan.Steps[1].Target!.Grams.Value, 3);
    }

    [Theory]
    [InlineData("x", "syrup", 10, "size")]
    [InlineData("m", "honey", 10, "poured[0].line")]
    [InlineData("m", "syrup", 5000.1, "poured[0].grams")]
    [InlineData("m", "syrup", -5, "poured[0].grams")]
    public void What_cannot_be_is_said_at_its_place(string size, string line, double grams, string field) =>
        Assert.Equal(
            field,
            Assert
                .Single(
                    Rescuer
                        .Rescue(
                            BuildReader.Read(Latte, FullBar.Facts).Value,
                            FullBar.Facts,
                            null,
                            new CupId(size),
                            [new PouredLine(new LineId(line), Grams.From(grams))]
                        )
                        .Problems
                )
                .Field
        );

    // 9 g of 18 g of sauce: by hand, 9 g more are the standard.
    [Fact]
    public void Half_of_the_sauce_gets_the_other_half()
    {
        var rescue = Rescue(
            TestBar.Build(
                TestBar.Line("sauce", 18, "g"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 250, "ml")
            ),
            ("sauce", 9)
        );
        Assert.Equal("Dark sauce: 9 g more", Assert.Single(rescue.Changes).Says);
        Assert.InRange(Math.Abs(rescue.Sweetness!.Value.Value), 0, 1e-6);
    }

    // Another flavour in its place would be as sweet and another drink.
    [Fact]
    public void Too_much_of_one_flavour_is_not_made_good_by_less_of_another()
    {
        var build = TestBar.Build(
            TestBar.Line("sauce", 20, "g"),
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 230, "ml")
        );
        Assert.DoesNotContain(Rescue(build, ("sauce", 34)).Changes, change =>
            change.Line.Value == "syrup" && change.Now.StartsWith('1')
        );
    }

    // 4 ml more than there is room for: without the cream that the room is kept for, it fits.
    [Fact]
    public void What_stands_on_top_is_left_out_where_that_makes_the_room()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 270, "ml"),
            TestBar.Line("whip", 20, "g")
        ) with
        {
            Sizes = ["m"],
            ReserveMm = 20,
        };
        var rescue = Rescue(build, ("espresso", 36), ("milk", 300 * 1.03));
        Assert.Equal(RescueKind.Change, rescue.Kind);
        Assert.Equal("Whip: leave it out", Assert.Single(rescue.Changes).Says);
        Assert.DoesNotContain(rescue.Plan!.Steps, step => step.Title == "Whip");
    }

    // The cream is written first, the milk is too much for it, and of the espresso too little is in: what is poured after
    // keeps its place although a line before it is left out.
    [Fact]
    public void More_of_a_line_follows_what_is_in_also_where_something_before_it_is_left_out()
    {
        var build = TestBar.Build(
            TestBar.Line("whip", 20, "g"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 270, "ml")
        ) with
        {
            Sizes = ["m"],
            ReserveMm = 20,
        };
        var rescue = Rescue(build, ("espresso", 20), ("milk", 300 * 1.03));
        Assert.Equal(RescueKind.Change, rescue.Kind);
        Assert.Equal(
            [("whip", false), ("espresso", true)],
            rescue.Changes.Select(change => (change.Line.Value, change.IsMore))
        );
        Assert.Equal(
            ["Espresso", "Milk", "Espresso"],
            rescue.Plan!.Steps.Where(step => step.Target is not null).Select(step => step.Title)
        );
    }

    // Half as much again: the middle cup has no room for it, and it comes out as it went in.
    [Fact]
    public void Ice_that_went_in_last_is_taken_out_again()
    {
        var build = Iced(("espresso", 2, "shot"), ("milk", 150, "ml"), ("ice", 120, "g"));
        var rescue = Rescue(build, ("espresso", 36), ("milk", 155), ("ice", 240));
        Assert.Equal((RescueKind.TakeOut, null), (rescue.Kind, rescue.Plan));
        Assert.StartsWith(
            "Remove 120 g of Ice and weigh again. Then it is as strong ",
            rescue.Says,
            StringComparison.Ordinal
        );
        Assert.InRange(rescue.RoomLeft.Value, 0, 400);
    }

    // With milk over it, or where the drink stays as it should, it stays in.
    [Fact]
    public void Ice_stays_in_under_what_was_poured_over_it_and_where_the_drink_is_well_with_it()
    {
        var under = Iced(("espresso", 2, "shot"), ("ice", 200, "g"), ("milk", 150, "ml"));
        Assert.NotEqual(RescueKind.TakeOut, Rescue(under, ("espresso", 36), ("ice", 300), ("milk", 155)).Kind);

        // A step of ice is 5 g; the espresso is short either way.
        var little = Iced(("espresso", 2, "shot"), ("milk", 150, "ml"), ("ice", 100, "g"));
        Assert.Equal(RescueKind.Change, Rescue(little, ("espresso", 25), ("milk", 155), ("ice", 104.9)).Kind);

        var last = Iced(("espresso", 2, "shot"), ("milk", 150, "ml"), ("ice", 100, "g"));
        Assert.Equal(RescueKind.CarryOn, Rescue(last, ("espresso", 36), ("milk", 155), ("ice", 110)).Kind);
    }

    private static BuildDocument Iced(params (string Ingredient, double Amount, string Measure)[] lines) =>
        TestBar.Build([.. lines.Select(line => TestBar.Line(line.Ingredient, line.Amount, line.Measure))]) with
        {
            Serve = "iced",
            Sizes = ["m"],
        };

    [Fact]
    public void What_is_too_much_for_one_cup_goes_into_a_bigger_one_and_is_made_that_size()
    {
        var rescue = Rescue(Latte, ("syrup", 29.25), ("espresso", 36), ("milk", 390 * 1.03));
        Assert.Equal((RescueKind.BiggerCup, null), (rescue.Kind, rescue.Plan));
        Assert.StartsWith("Pour it into Large and make that size", rescue.Says, StringComparison.Ordinal);
        Assert.NotEmpty(rescue.Changes);
    }

    // Too much milk leaves room for half of the ice. At hand-over it tastes as it should, and ten minutes later it is
    // stronger, because less ice has melted.
    [Fact]
    public void Less_ice_and_what_becomes_of_it_are_told()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 180, "ml"),
            TestBar.Line("ice", 150, "g")
        ) with
        {
            Serve = "iced",
            Sizes = ["m"],
        };
        var rescue = Rescue(build, ("espresso", 36), ("milk", 260 * 1.03));
        Assert.Contains("Ice: 70 g, not 150 g.", rescue.Says, StringComparison.Ordinal);
        Assert.EndsWith(
            "and 70 g of ice instead of 150 g. After 10 minutes it is 7 % stronger than the standard.",
            rescue.Says,
            StringComparison.Ordinal
        );
    }

    internal static Rescue Rescue(BuildDocument build, params (string Line, double Grams)[] poured) =>
        Rescue(FullBar.Facts, build, poured);

    internal static Rescue Rescue(BarFacts bar, BuildDocument build, params (string Line, double Grams)[] poured) =>
        Rescuer
            .Rescue(
                BuildReader.Read(build, bar).Value,
                bar,
                null,
                new CupId("m"),
                [.. poured.Select(each => new PouredLine(new LineId(each.Line), Grams.From(each.Grams)))]
            )
            .Value;
}
