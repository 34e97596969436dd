using System.Text;
using Krasis.Exchange.Sheets;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Hosting;

/// <summary>Answers with sheets as files.</summary>
internal static class SheetResult
{
    /// <summary>The media type of a workbook.</summary>
    public const string WorkbookType = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    /// <summary>A sheet as comma-separated values.</summary>
    public static FileContentHttpResult Csv(Sheet sheet) =>
        TypedResults.File(
            Encoding.UTF8.GetBytes(SheetFile.Csv(sheet)),
            "text/csv; charset=utf-8",
            $"krasis-{sheet.Name}.csv"
        );

    /// <summary>Sheets as a workbook.</summary>
    public static FileContentHttpResult Workbook(string name, params IReadOnlyList<Sheet> sheets) =>
        TypedResults.File(SheetFile.Workbook(sheets), WorkbookType, $"krasis-{name}.xlsx");
}
