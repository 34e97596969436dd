using CsCheck;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Tests.Outside;
using MathNet.Numerics.Statistics;
using MathNetT = MathNet.Numerics.Distributions.StudentT;

namespace Krasis.Core.Tests.Dispensers;

/// <summary>Strokes weighed one after another, held against MathNet.Numerics.</summary>
public class StrokesTests
{
    private static readonly DateOnly Today = new(2026, 11, 25);
    private static readonly double[] Ten = [9.7, 9.8, 9.6, 9.9, 9.8, 9.7, 10.0, 9.6, 9.8, 9.7];

    // Source: MathNet.Numerics, Mean and StandardDeviation (of a sample).
    [Fact]
    public void Average_and_spread_are_those_of_MathNet()
    {
        var measured = Of(Ten);

        Assert.Equal(Ten.Mean(), measured.GramsPerStroke!.Value.Value, 1e-12);
        Assert.Equal(Ten.StandardDeviation(), measured.Deviation!.Value.Value, 1e-12);
        Assert.Equal(Ten.StandardDeviation() / Ten.Mean() * 100, measured.Variation!.Value.Value, 1e-9);
        Assert.Equal(Ten.Mean() / 1.3, measured.MlPerStroke!.Value.Value, 1e-12);
        Assert.Equal(
            MathNetT.InvCDF(0, 1, 9, 0.975) * Ten.StandardDeviation() / Math.Sqrt(10) / Ten.Mean() * 100,
            measured.SureWithin!.Value.Value,
            1e-3
        );
    }

    // Source: MathNet.Numerics, the 97.5 % points of Student's t.
    [Fact]
    public void Student_s_points_are_those_of_MathNet() =>
        Assert.All(Enumerable.Range(1, 200), freedom =>
            Assert.Equal(MathNetT.InvCDF(0, 1, freedom, 0.975), StudentT.TwoSided95(freedom), 5e-3)
        );

    // Source: MathNet.Numerics: the first n whose 95 % interval is within 2 %, counted up.
    [Theory]
    [InlineData(9.0, 9.4)]
    [InlineData(9.0, 10.0)]
    [InlineData(8.0, 9.0, 10.0)]
    [InlineData(9.6, 9.8, 9.7, 9.7)]
    public void More_strokes_are_asked_for_until_the_average_is_sure(params double[] strokes)
    {
        var variation = strokes.StandardDeviation() / strokes.Mean() * 100;
        var n = strokes.Length;
        while (MathNetT.InvCDF(0, 1, n - 1, 0.975) * variation / Math.Sqrt(n) > 2)
        {
            n++;
        }

        Assert.Equal(n - strokes.Length, Of(strokes).MoreStrokes);
    }

    [Fact]
    public void One_stroke_has_no_spread_and_none_has_nothing()
    {
        Assert.Equal((9.7, null, null), (Of(9.7).GramsPerStroke!.Value.Value, Of(9.7).Deviation, Of(9.7).MoreStrokes));
        Assert.Null(Of().GramsPerStroke);
    }

    [Fact]
    public void A_stroke_ten_times_the_others_is_named_and_not_averaged_in() =>
        Gen.Int[0, 10]
            .Seeded()
            .Sample(at =>
            {
                double[] strokes = [.. Ten.Take(at), 97, .. Ten.Skip(at)];
                var measured = Of(strokes);
                var odd = measured.Odd.Single();
                return odd is { IsRefused: true }
                    && odd.Index == at
                    && Math.Abs(measured.GramsPerStroke!.Value.Value - Ten.Average()) < 1e-12;
            });

    [Fact]
    public void Such_a_stroke_is_not_kept_either()
    {
        var problem = Assert.Single(DispenserReader.Read(Pump([.. Ten.Take(6), 97])).Problems);

        Assert.Equal("strokesGrams[6]", problem.Field);
        Assert.Contains("9.9 times the middle one of 9.8 g", problem.Message, StringComparison.Ordinal);
        Assert.True(DispenserReader.Read(Pump(Ten) with { LeftOutGrams = [97] }).IsRead);
    }

    [Fact]
    public void Nothing_is_no_stroke()
    {
        Assert.Equal("strokesGrams[1]", Assert.Single(DispenserReader.Read(Pump(9.7, 0, 9.8)).Problems).Field);

        // And it does not push the others' places.
        Assert.Equal(4, Assert.Single(Of(9.7, 0, 9.8, 9.7, 97, 9.8).Odd).Index);
    }

    // Source: Iglewicz and Hoaglin's modified z-score, by hand: median 9.75, MAD 0.1, 0.6745 · 0.55 ÷ 0.1 = 3.7.
    [Fact]
    public void A_light_first_stroke_is_told_but_counted()
    {
        var odd = Assert.Single(Of(9.2, 9.7, 9.8, 9.6, 9.9, 9.8, 9.7, 9.8).Odd);

        Assert.Equal((0, false), (odd.Index, odd.IsRefused));
        Assert.Contains("primed", odd.Says, StringComparison.Ordinal);
        Assert.Equal(8, Of(9.2, 9.7, 9.8, 9.6, 9.9, 9.8, 9.7, 9.8).Count);
        Assert.Empty(Of(9.5, 9.7, 9.8, 9.6, 9.9, 9.8, 9.7, 9.8).Odd);
    }

    [Theory]
    [InlineData("2026-08-27", 90, false)]
    [InlineData("2026-08-26", 91, true)]
    public void A_weighing_goes_stale(string day, int age, bool isStale)
    {
        var measured = Of(Pump(Ten) with { WeighedOn = day });
        Assert.Equal((age, isStale), (measured.AgeDays, measured.IsStale));
    }

    [Fact]
    public void The_maker_is_contradicted_past_five_per_cent()
    {
        Assert.Contains(Of(Pump(Ten) with { NominalMl = 7 }).Says, says =>
            says.StartsWith("The maker says 7 ml; it gives 7.51 ml, 7.3 % more.", StringComparison.Ordinal)
        );
        Assert.Contains("Within 5 % of the maker's 7.5 ml.", Of(Pump(Ten) with { NominalMl = 7.5 }).Says);
    }

    [Fact]
    public void Other_strokes_are_dated_and_the_same_are_not()
    {
        var before = Pump(Ten) with { WeighedOn = "2026-03-01" };
        Assert.Equal("2026-03-01", StrokeWeighing.Stamp(before, before with { NominalMl = 8 }, Today).WeighedOn);
        Assert.Equal("2026-11-25", StrokeWeighing.Stamp(before, before with { StrokesGrams = [9.9] }, Today).WeighedOn);
        Assert.Equal(
            "2026-11-20",
            StrokeWeighing
                .Stamp(before, before with { StrokesGrams = [9.9], WeighedOn = "2026-11-20" }, Today)
                .WeighedOn
        );
        Assert.Equal("2026-11-25", StrokeWeighing.Stamp(null, Pump(Ten), Today).WeighedOn);
        Assert.Null(StrokeWeighing.Stamp(before, before with { StrokesGrams = [], StrokeMl = 7 }, Today).WeighedOn);
    }

    private static DispenserDocument Pump(params double[] strokes) =>
        new()
        {
            Id = "pump",
            Name = "Pump",
            Ingredient = "syrup",
            StrokesGrams = strokes,
        };

    private static StrokesMeasured Of(params double[] strokes) => Of(Pump(strokes));

    private static StrokesMeasured Of(DispenserDocument pump) =>
        StrokesMeasured.Of(pump, FullBar.Ingredient("syrup"), FullBar.Facts.House, Today);
}
