using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Publishing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Store.Standards;
using Krasis.Web.Features.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Standards;

/// <summary>Publishes builds, and reads what was published.</summary>
public static class StandardEndpoints
{
    private const string What = "standard";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var standards = routes.MapGroup("/api/builds/{id}/standards").WithTags("Standards");
        standards
            .MapPost("/", Publish)
            .WithSummary("Publish a build as it is, with the facts that it rests on. Needs If-Match.")
            .Fails(400, 404, 409, 412, 422, 428);
        standards.MapGet("/", List).WithSummary("The standards of a build, the newest first.");
        standards
            .MapGet("/next", Next)
            .WithSummary(
                "What stands against publishing a build now, what is not known of it, and what is different from its last standard."
            )
            .Fails(404);
        standards
            .MapGet("/{number:long}", Read)
            .WithSummary("One standard, worked out with the facts of its day.")
            .Fails(404);
    }

    private static Results<Created<StandardView>, ProblemResult> Publish(
        string id,
        PublishRequest publish,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request
    )
    {
        var fields = new FieldReader();
        var reason = fields.Note("reason", publish.Reason, 500) ?? "";
        var who = fields.Note("who", publish.Who, 80) ?? "";
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        if (IfMatch.Of(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write<Results<Created<StandardView>, ProblemResult>>(session =>
        {
            if (session.Builds.Find(id) is not { } build)
            {
                return ProblemResult.Missing("build");
            }

            if (build.Version != expected.In(session))
            {
                return ProblemResult.Stale("build");
            }

            if (BuildEndpoints.NoSuchMove(build, BuildState.Standard) is { } refusal)
            {
                return refusal;
            }

            var used = BarSubset.For(build.Document, session.Bar.Whole());
            var reading = BuildReader.Read(build.Document, BarReader.Read(used).Value);
            if (!reading.IsRead)
            {
                return ProblemResult.Conflict(
                    $"'{build.Document.Name}' cannot be published.",
                    reading.Problems[0].Message
                );
            }

            // Judged by today's bar, whose facts it is published with.
            var bar = session.Bar.Facts();
            var check = PublishCheck.Of(Mixer.Mix(BuildReader.Read(build.Document, bar).Value, bar, clock.Today()));
            if (!check.IsAllowed)
            {
                return ProblemResult.Conflict(
                    $"'{build.Document.Name}' cannot be published as it is.",
                    string.Join(" ", check.Faults.Select(fault => fault.Message))
                );
            }

            if (check.WantsReason && reason.Length == 0)
            {
                return ProblemResult.Fields([
                    new Problem("reason", "", check.Says, "why it is published all the same"),
                ]);
            }

            var number = session.Standards.Add(id, build.Document, used, reason, clock.GetUtcNow());
            session.Builds.Move(id, build.Version, BuildState.Standard, who, reason, clock.GetUtcNow());
            return TypedResults.Created(
                $"/api/builds/{id}/standards/{number}",
                View(session.Standards.Find(id, number)!)
            );
        });
    }

    private static Results<Ok<PublishView>, ProblemResult> Next(string id, KrasisFile file, TimeProvider clock)
    {
        var (build, last, bar) = file.Read(session =>
            (session.Builds.Find(id), session.Standards.Last(id), session.Bar.Facts())
        );
        if (build is null)
        {
            return ProblemResult.Missing("build");
        }

        var number = (last?.Number ?? 0) + 1;
        var now = BuildReader.Read(build.Document, bar);
        if (!now.IsRead)
        {
            return TypedResults.Ok(new PublishView(number, new PublishCheck([], [], []), [], now.Problems[0].Message));
        }

        var sheet = Mixer.Mix(now.Value, bar, clock.Today());
        return TypedResults.Ok(
            new PublishView(
                number,
                PublishCheck.Of(sheet),
                last is null ? [] : BuildDiff.Between(last.Document, View(last).Sheet, build.Document, sheet, bar),
                null
            )
        );
    }

    private static Ok<IReadOnlyList<StandardSummary>> List(string id, KrasisFile file) =>
        TypedResults.Ok<IReadOnlyList<StandardSummary>>([
            .. file.Read(session => session.Standards.List(id))
                .Select(standard => new StandardSummary(
                    standard.Number,
                    standard.PublishedAt,
                    standard.Reason,
                    standard.Document.Name ?? ""
                )),
        ]);

    private static Results<Ok<StandardView>, ProblemResult> Read(string id, long number, KrasisFile file) =>
        file.Read(session => session.Standards.Find(id, number)) is { } standard
            ? TypedResults.Ok(View(standard))
            : ProblemResult.Missing(What);

    // What was published could be read on that day, and neither it nor its facts have changed since.
    private static StandardView View(StoredStandard standard)
    {
        var bar = BarReader.Read(standard.Bar).Value;
        var sheet = Mixer.Mix(BuildReader.Read(standard.Document, bar).Value, bar);
        return new StandardView(
            standard.BuildId,
            standard.Number,
            standard.PublishedAt,
            standard.Reason,
            standard.Document,
            standard.Bar,
            sheet
        );
    }
}
