using System.Globalization;
using System.IO.Compression;
using System.Xml;
using CsvHelper;
using CsvHelper.Configuration;
using MiniExcelLibs;

namespace Krasis.Exchange.Prep;

/// <summary>A table as a till or a spreadsheet writes it: a head, and rows of text.</summary>
/// <param name="Head">What stands in the first row.</param>
/// <param name="Rows">The rows under it that hold anything, each with its place in the file from 1.</param>
public sealed record SalesTable(IReadOnlyList<string> Head, IReadOnlyList<(int Line, IReadOnlyList<string> Cells)> Rows)
{
    /// <summary>The most rows that are read.</summary>
    public const int MostRows = 20_000;

    private static readonly string[] Delimiters = ["\t", ";", ","];

    /// <summary>Reads comma-, semicolon- or tab-separated text; null when there is nothing in it.</summary>
    public static SalesTable? OfText(string text)
    {
        var first = text.TrimStart('\uFEFF').AsSpan().TrimStart("\r\n").ToString().Split('\n')[0];
        var delimiter = Delimiters.MaxBy(each => first.Split(each).Length)!;
        using var reader = new StringReader(text.TrimStart('\uFEFF'));
        using var csv = new CsvParser(reader, new CsvConfiguration(CultureInfo.InvariantCulture) { Delimiter = delimiter, BadDataFound = null });
        var rows = new List<(int, IReadOnlyList<string>)>();
        while (csv.Read() && rows.Count <= MostRows + 1)
        {
            rows.Add((csv.RawRow, [.. csv.Record!.Select(cell => cell.Trim())]));
        }

        return Of(rows);
    }

    /// <summary>Reads the first sheet of a workbook; null when it is none or there is nothing in it.</summary>
    public static SalesTable? OfWorkbook(byte[] bytes)
    {
        try
        {
            using var stream = new MemoryStream(bytes);
            var rows = MiniExcel.Query(stream, useHeaderRow: false, excelType: ExcelType.XLSX)
                .Take(MostRows + 2)
                .Select((row, i) => (i + 1, (IReadOnlyList<string>)[.. ((IDictionary<string, object?>)row).Values.Select(Say)]))
                .ToList();
            return Of(rows);
        }
        catch (Exception problem) when (problem is InvalidDataException or XmlException or IOException or NotSupportedException or ArgumentException or InvalidOperationException or FormatException or NullReferenceException or KeyNotFoundException)
        {
            return null;
        }
    }

    /// <summary>Whether bytes begin as a workbook, which is a zip, does.</summary>
    public static bool IsWorkbook(ReadOnlySpan<byte> bytes) => bytes is [(byte)'P', (byte)'K', 3, 4, ..];

    /// <summary>Whether a workbook unpacks to no more than some bytes, as it says of itself.</summary>
    public static bool IsSmall(byte[] bytes, long most)
    {
        try
        {
            using var zip = new ZipArchive(new MemoryStream(bytes));
            return zip.Entries.Sum(entry => entry.Length) <= most;
        }
        catch (InvalidDataException)
        {
            return true;
        }
    }

    private static SalesTable? Of(List<(int Line, IReadOnlyList<string> Cells)> rows)
    {
        rows.RemoveAll(row => row.Cells.All(string.IsNullOrWhiteSpace));
        return rows.Count == 0 ? null : new SalesTable(rows[0].Cells, rows[1..]);
    }

    private static string Say(object? cell) => cell switch
    {
        null => "",
        DateTime at => at.ToString(at.TimeOfDay == default ? "yyyy-MM-dd" : "yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture),
        IFormattable number => number.ToString(null, CultureInfo.InvariantCulture),
        _ => $"{cell}".Trim(),
    };
}
