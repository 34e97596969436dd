using System.Collections.Concurrent;
using System.Globalization;
using Krasis.Tasting.Choosing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.Ranking;
using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Designing;

/// <summary>How many tasters it takes, before anything is poured.</summary>
/// <param name="Enough">The fewest with whom what is looked for is found in four of five such tastings; null where no
/// café has so many.</param>
/// <param name="Power">How surely it is found with those who are expected.</param>
/// <param name="Round">After how many tasters every order has been served once.</param>
/// <param name="Says">What it means, sentence by sentence.</param>
public sealed record PanelSize(int? Enough, double Power, int Round, IReadOnlyList<string> Says)
{
    /// <summary>The share of guests of whom it is wanted that a difference is found if they can tell it (common
    /// practice, no source).</summary>
    public const double WhoTell = 0.5;

    /// <summary>The share of choices that the better liked of two shall get to be found (common practice, no
    /// source).</summary>
    public const double WhoPrefer = 0.75;

    /// <summary>The shares of tasters to the one side and to the other of a scale that is off (common practice, no
    /// source).</summary>
    public const double OneSide = 0.5,
        OtherSide = 0.1;

    // So many panels tell a share to two of a hundred.
    private const int Panels = 400;

    private static readonly ConcurrentDictionary<(int Tasters, int Samples), double> Drawn = new();

    // No café has more tasters.
    private const int Most = 200;

    /// <summary>Works it out.</summary>
    /// <param name="tasting">The tasting.</param>
    public static PanelSize Of(TastingSetup tasting)
    {
        var round = ServingPlan.Of(tasting.Question, tasting.Samples.Count, tasting.Seed).Round;
        var says = new List<string>();
        var (what, power) = Look(tasting);
        var enough = tasting.Question is { Method: not null } or { Code: "suits" }
            ? Enumerable
                .Range(2, Most - 1)
                .Select(tasters => (int?)tasters)
                .FirstOrDefault(tasters => power(tasters!.Value) >= ForcedChoice.UsualPower)
            : Fewest(power);
        var here = power(tasting.Tasters);
        if (tasting.Question.Method is { } method)
        {
            says.Add(
                ForcedChoice.LeastRight(method, tasting.Tasters) is { } least
                    ? $"With {People(tasting.Tasters)}, {least} {(method.IsTwoSided ? "choices of the one drink" : "right answers")} are a result ({method.Source})."
                    : $"{People(tasting.Tasters)} cannot give a result, whatever they say."
            );
        }

        says.Add(
            $"{what}, {People(tasting.Tasters)} find it in {Math.Round(here * 100).ToString(CultureInfo.InvariantCulture)} of 100 such tastings."
        );
        says.Add(enough is { } fewest ? $"For 80 of 100, ask {fewest}." : "For 80 of 100 it takes more than 200.");
        if (round > 1 && tasting.Tasters % round != 0)
        {
            says.Add($"Orders come out even with {round} tasters, or a multiple of it.");
        }

        return new PanelSize(enough, here, round, says);
    }

    // Drawing panels takes time: small ones first, twice as large each time, and then by halves.
    private static int? Fewest(Func<int, double> power)
    {
        int below = 1,
            reached = 2;
        while (power(reached) < ForcedChoice.UsualPower)
        {
            if (reached == Most)
            {
                return null;
            }

            (below, reached) = (reached, Math.Min(Most, reached * 2));
        }

        while (reached - below > 1)
        {
            var middle = (below + reached) / 2;
            (below, reached) = power(middle) >= ForcedChoice.UsualPower ? (below, middle) : (middle, reached);
        }

        return reached;
    }

    private static (string What, Func<int, double> Power) Look(TastingSetup tasting)
    {
        return tasting.Question switch
        {
            { Method: { IsTwoSided: false } method } => ("If half of your guests can tell them apart", tasters =>
                ForcedChoice.Power(method, tasters, WhoTell)
            ),
            { Method: { } method } => ("If three of four guests like the one better", tasters =>
                ForcedChoice.Power(method, tasters, WhoPrefer)
            ),
            { Code: "suits" } => ("If half find a drink too much of something and one in ten too little", tasters =>
                Lopsided(tasters, ForcedChoice.UsualLevel / Math.Max(1, tasting.Scales.Count * tasting.Samples.Count))
            ),

            _ => ("If three of four guests put the one before the other", tasters =>
                RankedPower(tasters, tasting.Samples.Count)
            ),
        };
    }

    /// <summary>How likely a side that holds <see cref="OneSide"/> of the tasters outweighs the other beyond chance:
    /// summed over how many find it off.</summary>
    internal static double Lopsided(int tasters, double level)
    {
        var off = OneSide + OtherSide;
        return Enumerable
            .Range(0, tasters + 1)
            .Sum(count =>
                ForcedChoice.LeastRight(ChoiceMethod.Preference, count, level) is { } least
                    ? Binomial.PMF(off, tasters, count)
                        * (count == 0 ? 0 : 1 - Binomial.CDF(OneSide / off, count, least - 1))
                    : 0
            );
    }

    /// <summary>How likely the best liked and the least liked sample are told apart by their ranks, with the tests that
    /// the result uses: of two samples the sign test, which Friedman's is then; of more the sums of ranks, all pairs held
    /// to one level. For more than two, panels are drawn, always the same ones. A taster likes each sample by a normal
    /// number. The two lie so far apart that three of four tasters put the one before the other, and the other samples lie
    /// half way between them (Thurstone 1927).</summary>
    /// <param name="tasters">How many taste.</param>
    /// <param name="samples">How many samples.</param>
    internal static double RankedPower(int tasters, int samples) =>
        samples <= 2
            ? ForcedChoice.Power(ChoiceMethod.Preference, tasters, WhoPrefer, ForcedChoice.UsualLevel)
            : Drawn.GetOrAdd((tasters, samples), _ => Draw(tasters, samples));

    // Counted from the sums of ranks alone: the exact chance of Friedman's test would take seconds for so many panels.
    private static double Draw(int tasters, int samples)
    {
        var random = new Random(samples);
        var apart = Normal.InvCDF(0, 1, WhoPrefer) * Math.Sqrt(2);
        var liked = new double[samples];
        var found = 0;
        for (var panel = 0; panel < Panels; panel++)
        {
            var sums = new double[samples];
            for (var taster = 0; taster < tasters; taster++)
            {
                for (var sample = 0; sample < samples; sample++)
                {
                    var mean =
                        sample == 0 ? apart
                        : sample == samples - 1 ? 0
                        : apart / 2;
                    liked[sample] = mean + Normal.InvCDF(0, 1, Math.Clamp(random.NextDouble(), 1e-12, 1 - 1e-12));
                }

                for (var sample = 0; sample < samples; sample++)
                {
                    sums[sample] += 1 + liked.Count(other => other > liked[sample]);
                }
            }

            var chance = RankSums
                .Pairs(sums, tasters)
                .Single(pair => (pair.First, pair.Second) == (0, samples - 1))
                .Probability;
            found += chance <= ForcedChoice.UsualLevel ? 1 : 0;
        }

        return (double)found / Panels;
    }

    private static string People(int tasters) => tasters == 1 ? "1 taster" : $"{tasters} tasters";
}
