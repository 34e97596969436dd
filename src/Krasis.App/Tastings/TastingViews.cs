using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Exchange.Tasting;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Store.Values;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Shows tastings.</summary>
public static class TastingViews
{
    public const string What = "tasting";

    /// <summary>What tasters have answered.</summary>
    public static IReadOnlyList<AnswerRow> Answers(Session session, StoredTasting stored) =>
        Tasted.Of(stored) is { Setup: { } setup, Opened: { } opened }
            ?
            [
                .. session
                    .Tastings.Tasters(stored.Id)
                    .Where(taster => taster.Answer is not null)
                    .SelectMany(taster => Outcome.Rows(taster, setup, opened)),
            ]
            : [];

    /// <summary>What is said of what cannot be done now.</summary>
    public static Refusal Running(string why) => Refusal.Conflict("That cannot be done with this tasting now.", why);

    /// <summary>A tasting as the lead sees it.</summary>
    public static TastingView View(Session session, Tasted tasted)
    {
        var etag = VersionTag.Of(tasted.Stored.Version, session);
        if (tasted.Opened is not { } opened || tasted.Setup is not { } setup)
        {
            return Draft(
                session,
                tasted.Stored.Id,
                etag,
                Timestamp.Read(tasted.Stored.CreatedAt),
                tasted.Document,
                tasted.Problems
            );
        }

        var tasters = session.Tastings.Tasters(tasted.Stored.Id);
        var plan = ServingPlan.Of(setup.Question, setup.Samples.Count, setup.Seed);
        var counted = tasters.Where(taster => taster is { Answer: not null, IsCounted: 1 }).ToList();
        return new TastingView(
            tasted.Stored.Id,
            etag,
            tasted.Stored.State,
            Timestamp.Read(tasted.Stored.CreatedAt),
            Timestamp.Read(tasted.Stored.OpenedAt!),
            tasted.Stored.ClosedAt is { } closed ? Timestamp.Read(closed) : null,
            tasted.Document,
            [],
            opened.Samples,
            plan.Codes,
            opened.Tray,
            Servings(plan, setup),
            PanelSize.Of(setup),
            tasters.Count,
            counted.Count,
            counted.Count(taster => taster.IsSimulated == 1),
            tasters.Count(taster => taster is { Answer: not null, IsCounted: 0 }),
            tasted.Withdrawn,
            tasted.Decision,
            session.Tastings.After(tasted.Stored.Id)
        );
    }

    public static TastingView Draft(
        Session session,
        string id,
        string etag,
        DateTimeOffset created,
        TastingDocument document,
        IReadOnlyList<Problem> known
    )
    {
        var reading = TastingReader.Read(document);
        var looked = reading.IsRead ? Tasted.Look(session, reading.Value) : null;
        var problems =
            reading.IsRead ? looked!.Problems
            : known.Count > 0 ? known
            : reading.Problems;
        var plan = reading.IsRead
            ? ServingPlan.Of(reading.Value.Question, reading.Value.Samples.Count, reading.Value.Seed)
            : null;
        var opened = looked is { IsRead: true } ? looked.Value : null;
        return new TastingView(
            id,
            etag,
            "draft",
            created,
            null,
            null,
            document,
            [
                .. problems.Select(problem => new FieldProblem(
                    problem.Field,
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                )),
            ],
            opened?.Samples ?? [],
            plan?.Codes ?? [],
            opened?.Tray ?? [],
            plan is null ? [] : Servings(plan, reading.Value),
            reading.IsRead ? PanelSize.Of(reading.Value) : null,
            0,
            0,
            0,
            0,
            [],
            null,
            null
        );
    }

    public static List<IReadOnlyList<Glass>> Servings(ServingPlan plan, TastingSetup setup) =>
        [.. Enumerable.Range(1, setup.Tasters).Select(seat => plan.For(seat, []))];

    /// <summary>A tasting as it is kept now. It is worked out when what was written has been kept: results take longer
    /// than anybody who wants to write should wait.</summary>
    public static Result<TastingView> Now(KrasisFile file, string id) =>
        file.Read<Result<TastingView>>(session =>
            session.Tastings.Find(id) is { } stored ? View(session, Tasted.Of(stored)) : Refusal.Missing(What)
        );

    public static Result<TastingView> Change(
        string id,
        KrasisFile file,
        ExpectedVersion expected,
        Func<Session, Tasted, long, Refusal?> change
    )
    {
        return file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                return change(session, Tasted.Of(stored), expected.In(session, stored.Version)) is { } problem
                    ? problem
                    : default(Done);
            })
            .Then(_ => Now(file, id));
    }
}
