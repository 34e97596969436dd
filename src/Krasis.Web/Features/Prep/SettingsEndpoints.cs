using Krasis.App.Prep;
using Krasis.Core.Planning.Preparing;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>How the house prepares.</summary>
internal sealed class SettingsEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep/settings").WithTags("Prep");
        prep.MapGet("", (ReadPrepSettings act) => act.Run().ToOk())
            .WithName(nameof(ReadPrepSettings))
            .WithSummary("How the house prepares, and what it could make and buy.");
        prep.MapPut("", (PrepDocument document, HttpRequest http, SavePrepSettings act) =>
                http.IfMatched(expected => act.Run(document, expected)).ToOk()
            )
            .WithName(nameof(SavePrepSettings))
            .WithSummary("Keep how the house prepares.")
            .Fails(400, 412, 413, 422, 428);
    }
}
