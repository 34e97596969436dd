using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Tests;

/// <summary>What single things of recipes come to at the Plover Lock's bar. How people write them is common practice,
/// without a source.</summary>
public class ReadingTests
{
    private static readonly DateOnly Today = new(2026, 11, 25);

    [Theory]
    [InlineData("3 pumps hazelnut", "hazelnut-syrup 3 stroke")]
    [InlineData("hazelnut x3", "hazelnut-syrup 3 stroke")]
    [InlineData("hazelnut syrup - 3 pumps", "hazelnut-syrup 3 stroke")]
    [InlineData("Hazelnut syrup: 20ml", "hazelnut-syrup 20 ml")]
    [InlineData("1½ fl oz choc sauce", "dark-sauce 1.5 us-fl-oz")]
    [InlineData("1 1/2 tbsp. dark chocolate sauce", "dark-sauce 1.5 us-tbsp")]
    [InlineData("half a pump of maple", "maple-syrup 0.5 stroke")]
    [InlineData("one and a half pumps maple", "maple-syrup 1.5 stroke")]
    [InlineData("a couple of pumps maple", "maple-syrup 2 stroke")]
    [InlineData("2 x 15 ml maple syrup", "maple-syrup 30 ml")]
    [InlineData("0.2 l farm milk", "farm-milk 200 ml")]
    [InlineData("double shot", "lock-espresso 2 shot")]
    [InlineData("a triple espresso", "lock-espresso 3 shot")]
    [InlineData("6 cubes", "canal-ice 6 cube")]
    [InlineData("Black sesame sauce ........ 2 tbsp", "sesame-sauce 2 us-tbsp")]
    [InlineData("maple syrup … 2 pumps", "maple-syrup 2 stroke")]
    [InlineData("120g cubed ice", "canal-ice 120 g")]
    public void An_amount_is_read_as_it_is_said(string text, string expected)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, []));
        var line = Assert.Single(recipe.Draft.Lines);
        Assert.Equal(expected, FormattableString.Invariant($"{line.Ingredient} {line.Amount:0.##} {line.Measure}"));
    }

    [Theory]
    [InlineData("farm milk to the milk line", "to the milk line")]
    [InlineData("farm milk to the third line", "to the third line")]
    [InlineData("farm milk to the 2nd line", "to line 2")]
    [InlineData("fill with farm milk", "to the top")]
    [InlineData("fill to 120 ml with farm milk", "to 120 ml")]
    [InlineData("fill to 120 with farm milk", "to 120 ml")]
    [InlineData("top up with farm milk", "to the top")]
    [InlineData("farm milk to 62 mm", "to 62 mm")]
    [InlineData("glass three quarters full of farm milk", "to ¾")]
    public void A_mark_is_kept_as_a_mark(string text, string to)
    {
        var line = Assert.Single(Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, [])).Draft.Lines);
        Assert.Equal(("farm-milk", to), (line.Ingredient, line.To));
    }

    [Theory]
    [InlineData("3 pumps vanilla", "3 pumps vanilla")]
    [InlineData("no ice", "no ice")]
    [InlineData("2 pumps maple or hazelnut", "or hazelnut")]
    [InlineData("a splash of farm milk", "splash")]
    [InlineData("if it's to go, 3 pumps maple", "3 pumps maple")]
    [InlineData("3 pumps farm milk", "3 pumps")]
    [InlineData("1,000 ml farm milk", "1,000")]
    [InlineData("40oz: 3 pumps maple", "3 pumps")]
    [InlineData("whip", "whip")]
    [InlineData("drizzle", "drizzle")]
    public void What_cannot_be_taken_is_marked_and_nothing_is_taken_from_it(string text, string marked)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, []));
        var whole = $"Otter\n{text}";
        Assert.Contains(recipe.Pieces, piece =>
            piece.Kind == PieceKind.NotUnderstood
            && whole.Substring(piece.Start, piece.Length).Contains(marked, StringComparison.Ordinal)
                | marked.Contains(whole.Substring(piece.Start, piece.Length), StringComparison.Ordinal)
        );
        Assert.DoesNotContain(recipe.Draft.Lines, line =>
            line.Amount > 0 && line.Ingredient is not "maple-syrup" | text[0] is 'i' or '4'
        );
    }

    [Theory]
    [InlineData("3-4 pumps maple", "of 3 to 4 the first is taken")]
    [InlineData("8 oz farm milk", "fluid ounces")]
    [InlineData("200 ml whole milk", "taken for Farm milk")]
    [InlineData("200 ml oat milk", "taken for Oat drink")]
    [InlineData("farm milk 200", "the measure is not said")]
    [InlineData("add farm milk", "how much is not said")]
    [InlineData("18g espresso in / 36g out", "how many shots is not said")]
    [InlineData("farm milk to 1 cm below the rim", "how much is not said")]
    public void What_is_guessed_says_what_it_was_taken_for(string text, string says)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, []));
        Assert.Contains(recipe.Pieces, piece =>
            piece.Kind == PieceKind.Guessed && piece.Says!.Contains(says, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_name_that_the_bar_lacks_is_read_once_somebody_has_said_what_it_is()
    {
        const string Text = "Otter\n3 pumps vanilla";
        var unknown = Assert.Single(Assert.Single(RecipeReader.Read(Text, PloverLock.Bar, [])).Unknown);
        Assert.Equal(("vanilla", null), (unknown.Said, unknown.Taken));

        var recipe = Assert.Single(
            RecipeReader.Read(Text, PloverLock.Bar, [new NameChoice("vanilla", "hazelnut-syrup")])
        );
        Assert.Equal(("hazelnut-syrup", 3.0), (recipe.Draft.Lines[0].Ingredient, recipe.Draft.Lines[0].Amount));
        Assert.Empty(recipe.Unknown);
    }

    // Within 12 % of what a cup is sold as: the Wren is sold as 250 ml.
    [Theory]
    [InlineData("224 ml", "wren")]
    [InlineData("222 ml", null)]
    [InlineData("8 oz", "wren")]
    [InlineData("12oz", "plover")]
    public void A_cup_is_known_by_what_it_is_sold_as(string size, string? cup)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\nCup: {size}\n2 shots", PloverLock.Bar, []));
        Assert.Equal(cup is not null, recipe.Draft.Sizes is [{ } only] && only == cup);
        Assert.Equal(cup is null, recipe.Pieces.Any(piece => piece.Kind == PieceKind.NotUnderstood));
    }

    // As the Lock pulls it: within half a gram in, two grams out.
    [Theory]
    [InlineData(0.5, 2, true)]
    [InlineData(0.6, 2, false)]
    [InlineData(0.5, 2.1, false)]
    public void A_shot_is_known_by_how_it_is_pulled(double dose, double yield, bool isKnown)
    {
        var own = PloverLock.Facts.EspressoOf(new("lock-espresso"))!;
        var recipe = Assert.Single(
            RecipeReader.Read(
                FormattableString.Invariant(
                    $"Otter\ndouble shot ({own.Dose.Value + dose:0.0} g in, {own.Yield.Value + yield:0.0} g out)"
                ),
                PloverLock.Bar,
                []
            )
        );
        Assert.Equal(
            isKnown,
            recipe.Pieces.Any(piece =>
                piece.Kind == PieceKind.Read && piece.Says!.Contains("pulled as", StringComparison.Ordinal)
            )
        );
        Assert.Equal(!isKnown, recipe.Draft.Lines[0].Note is not null);
    }

    [Fact]
    public void Two_amounts_that_contradict_each_other_are_found_on_the_sheet()
    {
        var recipe = Assert.Single(
            RecipeReader.Read("Otter\n2 pumps or 50 ml maple syrup\n2 shots\n150 ml farm milk", PloverLock.Bar, [])
        );
        Assert.Equal("50 ml", recipe.Draft.Lines[0].Stated);
        var build = BuildReader.Read(recipe.Draft, PloverLock.Facts).Value;
        Assert.Contains(Mixer.Mix(build, PloverLock.Facts, Today).Findings, finding =>
            finding.Message.Contains("50 ml", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Makings_in_brackets_become_a_part()
    {
        var recipe = Assert.Single(
            RecipeReader.Read("Otter\n2 shots\ntop with maple foam (1:3 maple syrup, farm milk)", PloverLock.Bar, [])
        );
        var part = Assert.Single(recipe.Parts);
        Assert.Equal(("Maple foam", "volume"), (part.Name, part.Ratio));
        Assert.Equal(
            [("maple-syrup", 1.0), ("farm-milk", 3.0)],
            part.Lines.Select(line => (line.Ingredient!, line.Amount!.Value))
        );
        Assert.Equal((part.Id, "foam"), (recipe.Draft.Lines[1].Ingredient, recipe.Draft.Lines[1].Technique));
        Assert.True(BarReader.Read(PloverLock.Bar with { Parts = [.. PloverLock.Bar.Parts, part] }).IsRead);
    }

    [Fact]
    public void Makings_that_the_house_has_are_the_house_s_own()
    {
        var recipe = Assert.Single(
            RecipeReader.Read(
                "Otter\n2 shots\n100 ml Tide milk (1:5 ginger-pear cordial, farm milk)",
                PloverLock.Bar,
                []
            )
        );
        Assert.Empty(recipe.Parts);
        Assert.Equal("tide-milk", PartId(recipe.Draft.Lines[1].Ingredient));
        static string? PartId(string? id) =>
            PloverLock.Bar.Parts.Single(part => part.Id == id).Name == "Tide milk" ? "tide-milk" : null;
    }

    [Theory]
    [InlineData("Sizes: Wren / Plover / Heron\nshots: 1/2/3", "1 2 3")]
    [InlineData("Wren: 1 shot, Plover: 2, Heron: 3", "1 2 3")]
    [InlineData("1 shot (Wren), 2 (Plover), 3 (Heron)", "1 2 3")]
    [InlineData("Shots | Wren 1 | Plover 2 | Heron 3", "1 2 3")]
    [InlineData("Wren gets 1 shot, Plover gets 2 and the Heron gets 3", "1 2 3")]
    public void An_amount_for_each_size_is_pinned_there(string text, string expected)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, []));
        var line = Assert.Single(recipe.Draft.Lines);
        Assert.Equal(["wren", "plover", "heron"], recipe.Draft.Sizes);
        Assert.Equal(
            expected,
            string.Join(
                ' ',
                recipe.Draft.Sizes.Select(size =>
                    size == recipe.Draft.ReferenceSize ? line.Amount : line.Pins.Single(pin => pin.Size == size).Amount
                )
            )
        );
    }

    [Theory]
    [InlineData("Ingredients\n2 shots espresso\n180 ml farm milk\nMethod\nPull a double shot.\nPour the milk.")]
    [InlineData("2 shots\n180 ml farm milk\n\n1. Pull a double shot\n2. Pour in 180 ml farm milk")]
    public void What_is_listed_and_told_again_goes_in_once(string text)
    {
        var recipe = Assert.Single(RecipeReader.Read($"Otter\n{text}", PloverLock.Bar, []));
        Assert.Equal(
            [("lock-espresso", 2.0), ("farm-milk", 180.0)],
            recipe.Draft.Lines.Select(line => (line.Ingredient!, line.Amount!.Value))
        );
    }

    [Fact]
    public void Nothing_of_a_size_that_the_bar_lacks_is_kept()
    {
        var recipe = Assert.Single(RecipeReader.Read("Otter\n2 shots\n40oz: fill with cubed ice", PloverLock.Bar, []));
        Assert.DoesNotContain(recipe.Draft.Lines, line => line.To is not null);
    }

    [Fact]
    public void What_says_of_what_it_is_is_not_said_of_what_stands_before()
    {
        var recipe = Assert.Single(
            RecipeReader.Read("Otter\ntop with farm milk, 4 cubes, 2 shots", PloverLock.Bar, [])
        );
        Assert.Equal(["farm-milk", "canal-ice", "lock-espresso"], recipe.Draft.Lines.Select(line => line.Ingredient));
        Assert.Equal([0.0, 4, 2], recipe.Draft.Lines.Select(line => line.Amount!.Value));
    }

    [Fact]
    public void Of_which_size_one_thing_is_said_is_not_of_which_the_next_is()
    {
        var recipe = Assert.Single(
            RecipeReader.Read("Otter\n3 pumps maple (Plover), 4 (Heron), 2 shots", PloverLock.Bar, [])
        );
        Assert.Equal(2, recipe.Draft.Lines.Count);
        Assert.Equal(2, recipe.Draft.Lines[1].Amount);
        Assert.Empty(recipe.Draft.Lines[1].Pins);
    }
}
