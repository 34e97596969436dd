using System.Globalization;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Changing.Tuning;
using Krasis.Exchange.Tasting;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;
using Krasis.Tasting.Reading;

namespace Krasis.App.Tastings;

/// <summary>What the answers of a tasting come to.</summary>
/// <param name="Setup">The tasting.</param>
/// <param name="Opened">What was tasted.</param>
/// <param name="Result">What the answers mean.</param>
/// <param name="Simulated">How many of them are simulated.</param>
public sealed record Outcome(TastingSetup Setup, OpenedTasting Opened, TastingResult Result, int Simulated)
{
    /// <summary>Reads the answers that count; null before the tasting was opened.</summary>
    public static Outcome? Of(Session session, Tasted tasted)
    {
        if (tasted is not { Setup: { } setup, Opened: { } opened })
        {
            return null;
        }

        var tasters = session
            .Tastings.Tasters(tasted.Stored.Id)
            .Where(taster => taster is { Answer: not null, IsCounted: 1 })
            .ToList();
        var answers = tasters.Select(taster => AnswerOf(taster, setup)).OfType<Answer>().ToList();
        var result = TastingResult.Of(
            setup,
            [.. opened.Samples.Select(sample => sample.Name)],
            answers,
            tasted.Withdrawn
        );
        return new Outcome(setup, opened, result, tasters.Count(taster => taster.IsSimulated == 1));
    }

    /// <summary>What may be changed, for each scale on which there is something to act on.</summary>
    public IReadOnlyList<ScaleWays> Ways(Session session) =>
        [
            .. Result
                .Samples.Where(sample => !sample.IsWithdrawn)
                .SelectMany(sample =>
                    sample
                        .Scales.Where(scale => scale.Figures.Verdict == ScaleVerdict.Act)
                        .Select(scale => WaysOf(session, sample, scale))
                ),
        ];

    private ScaleWays WaysOf(Session session, SampleResult sample, ScaleResult scale)
    {
        var opened = Opened.Samples[sample.Sample];
        ScaleWays Nothing(string trouble) => new(sample.Sample, scale.Scale.Code, scale.Says, false, trouble, []);
        if (opened is not { Build: { } id, Document: { } document, Size: { } size })
        {
            return Nothing("It is no drink of this house.");
        }

        if (scale.Scale.Moves is not { } taste)
        {
            return Nothing(
                $"No one line of a build moves {scale.Scale.Name.ToLowerInvariant()} alone: look at technique, foam and temperature."
            );
        }

        if (session.Builds.Find(id) is not { } stored)
        {
            return Nothing($"{opened.BuildName} has been deleted since.");
        }

        // What is changed is the build as it is now.
        var figures = scale.Figures;
        var tuned = Tuner.Tune(
            stored.Document,
            session.Bar.Facts(),
            new CupId(size),
            taste,
            more: !figures.IsMore,
            isMuch: Math.Abs(figures.Mean) >= JarScale.Farthest * 0.75
        );
        var hasChanged = Tasted.Write(stored.Document) != Tasted.Write(document);
        return !tuned.IsRead ? Nothing(tuned.Problems[0].Message)
            : tuned.Value.Count == 0
                ? Nothing(
                    "No line of it can be poured so that it is tasted: the bar's steps are too large, or nothing in it does that."
                )
            : new ScaleWays(sample.Sample, scale.Scale.Code, scale.Says, hasChanged, null, tuned.Value);
    }

    /// <summary>What a taster answered, line by line.</summary>
    public static IEnumerable<AnswerRow> Rows(StoredTaster taster, TastingSetup setup, OpenedTasting opened)
    {
        var glasses = GlassesOf(taster, setup);
        if (AnswerOf(taster, setup) is not { } answer)
        {
            yield break;
        }

        var place = 0;
        foreach (var glass in glasses)
        {
            place++;
            yield return new AnswerRow(
                taster.Seat,
                taster.AnsweredAt!,
                taster.IsSimulated == 1,
                taster.IsCounted == 1,
                place,
                glass.Code,
                opened.Samples[glass.Sample].Name,
                answer.Liking.TryGetValue(glass.Sample, out var points) ? points : null,
                [
                    .. setup.Scales.Select(scale => new ScaleSaid(
                        scale.Name,
                        answer.Said.TryGetValue((glass.Sample, scale.Code), out var said) ? said : null
                    )),
                ],
                answer.Order.Count == 0 ? null : answer.Order.ToList().IndexOf(glass.Sample) + 1,
                Chosen(taster, glass),
                answer.IsRight,
                place == 1 ? answer.Comment : null
            );
        }
    }

    /// <summary>A day as it is said in a sentence, such as 12 May.</summary>
    public static string Day(DateTimeOffset at, TimeProvider clock) =>
        TimeZoneInfo.ConvertTime(at, clock.LocalTimeZone).ToString("d MMM", CultureInfo.InvariantCulture);

    private static bool? Chosen(StoredTaster taster, Glass glass) =>
        Tasted.Read<AnswerDocument>(taster.Answer!).Chosen is { } code ? code == glass.Code : null;

    private static Answer? AnswerOf(StoredTaster taster, TastingSetup setup) =>
        Answer.Read(Tasted.Read<AnswerDocument>(taster.Answer!), setup, GlassesOf(taster, setup))
            is { IsRead: true } read
            ? read.Value
            : null;

    private static IReadOnlyList<Glass> GlassesOf(StoredTaster taster, TastingSetup setup) =>
        ServingPlan.Of(setup.Question, setup.Samples.Count, setup.Seed).For((int)taster.Seat, []);
}
