using Krasis.App.Builds;
using Krasis.App.Files;
using Krasis.App.Shared;
using Krasis.Exchange.Linked;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Files;

/// <summary>The board for menu screens, where the lead says that anybody may read it.</summary>
internal sealed class FeedEndpoints : IEndpoints
{
    private const string AtomType = "application/atom+xml";

    public void Map(IEndpointRouteBuilder routes)
    {
        var choice = routes.MapGroup("/api/files/feeds").WithTags("Files");
        choice
            .MapGet("", (KrasisFile file) =>
                TypedResults.Ok(new FeedsView(file.Read(session => session.House.IsBoardPublic)))
            )
            .WithSummary("Whether anybody may read the board.");
        choice
            .MapPut("", (FeedsView feeds, KrasisFile file) => file.Write(session =>
                {
                    session.House.IsBoardPublic = feeds.IsPublic;
                    return TypedResults.Ok(feeds);
                }))
            .WithSummary("Say whether anybody may read the board.")
            .Fails(400);

        var feeds = routes.MapGroup(Gate.FeedPath).WithTags("Files");
        feeds
            .MapGet(
                "/board.json",
                IResult (KrasisFile file, Library library, TimeProvider clock, HttpResponse response) =>
                    Find(file, library, clock, response) is { } feed ? TypedResults.Ok(feed) : Closed()
            )
            .WithSummary("The board, where it is public.")
            .Produces<BoardFeed>()
            .Fails(404);
        feeds
            .MapGet(
                "/board.atom",
                IResult (
                    KrasisFile file,
                    Library library,
                    TimeProvider clock,
                    HttpRequest request,
                    HttpResponse response
                ) =>
                    Find(file, library, clock, response) is { } feed
                        ? Results.Content(
                            feed.ToAtom(new Uri($"{request.Scheme}://{request.Host}{request.Path}")),
                            $"{AtomType}; charset=utf-8"
                        )
                        : Closed()
            )
            .WithSummary("The same as Atom (RFC 4287).")
            .Produces(200, contentType: AtomType)
            .Fails(404);
    }

    private static BoardFeed? Find(KrasisFile file, Library library, TimeProvider clock, HttpResponse response)
    {
        var (isPublic, house, currency, standards) = file.Read(session =>
            (
                session.House.IsBoardPublic,
                session.House.Id,
                session.Bar.Facts().House.Currency,
                library.Standards(session)
            )
        );
        if (!isPublic)
        {
            return null;
        }

        // A page of elsewhere may read it: that is what public says.
        response.Headers.AccessControlAllowOrigin = "*";
        return new BoardFeed(
            house,
            clock.Today(),
            currency,
            [
                .. OnTheBoard
                    .Of(standards, clock.Today())
                    .Select(drink =>
                        FeedDrink.Of(
                            drink.Stored.BuildId,
                            drink.Stored.Number,
                            drink.Stored.Published.At,
                            drink.Build,
                            drink.Stored.Document,
                            drink.Sheet
                        )
                    ),
            ]
        );
    }

    private static ProblemResult Closed() =>
        ProblemResult.Closed(
            "The board is not public.",
            "Whoever leads this bar can say under Files that anybody may read it."
        );
}

/// <summary>Whether anybody may read the board.</summary>
/// <param name="IsPublic">Whether they may.</param>
public sealed record FeedsView(bool IsPublic);
