using Krasis.App.Files;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Files;

/// <summary>Gives what the house knows to spreadsheets.</summary>
internal sealed class SheetEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var sheets = routes.MapGroup("/api/files/sheets").WithTags("Files");
        sheets.MapGet("", () => TypedResults.Ok(HouseSheets.Names)).WithSummary("The tables that can be had.");
        sheets
            .MapGet("/all.xlsx", (KrasisFile file, HouseSheets house) =>
                SheetResult.Workbook(
                    "house",
                    file.Read(session => HouseSheets.Names.Select(name => house.Of(session, name.Name)!).ToList())
                )
            )
            .WithSummary("All of them, in one workbook.")
            .Produces<string>(200, SheetResult.WorkbookType);
        sheets
            .MapGet(
                "/{name}.csv",
                Results<FileContentHttpResult, ProblemResult> (string name, KrasisFile file, HouseSheets house) =>
                    file.Read(session => house.Of(session, name)) is { } sheet
                        ? SheetResult.Csv(sheet)
                        : ProblemResult.Missing("table")
            )
            .WithSummary("One, as comma-separated values.")
            .Produces<string>(200, "text/csv")
            .Fails(404);
        sheets
            .MapGet(
                "/{name}.xlsx",
                Results<FileContentHttpResult, ProblemResult> (string name, KrasisFile file, HouseSheets house) =>
                    file.Read(session => house.Of(session, name)) is { } sheet
                        ? SheetResult.Workbook(name, sheet)
                        : ProblemResult.Missing("table")
            )
            .WithSummary("One, as a workbook.")
            .Produces<string>(200, SheetResult.WorkbookType)
            .Fails(404);
    }
}
