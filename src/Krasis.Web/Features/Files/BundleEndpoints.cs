using System.Text.Json;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Files;
using Krasis.Store.House;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Krasis.Web.Features.Files;

/// <summary>Carries drinks, or everything, out to bundles and in from them.</summary>
internal static class BundleEndpoints
{
    private const string Type = "application/vnd.krasis+zip";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var files = routes.MapGroup("/api/files").WithTags("Files");
        files
            .MapGet("/drinks.krasis", Drinks)
            .WithSummary("Drinks as they are now, with the facts that they rest on, as a bundle.")
            .Produces(200, contentType: Type)
            .Fails(404);
        files
            .MapGet("/house.krasis", (KrasisFile file, TimeProvider clock) =>
                Results.File(file.Read(session => BundleOut.House(session, clock.GetUtcNow())), Type, "house.krasis")
            )
            .WithSummary("Everything, as a bundle.")
            .Produces(200, contentType: Type);
        files
            .MapPost("/bundles", Send)
            .WithSummary("Send a bundle, to look through it. Nothing is kept.")
            .Accepts<byte[]>("application/octet-stream")
            .Fails(413, 422)
            .WithMetadata(new RequestSizeLimitAttribute(BundleFile.LargestFile + 1), new BadRequests.Unbuffered());
        files
            .MapPost("/bundles/{key}/look", LookThrough)
            .WithSummary("What drinks of a bundle would be here.")
            .Fails(400, 404, 422);
        files
            .MapPost("/bundles/{key}/take", Take)
            .WithSummary("Take drinks of a bundle in: all that are named, or none.")
            .Fails(400, 404, 409, 422);
        files
            .MapPost("/bundles/{key}/house", MoveIn)
            .WithSummary("Put the house in a bundle in the place of this one; a copy of this one is made before.")
            .Fails(404, 422);
        files
            .MapGet("/taken", Ok<IReadOnlyList<TakenView>> (KrasisFile file) =>
                TypedResults.Ok<IReadOnlyList<TakenView>>([
                    .. file.Read(session => session.Taken.Last(20)).Select(View),
                ])
            )
            .WithSummary("What was taken in last.");
        files.MapPost("/taken/{id}/undo", TakeBack).WithSummary("Undo what was taken in.").Fails(404, 409);
    }

    private static IResult Drinks(KrasisFile file, TimeProvider clock, string[]? build) =>
        file.Read<IResult>(session =>
        {
            var builds = session.Builds.List();
            var chosen = (build ?? []).Distinct().Select(id => builds.FirstOrDefault(one => one.Id == id)).ToList();
            return chosen.Count == 0 || chosen.Contains(null)
                ? ProblemResult.Missing("build")
                : Results.File(
                    BundleOut.Drinks(session, [.. chosen.OfType<StoredBuild>()], clock.GetUtcNow()),
                    Type,
                    chosen is [{ } only] ? $"{FileName(only.Document.Name)}.krasis" : "drinks.krasis"
                );
        });

    private static async Task<Results<Ok<BundleView>, ProblemResult>> Send(
        HttpRequest request,
        KrasisFile file,
        BundleShelf shelf,
        CancellationToken cancellation
    )
    {
        using var sent = new MemoryStream();
        await request.Body.CopyToAsync(sent, cancellation).ConfigureAwait(false);
        var bundle = BundleFile.Read(sent.ToArray());
        if (!bundle.IsRead)
        {
            return ProblemResult.Fields(bundle.Problems);
        }

        var guests = Guests.Of(bundle.Value);
        return !guests.IsRead
            ? ProblemResult.Fields(guests.Problems)
            : TypedResults.Ok(
                file.Read(session =>
                {
                    var own = session.Builds.List();
                    return new BundleView(
                        shelf.Put(bundle.Value),
                        bundle.Value.Manifest.Scope,
                        bundle.Value.Manifest.House == session.House.Id,
                        bundle.Value.Manifest.WrittenAt,
                        [
                            .. guests
                                .Value.Builds.Select(guest => (Guest: guest, Own: TakingIn.OwnOf(guest, own)))
                                .Select(pair => new GuestView(
                                    pair.Guest.Id,
                                    pair.Guest.Build.Name ?? "",
                                    pair.Guest.State,
                                    pair.Own is null ? "new"
                                        : pair.Own.IsSame(pair.Guest.Build with { Parent = pair.Own.Document.Parent })
                                            ? "same"
                                        : "different",
                                    pair.Own?.Id
                                )),
                        ]
                    );
                })
            );
    }

    private static Results<Ok<LookView>, ProblemResult> LookThrough(
        string key,
        LookRequest request,
        KrasisFile file,
        BundleShelf shelf,
        TimeProvider clock
    )
    {
        if (!shelf.TryFind(key, out var bundle) || Guests.Of(bundle) is not { IsRead: true } guests)
        {
            return Gone();
        }

        var chosen = guests.Value.Builds.Where(build => request.Drinks.Contains(build.Id)).ToList();
        return chosen.Count is 0 or > TakingIn.MostAtOnce
            ? ProblemResult.Fields([
                new Problem(
                    "drinks",
                    null,
                    chosen.Count == 0
                        ? "These are no drinks of the file."
                        : $"These are {chosen.Count} drinks at once.",
                    $"drinks of the file, up to {TakingIn.MostAtOnce}"
                ),
            ])
            : file.Read<Results<Ok<LookView>, ProblemResult>>(session =>
            {
                var builds = chosen.Select(one => one.Build).ToList();
                var theirs = BarSubset.For(builds, guests.Value.Bar);
                if (Core.Bar.BarReader.Read(theirs) is { IsRead: false } unread)
                {
                    return ProblemResult.Fields([
                        .. unread.Problems.Select(problem => problem with { Field = $"file.{problem.Field}" }),
                    ]);
                }

                var facts = TakingIn.Facts(session, guests.Value, builds, theirs, request.Choices);
                var (own, taken) = (session.Bar.Whole(), TakingIn.TakenIds(session));
                return TypedResults.Ok(
                    new LookView(
                        facts,
                        [
                            .. chosen.Select(one =>
                                Look(one, theirs, own, [.. facts.Select(fact => fact.Choice)], taken, clock.Today())
                            ),
                        ]
                    )
                );
            });
    }

    private static GuestLook Look(
        BundledBuild guest,
        Core.Bar.BarDocument theirs,
        Core.Bar.BarDocument own,
        IReadOnlyList<FactChoice> choices,
        IReadOnlyList<string> taken,
        DateOnly today
    )
    {
        // Each by itself, so that one that cannot be poured here does not hide what becomes of the others.
        var brought = Bringer.Bring([guest.Build], theirs, own, choices, taken);
        return !brought.IsRead
            ? new GuestLook(guest.Id, brought.Problems[0].Message, [], [], [])
            : new GuestLook(
                guest.Id,
                null,
                brought.Value.Drinks[0].Sizes,
                brought.Value.Drinks[0].Said,
                [
                    .. brought
                        .Value.Drinks[0]
                        .Sheet.Findings.Where(finding => finding.Severity is Severity.Fault or Severity.Warning)
                        .Select(finding => finding.Message),
                ]
            );
    }

    private static Results<Ok<TakenView>, ProblemResult> Take(
        string key,
        TakeRequest request,
        KrasisFile file,
        BundleShelf shelf,
        TimeProvider clock
    ) =>
        !shelf.TryFind(key, out var bundle) || Guests.Of(bundle) is not { IsRead: true } guests
            ? Gone()
            : file.Write<Results<Ok<TakenView>, ProblemResult>>(session =>
            {
                var (taken, problem) = TakingIn.Take(session, guests.Value, request, clock.GetUtcNow());
                if (problem is not null)
                {
                    session.Abandon();
                    return problem;
                }

                return TypedResults.Ok(View(taken!));
            });

    private static Results<Ok<TakenView>, ProblemResult> MoveIn(
        string key,
        KrasisFile file,
        BundleShelf shelf,
        WorkedOut known,
        TimeProvider clock
    )
    {
        if (!shelf.TryFind(key, out var bundle) || bundle.Manifest.Scope != BundleManifest.WholeHouse)
        {
            return Gone();
        }

        var tables = MovingIn.Tables(bundle, clock);
        return !tables.IsRead
            ? ProblemResult.Fields(tables.Problems)
            : TypedResults.Ok(
                View(
                    Replace(
                        file,
                        known,
                        bundle.Manifest.House,
                        tables.Value,
                        "Everything, in the place of what was here",
                        "before-moving-in",
                        clock.GetUtcNow()
                    )
                )
            );
    }

    private static Results<Ok<TakenView>, ProblemResult> TakeBack(
        string id,
        KrasisFile file,
        WorkedOut known,
        TimeProvider clock
    )
    {
        var row = file.Read(session => session.Taken.Find(id));
        if (row is null or { UndoneAt: not null })
        {
            return ProblemResult.Missing("file that was taken in");
        }

        var (undo, now) = (JsonSerializer.Deserialize<Undo>(row.Undo, JsonSerializerOptions.Web)!, clock.GetUtcNow());
        if (undo.Copy is { } copy)
        {
            if (DataFileLook.Fault(copy, isThorough: false) is { } fault)
            {
                return ProblemResult.Conflict(
                    "It cannot be undone any more.",
                    $"The copy of what was here, '{copy}', is no good: {fault}."
                );
            }

            // Through a copy of the copy, which this program may first have to bring up to date.
            var before = Path.Combine(Path.GetTempPath(), $"krasis-{Guid.NewGuid():N}.db");
            try
            {
                Copies.Make(copy, before);
                var (house, tables) = KrasisFile
                    .Open(before, clock)
                    .Read(session => (session.House.Id, session.House.Read()));
                Replace(file, known, house, tables, null, "before-undoing", now);
            }
            finally
            {
                KrasisFile.LetGo(before);
                File.Delete(before);
            }
        }

        return file.Write<Results<Ok<TakenView>, ProblemResult>>(session =>
        {
            if (TakingIn.TakeBack(session, undo, now) is { } problem)
            {
                session.Abandon();
                return problem;
            }

            session.Taken.Undone(id, now);
            return TypedResults.Ok(View(session.Taken.Find(id)!));
        });
    }

    private static TakenRow Replace(
        KrasisFile file,
        WorkedOut known,
        string house,
        IReadOnlyList<HouseTable> tables,
        string? says,
        string why,
        DateTimeOffset now
    )
    {
        var copy = Path.Combine(file.CopiesFolder, Copies.NameOf(file.Path, now, why));
        Copies.Make(file.Path, copy);
        var taken = file.Write(session =>
        {
            session.House.Replace(house, tables);
            return says is null ? null! : TakingIn.Note(session, says, new Undo { Copy = copy }, now);
        });

        known.Forget();
        return taken;
    }

    private static TakenView View(TakenRow row) =>
        new(
            row.Id,
            DateTimeOffset.Parse(row.TakenAt, System.Globalization.CultureInfo.InvariantCulture),
            row.Says,
            row.UndoneAt is not null
        );

    private static ProblemResult Gone() => ProblemResult.Missing("file that is being looked through; choose it again");

    private static string FileName(string? name)
    {
        var plain = new string([
            .. (name ?? "").ToLowerInvariant().Select(letter => char.IsAsciiLetterOrDigit(letter) ? letter : '-'),
        ]).Trim('-');
        return plain.Length == 0 ? "drink"
            : plain.Length > 60 ? plain[..60]
            : plain;
    }
}
