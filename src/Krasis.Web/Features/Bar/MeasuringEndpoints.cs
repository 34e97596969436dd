using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ice;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Works readings out that are no fact by themselves. Nothing is kept.</summary>
public static class MeasuringEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapPost("/cups/heat-loss", HeatLoss)
            .WithSummary("A cup's heat loss, from two temperatures or from two weighings of ice.")
            .Fails(400, 413, 422);
        bar.MapGet("/cups/{id}/card", Card).WithSummary("The marks of a card that is held into a cup.").Fails(404);
        bar.MapPost("/ingredients/label", Label)
            .WithSummary("A nutrition label as it is printed, turned into 100 g.")
            .Fails(400, 413, 422);
        bar.MapPost("/ice/measure", Ice)
            .WithSummary("What a cup filled with ice, and pieces weighed together, say of the ice.")
            .Fails(400, 413, 422);
        bar.MapGet("/pitchers/plan", Plan).WithSummary("In what so much milk is steamed.").Fails(400, 422);
        bar.MapPost("/parts/batch", MakeBatch).WithSummary("A part made in any amount.").Fails(400, 413, 422);
    }

    private static Results<Ok<HeatLossView>, ProblemResult> HeatLoss(HeatLossMeasuring readings) =>
        readings.Work() is var loss && loss.IsRead
            ? TypedResults.Ok(new HeatLossView(loss.Value))
            : ProblemResult.Fields(loss.Problems);

    private static Results<Ok<CompositionDocument>, ProblemResult> Label(PrintedLabel label) =>
        label.Read() is var read && read.IsRead ? TypedResults.Ok(read.Value) : ProblemResult.Fields(read.Problems);

    private static Results<Ok<LineCard>, ProblemResult> Card(string id, KrasisFile file) =>
        file.Read(session => session.Bar.Facts()).Find(new CupId(id)) is { } cup
            ? TypedResults.Ok(LineCard.Of(cup))
            : ProblemResult.Missing("cup");

    private static Results<Ok<IceMeasured>, ProblemResult> Ice(IceMeasuring readings) =>
        readings.Work() is var ice && ice.IsRead ? TypedResults.Ok(ice.Value) : ProblemResult.Fields(ice.Problems);

    private static Results<Ok<PlanView>, ProblemResult> Plan(double ml, KrasisFile file)
    {
        var fields = new FieldReader();
        var milk = fields.Number("ml", ml, 1, 5000, "ml");
        return fields.Problems.Count > 0
            ? ProblemResult.Fields(fields.Problems)
            : TypedResults.Ok(
                new PlanView(MilkPlan.For(Millilitres.From(milk), file.Read(session => session.Bar.Facts()).Pitchers))
            );
    }

    private static Results<Ok<Batch>, ProblemResult> MakeBatch(BatchRequest request, KrasisFile file)
    {
        var fields = new FieldReader();
        var amount = fields.Number("amount", request.Amount, 0.1, 1_000_000, "");
        var measure = Measure.Find(request.Measure);
        if (measure is not { Kind: MeasureKind.Mass or MeasureKind.Volume })
        {
            fields.Report("measure", request.Measure, "A batch is made by mass or by volume.", "g, ml and the like");
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        // The part as it stands on the screen takes the place of the one that is kept, or comes behind them.
        var kept = file.Read(session => session.Bar.Whole());
        var part = request.Part with { Id = request.Part.Id ?? FactTrial.NewId };
        var at = kept.Parts.ToList().FindIndex(other => other.Id == part.Id) is >= 0 and var found
            ? found
            : kept.Parts.Count;
        var with = kept with { Parts = [.. kept.Parts.Take(at), part, .. kept.Parts.Skip(at + 1)] };
        var bar = BarReader.Read(with);
        return bar.IsRead
            ? TypedResults.Ok(
                Batch.Of(
                    PartReader.Read(part).Value,
                    [.. with.Parts.Select(other => PartReader.Read(other).Value)],
                    bar.Value,
                    new Quantity(amount, measure!)
                )
            )
            : ProblemResult.Fields([
                .. bar.Problems.Select(problem =>
                    problem with
                    {
                        Field = problem.Field.Replace($"parts[{at}].", "part.", StringComparison.Ordinal),
                    }
                ),
            ]);
    }
}
