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

    [Fact]
    public void Nothing_near_is_better_than_the_best()
    {
        // Checked by trying: every way within two shots and strokes and twenty millilitres, mixed one by one.
        var build = TestBar.Build(TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 160, "ml"));
        var best = Advise(build, "s")[0];
        var least = double.MaxValue;
        for (var shots = 1; shots <= 3; shots++)
        {
            for (var strokes = 1; strokes <= 3; strokes++)
            {
                for (var milk = 60; milk <= 100; milk += 5)
                {
                    var tried = build with { Lines = [TestBar.Line("syrup", 3, "stroke", ("s", strokes)), TestBar.Line("espresso", 3, "shot", ("s", shots)), TestBar.Line("milk", 160, "ml", ("s", milk))] };
                    var size = FullBar.Mix(tried).Size("s");
                    var full = FullBar.Mix(tried).Size("m");
                    var score = Math.Abs(size.Taste.Drift.Strength!.Value.Value) + Math.Abs(size.Taste.Drift.Sweetness!.Value.Value)
                        + (0.1 * Math.Abs((size.Fill.OccupiedVolume / size.Fill.WorkingVolume) - (full.Fill.OccupiedVolume / full.Fill.WorkingVolume)) * 100);
                    least = size.Fill.RoomLeft.Value < 0 ? least : Math.Min(least, score);
                }
            }
        }

        Assert.Equal(least, best.Score, 1e-6);
    }

    [Fact]
    public void The_house_s_weights_decide_what_counts()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 170, "ml"));
        var strength = Advise(build, "s", FullBar.Read(FullBar.Document with { House = FullBar.Document.House with { SweetnessWeight = 0 } }))[0];
        var sweetness = Advise(build, "s", FullBar.Read(FullBar.Document with { House = FullBar.Document.House with { StrengthWeight = 0 } }))[0];

        Assert.True(Math.Abs(strength.Strength!.Value.Value) <= Math.Abs(sweetness.Strength!.Value.Value));
        Assert.True(Math.Abs(sweetness.Sweetness!.Value.Value) <= Math.Abs(strength.Sweetness!.Value.Value));
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
    public void A_size_that_the_build_has_not_is_a_defect() => Assert.Throws<ArgumentException>(() => Advise(TestBar.Build(TestBar.Line("milk", 5, "ml")) with { Sizes = ["m"] }, "s"));

    private static double Step(CellEdit edit) => edit.Line.Value is "milk" or "ice" ? 5 : 1;

    private static IReadOnlyList<Advice> Advise(BuildDocument build, string size, BarFacts? bar = null) =>
        Adviser.Advise(BuildReader.Read(build, bar ?? FullBar.Facts).Value, bar ?? FullBar.Facts, new CupId(size));
}
