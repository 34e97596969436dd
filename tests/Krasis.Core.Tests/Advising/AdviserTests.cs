using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Advising;

public class AdviserTests
{
    private static readonly Gen<BuildDocument> Lattes = Gen.Select(Gen.Int[1, 4], Gen.Double[40, 220], Gen.Int[1, 5], Gen.Double[0, 120], Gen.Double[0, 20], (shots, milk, strokes, ice, reserve) =>
        TestBar.Build(TestBar.Line("syrup", strokes, "stroke"), TestBar.Line("espresso", shots, "shot"), TestBar.Line("milk", milk, "ml"), TestBar.Line("ice", ice, "g"))
            with
        { ReserveMm = reserve });

    [Fact]
    public void Everything_advised_fits_and_can_be_poured_and_is_what_it_says() => Gen.Select(Lattes, Gen.OneOfConst("s", "m", "l")).Seeded().Sample(
        (build, size) => Advise(build, size).All(advice =>
        {
            var mixed = FullBar.Mix(advice.Edits.Aggregate(build, BuildEdits.Apply)).Size(size);
            return mixed.Fill.RoomLeft.Value >= -1e-6
                && Math.Abs(mixed.Fill.RoomLeft.Value - advice.Room.Value) < 1e-6
                && (size == "m" || Math.Abs(mixed.Taste.Drift.Strength!.Value.Value - advice.Strength!.Value.Value) < 1e-6)
                && advice.Edits.All(edit => Math.Abs(edit.Amount / Step(edit) - Math.Round(edit.Amount / Step(edit))) < 1e-6);
        }),
        iter: 60);

    [Fact]
    public void They_are_at_most_five_and_the_best_first() => Lattes.Seeded().Sample(
        build =>
        {
            var advice = Advise(build, "s");
            return advice.Count <= Adviser.Best && advice.Zip(advice.Skip(1)).All(pair => pair.First.Score <= pair.Second.Score + 1e-12);
        },
        iter: 60);

    // What is exactly asked for in a small cup, half of the middle one: 1.5 shots, 1.5 strokes, 40 g of ice and 52.5 ml of milk.
    [Theory]
    [InlineData(0)]
    [InlineData(18)]
    public void They_are_the_best_of_all_that_can_be_poured_near_what_is_asked_for(double reserve)
    {
        var build = TestBar.Build(TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot"), TestBar.Line("ice", 80, "g"), TestBar.Line("milk", 105, "ml")) with { ReserveMm = reserve, School = "with-the-cup" };
        List<(double Score, string Pour)> all = [];

        // Two counts, two steps of ice and four of milk each way, mixed one by one.
        for (var shots = 1; shots <= 3; shots++)
        {
            for (var strokes = 1; strokes <= 3; strokes++)
            {
                for (var ice = 30; ice <= 50; ice += 5)
                {
                    for (var milk = 35; milk <= 70; milk += 5)
                    {
                        var sheet = FullBar.Mix(build with { Lines = [TestBar.Line("syrup", 3, "stroke", ("s", strokes)), TestBar.Line("espresso", 3, "shot", ("s", shots)), TestBar.Line("ice", 80, "g", ("s", ice)), TestBar.Line("milk", 105, "ml", ("s", milk))] });
                        var (size, full) = (sheet.Size("s"), sheet.Size("m"));
                        if (size.Fill.RoomLeft.Value >= -1e-6)
                        {
                            all.Add((Math.Abs(size.Taste.Drift.Strength!.Value.Value) + Math.Abs(size.Taste.Drift.Sweetness!.Value.Value)
                                + (10 * Math.Abs((size.Fill.OccupiedVolume / size.Fill.WorkingVolume) - (full.Fill.OccupiedVolume / full.Fill.WorkingVolume))), $"{strokes} {shots} {ice} {milk}"));
                        }
                    }
                }
            }
        }

        var advice = Advise(build, "s");
        Assert.Equal(5, advice.Count);
        Assert.All(advice.Zip(all.OrderBy(way => way.Score)), pair => Assert.Equal(pair.Second.Score, pair.First.Score, 1e-6));
        Assert.All(advice, way => Assert.Equal(all.Single(tried => tried.Pour == string.Join(' ', way.Pour.Split(", ").Select(pour => pour.Split(' ')[0]))).Score, way.Score, 1e-6));
    }

    [Fact]
    public void Only_the_sweetest_flavour_the_largest_coffee_milk_and_ice_are_varied()
    {
        var build = TestBar.Build(
            TestBar.Line("light", 20, "g"),
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("coffee", 20, "ml"),
            TestBar.Line("milk", 60, "ml"),
            TestBar.Line("oat", 40, "ml"),
            TestBar.Line("coffee-ice", 10, "g"),
            TestBar.Line("ice", 60, "g"),
            TestBar.Line("whip", 20, "g"));
        var advice = Advise(build, "s");

        Assert.Equal(5, advice.Count);
        Assert.All(advice, way => Assert.Equal(["Syrup", "Espresso", "Milk", "Ice"], way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1])));
        Assert.All(advice, way => Assert.DoesNotContain(way.Edits, edit => edit.Line.Value is not ("syrup" or "espresso" or "milk" or "ice")));

        // What stays is in the cup all the same.
        Assert.All(advice, way =>
        {
            var mixed = FullBar.Mix(way.Edits.Aggregate(build, BuildEdits.Apply)).Size("s");
            Assert.Equal(mixed.Fill.RoomLeft.Value, way.Room.Value, 1e-6);
            Assert.Equal(mixed.Taste.Drift.Sweetness!.Value.Value, way.Sweetness!.Value.Value, 1e-6);
        });
    }

    [Fact]
    public void Brewed_coffee_is_the_coffee_where_there_is_no_espresso_and_fills_the_cup_beside_one()
    {
        var black = Advise(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("coffee", 200, "ml")), "s");
        Assert.All(black, way => Assert.Equal(["Syrup", "Iced coffee"], way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1])));

        var both = Advise(TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("coffee", 200, "ml")), "s");
        Assert.All(both, way => Assert.Equal(["Espresso", "Iced coffee"], way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1])));
        Assert.Contains(both, way => way.Edits.Any(edit => edit.Line.Value == "coffee"));

        var long1 = Advise(TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("water", 200, "ml")), "s");
        Assert.All(long1, way => Assert.EndsWith(" of Water", way.Pour, StringComparison.Ordinal));
    }

    [Fact]
    public void How_it_will_taste_is_said_in_words()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 170, "ml"));
        var advice = Advise(build, "s");

        Assert.All(advice, way => Assert.StartsWith($"{Said(way.Strength!.Value.Value, "stronger", "weaker", "strong")}, {Said(way.Sweetness!.Value.Value, "sweeter", "less sweet", "sweet")}; ", way.Reason, StringComparison.Ordinal));
        Assert.Contains(advice, way => way.Strength!.Value.Value > 0.5);
        Assert.Contains(advice, way => way.Strength!.Value.Value < -0.5);
        Assert.Contains(advice, way => way.Sweetness!.Value.Value > 0.5);
        Assert.Contains(advice, way => way.Sweetness!.Value.Value < -0.5);

        var unknown = Advise(build, "s", FullBar.With("syrup", syrup => syrup with { Per100g = null }));
        Assert.Contains("how sweet is not known;", unknown[0].Reason, StringComparison.Ordinal);
        Assert.Null(unknown[0].Sweetness);

        static string Said(double by, string more, string less, string what) =>
            Math.Round(Math.Abs(by), 1) < 0.5 ? $"as {what} as the reference" : $"{Math.Round(Math.Abs(by))} % {(by > 0 ? more : less)}";
    }

    [Fact]
    public void The_house_s_weights_decide_what_counts()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 170, "ml"));
        var strength = Advise(build, "s", FullBar.Read(FullBar.Document with { House = FullBar.Document.House with { SweetnessWeight = 0 } }))[0];
        var sweetness = Advise(build, "s", FullBar.Read(FullBar.Document with { House = FullBar.Document.House with { StrengthWeight = 0 } }))[0];

        Assert.True(Math.Abs(strength.Strength!.Value.Value) < Math.Abs(sweetness.Strength!.Value.Value));
        Assert.True(Math.Abs(sweetness.Sweetness!.Value.Value) < Math.Abs(strength.Sweetness!.Value.Value));
    }

    [Fact]
    public void The_reason_is_said_in_words()
    {
        var best = Advise(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 150, "ml")), "s")[0];

        Assert.Equal("1 stroke of Syrup, 1 shot of Espresso, 75 ml of Milk", best.Pour);
        Assert.Equal("as strong as the reference, as sweet as the reference; 100 ml of room left.", best.Reason);
        Assert.Empty(best.Edits);
    }

    [Fact]
    public void Where_nothing_fits_there_is_no_advice() =>
        Assert.Empty(Advise(TestBar.Build(TestBar.Line("espresso", 20, "shot"), TestBar.Line("milk", 5, "ml")) with { School = "same-shot" }, "s"));

    [Fact]
    public void A_size_that_the_build_has_not_is_a_defect() => Assert.Equal(
        "The build has no size 's'. (Parameter 'size')", Assert.Throws<ArgumentException>(() => Advise(TestBar.Build(TestBar.Line("milk", 5, "ml")) with { Sizes = ["m"] }, "s")).Message);

    private static double Step(CellEdit edit) => edit.Line.Value is "milk" or "ice" ? 5 : 1;

    private static IReadOnlyList<Advice> Advise(BuildDocument build, string size, BarFacts? bar = null) =>
        Adviser.Advise(BuildReader.Read(build, bar ?? FullBar.Facts).Value, bar ?? FullBar.Facts, new CupId(size));
}
