using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Krasis.Core.Planning.Buying;
using MiniExcelLibs;

namespace Krasis.Exchange.Prep;

/// <summary>What is to be ordered, as a file. The format is described in docs/formats.md.</summary>
public static class OrderFile
{
    /// <summary>As comma-separated values (RFC 4180). A name that a spreadsheet would take for a formula has an apostrophe before it.</summary>
    public static string Csv(IEnumerable<OrderRow> rows)
    {
        using var written = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(written, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" });
        var isFirst = true;
        foreach (var row in rows.Select(Cells).Prepend(null))
        {
            foreach (var cell in row ?? (isFirst ? Head.ToDictionary(name => name, name => (object?)name) : []))
            {
                csv.WriteField(cell.Value switch { double number => number.ToString("0.##", CultureInfo.InvariantCulture), _ => Convert.ToString(cell.Value, CultureInfo.InvariantCulture) });
            }

            isFirst = false;
            csv.NextRecord();
        }

        csv.Flush();
        return written.ToString();
    }

    /// <summary>As a workbook of one sheet.</summary>
    public static byte[] Workbook(IEnumerable<OrderRow> rows)
    {
        using var stream = new MemoryStream();
        var cells = rows.Select(Cells).ToList();
        MiniExcel.SaveAs(stream, cells.Count > 0 ? cells : [Head.ToDictionary(name => name, _ => (object?)null)], sheetName: "Order");
        return stream.ToArray();
    }

    private static readonly string[] Head = ["what", "pack", "packs", "cost", "order_by", "needed", "in_stock", "par", "unit"];

    private static Dictionary<string, object?> Cells(OrderRow row) => new()
    {
        ["what"] = SafeText.Of(row.Name),
        ["pack"] = SafeText.Of(row.PackSays),
        ["packs"] = row.Packs,
        ["cost"] = row.Cost is { } cost ? Math.Round(cost, 2) : null,
        ["order_by"] = row.OrderBy?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
        ["needed"] = Math.Round(row.Needed, 1),
        ["in_stock"] = Math.Round(row.InStock, 1),
        ["par"] = Math.Round(row.Par, 1),
        ["unit"] = row.Item.Kind == Core.Planning.Needing.ItemKind.Cup ? "cups" : "g",
    };
}
