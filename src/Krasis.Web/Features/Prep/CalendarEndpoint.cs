using Krasis.App.Prep;
using Krasis.Web.Hosting;

namespace Krasis.Web.Features.Prep;

/// <summary>The plan as a calendar that other programs read again and again.</summary>
internal sealed class CalendarEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/prep/calendar.ics", async (ReadCalendar read) =>
                TypedResults.File((await read.Run()).Value, "text/calendar; charset=utf-8", "krasis-prep.ics")
            )
            .WithName(nameof(ReadCalendar))
            .WithTags("Prep")
            .WithSummary(
                "The batches as a calendar (iCalendar). What has changed since it was last asked for has a higher sequence number."
            )
            .Produces<string>(200, "text/calendar");
}
