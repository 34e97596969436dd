using Krasis.App.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ice;
using Krasis.Core.Bar.Ingredients;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Bar;

/// <summary>Works readings out that are no fact by themselves. Nothing is kept.</summary>
internal sealed class MeasuringEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapPost("/cups/heat-loss", (HeatLossMeasuring readings, MeasureHeatLoss act) => act.Run(readings).ToOk())
            .WithName(nameof(MeasureHeatLoss))
            .WithSummary("A cup's heat loss, from two temperatures or from two weighings of ice.")
            .Fails(400, 413, 422);
        bar.MapGet("/cups/{id}/card", (string id, ReadLineCard act) => act.Run(id).ToOk())
            .WithName(nameof(ReadLineCard))
            .WithSummary("The marks of a card that is held into a cup.")
            .Fails(404);
        bar.MapPost("/ingredients/label", (PrintedLabel label, ReadLabel act) => act.Run(label).ToOk())
            .WithName(nameof(ReadLabel))
            .WithSummary("A nutrition label as it is printed, turned into 100 g.")
            .Fails(400, 413, 422);
        bar.MapPost("/ice/measure", (IceMeasuring readings, MeasureIce act) => act.Run(readings).ToOk())
            .WithName(nameof(MeasureIce))
            .WithSummary("What a cup filled with ice, and pieces weighed together, say of the ice.")
            .Fails(400, 413, 422);
        bar.MapGet("/pitchers/plan", (double ml, PlanPitcher act) => act.Run(ml).ToOk())
            .WithName(nameof(PlanPitcher))
            .WithSummary("In what so much milk is steamed.")
            .Fails(400, 422);
        bar.MapPost("/parts/batch", (BatchRequest request, PlanPartBatch act) => act.Run(request).ToOk())
            .WithName(nameof(PlanPartBatch))
            .WithSummary("A part made in any amount.")
            .Fails(400, 413, 422);
    }
}
