using Krasis.Tasting.Choosing;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;
using Krasis.Tasting.Ranking;
using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Reading;

/// <summary>What the answers of a tasting mean.</summary>
/// <param name="Tasters">How many answered anything.</param>
/// <param name="Samples">The samples, each by itself.</param>
/// <param name="Order">Whether they differ in how they are liked; null where that cannot be looked at.</param>
/// <param name="Choice">What the choice comes to; null where none was asked.</param>
/// <param name="Warnings">What is to be minded before anything is believed.</param>
/// <param name="Comments">What was said beside, in the order of coming.</param>
public sealed record TastingResult(
    int Tasters,
    IReadOnlyList<SampleResult> Samples,
    OrderResult? Order,
    ChoiceResult? Choice,
    IReadOnlyList<string> Warnings,
    IReadOnlyList<string> Comments
)
{
    /// <summary>With fewer tasters than this everything is said with a warning (common practice, no source).</summary>
    public const int FewTasters = 12;

    /// <summary>Reads the answers.</summary>
    /// <param name="tasting">The tasting.</param>
    /// <param name="names">What each sample is, in words.</param>
    /// <param name="answers">The answers, in the order of coming.</param>
    /// <param name="withdrawn">The samples that were withdrawn.</param>
    public static TastingResult Of(
        TastingSetup tasting,
        IReadOnlyList<string> names,
        IReadOnlyList<Answer> answers,
        IReadOnlyCollection<int> withdrawn
    )
    {
        var given = answers.Where(answer => !answer.IsEmpty).ToList();
        var codes = ServingPlan.Of(tasting.Question, tasting.Samples.Count, tasting.Seed).Codes;
        var compared = Enumerable.Range(0, names.Count).Where(sample => !withdrawn.Contains(sample)).ToList();
        var places = tasting.Question.Method is null && compared.Count > 1 ? Places(tasting, given, compared) : [];
        var order =
            tasting.Question.Method is null && compared.Count > 1 ? OrderOf(tasting, names, places, compared) : null;
        var scaled = Scaled(tasting, given, compared);
        var samples = Enumerable
            .Range(0, names.Count)
            .Select(sample =>
                SampleOf(
                    tasting,
                    sample,
                    codes[sample],
                    withdrawn.Contains(sample),
                    given,
                    order,
                    compared,
                    scaled[sample]
                )
            )
            .ToList();
        var choice = tasting.Question.Method is { } method ? ChoiceOf(method, names, given) : null;
        return new TastingResult(
            given.Count,
            samples,
            order,
            choice,
            [.. WarningsOf(tasting, given, withdrawn, names)],
            [.. given.Select(answer => answer.Comment).OfType<string>()]
        );
    }

    // All scales of all samples that are compared are one family: six samples on five scales are thirty questions, of
    // which one would seem off by chance. What was withdrawn is read by itself.
    private static Dictionary<int, IReadOnlyList<ScaleReading>> Scaled(
        TastingSetup tasting,
        List<Answer> answers,
        List<int> compared
    )
    {
        var together = ScaleReading.Of([.. compared.SelectMany(sample => Said(tasting, sample, answers))]);
        var scales = tasting.Scales.Count;
        return Enumerable
            .Range(0, tasting.Samples.Count)
            .ToDictionary(
                sample => sample,
                sample =>
                    compared.IndexOf(sample) is >= 0 and var at
                        ? [.. together.Skip(at * scales).Take(scales)]
                        : ScaleReading.Of(Said(tasting, sample, answers))
            );
    }

    private static IReadOnlyList<IReadOnlyList<(int Said, int? Liking)>> Said(
        TastingSetup tasting,
        int sample,
        List<Answer> answers
    ) =>
        [
            .. tasting.Scales.Select(scale =>
                (IReadOnlyList<(int Said, int? Liking)>)
                    [
                        .. answers
                            .Where(answer => answer.Said.ContainsKey((sample, scale.Code)))
                            .Select(answer =>
                                (
                                    answer.Said[(sample, scale.Code)],
                                    answer.Liking.TryGetValue(sample, out var points) ? points : default(int?)
                                )
                            ),
                    ]
            ),
        ];

    private static SampleResult SampleOf(
        TastingSetup tasting,
        int sample,
        IReadOnlyList<string> codes,
        bool isWithdrawn,
        List<Answer> answers,
        OrderResult? order,
        List<int> compared,
        IEnumerable<ScaleReading> scaled
    )
    {
        var liking = answers
            .Where(answer => answer.Liking.ContainsKey(sample))
            .Select(answer => (double)answer.Liking[sample])
            .ToList();
        var (low, high) = Interval(liking);
        var scales = tasting
            .Scales.Zip(scaled, Said(tasting, sample, answers))
            .Select(each => new ScaleResult(
                each.First,
                [
                    .. Enumerable
                        .Range(-JarScale.Farthest, (2 * JarScale.Farthest) + 1)
                        .Select(said => each.Third.Count(answer => answer.Said == said)),
                ],
                each.Second,
                ResultWords.Scale(each.First, each.Second)
            ))
            .ToList();
        var place = order?.Test is null ? -1 : compared.IndexOf(sample);
        var sum = place < 0 ? default(double?) : order!.Test!.RankSums[place];
        return new SampleResult(
            sample,
            codes,
            isWithdrawn,
            tasting.Question == TastingQuestion.Best ? order?.Tasters ?? 0 : liking.Count,
            liking.Count == 0 ? null : liking.Average(),
            low,
            high,
            scales,
            sum,
            sum / order?.Tasters
        );
    }

    // Student's t, as the points of few tasters have it; the scale ends at 1 and 9.
    private static (double? Low, double? High) Interval(List<double> points)
    {
        if (points.Count < 2)
        {
            return (null, null);
        }

        var mean = points.Average();
        var deviation = Math.Sqrt(points.Sum(point => (point - mean) * (point - mean)) / (points.Count - 1));
        var reach = StudentT.InvCDF(0, 1, points.Count - 1, 0.975) * deviation / Math.Sqrt(points.Count);
        return (Math.Max(1, mean - reach), Math.Min(Answer.MostLiking, mean + reach));
    }

    // Scores of which the least is the best, of those who have tasted and judged all that is compared.
    private static List<IReadOnlyList<double>> Places(TastingSetup tasting, List<Answer> answers, List<int> compared) =>
        tasting.Question == TastingQuestion.Best
            ?
            [
                .. answers
                    .Where(answer => compared.All(answer.Order.Contains))
                    .Select(answer =>
                        (IReadOnlyList<double>)
                            [.. compared.Select(sample => (double)answer.Order.ToList().IndexOf(sample))]
                    ),
            ]
            :
            [
                .. answers
                    .Where(answer => compared.All(answer.Liking.ContainsKey))
                    .Select(answer =>
                        (IReadOnlyList<double>)[.. compared.Select(sample => -(double)answer.Liking[sample])]
                    ),
            ];

    private static OrderResult OrderOf(
        TastingSetup tasting,
        IReadOnlyList<string> names,
        List<IReadOnlyList<double>> places,
        List<int> compared
    )
    {
        if (places.Count < 2)
        {
            return new OrderResult(
                places.Count,
                compared,
                null,
                0,
                [],
                ["Fewer than two tasters have judged all of them: nothing can be said of how they compare."]
            );
        }

        var test = Friedman.Of(places);

        // Two samples are one pair, of which the whole test speaks already.
        var pairs = RankSums.Pairs(test.RankSums, places.Count);
        pairs = pairs.Count == 1 ? [pairs[0] with { Probability = test.Probability }] : pairs;
        return new OrderResult(
            places.Count,
            compared,
            test,
            RankSums.LeastDifference(places.Count, compared.Count),
            pairs,
            ResultWords.Order(
                tasting.Question == TastingQuestion.Best,
                [.. compared.Select(sample => names[sample])],
                places.Count,
                test,
                pairs
            )
        );
    }

    private static ChoiceResult ChoiceOf(ChoiceMethod method, IReadOnlyList<string> names, List<Answer> answers)
    {
        var chose = answers.Where(answer => answer.Chosen is not null).ToList();
        var right = method.IsTwoSided
            ? chose.Count(answer => answer.Chosen == 0)
            : chose.Count(answer => answer.IsRight == true);
        var least = ForcedChoice.LeastRight(method, chose.Count);
        var chance = ForcedChoice.Probability(method, chose.Count, right);
        var isResult = least is not null && chance <= ForcedChoice.UsualLevel;
        var (low, high) = method.IsTwoSided ? (default(double?), default(double?)) : Tell(method, chose.Count, right);
        var found = Enumerable
            .Range(1, 20)
            .Select(step => step / 20.0)
            .Where(share => !method.IsTwoSided || share > 0.5)
            .Select(share => (double?)share)
            .FirstOrDefault(share => ForcedChoice.Power(method, chose.Count, share!.Value) >= ForcedChoice.UsualPower);
        return new ChoiceResult(
            method,
            chose.Count,
            right,
            least,
            chance,
            isResult,
            low,
            high,
            found,
            ResultWords.Choice(method, names, chose.Count, right, least, chance, isResult, (low, high), found)
        );
    }

    private static (double?, double?) Tell(ChoiceMethod method, int tasters, int right)
    {
        var (low, high) = ForcedChoice.WhoCanTell(method, tasters, right);
        return (low, high);
    }

    private static IEnumerable<string> WarningsOf(
        TastingSetup tasting,
        List<Answer> answers,
        IReadOnlyCollection<int> withdrawn,
        IReadOnlyList<string> names
    )
    {
        if (answers.Count == 0)
        {
            yield return "Nobody has answered yet.";
            yield break;
        }

        if (answers.Count < FewTasters)
        {
            yield return $"{(answers.Count == 1 ? "One taster" : $"{answers.Count} tasters")}: so few tell of themselves and hardly of your guests.";
        }

        foreach (var sample in withdrawn.Order())
        {
            yield return $"{names[sample]} was withdrawn and is not compared.";
        }

        if (
            tasting.Question == TastingQuestion.Suits
            && answers.Count(answer => answer.Liking.Count == 0) is > 0 and var silent
        )
        {
            yield return $"{(silent == 1 ? "One taster has" : $"{silent} tasters have")} not said how much they like it: what anything costs in liking is told by the others.";
        }

        if (tasting.Scales.Count > 1)
        {
            yield return $"{tasting.Scales.Count} scales were asked of each drink. That one side outweighs is held to 1 in 20 for all of them together.";
        }
    }
}
