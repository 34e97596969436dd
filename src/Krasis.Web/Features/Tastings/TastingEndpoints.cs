using System.Globalization;
using Krasis.Core.Input;
using Krasis.Exchange.Tasting;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Tastings;

/// <summary>Sets tastings up, opens and closes them, and reads their answers.</summary>
public static class TastingEndpoints
{
    private const string What = "tasting";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var tastings = routes.MapGroup("/api/tastings").WithTags("Tasting");
        tastings.MapGet("/choices", Choices).WithSummary("What can be asked, and on which scales.");
        tastings
            .MapPost("/try", Try)
            .WithSummary(
                "What a tasting comes to as it stands on the page: how many tasters it takes, codes and tray. Nothing is kept."
            )
            .Fails(400, 413);
        tastings.MapGet("/{id}", Read).WithSummary("One tasting as the lead sees it, with its ETag.").Fails(404);
        tastings
            .MapPut("/{id}", Keep)
            .WithSummary(
                "Keep a tasting that is being set up: a new one under an id of the page's own, a changed one with If-Match."
            )
            .Fails(400, 404, 409, 412, 413, 422, 428);
        tastings
            .MapDelete("/{id}", Remove)
            .WithSummary("Throw a tasting away that has not been opened. Needs If-Match.")
            .Fails(404, 409, 412, 428);
        tastings
            .MapPost("/{id}/open", Open)
            .WithSummary("Open it: tasters may come, and what is tasted stays as it is. Needs If-Match.")
            .Fails(404, 409, 412, 422, 428);
        tastings
            .MapPost("/{id}/close", Close)
            .WithSummary("Close it. What is answered later is kept and not counted. Needs If-Match.")
            .Fails(404, 409, 412, 428);
        tastings
            .MapPost("/{id}/withdraw", Withdraw)
            .WithSummary("Serve a sample no more; what was said of it stays.")
            .Fails(404, 409, 422);
        tastings
            .MapPost("/{id}/late", CountLate)
            .WithSummary("Count in what was answered after closing.")
            .Fails(404, 409);
        tastings
            .MapGet("/{id}/results", Results)
            .WithSummary("What the answers mean, and what may be changed because of them.")
            .Fails(404, 409);
        tastings
            .MapGet("/{id}/answers.csv", Export)
            .WithSummary("Every answer as comma-separated values.")
            .Produces<string>(200, "text/csv")
            .Fails(404);
    }

    private static Ok<TastingChoices> Choices() =>
        TypedResults.Ok(new TastingChoices(TastingQuestion.All, JarScale.All));

    private static Ok<TastingView> Try(TastingDocument document, KrasisFile file, TimeProvider clock)
    {
        document = document.WithoutNulls();
        var now = clock.GetUtcNow();
        return TypedResults.Ok(file.Read(session => Draft(session, "", "", now, document, [])));
    }

    private static Results<Ok<TastingView>, ProblemResult> Read(string id, KrasisFile file, HttpResponse response) =>
        file.Read<Results<Ok<TastingView>, ProblemResult>>(session =>
            session.Tastings.Find(id) is { } stored
                ? TypedResults.Ok(View(session, Tasted.Of(stored), response))
                : ProblemResult.Missing(What)
        );

    private static Results<Ok<TastingView>, ProblemResult> Keep(
        string id,
        TastingDocument document,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response
    )
    {
        if (GivenId.Refusal("id", id, "No page calls a tasting so.") is { } refusal)
        {
            return ProblemResult.Fields([refusal]);
        }

        // What is being set up is kept as far as it goes; it need only be whole when it is opened.
        document = document.WithoutNulls();
        var written = Tasted.Write(document);
        if (written.Length > LongestDocument || document.Samples.Count > 20 || document.Own.Count > 20)
        {
            return ProblemResult.Fields([
                Problem.At("samples", null, "That is more than a tasting holds.", "6 samples and 8 scales at the most"),
            ]);
        }

        return file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } before)
            {
                if (IfMatch.Of(request) is not null)
                {
                    return ProblemResult.Missing(What);
                }

                session.Tastings.Add(id, written, clock.GetUtcNow());
            }
            else if (before.Document != written)
            {
                if (IfMatch.Of(request) is not { } expected)
                {
                    return ProblemResult.Unconditional();
                }

                if (before.State != "draft")
                {
                    return Running("It has been opened: what is tasted stays as it is.");
                }

                if (session.Tastings.Update(id, expected.In(session), written) != SaveOutcome.Saved)
                {
                    return ProblemResult.Stale(What);
                }
            }

            return TypedResults.Ok(View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });
    }

    private static Results<NoContent, ProblemResult> Remove(string id, KrasisFile file, HttpRequest request) =>
        IfMatch.Of(request) is not { } expected
            ? ProblemResult.Unconditional()
            : file.Write<Results<NoContent, ProblemResult>>(session =>
                session.Tastings.Find(id) is { State: not "draft" }
                    ? Running("It has been opened, and what was tasted is kept.")
                    : session.Tastings.Remove(id, expected.In(session)) switch
                    {
                        SaveOutcome.Saved => TypedResults.NoContent(),
                        SaveOutcome.Stale => ProblemResult.Stale(What),
                        _ => ProblemResult.Missing(What),
                    }
            );

    private static Results<Ok<TastingView>, ProblemResult> Open(
        string id,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response
    ) => Change(id, file, request, response, (session, tasted, expected) =>
        {
            if (tasted.Stored.State != "draft")
            {
                return Running("It has been opened already.");
            }

            if (tasted.Setup is not { } setup)
            {
                return ProblemResult.Fields(tasted.Problems);
            }

            var looked = Tasted.Look(session, setup);
            return !looked.IsRead ? ProblemResult.Fields(looked.Problems)
                : session.Tastings.Open(id, expected, Tasted.Write(looked.Value), clock.GetUtcNow())
                == SaveOutcome.Saved
                    ? null
                : ProblemResult.Stale(What);
        });

    private static Results<Ok<TastingView>, ProblemResult> Close(
        string id,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response
    ) => Change(id, file, request, response, (session, tasted, expected) => tasted.Stored.State switch
            {
                "draft" => Running("It has not been opened yet."),
                "closed" => null,
                _ => session.Tastings.Close(id, expected, clock.GetUtcNow()) == SaveOutcome.Saved
                    ? null
                    : ProblemResult.Stale(What),
            });

    private static Results<Ok<TastingView>, ProblemResult> Withdraw(
        string id,
        WithdrawRequest request,
        KrasisFile file,
        HttpResponse response
    ) =>
        file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (tasted.Opened is not { } opened || tasted.Setup is not { } setup || stored.State == "draft")
            {
                return Running("It has not been opened yet: take the sample out.");
            }

            if (setup.Question.Method is not null)
            {
                return Running("With one of two samples gone there is nothing to compare. Close the tasting.");
            }

            if (request.Sample is not { } sample || sample < 0 || sample >= opened.Samples.Count)
            {
                return ProblemResult.Fields([
                    Problem.At(
                        "sample",
                        request.Sample?.ToString(CultureInfo.InvariantCulture),
                        "There is no such sample.",
                        $"0 to {opened.Samples.Count - 1}"
                    ),
                ]);
            }

            if (opened.Samples.Count - tasted.Withdrawn.Append(sample).Distinct().Count() == 0)
            {
                return Running("It is the last one: close the tasting.");
            }

            session.Tastings.Withdraw(id, Tasted.Write(tasted.Withdrawn.Append(sample).Distinct().Order().ToList()));
            return TypedResults.Ok(View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });

    private static Results<Ok<TastingView>, ProblemResult> CountLate(
        string id,
        KrasisFile file,
        HttpResponse response
    ) =>
        file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            session.Tastings.CountAll(id);
            return TypedResults.Ok(View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });

    private static Results<Ok<TastingReadView>, ProblemResult> Results(string id, KrasisFile file) =>
        file.Read<Results<Ok<TastingReadView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            if (Outcome.Of(session, Tasted.Of(stored)) is not { } outcome)
            {
                return Running("It has not been opened yet: there is nothing to read.");
            }

            return TypedResults.Ok(new TastingReadView(outcome.Result, outcome.Simulated, outcome.Ways(session)));
        });

    private static Results<FileContentHttpResult, ProblemResult> Export(string id, KrasisFile file) =>
        file.Read<Results<FileContentHttpResult, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            return SheetResult.Csv(AnswersSheet.Of(Answers(session, stored)));
        });

    /// <summary>What tasters have answered.</summary>
    internal static IReadOnlyList<AnswerRow> Answers(Session session, StoredTasting stored) =>
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
    internal static ProblemResult Running(string why) =>
        ProblemResult.Conflict("That cannot be done with this tasting now.", why);

    /// <summary>A tasting as the lead sees it.</summary>
    internal static TastingView View(Session session, Tasted tasted, HttpResponse response)
    {
        var etag = ETags.Of(tasted.Stored.Version, session);
        response.Headers.ETag = etag;
        if (tasted.Opened is not { } opened || tasted.Setup is not { } setup)
        {
            return Draft(
                session,
                tasted.Stored.Id,
                etag,
                TastingStore.Read(tasted.Stored.CreatedAt),
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
            TastingStore.Read(tasted.Stored.CreatedAt),
            TastingStore.Read(tasted.Stored.OpenedAt!),
            tasted.Stored.ClosedAt is { } closed ? TastingStore.Read(closed) : null,
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

    private static TastingView Draft(
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

    private static List<IReadOnlyList<Glass>> Servings(ServingPlan plan, TastingSetup setup) =>
        [.. Enumerable.Range(1, setup.Tasters).Select(seat => plan.For(seat, []))];

    private static Results<Ok<TastingView>, ProblemResult> Change(
        string id,
        KrasisFile file,
        HttpRequest request,
        HttpResponse response,
        Func<Session, Tasted, long, ProblemResult?> change
    )
    {
        if (IfMatch.Of(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            return change(session, Tasted.Of(stored), expected.In(session)) is { } problem
                ? problem
                : TypedResults.Ok(View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });
    }

    // Some ten times what six samples and eight scales take.
    private const int LongestDocument = 100_000;
}

/// <summary>What can be asked.</summary>
/// <param name="Questions">The questions.</param>
/// <param name="Scales">The scales.</param>
public sealed record TastingChoices(IReadOnlyList<TastingQuestion> Questions, IReadOnlyList<JarScale> Scales);

/// <summary>Which sample is served no more.</summary>
/// <param name="Sample">Its place among the samples.</param>
public sealed record WithdrawRequest(int? Sample);
