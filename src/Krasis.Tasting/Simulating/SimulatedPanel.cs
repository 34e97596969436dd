using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;

namespace Krasis.Tasting.Simulating;

/// <summary>Tasters that are made up, for practice and for checking what is read out of answers: each has ideals of
/// their own, and nobody tastes the same thing twice quite alike. What they say is always called simulated.</summary>
public static class SimulatedPanel
{
    /// <summary>The answers of so many, the same for the same seed.</summary>
    /// <param name="tasting">The tasting.</param>
    /// <param name="tastes">What every sample is.</param>
    /// <param name="traits">What the tasters are like.</param>
    /// <param name="seats">Which tasters, counted from 1.</param>
    /// <param name="seed">What chance goes by.</param>
    public static IReadOnlyList<AnswerDocument> Answers(
        TastingSetup tasting,
        IReadOnlyList<SampleTaste> tastes,
        PanelTraits traits,
        IReadOnlyList<int> seats,
        int seed
    )
    {
        var plan = ServingPlan.Of(tasting.Question, tasting.Samples.Count, tasting.Seed);
        return
        [
            .. seats.Select(seat =>
                new Taster(tasting, tastes, traits, new Random(unchecked((seed * 7919) + seat))).Answer(
                    plan.For(seat, [])
                )
            ),
        ];
    }

    private sealed class Taster
    {
        private readonly TastingSetup tasting;
        private readonly IReadOnlyList<SampleTaste> tastes;
        private readonly PanelTraits traits;
        private readonly Random random;
        private readonly Dictionary<string, double> leanings;
        private readonly double kindness;

        public Taster(TastingSetup tasting, IReadOnlyList<SampleTaste> tastes, PanelTraits traits, Random random)
        {
            (this.tasting, this.tastes, this.traits, this.random) = (tasting, tastes, traits, random);
            leanings = Scales().ToDictionary(scale => scale, _ => Normal() * traits.Spread);
            kindness = Normal() * 0.7;
        }

        public AnswerDocument Answer(IReadOnlyList<Glass> glasses)
        {
            var sips = glasses
                .Select(glass =>
                    Scales()
                        .ToDictionary(
                            scale => scale,
                            scale => Math.Log(tastes[glass.Sample].Of(scale)) + (Normal() * traits.Noise)
                        )
                )
                .ToList();
            var points = glasses.Zip(sips, (glass, sip) => Liking(sip, glass.Sample)).ToList();
            return tasting.Question.Code switch
            {
                "suits" => new AnswerDocument
                {
                    Cups =
                    [
                        .. glasses.Select(
                            (glass, i) =>
                                new CupAnswerDocument
                                {
                                    Code = glass.Code,
                                    Liking = Math.Clamp(Math.Round(points[i]), 1, Documents.Answer.MostLiking),
                                    Scales = Said(glass, sips[i]),
                                }
                        ),
                    ],
                },
                "best" => new AnswerDocument
                {
                    Cups =
                    [
                        .. glasses.Select(
                            (glass, i) => new CupAnswerDocument { Code = glass.Code, Scales = Said(glass, sips[i]) }
                        ),
                    ],
                    Order =
                    [
                        .. glasses.Zip(points).OrderByDescending(each => each.Second).Select(each => each.First.Code),
                    ],
                },
                "triangle" => new AnswerDocument
                {
                    Chosen = glasses[
                        Enumerable
                            .Range(0, 3)
                            .MaxBy(i => Apart(sips[i], sips[(i + 1) % 3]) + Apart(sips[i], sips[(i + 2) % 3]))
                    ].Code,
                },
                "duo-trio" => new AnswerDocument
                {
                    Chosen = glasses[Apart(sips[0], sips[1]) <= Apart(sips[0], sips[2]) ? 1 : 2].Code,
                },
                _ => new AnswerDocument { Chosen = glasses[points[0] >= points[1] ? 0 : 1].Code },
            };
        }

        private IReadOnlyList<ScaleAnswerDocument> Said(Glass glass, Dictionary<string, double> sip) =>
            [
                .. tasting.Scales.Select(scale => new ScaleAnswerDocument
                {
                    Scale = scale.Code,
                    Said = Math.Clamp(
                        Math.Round(Off(sip, glass.Sample, scale.Code)),
                        -JarScale.Farthest,
                        JarScale.Farthest
                    ),
                }),
            ];

        private IEnumerable<string> Scales() =>
            tasting
                .Scales.Select(scale => scale.Code)
                .Concat(traits.Ideal.Keys)
                .Concat(tastes.SelectMany(taste => taste.On.Keys))
                .Distinct()
                .Order(StringComparer.Ordinal);

        // On a scale on which nothing is wanted, every sample is right as it is.
        private double Off(Dictionary<string, double> sip, int sample, string scale) =>
            (sip[scale] - Math.Log(traits.Ideal.GetValueOrDefault(scale, tastes[sample].Of(scale))) - leanings[scale])
            / traits.Step;

        private double Liking(Dictionary<string, double> sip, int sample) =>
            7
            + kindness
            - (traits.Cost * sip.Keys.Sum(scale => Math.Max(0, Math.Abs(Off(sip, sample, scale)) - 0.5)))
            + (Normal() * 0.5);

        private static double Apart(Dictionary<string, double> one, Dictionary<string, double> other) =>
            one.Keys.Sum(scale => Math.Abs(one[scale] - other[scale]));

        // Box and Muller 1958.
        private double Normal() =>
            Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
    }
}
