using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Dispensers;

/// <summary>Strokes weighed one after another, from which the yield and its spread follow.</summary>
public sealed record StrokeWeighing
{
    private StrokeWeighing(int count, Grams mean, Grams deviation)
    {
        Count = count;
        Mean = mean;
        Deviation = deviation;
    }

    /// <summary>How many strokes were weighed.</summary>
    public int Count { get; }

    /// <summary>A stroke on the average.</summary>
    public Grams Mean { get; }

    /// <summary>The standard deviation of single strokes, estimated from the sample (divided by n − 1); zero for one
    /// stroke.</summary>
    public Grams Deviation { get; }

    /// <summary>The coefficient of variation: the deviation as a share of the mean.</summary>
    public Percent Variation => Percent.From(Deviation / Mean * 100);

    /// <summary>Works out weighings.</summary>
    /// <param name="strokes">At least one, each above zero.</param>
    public static StrokeWeighing Of(IReadOnlyList<double> strokes)
    {
        var mean = strokes.Average();
        var squares = strokes.Sum(stroke => (stroke - mean) * (stroke - mean));
        return new(
            strokes.Count,
            Grams.From(mean),
            Grams.From(strokes.Count > 1 ? Math.Sqrt(squares / (strokes.Count - 1)) : 0)
        );
    }

    /// <summary>Dates a weighing: strokes that are not those that were kept were weighed today, unless another day is
    /// said.</summary>
    /// <param name="before">The dispenser as it is kept; null for a new one.</param>
    /// <param name="after">The dispenser as it is to be kept.</param>
    /// <param name="today">The day.</param>
    public static DispenserDocument Stamp(DispenserDocument? before, DispenserDocument after, DateOnly today)
    {
        if (after.StrokesGrams.Count == 0)
        {
            return after with { WeighedOn = null };
        }

        var isSaid = after.WeighedOn is not null && after.WeighedOn != before?.WeighedOn;
        return isSaid || (before is not null && before.StrokesGrams.SequenceEqual(after.StrokesGrams))
            ? after
            : after with
            {
                WeighedOn = today.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
            };
    }
}
