using System.Text;
using Krasis.App.Pantry;
using Krasis.Exchange.Pantry;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Pantry;

/// <summary>Carries the bar's ingredients out to files and in from them.</summary>
internal sealed class PantryFileEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var pantry = routes.MapGroup("/api/pantry").WithTags("Pantry");
        pantry
            .MapGet("/export.csv", (KrasisFile file) =>
                Download(PantryCsv.Write(PantryImport.Kept(file)), "text/csv", "krasis-pantry.csv")
            )
            .WithSummary("The bar's ingredients as comma-separated values.")
            .Produces<string>(200, "text/csv");
        pantry
            .MapGet("/export.json", (KrasisFile file) =>
                Download(PantryJson.Write(PantryImport.Kept(file)), "application/json", "krasis-pantry.json")
            )
            .WithSummary("The bar's ingredients as JSON.")
            .Produces<string>(200, "application/json");
        pantry
            .MapPost("/check", (PantryRequest request, CheckPantryFile act) => act.Run(request).ToOk())
            .WithName(nameof(CheckPantryFile))
            .WithSummary(
                "Read a pantry file and say of each row whether it can be taken, and what the good ones would do. Nothing is kept."
            )
            .Fails(400, 413);
        pantry
            .MapPost("/import", (PantryRequest request, ImportPantryFile act) => act.Run(request).ToOk())
            .WithName(nameof(ImportPantryFile))
            .WithSummary("Keep a pantry file: all of it, or all of its good rows, or nothing.")
            .Fails(400, 409, 413, 422);
    }

    private static FileContentHttpResult Download(string text, string type, string name) =>
        TypedResults.File(Encoding.UTF8.GetBytes(text), $"{type}; charset=utf-8", name);
}
