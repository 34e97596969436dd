using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Life;
using Krasis.Core.Working.SizeSheets;
using Krasis.Tasting.Documents;

namespace Krasis.Tasting.Designing;

/// <summary>When a sample is handed over and how much of it is made, so that all samples meet the tongue
/// alike.</summary>
/// <param name="Sample">Its place among the samples.</param>
/// <param name="Portions">How many small cups of it are poured.</param>
/// <param name="Grams">How much they take in all, g.</param>
/// <param name="Drinks">How many of the drink are made for them; null of a drink of elsewhere.</param>
/// <param name="Before">How many minutes before it is tasted it is handed over; null where nothing is known of
/// it.</param>
/// <param name="Then">What it is like when it is tasted; null where nothing is known of it.</param>
/// <param name="Note">What is to be minded; null where nothing is.</param>
public sealed record TraySample(
    int Sample,
    int Portions,
    double Grams,
    int? Drinks,
    double? Before,
    AgedDrink? Then,
    string? Note
)
{
    /// <summary>How old an iced drink is when it is tasted, min: all the same, because ice melts whether one waits or
    /// not (common practice, no source).</summary>
    public const double IcedAge = 2;

    // Longer than a drink is left to stand before it is tasted.
    private const double LongestWait = 20;

    /// <summary>Works it out.</summary>
    /// <param name="tasting">The tasting.</param>
    /// <param name="builds">The build of every sample, read against its bar; null of a drink of elsewhere.</param>
    public static IReadOnlyList<TraySample> Of(TastingSetup tasting, IReadOnlyList<(Build Build, BarFacts Bar)?> builds)
    {
        var plan = ServingPlan.Of(tasting.Question, tasting.Samples.Count, tasting.Seed);
        var portions = Enumerable
            .Range(1, tasting.Tasters)
            .SelectMany(seat => plan.For(seat, []))
            .CountBy(glass => glass.Sample)
            .ToDictionary();
        return [.. tasting.Samples.Select((sample, i) => One(i, portions.GetValueOrDefault(i)))];

        TraySample One(int place, int cups)
        {
            var grams = cups * tasting.Grams;
            if (builds[place] is not var (build, bar))
            {
                return new TraySample(
                    place,
                    cups,
                    grams,
                    null,
                    null,
                    null,
                    "Nothing is known of it: taste it as warm as the others."
                );
            }

            var size = new CupId(tasting.Samples[place].Size!);
            var sheet = Mixer.Mix(build, bar).Sizes.Single(each => each.Size == size);
            var (before, note) = build.Serve == Serve.Hot ? Wait(build, bar, size, tasting.Celsius) : (IcedAge, null);
            var then = Ageing.Of(build, bar, size, [before])[0];

            // Ice is not poured into the small cups.
            var drink = sheet.Fill.TotalMass.Value - then.IceLeft.Value;
            return new TraySample(
                place,
                cups,
                grams,
                drink > 0 ? (int)Math.Ceiling((grams / drink) - 1e-9) : null,
                before,
                then,
                sheet.Life.Loss is null ? $"What {sheet.Name} loses is not known: measure how it cools." : note
            );
        }
    }

    // Until a hot drink has come down to what it is tasted at.
    private static (double Minutes, string? Note) Wait(Build build, BarFacts bar, CupId size, double celsius)
    {
        var at = (double minutes) => Ageing.Of(build, bar, size, [minutes])[0].Temperature.Value;
        if (at(0) <= celsius)
        {
            return (
                0,
                at(0) < celsius - 0.5 ? $"It is handed over at {Celsius.From(Math.Round(at(0)))} already." : null
            );
        }

        if (at(LongestWait) > celsius)
        {
            return (LongestWait, $"It is still at {Celsius.From(Math.Round(at(LongestWait)))} then.");
        }

        var (hot, cool) = (0.0, LongestWait);
        for (var i = 0; i < 40; i++)
        {
            var middle = (hot + cool) / 2;
            (hot, cool) = at(middle) > celsius ? (middle, cool) : (hot, middle);
        }

        return (cool, null);
    }
}
