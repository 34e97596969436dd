using Krasis.App.Files;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Krasis.Web.Features.Files;

/// <summary>Carries drinks, or everything, out to bundles and in from them.</summary>
internal sealed class BundleEndpoints : IEndpoints
{
    private const string Type = "application/vnd.krasis+zip";

    public void Map(IEndpointRouteBuilder routes)
    {
        var files = routes.MapGroup("/api/files").WithTags("Files");
        files
            .MapGet("/drinks.krasis", Drinks)
            .WithSummary("Drinks as they are now, with the facts that they rest on, as a bundle.")
            .Produces(200, contentType: Type)
            .Fails(404);
        files.MapGet("/house.krasis", House).WithSummary("Everything, as a bundle.").Produces(200, contentType: Type);
        files
            .MapPost("/bundles", Send)
            .WithSummary("Send a bundle, to look through it. Nothing is kept.")
            .Accepts<byte[]>("application/octet-stream")
            .Fails(413, 422)
            .WithMetadata(new RequestSizeLimitAttribute(BundleFile.LargestFile + 1), new BadRequests.Unbuffered());
        files
            .MapPost("/bundles/{key}/look", (string key, LookRequest request, LookThroughBundle act) =>
                act.Run(key, request).ToOk()
            )
            .WithName(nameof(LookThroughBundle))
            .WithSummary("What drinks of a bundle would be here.")
            .Fails(400, 404, 422);
        files
            .MapPost("/bundles/{key}/take", (string key, TakeRequest request, TakeBundle act) =>
                act.Run(key, request).ToOk()
            )
            .WithName(nameof(TakeBundle))
            .WithSummary("Take drinks of a bundle in: all that are named, or none.")
            .Fails(400, 404, 409, 422);
        files
            .MapPost("/bundles/{key}/house", (string key, MoveHouseIn act) => act.Run(key).ToOk())
            .WithName(nameof(MoveHouseIn))
            .WithSummary("Put the house in a bundle in the place of this one; a copy of this one is made before.")
            .Fails(404, 422);
        files
            .MapGet("/taken", Ok<IReadOnlyList<TakenView>> (KrasisFile file) =>
                TypedResults.Ok<IReadOnlyList<TakenView>>([
                    .. file.Read(session => session.Taken.Last(20)).Select(BundleParts.View),
                ])
            )
            .WithSummary("What was taken in last.");
        files
            .MapPost("/taken/{id}/undo", (string id, UndoTaking act) => act.Run(id).ToOk())
            .WithName(nameof(UndoTaking))
            .WithSummary("Undo what was taken in.")
            .Fails(404, 409);
    }

    // Written to a temporary file first: a slow download then keeps no view of the data file open, and shows its progress.
    private static IResult House(KrasisFile file, TimeProvider clock)
    {
        var packed = TemporaryFile();
        try
        {
            file.Read(session =>
            {
                BundleOut.House(packed, session, clock.GetUtcNow());
                return true;
            });
            packed.Position = 0;
            return Results.Stream(packed, Type, "house.krasis");
        }
        catch
        {
            packed.Dispose();
            throw;
        }
    }

    private static FileStream TemporaryFile()
    {
        var options = new FileStreamOptions
        {
            Mode = FileMode.CreateNew,
            Access = FileAccess.ReadWrite,
            Options = FileOptions.DeleteOnClose,
        };
        if (!OperatingSystem.IsWindows())
        {
            // The folder is everybody's, and the house's data is not.
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }

        return new FileStream(Path.Combine(Path.GetTempPath(), $"krasis-{Guid.NewGuid():N}.krasis"), options);
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
        UnpackingBudget budget,
        CancellationToken cancellation
    )
    {
        // On disk, so that large uploads at the same time do not exhaust the memory.
        await using var sent = TemporaryFile();
        await request.Body.CopyToAsync(sent, cancellation).ConfigureAwait(false);
        sent.Position = 0;
        var bundle = BundleFile.Read(sent, budget);
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
