using Krasis.App.Tastings;
using Krasis.Tasting.Documents;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Tastings;

/// <summary>What tasters see and send: nothing here says what is in a cup, or what others have said.</summary>
internal sealed class TasteEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var taste = routes.MapGroup("/api/taste/{id}").WithTags("Tasting");
        taste
            .MapGet("", (string id, ReadTasteInvitation act) => act.Run(id).ToOk())
            .WithName(nameof(ReadTasteInvitation))
            .WithSummary("What a taster is asked, before sitting down.")
            .Fails(404);
        taste
            .MapPut("/seats/{device}", (string id, string device, TakeSeat act) => act.Run(id, device).ToOk())
            .WithName(nameof(TakeSeat))
            .WithSummary("Take the next seat, under an id of the page's own: asked twice it is the same seat.")
            .Fails(404, 409, 422);
        taste
            .MapPut("/answers/{device}", (string id, string device, AnswerDocument answer, SaveAnswer act) =>
                act.Run(id, device, answer).ToOk()
            )
            .WithName(nameof(SaveAnswer))
            .WithSummary(
                "Send what was answered at a seat: sent twice it is kept once, and it is never changed. What comes after closing is kept, and the lead decides whether it counts."
            )
            .Fails(400, 404, 409, 413, 422);
    }
}
