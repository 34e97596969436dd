using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Transforming;

/// <summary>What guests ask for. The shots of the full bar are 18 g each, a cup holds 200, 400 and 600 ml.</summary>
public class GuestWishesTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml"),
        TestBar.Line("whip", 20, "g") with
        {
            Technique = "top",
        }
    );

    [Fact]
    public void Nothing_asked_for_changes_nothing()
    {
        var granted = Grant(Latte, new());

        Assert.Equal(Latte, granted.Build);
        Assert.Empty(granted.Changes);
        Assert.True(new GuestWish().IsNone);
        Assert.False(new GuestWish { NoTop = true }.IsNone);
    }

    [Fact]
    public void A_shot_more_is_a_shot_more_in_every_size()
    {
        var before = FullBar.Mix(Latte);
        var after = FullBar.Mix(Grant(Latte, new() { Shots = 2 }).Build);

        Assert.All(before.Sizes.Zip(after.Sizes), pair =>
            Assert.Equal(pair.First.Lines[1].Amount + 2, pair.Second.Lines[1].Amount)
        );
    }

    [Fact]
    public void A_shot_of_espresso_that_is_said_in_grams_is_as_much_as_the_recipe_gives()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 36, "g"), TestBar.Line("milk", 200, "ml"));

        // Half of a double of 36 g.
        Assert.Equal(54, FullBar.Mix(Grant(build, new() { Shots = 1 }).Build).Cell("espresso", "m").Mass.Value, 9);
    }

    [Fact]
    public void Milk_gives_way_where_the_cup_would_be_too_full_and_nowhere_else()
    {
        // 36 + 360 ml in 400; half of that in 200 and half as much again in 600.
        var full = TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 360, "ml"));
        var granted = Grant(full, new() { Shots = 1 });
        var sheet = FullBar.Mix(granted.Build);

        // 54 + 345 = 399: the next 5 ml would be one too many.
        Assert.Equal(345, sheet.Cell("milk", "m").Amount);
        Assert.All(sheet.Sizes, size => Assert.True(size.Fill.RoomLeft.Value >= -1e-6));
        Assert.Contains(granted.Changes, change =>
            change.What.StartsWith("Milk gives way: ", StringComparison.Ordinal)
            && change.What.Contains("345 ml, not 360, in Middle", StringComparison.Ordinal)
        );

        // Nothing gives way where there is room.
        Assert.Equal(200, FullBar.Mix(Grant(Latte, new() { Shots = 1 }).Build).Cell("milk", "m").Amount);
    }

    [Theory]
    [InlineData(-3)]
    [InlineData(4)]
    public void More_shots_than_anybody_drinks_are_refused(int shots) =>
        Assert.Equal("shots", Refused(Latte, new() { Shots = shots }));

    [Fact]
    public void Decaf_takes_the_espresso_whose_roast_has_hardly_any_caffeine()
    {
        Assert.False(GuestWishes.HasDecaf(FullBar.Facts));
        Assert.Equal("decaf", Refused(Latte, new() { Decaf = true }));

        foreach (var (caffeine, isDecaf) in new[] { (0.1, true), (0.11, false) })
        {
            var bar = WithDecaf(caffeine);
            Assert.Equal(isDecaf, GuestWishes.HasDecaf(bar));
        }

        var granted = GuestWishes.Grant(Latte, new() { Decaf = true }, WithDecaf(0.08)).Value;
        Assert.Equal(("decaf", 2.0), (granted.Build.Lines[1].Ingredient, granted.Build.Lines[1].Amount));
        Assert.Contains(granted.Changes, change => change.What == "Espresso → Decaf.");
    }

    [Fact]
    public void Other_caffeine_that_stays_is_told()
    {
        var mocha = TestBar.Build(
            TestBar.Line("sauce", 20, "g"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml")
        );

        Assert.Contains(GuestWishes.Grant(mocha, new() { Decaf = true }, WithDecaf(0.08)).Value.Changes, change =>
            change.What == "Dark sauce stays and brings caffeine."
        );
    }

    [Fact]
    public void What_stands_on_top_is_left_out_and_where_nothing_does_that_is_said()
    {
        Assert.Equal(
            ["syrup", "espresso", "milk"],
            Grant(Latte, new() { NoTop = true }).Build.Lines.Select(line => line.Id)
        );
        Assert.Equal("noTop", Refused(Latte with { Lines = [.. Latte.Lines.SkipLast(1)] }, new() { NoTop = true }));
    }

    [Fact]
    public void All_that_can_be_asked_for_is_granted_and_nothing_else_is_offered()
    {
        var bar = WithDecaf(0.08);
        var possible = GuestWishes.Possible(Latte, bar);

        Assert.Equal(["oat", "sweet-milk"], possible.Milks.Select(milk => milk.Id.Value));
        Assert.Equal([75, 50, 25], possible.Sweet);
        Assert.Equal((GuestWishes.MostShots, true, true), (possible.Shots, possible.Decaf, possible.NoTop));
        Assert.All(possible.Milks, milk => Assert.True(GuestWishes.Grant(Latte, new() { Milk = milk.Id }, bar).IsRead));
        Assert.All(possible.Sweet, share => Assert.True(GuestWishes.Grant(Latte, new() { Sweet = share }, bar).IsRead));

        var brew = GuestWishes.Possible(TestBar.Build(TestBar.Line("coffee", 200, "ml")), bar);
        Assert.Equal((0, 0, 0, false, false), (brew.Milks.Count, brew.Sweet.Count, brew.Shots, brew.Decaf, brew.NoTop));
        Assert.False(GuestWishes.Possible(Latte, FullBar.Facts).Decaf);
    }

    [Fact]
    public void Wishes_go_together()
    {
        var granted = Grant(
            Latte,
            new()
            {
                Milk = new IngredientId("oat"),
                Sweet = 50,
                Shots = 1,
                NoTop = true,
            }
        );

        Assert.Equal(
            ["syrup 2 stroke", "espresso 3 shot", "oat 200 ml"],
            granted.Build.Lines.Select(line => $"{line.Ingredient} {line.Amount} {line.Measure}")
        );
        Assert.True(granted.Changes.Count >= 4);
    }

    [Fact]
    public void No_wish_makes_a_cup_fuller_than_it_may_be() =>
        RandomBuilds
            .Any.Seeded()
            .Sample(
                build =>
                {
                    var read = BuildReader.Read(build, FullBar.Facts);
                    if (!read.IsRead || build.Lines.Any(line => line.To is not null))
                    {
                        return;
                    }

                    var before = FullBar.Mix(build);
                    var granted = GuestWishes.Grant(build, new() { Shots = 1 }, FullBar.Facts);
                    if (
                        !granted.IsRead
                        || build.Lines.All(line =>
                            line.Ingredient is not ("milk" or "oat" or "sweet-milk" or "coffee" or "water")
                        )
                    )
                    {
                        return;
                    }

                    foreach (var (was, now) in before.Sizes.Zip(FullBar.Mix(granted.Value.Build).Sizes))
                    {
                        var filler = granted
                            .Value.Build.Lines.Where(line => line.Ingredient is "milk" or "oat" or "sweet-milk")
                            .ToList();
                        var isEmpty =
                            now.Lines.Where(line => filler.Exists(each => each.Id == line.Line.Value))
                                .Any(line => line.Amount == 0)
                            || filler.Count == 0;
                        Assert.True(
                            isEmpty || now.Fill.RoomLeft.Value >= Math.Min(0, was.Fill.RoomLeft.Value) - 1e-6,
                            $"{now.Name}: {now.Fill.RoomLeft.Value} after {was.Fill.RoomLeft.Value}"
                        );
                    }
                },
                iter: 200
            );

    private static Transformed Grant(BuildDocument build, GuestWish wish) =>
        GuestWishes.Grant(build, wish, FullBar.Facts).Value;

    private static string Refused(BuildDocument build, GuestWish wish) =>
        Assert.Single(GuestWishes.Grant(build, wish, FullBar.Facts).Problems).Field;

    private static BarFacts WithDecaf(double caffeine) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    FullBar.Document.Ingredients[0] with
                    {
                        Id = "decaf",
                        Name = "Decaf",
                        RoastCaffeinePercent = caffeine,
                    },
                ],
                Espresso =
                [
                    .. FullBar.Document.Espresso,
                    new EspressoDocument
                    {
                        Id = "decaf-double",
                        Name = "Decaf double",
                        Ingredient = "decaf",
                        DoseGrams = 18,
                        YieldGrams = 36,
                        ShotsPerPull = 2,
                        ExtractionPercent = 19,
                    },
                ],
            }
        );
}
