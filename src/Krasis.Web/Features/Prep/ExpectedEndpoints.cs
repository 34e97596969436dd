using Krasis.App.Prep;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>What is expected to sell, and what was sold.</summary>
internal sealed class ExpectedEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/expected", (DateOnly? from, int? days, ReadExpected act) => act.Run(from, days).ToOk())
            .WithName(nameof(ReadExpected))
            .WithSummary("What is expected to sell, by drink, size, station and day.")
            .Fails(400, 422);
        prep.MapPut("/expected", (SayRequest request, SetExpected act) => act.Run(request).ToOk())
            .WithName(nameof(SetExpected))
            .WithSummary("Say how many cups there will be.")
            .Fails(400, 404, 413, 422);
        prep.MapPut("/days/{day}", (DateOnly day, KindRequest request, SetDayKind act) =>
                act.Run(day, request).ToNoContent()
            )
            .WithName(nameof(SetDayKind))
            .WithSummary("Say what sort of day it is.")
            .Fails(400, 413, 422);
        prep.MapGet("/past", (ReadPastDays act) => act.Run().ToOk())
            .WithName(nameof(ReadPastDays))
            .WithSummary("What was sold on the last days, beside what the other days would have led to expect.");
    }
}
