using Krasis.App.Prep;
using Krasis.Exchange.Prep;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>The plan, what it would be, and what has to be bought for it.</summary>
internal sealed class PlanEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/plan", (ReadPlan act) => act.Run().ToOk())
            .WithName(nameof(ReadPlan))
            .WithSummary("What has to be made, and when.");
        prep.MapPost("/what-if", (WhatIfRequest request, TryPlan act) => act.Run(request).ToOk())
            .WithName(nameof(TryPlan))
            .WithSummary("What the plan would come to.")
            .Fails(400, 413, 422);
        prep.MapGet("/order", (ReadOrder act) => act.Run().ToOk())
            .WithName(nameof(ReadOrder))
            .WithSummary("What has to be bought.");
        prep.MapGet("/order.csv", (ReadOrder act) => SheetResult.Csv(OrderSheet.Of(act.Run().Value.Rows)))
            .WithName("ExportOrderCsv")
            .WithSummary("What has to be bought, as comma-separated values.")
            .Produces<string>(200, "text/csv");
        prep.MapGet("/order.xlsx", (ReadOrder act) =>
                SheetResult.Workbook("order", OrderSheet.Of(act.Run().Value.Rows))
            )
            .WithName("ExportOrderWorkbook")
            .WithSummary("What has to be bought, as a workbook.")
            .Produces<string>(200, SheetResult.WorkbookType);
    }
}
