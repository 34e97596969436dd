using Krasis.App.Builds;
using Krasis.App.Files;
using Krasis.App.Shared;
using Krasis.Core.Making;
using Krasis.Exchange.Books;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Files;

/// <summary>The standards of the board as one book to be printed.</summary>
internal sealed class BookEndpoint : IEndpoints
{
    private const string Type = "application/pdf";

    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/files/book.pdf", Write)
            .WithTags("Files")
            .WithSummary(
                "The standards that are on the board today, as made at a station, as one book: PDF on A4, or letter=true on US Letter."
            )
            .Produces(200, contentType: Type)
            .Fails(404, 422);

    private static IResult Write(
        KrasisFile file,
        Library library,
        TimeProvider clock,
        string? station = null,
        bool letter = false
    )
    {
        var (bar, standards) = file.Read(session => (session.Bar.Facts(), library.Standards(session)));
        var at = bar.Stations.FirstOrDefault(known => known.Id == (station ?? bar.Station?.Id));
        if (station is not null && at is null)
        {
            return ProblemResult.Fields([
                new(
                    "station",
                    station,
                    "The house has no such station.",
                    string.Join(", ", bar.Stations.Select(known => known.Name))
                ),
            ]);
        }

        // Where the station has none of its cups a drink is not in its book.
        var today = clock.Today();
        var drinks = OnTheBoard
            .Of(standards, today)
            .Select(drink => (Drink: drink, Plans: Planner.Plan(drink.Build, drink.Bar, station)))
            .Where(one => one.Plans.IsRead)
            .Select(one => new BookDrink(
                one.Drink.Stored.Number,
                one.Drink.Stored.Published.At,
                one.Drink.Build.Season,
                one.Plans.Value,
                [.. one.Drink.Sheet.Sizes.Where(size => one.Plans.Value.Any(plan => plan.Size == size.Size))]
            ))
            .ToList();
        return drinks.Count == 0
            ? ProblemResult.Closed(
                "Nothing is on the board here.",
                "Publish a standard that has a cup of this station, and it is in the book."
            )
            : Results.File(
                StandardsBook.Write(
                    new BookCover("Standards of the house", at?.Name, today, clock.GetUtcNow(), letter),
                    drinks
                ),
                Type,
                "krasis-standards.pdf"
            );
    }
}
