using Krasis.App.Making;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Says what was really poured.</summary>
internal sealed class PouredEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var poured = routes.MapGroup("/api/poured").WithTags("Making");
        poured
            .MapGet("", (int? days, ReadPourLog act) => act.Run(days).ToOk())
            .WithName(nameof(ReadPourLog))
            .WithSummary("What was poured in the last days: charts, what they tell, and what the drinks came to.")
            .Fails(422);
        poured
            .MapGet("/export.csv", Export)
            .WithSummary("Every pour since a day as comma-separated values.")
            .Produces<string>(200, "text/csv");
    }

    private static FileContentHttpResult Export(int? days, KrasisFile file, TimeProvider clock)
    {
        var pours = file.Read(session =>
            session.Makes.Pours(clock.GetUtcNow().AddDays(-Math.Clamp(days ?? 21, 1, 3660)), int.MaxValue)
        );
        return SheetResult.Csv(PourLog.Sheet(pours, clock));
    }
}
