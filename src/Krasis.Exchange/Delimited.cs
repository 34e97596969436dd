using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Krasis.Exchange;

/// <summary>Reads text whose cells are parted by tabs, semicolons or commas, whichever its first row has most of (RFC
/// 4180 for the quotes).</summary>
internal static class Delimited
{
    private static readonly string[] Signs = ["\t", ";", ","];

    /// <summary>The rows, each with its place in the text from 1.</summary>
    /// <param name="text">The text.</param>
    /// <param name="most">The most rows that are read.</param>
    public static List<(int Line, IReadOnlyList<string> Cells)> Read(string text, int most)
    {
        var whole = text.TrimStart('\uFEFF');
        var first = whole.AsSpan().TrimStart("\r\n").ToString().Split('\n')[0];
        using var reader = new StringReader(whole);
        using var csv = new CsvParser(
            reader,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                Delimiter = Signs.MaxBy(sign => first.Split(sign).Length)!,
                BadDataFound = null,
            }
        );
        var rows = new List<(int, IReadOnlyList<string>)>();
        while (rows.Count < most && csv.Read())
        {
            rows.Add((csv.RawRow, [.. csv.Record!.Select(cell => cell.Trim())]));
        }

        return rows;
    }
}
