using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Store;
using Krasis.Store.Standards;
using Krasis.Web.Features.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>What is on the board, to be chosen from at the bar.</summary>
public static class ServiceEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapGet("/api/service", Read)
        .WithTags("Making")
        .WithSummary("The published standards that are on the board today and can be made at a station.")
        .Fails(422);

    private static Results<Ok<ServiceView>, ProblemResult> Read(string? station, KrasisFile file, Library library, Board board, TimeProvider clock)
    {
        var today = clock.Today();
        var (bar, standards) = file.Read(session =>
        {
            var poured = library.Documents(session).Where(build => build.State == BuildState.Standard).Select(build => build.Id).ToHashSet();
            return (session.Bar.Facts(), session.Standards.Newest().Where(standard => poured.Contains(standard.BuildId)).ToList());
        });
        if (station is not null && bar.Stations.All(known => known.Id != station))
        {
            return ProblemResult.Fields([new("station", station, "The house has no such station.", string.Join(", ", bar.Stations.Select(known => known.Name)))]);
        }

        var drinks = standards.Select(standard => board.Drink(standard, station))
            .OfType<ServiceDrink>()
            .Where(drink => IsOnBoard(standards.Find(standard => standard.BuildId == drink.Build)!, today))
            .OrderBy(drink => drink.Name, StringComparer.CurrentCultureIgnoreCase);
        return TypedResults.Ok(new ServiceView(
            clock.GetUtcNow(),
            station ?? bar.Station?.Id,
            [.. bar.Stations.Select(known => new StationName(known.Id, known.Name))],
            [.. bar.Ingredients.Where(ingredient => ingredient is { Kind: IngredientKind.Milk, IsPart: false }).Select(milk => new MilkName(milk.Id.Value, milk.Name))],
            GuestWishes.HasDecaf(bar),
            [.. drinks]));
    }

    private static bool IsOnBoard(StoredStandard standard, DateOnly today) =>
        BuildReader.Read(standard.Document, BarReader.Read(standard.Bar).Value).Value.Season is not { } season || season.Holds(today);
}
