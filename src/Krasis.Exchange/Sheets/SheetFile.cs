using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using MiniExcelLibs;
using MiniExcelLibs.OpenXml;

namespace Krasis.Exchange.Sheets;

/// <summary>Writes sheets as files that spreadsheets open.</summary>
public static class SheetFile
{
    /// <summary>As comma-separated values (RFC 4180). Text that a spreadsheet would take for a formula has an
    /// apostrophe before it, which <see cref="SafeText.Back"/> takes away.</summary>
    public static string Csv(Sheet sheet)
    {
        using var written = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(written, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" });
        foreach (var row in sheet.Rows.Prepend(sheet.Head))
        {
            foreach (var cell in row)
            {
                csv.WriteField(Text(cell));
            }

            csv.NextRecord();
        }

        csv.Flush();
        return written.ToString();
    }

    /// <summary>As a workbook. Numbers are numbers there, and text is text, whatever it begins with.</summary>
    public static byte[] Workbook(params IReadOnlyList<Sheet> sheets)
    {
        using var stream = new MemoryStream();
        stream.SaveAs(
            sheets.ToDictionary(sheet => sheet.Name, object (sheet) => Rows(sheet)),
            configuration: new OpenXmlConfiguration { AutoFilter = false, FastMode = false }
        );
        return stream.ToArray();
    }

    private static List<Dictionary<string, object?>> Rows(Sheet sheet) =>
        sheet.Rows.Count == 0
            ? [sheet.Head.ToDictionary(name => name, _ => (object?)null)]
            :
            [
                .. sheet.Rows.Select(row =>
                    sheet
                        .Head.Zip(row)
                        .ToDictionary(
                            cell => cell.First,
                            cell => cell.Second is bool answer ? Word(answer) : cell.Second
                        )
                ),
            ];

    private static string? Text(object? cell) =>
        cell switch
        {
            null => null,
            string text => SafeText.Of(text),
            bool answer => Word(answer),
            double number => number.ToString("0.######", CultureInfo.InvariantCulture),
            _ => Convert.ToString(cell, CultureInfo.InvariantCulture),
        };

    private static string Word(bool answer) => answer ? "yes" : "no";
}
