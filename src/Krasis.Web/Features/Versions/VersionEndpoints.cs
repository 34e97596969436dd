using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Working.Mixing;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;
using Krasis.Web.Features.Builds;
using Krasis.Web.Features.Tastings;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Versions;

/// <summary>Moves builds from draft to retired, keeps their history, and compares.</summary>
public static class VersionEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var builds = routes.MapGroup("/api/builds/{id}").WithTags("Versions");
        builds
            .MapPost("/state", Move)
            .WithSummary("Move a build to another state, with a reason. Needs If-Match.")
            .Fails(400, 404, 409, 412, 422, 428);
        builds.MapGet("/history", History).WithSummary("What happened to a build, the newest first.").Fails(404);
        builds.MapGet("/revisions/{version}", ReadRevision).WithSummary("A build as it was saved once.").Fails(404);
        builds
            .MapGet("/adjusted", Adjusted)
            .WithSummary(
                "A standard that the bar has moved: as it was published, as the bar pours it now, and written so that it pours what it poured. Of a build that has been changed since, nothing."
            )
            .Fails(404);
        builds
            .MapPost("/merge", Merge)
            .WithSummary("Lay what somebody has made of a build on what is kept by now. Nothing is kept.")
            .Fails(400, 404, 413, 422);
        var versions = routes.MapGroup("/api").WithTags("Versions");
        versions
            .MapGet("/diff", Diff)
            .WithSummary(
                "How two builds, or two versions of one, differ: from=ID@now, ID@v3 (a save) or ID@s1 (a standard), and to= likewise."
            )
            .Fails(404);
        versions
            .MapGet("/compare", LayBeside)
            .WithSummary(
                "Two to six builds, versions or sizes side by side: side=ID@now@CUP, ID@v3 (a save) or ID@s1 (a standard), the cup left out for the reference."
            )
            .Fails(404, 422);
        versions
            .MapGet("/standards/moved", Moved)
            .WithSummary("The standards that the bar has moved since they were published.");
    }

    private static Results<Ok<BuildView>, ProblemResult> Move(
        string id,
        MoveRequest move,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response
    )
    {
        var fields = new FieldReader();
        var state = fields.Word("state", move.State, BuildState.Draft);
        var who = fields.Note("who", move.Who, 80) ?? "";
        var reason = fields.Note("reason", move.Reason) ?? "";
        if (fields.Problems.Count == 0 && state == BuildState.Standard)
        {
            fields.Report(
                "state",
                move.State,
                "A build becomes a standard by being published.",
                "draft, trial, retired"
            );
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        if (IfMatch.Of(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write<Results<Ok<BuildView>, ProblemResult>>(session =>
        {
            if (
                session.Builds.Find(id) is { } build
                && build.Version == expected.In(session)
                && BuildEndpoints.NoSuchMove(build, state) is { } refusal
            )
            {
                return refusal;
            }

            return session.Builds.Move(id, expected.In(session), state, who, reason, clock.GetUtcNow()) switch
            {
                SaveOutcome.Saved => TypedResults.Ok(BuildEndpoints.View(session, session.Builds.Find(id)!, response)),
                SaveOutcome.Stale => ProblemResult.Stale("build"),
                _ => ProblemResult.Missing("build"),
            };
        });
    }

    private static Results<Ok<IReadOnlyList<HistoryEntry>>, ProblemResult> History(string id, KrasisFile file) =>
        file.Read<Results<Ok<IReadOnlyList<HistoryEntry>>, ProblemResult>>(session =>
            session.Builds.Find(id) is null
                ? ProblemResult.Missing("build")
                : TypedResults.Ok<IReadOnlyList<HistoryEntry>>([
                    .. session
                        .Builds.Revisions(id)
                        .Select(revision => new HistoryEntry(
                            revision.SavedAt,
                            "saved",
                            $"v{revision.Version}",
                            null,
                            "",
                            ""
                        ))
                        .Concat(
                            session
                                .Standards.List(id)
                                .Select(standard => new HistoryEntry(
                                    standard.PublishedAt,
                                    "published",
                                    $"s{standard.Number}",
                                    BuildState.Standard,
                                    "",
                                    standard.Reason
                                ))
                        )
                        .Concat(
                            session
                                .Builds.StateChanges(id)
                                .Where(change => change.State != BuildState.Standard)
                                .Select(change => new HistoryEntry(
                                    change.At,
                                    "moved",
                                    "",
                                    change.State,
                                    change.Who,
                                    change.Reason
                                ))
                        )
                        .Concat(
                            session
                                .Tastings.Of(id)
                                .Select(Tasted.Of)
                                .Select(tasted => tasted.Decision)
                                .OfType<TastingDecision>()
                                .Where(decision => decision.Build == id)
                                .Select(decision => new HistoryEntry(
                                    decision.At,
                                    "tasted",
                                    $"v{decision.Version}",
                                    null,
                                    decision.Who,
                                    string.Join(
                                        ' ',
                                        new[] { decision.Found, decision.Why }.Where(text => text.Length > 0)
                                    )
                                ))
                        )
                        .OrderByDescending(entry => entry.At),
                ])
        );

    private static Results<Ok<BuildDocument>, ProblemResult> ReadRevision(string id, long version, KrasisFile file) =>
        file.Read(session => session.Builds.RevisionAt(id, version)) is { } revision
            ? TypedResults.Ok(revision.Document)
            : ProblemResult.Missing("version");

    private static Results<Ok<AdjustedView>, ProblemResult> Adjusted(string id, KrasisFile file, TimeProvider clock)
    {
        var (stored, standard, bar) = file.Read(session =>
            (session.Builds.Find(id), session.Standards.Last(id), session.Bar.Facts())
        );
        if (stored is null)
        {
            return ProblemResult.Missing("build");
        }

        // On a build that has been changed since, the amounts of its standard have nothing to say.
        var now = BuildReader.Read(stored.Document, bar);
        if (standard is null || stored.State != BuildState.Standard || standard.HasChangedIn(stored) || !now.IsRead)
        {
            return TypedResults.Ok(new AdjustedView(standard?.Number ?? 0, null, null));
        }

        var then = BarReader.Read(standard.Bar).Value;
        var day = clock.Today();
        var published = Mixer.Mix(BuildReader.Read(standard.Document, then).Value, then, day);
        var current = Mixer.Mix(now.Value, bar, day);
        if (SheetMoves.Between(published, current).Count == 0)
        {
            return TypedResults.Ok(new AdjustedView(standard.Number, null, null));
        }

        var document = Adjuster.PourAsBefore(stored.Document, then, bar);
        var adjusted =
            BuildReader.Read(document, bar) is { IsRead: true } read
            && BuildDiff.Between(stored.Document, current, document, Mixer.Mix(read.Value, bar, day), bar).Count > 0
                ? Mixer.Mix(read.Value, bar, day)
                : null;
        return TypedResults.Ok(
            new AdjustedView(
                standard.Number,
                Pours.Of(published, current, adjusted, bar.House),
                adjusted is null ? null : document
            )
        );
    }

    private static Results<Ok<MergeView>, ProblemResult> Merge(string id, MergeRequest request, KrasisFile file)
    {
        var fields = new FieldReader();
        foreach (var (name, document) in new[] { ("origin", request.Origin), ("mine", request.Mine) })
        {
            if (document is null)
            {
                fields.Report(name, null, "It is missing.", "a build");
            }
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var (stored, bar, putInPlace) = file.Read(session =>
            (session.Builds.Find(id), session.Bar.Facts(), session.PutInPlace)
        );
        if (stored is null)
        {
            return ProblemResult.Missing("build");
        }

        var origin = request.Origin!.WithoutNulls();
        var merged = BuildMerge.Of(origin, request.Mine!.WithoutNulls(), stored.Document, bar);
        var (was, now) = (BuildReader.Read(origin, bar, nameless: true), BuildReader.Read(stored.Document, bar));
        return TypedResults.Ok(
            new MergeView(
                ETags.Of(stored.Version, putInPlace),
                merged.Build,
                stored.Document,
                merged.Clashes,
                was.IsRead && now.IsRead
                    ? BuildDiff.Between(
                        origin,
                        Mixer.Mix(was.Value, bar),
                        stored.Document,
                        Mixer.Mix(now.Value, bar),
                        bar
                    )
                    : []
            )
        );
    }

    private static Results<Ok<DiffView>, ProblemResult> Diff(string from, string to, KrasisFile file) =>
        file.Read<Results<Ok<DiffView>, ProblemResult>>(session =>
            BuildPlace.Find(session, from) is { } before && BuildPlace.Find(session, to) is { } after
                ? TypedResults.Ok(
                    new DiffView(
                        before.Sheet,
                        after.Sheet,
                        BuildDiff.Between(
                            before.Document,
                            before.Sheet,
                            after.Document,
                            after.Sheet,
                            session.Bar.Facts()
                        )
                    )
                )
                : ProblemResult.Missing("version that today's bar can pour")
        );

    private static Results<Ok<ComparedView>, ProblemResult> LayBeside(string[] side, KrasisFile file) =>
        file.Read<Results<Ok<ComparedView>, ProblemResult>>(session =>
        {
            if (side.Length is < 2 or > SideBySide.Most)
            {
                return ProblemResult.Fields([
                    new Problem(
                        "side",
                        $"{side.Length}",
                        $"There {(side.Length == 1 ? "is" : "are")} {side.Length} to compare.",
                        "two to six"
                    ),
                ]);
            }

            var bar = session.Bar.Facts();
            var found = new List<(BuildPlace Place, SizeSheet Size)>();
            foreach (var text in side)
            {
                var parts = text.Split('@');
                if (BuildPlace.Find(session, string.Join('@', parts.Take(2))) is not { } place)
                {
                    return ProblemResult.Missing("version that today's bar can pour");
                }

                found.Add(
                    (
                        place,
                        place.Sheet.Sizes.FirstOrDefault(size => parts.Length > 2 && size.Size.Value == parts[2])
                            ?? place.Sheet.Sizes.First(size => size.IsReference)
                    )
                );
            }

            var first = found[0].Place;
            return TypedResults.Ok(
                new ComparedView(
                    [
                        .. found.Select(
                            (one, i) =>
                                new ComparedSide(
                                    one.Place.Sheet,
                                    one.Size.Size,
                                    i == 0
                                        ? []
                                        : BuildDiff.Between(
                                            first.Document,
                                            first.Sheet,
                                            one.Place.Document,
                                            one.Place.Sheet,
                                            bar
                                        )
                                )
                        ),
                    ],
                    SideBySide.Of([.. found.Select(one => (one.Place.Sheet, one.Size))])
                )
            );
        });

    private static Ok<IReadOnlyList<MovedStandard>> Moved(KrasisFile file, TimeProvider clock)
    {
        var (bar, builds, standards, putInPlace) = file.Read(session =>
            (session.Bar.Facts(), session.Builds.List(), session.Standards.Newest(), session.PutInPlace)
        );
        var current = builds.Where(build => build.State == BuildState.Standard).ToDictionary(build => build.Id);
        var moved = Recompute.Each([.. standards.Where(standard => current.ContainsKey(standard.BuildId))], standard =>
            Compare(
                standard,
                current[standard.BuildId],
                ETags.Of(current[standard.BuildId].Version, putInPlace),
                bar,
                clock.Today()
            )
        );
        return TypedResults.Ok<IReadOnlyList<MovedStandard>>([
            .. moved.Where(entry => entry.Trouble is not null || entry.Sizes.Count > 0),
        ]);
    }

    private static MovedStandard Compare(
        StoredStandard standard,
        StoredBuild build,
        string etag,
        BarFacts today,
        DateOnly day
    )
    {
        var then = BarReader.Read(standard.Bar).Value;
        var was = Mixer.Mix(BuildReader.Read(standard.Document, then).Value, then, day);
        var now = BuildReader.Read(standard.Document, today);
        return new MovedStandard(
            build.Id,
            etag,
            build.Document.Name ?? "",
            standard.Number,
            now.IsRead ? null : now.Problems[0].Message,
            standard.HasChangedIn(build),
            now.IsRead ? SheetMoves.Between(was, Mixer.Mix(now.Value, today, day)) : []
        );
    }
}
