using Krasis.App.Prep;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>One batch of the plan: moved, made, and ticked off.</summary>
internal sealed class BatchEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var batch = routes.MapGroup("/api/prep/batches/{key}").WithTags("Prep");
        batch
            .MapGet("", (string key, double? grams, ReadBatch act) => act.Run(key, grams).ToOk())
            .WithName(nameof(ReadBatch))
            .WithSummary("How a batch is made, in the amount of the plan or another.")
            .Fails(404, 422);
        batch
            .MapPut("", (string key, MoveBatchRequest request, MoveBatch act) => act.Run(key, request).ToOk())
            .WithName(nameof(MoveBatch))
            .WithSummary("Move a batch: it stays there until it is left to the plan again.")
            .Fails(400, 404, 409, 413, 422);
        batch
            .MapDelete("", (string key, ReleaseBatch act) => act.Run(key).ToOk())
            .WithName(nameof(ReleaseBatch))
            .WithSummary("Leave a batch to the plan again.")
            .Fails(409);
        batch
            .MapPost("/begin", (string key, BeginRequest request, BeginBatch act) => act.Run(key, request).ToOk())
            .WithName(nameof(BeginBatch))
            .WithSummary("Say that a batch has been begun.")
            .Fails(400, 404, 413, 422);
        batch
            .MapPost("/done", (string key, DoneRequest request, FinishBatch act) => act.Run(key, request).ToOk())
            .WithName(nameof(FinishBatch))
            .WithSummary(
                "Tick a batch off: a lot comes into stock and what went in leaves it. Sent twice under one id it is kept once."
            )
            .Fails(400, 404, 409, 413, 422);
        batch
            .MapGet("/cooling", (string key, ReadCooling act) => act.Run(key).ToOk())
            .WithName(nameof(ReadCooling))
            .WithSummary("Whether a cooked batch is cooling in time, by its readings.")
            .Fails(404, 409);
        batch
            .MapPost("/cooling", (string key, CoolingRequest request, NoteCooling act) => act.Run(key, request).ToOk())
            .WithName(nameof(NoteCooling))
            .WithSummary("Record the temperature of a cooked batch, or that it leaves the heat now.")
            .Fails(400, 404, 409, 413, 422);
    }
}
