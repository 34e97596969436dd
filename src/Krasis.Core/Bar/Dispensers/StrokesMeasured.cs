using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Dispensers;

/// <summary>What the strokes weighed so far say of a dispenser.</summary>
/// <param name="Count">How many strokes were weighed.</param>
/// <param name="GramsPerStroke">A stroke on the average; null without weighings.</param>
/// <param name="MlPerStroke">The same by volume, or as it was entered; null without either.</param>
/// <param name="Deviation">The standard deviation of single strokes; null for fewer than two.</param>
/// <param name="Variation">The coefficient of variation; null for fewer than two.</param>
/// <param name="SureWithin">Half of the 95 % interval of the average, as a share of it; null for fewer than
/// two.</param>
/// <param name="MoreStrokes">How many more strokes, if they spread alike, would settle the average to within the
/// house's tolerance; null for fewer than two.</param>
/// <param name="OffNominal">How far the measured stroke is from what the maker says; null when either is
/// missing.</param>
/// <param name="Odd">Strokes that are not like the others.</param>
/// <param name="AgeDays">How old the weighing is; null when its day is not known.</param>
/// <param name="IsStale">Whether it is older than the house lets it be.</param>
/// <param name="Says">All of it in sentences.</param>
public sealed record StrokesMeasured(
    int Count,
    Grams? GramsPerStroke,
    Millilitres? MlPerStroke,
    Grams? Deviation,
    Percent? Variation,
    Percent? SureWithin,
    int? MoreStrokes,
    Percent? OffNominal,
    IReadOnlyList<OddStroke> Odd,
    int? AgeDays,
    bool IsStale,
    IReadOnlyList<string> Says
)
{
    private const int MostStrokes = 200;

    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the dispenser
    /// is read.</summary>
    /// <param name="document">The dispenser, perhaps half entered.</param>
    /// <param name="holds">What is in it; null when not chosen yet.</param>
    /// <param name="house">The house rules.</param>
    /// <param name="today">The day.</param>
    public static StrokesMeasured Of(DispenserDocument document, Ingredient? holds, HouseRules house, DateOnly today)
    {
        // What is no weight at all is told when the dispenser is read; the others keep their places.
        var strokes = document.StrokesGrams.Index().Where(stroke => stroke.Item is > 0 and < 3000).ToList();
        var odd = StrokeOutliers
            .Find([.. strokes.Select(stroke => stroke.Item)])
            .Select(stroke => stroke with { Index = strokes[stroke.Index].Index })
            .ToList();
        var counted = strokes
            .Where(stroke => !odd.Exists(other => other.Index == stroke.Index && other.IsRefused))
            .Select(stroke => stroke.Item)
            .ToList();
        var weighing = counted.Count > 0 ? StrokeWeighing.Of(counted) : null;
        var ml = weighing is not null
            ? holds is null
                ? default(Millilitres?)
                : weighing.Mean / holds.Density
            : document.StrokeMl is > 0 and <= 200
                ? Millilitres.From(document.StrokeMl.Value)
                : null;
        var isSpread = weighing is { Count: > 1 };
        var off =
            ml is { } measured && document.NominalMl is > 0
                ? Dispenser.Off(measured, Millilitres.From(document.NominalMl.Value))
                : default(Percent?);
        var weighedOn = new FieldReader().Day("weighedOn", document.WeighedOn);
        var age = weighedOn is { } day ? today.DayNumber - day.DayNumber : default(int?);
        var result = new StrokesMeasured(
            counted.Count,
            weighing?.Mean,
            ml,
            isSpread ? weighing!.Deviation : null,
            isSpread ? weighing!.Variation : null,
            isSpread
                ? Percent.From(
                    weighing!.Variation.Value * StudentT.TwoSided95(weighing.Count - 1) / Math.Sqrt(weighing.Count)
                )
                : null,
            isSpread ? More(weighing!, house.CalibrationTolerance) : null,
            off,
            odd,
            age,
            age > house.CalibrationDays,
            []
        );
        return result with { Says = [.. result.Sentences(document, house)] };
    }

    /// <summary>How many more strokes settle an average: the least n for which t(n − 1) · c.v. ÷ √n is at most the
    /// tolerance, less those that are there.</summary>
    private static int More(StrokeWeighing weighing, Percent tolerance)
    {
        var n = weighing.Count;
        while (
            n < MostStrokes && StudentT.TwoSided95(n - 1) * weighing.Variation.Value / Math.Sqrt(n) > tolerance.Value
        )
        {
            n++;
        }

        return n - weighing.Count;
    }

    private IEnumerable<string> Sentences(DispenserDocument document, HouseRules house)
    {
        foreach (var stroke in Odd)
        {
            yield return stroke.IsRefused ? $"{stroke.Says} It is not averaged in." : stroke.Says;
        }

        if (Count == 1)
        {
            yield return "One stroke says nothing of the spread: weigh some more.";
        }
        else if (MoreStrokes is { } more && SureWithin is { } sure)
        {
            yield return more == 0
                ? $"Settled: the average is sure to within {Say.Short(sure.Value)} %."
                : $"Sure to within {Say.Short(sure.Value)} %. About {more} more {(more == 1 ? "stroke" : "strokes")} would settle it to {Say.Short(house.CalibrationTolerance.Value)} %.";
        }

        if (OffNominal is { } off && MlPerStroke is { } ml)
        {
            yield return Dispenser.IsOff(off)
                ? $"The maker says {Say.Short(document.NominalMl!.Value)} ml; it gives {Say.Fine(ml.Value)} ml, {Say.Short(Math.Abs(off.Value))} % {(off.Value > 0 ? "more" : "less")}. Go by the measured stroke."
                : $"Within {Say.Short(Dispenser.NominalTolerance)} % of the maker's {Say.Short(document.NominalMl!.Value)} ml.";
        }

        if (IsStale)
        {
            yield return $"Weighed {AgeDays} days ago; the house weighs again after {house.CalibrationDays}.";
        }
    }
}
