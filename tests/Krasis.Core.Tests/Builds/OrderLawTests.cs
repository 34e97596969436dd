using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;

namespace Krasis.Core.Tests.Builds;

/// <summary>Nothing goes under what is on top, whatever is made of a drink. The order is common practice, no source.
/// </summary>
public sealed class OrderLawTests
{
    private const string Check = "under-the-topping";

    private static readonly string[] Poured =
    [
        "syrup",
        "sauce",
        "espresso",
        "milk",
        "oat",
        "ice",
        "whip",
        "water",
        "white",
    ];

    [Theory]
    [InlineData("whip", "ice", "Ice comes after Whip, which is already on top.")]
    [InlineData("whip", "milk", "Milk comes after Whip, which is already on top.")]
    public void What_goes_under_a_topping_is_found_and_its_mend_moves_it_before(string top, string late, string says)
    {
        var build = TestBar.Build(Line("espresso"), Line(top), Line(late));
        var finding = Assert.Single(FullBar.Mix(build).Findings, found => found.Check == Check);
        Assert.EndsWith(says, finding.Message, StringComparison.Ordinal);
        var mended = BuildEdits.Apply(build, finding.Mend!, FullBar.Facts);
        Assert.Equal(["espresso", late, top], mended.Lines.Select(line => line.Ingredient));
        Assert.DoesNotContain(FullBar.Mix(mended).Findings, found => found.Check == Check);
    }

    [Fact]
    public void The_wall_is_drawn_before_anything_is_in_the_cup()
    {
        var build = TestBar.Build(Line("espresso"), Line("milk"), Line("sauce") with { Technique = "wall" });
        var finding = Assert.Single(FullBar.Mix(build).Findings, found => found.Check == Check);
        Assert.Contains("after Espresso, which is already in the cup", finding.Message, StringComparison.Ordinal);
        Assert.Equal("sauce", BuildEdits.Apply(build, finding.Mend!, FullBar.Facts).Lines[0].Ingredient);
    }

    // Cold foam goes on the drink and under a topping; dust may lie under the milk or over it.
    [Theory]
    [InlineData("espresso milk:foam whip", true)]
    [InlineData("espresso whip milk:foam", false)]
    [InlineData("espresso milk:foam ice", false)]
    [InlineData("espresso powder:dust milk", true)]
    [InlineData("espresso milk powder:dust", true)]
    [InlineData("espresso whip sauce:top", true)]
    public void The_order_is_glass_drink_foam_top(string lines, bool keeps)
    {
        var build = lines.Split(' ').Select(each => each.Split(':')).ToList();
        var broken = build
            .Select((each, i) => OrderLaw.Breaks(Of(each), [.. build.Take(i).Select(Of)]))
            .Any(place => place is not null);
        Assert.Equal(keeps, !broken);

        static (Technique, Ingredient) Of(string[] each) =>
            (
                each.Length > 1 ? Enum.Parse<Technique>(each[1], ignoreCase: true) : Technique.Pour,
                FullBar.Ingredient(each[0] == "powder" ? "sauce" : each[0])
            );
    }

    [Fact]
    public void Whatever_is_made_of_a_drink_keeps_the_order_and_the_order_within_the_drink()
    {
        for (var seed = 0; seed < 1000; seed++)
        {
            var dice = new Random(seed);
            var build = TestBar.Build([.. Poured.OrderBy(_ => dice.Next()).Take(dice.Next(1, 7)).Select(Line)]) with
            {
                Name = "Tern",
                Serve = Choice.Word(Enum.GetValues<Serve>()[dice.Next(5)]),
            };
            foreach (var made in Made(build).Where(made => made.IsRead))
            {
                var lines = made.Value.Build.Lines;
                for (var i = 0; i < lines.Count; i++)
                {
                    Assert.True(
                        OrderLaw.Breaks(Of(lines[i]), [.. lines.Take(i).Select(Of)]) is null,
                        $"{seed}: {string.Join(" ", lines.Select(line => line.Ingredient))}"
                    );
                }

                Assert.DoesNotContain(FullBar.Mix(made.Value.Build).Findings, found => found.Check == Check);
            }
        }

        static (Technique, Ingredient) Of(LineDocument line) =>
            (Techniques.Named(line.Technique).Technique, FullBar.Ingredient(line.Ingredient!));
    }

    private static IEnumerable<Reading<Transformed>> Made(BuildDocument build)
    {
        foreach (var serve in Enum.GetValues<Serve>())
        {
            yield return Transformer.ServeAs(build, serve, FullBar.Facts);
        }

        yield return Transformer.DairyFree(build, FullBar.Facts);
        yield return Transformer.LessSweet(build, 50, FullBar.Facts);
        yield return Transformer.SwapMilk(build, new("oat"), FullBar.Facts);
        yield return GuestWishes.Grant(
            build,
            new GuestWish
            {
                Milk = new("oat"),
                Shots = 1,
                Sweet = 75,
            },
            FullBar.Facts
        );
        foreach (
            var wish in new GuestWish[]
            {
                new() { NoTop = true },
                new() { Shots = -1 },
                new() { Strokes = 1 },
                new() { Syrup = new("light") },
                new() { Ice = IceWish.None },
                new() { Ice = IceWish.Extra },
                new() { Heat = HeatWish.Kids },
                new() { BiggerCup = true },
            }
        )
        {
            yield return GuestWishes.Grant(build, wish, FullBar.Facts);
        }
    }

    private static LineDocument Line(string id) =>
        id switch
        {
            "espresso" => TestBar.Line(id, 2, "shot"),
            "syrup" => TestBar.Line(id, 2, "stroke"),
            "milk" or "oat" or "water" => TestBar.Line(id, 100, "ml"),
            _ => TestBar.Line(id, 20, "g"),
        };
}
