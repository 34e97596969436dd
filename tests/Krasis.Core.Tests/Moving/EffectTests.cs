using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;

namespace Krasis.Core.Tests.Moving;

/// <summary>What a change of the bar would move, before it is kept.</summary>
public class EffectTests
{
    private static readonly DateOnly Today = new(2026, 11, 25);
    private static readonly BuildDocument Latte = TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 200, "ml")) with { Name = "Latte" };
    private static readonly BuildDocument Iced = TestBar.Build(TestBar.Line("coffee", 150, "ml"), TestBar.Line("ice", 100, "g")) with { Name = "Iced" };
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
        Assert.Contains(middle.Moves, move => move is { What: "Syrup", Before: "19.5 g", After: "23.4 g", IsPoured: false });
        Assert.Contains(middle.Moves, move => move.What == "sweetness" && move.By.StartsWith('+'));
        Assert.Contains(middle.Moves, move => move.What == "filled to");
    }

    [Theory]
    [InlineData(40, true)]
    [InlineData(36.01, false)]
    public void A_bigger_pull_moves_the_ratio_as_far_as_it_is_said(double grams, bool isTold)
    {
        var bigger = FullBar.Document with { Espresso = [FullBar.Document.Espresso[0] with { YieldGrams = grams }] };
        var moves = Of(bigger).Moved.Where(moved => moved.Name == "Latte").SelectMany(moved => moved.Sizes).Where(size => size.Name == "Middle").SelectMany(size => size.Moves);

        Assert.Equal(isTold, moves.Any(move => move.What == "coffee to milk" && move.By.StartsWith('−') && move.Before.StartsWith("1 : ", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_change_of_the_number_of_strokes_comes_first()
    {
        // Half strokes: the small cup's rounded stroke is poured otherwise.
        var halves = FullBar.Document with { Dispensers = [FullBar.Document.Dispensers[0] with { HalfStrokes = true }, FullBar.Document.Dispensers[1]] };
        var latte = Latte with { Lines = [TestBar.Line("syrup", 3, "stroke"), .. Latte.Lines.Skip(1)] };
        var small = Of(halves, [("1", latte)]).Moved[0].Sizes.Single(size => size.Name == "Small");

        Assert.Equal(("Syrup", "2 strokes", "1.5 strokes", true), (small.Moves[0].What, small.Moves[0].Before, small.Moves[0].After, small.Moves[0].IsPoured));
    }

    [Fact]
    public void Colder_ice_melts_less()
    {
        var colder = FullBar.Document with { Ingredients = [.. FullBar.Document.Ingredients.Select(one => one.Id == "ice" ? one with { ServedCelsius = -15 } : one)] };
        var moved = Assert.Single(Of(colder).Moved);

        Assert.Equal("Iced", moved.Name);
        Assert.All(moved.Sizes, size => Assert.Contains(size.Moves, move => move.What == "melted at hand-over" && move.By.StartsWith('−')));
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
        var unknown = FullBar.Document with { Ingredients = [.. FullBar.Document.Ingredients.Select(one => one.Id == "syrup" ? one with { Per100g = null } : one)] };
        Assert.Contains(Of(unknown).Moved[0].Sizes[0].Moves, move => move is { What: "sweetness", After: "not known" });
    }

    [Fact]
    public void A_new_allergen_is_said()
    {
        var nutty = FullBar.Document with { Ingredients = [.. FullBar.Document.Ingredients.Select(one => one.Id == "syrup" ? one with { Allergens = new() { Contains = ["treeNuts"] } } : one)] };
        Assert.Contains(Of(nutty).Moved[0].Sizes[0].Moves, move => move.What == "allergens" && move.After.Contains("tree nuts", StringComparison.Ordinal));
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
        Assert.Equal(uses, BarSubset.Uses(Latte, FullBar.Document, BarKinds.All.Single(known => known.Name == kind), id));

    private static BarDocument Stroke(double ml) => FullBar.Document with { Dispensers = [FullBar.Document.Dispensers[0] with { StrokeMl = ml }, FullBar.Document.Dispensers[1]] };

    private static Effect Of(BarDocument after, IReadOnlyList<(string, BuildDocument)>? menu = null) =>
        Effect.Of(menu ?? Menu, _ => true, FullBar.Facts, FullBar.Read(after), Today);
}
