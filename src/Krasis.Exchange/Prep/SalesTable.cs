namespace Krasis.Exchange.Prep;

/// <summary>A table as a till or a spreadsheet writes it: a head, and rows of text.</summary>
/// <param name="Head">What stands in the first row.</param>
/// <param name="Rows">The rows under it that hold anything, each with its place in the file from 1.</param>
public sealed record SalesTable(IReadOnlyList<string> Head, IReadOnlyList<(int Line, IReadOnlyList<string> Cells)> Rows)
{
    /// <summary>The most rows that are read.</summary>
    public const int MostRows = 20_000;

    /// <summary>Reads comma-, semicolon- or tab-separated text; null when there is nothing in it.</summary>
    public static SalesTable? OfText(string text) => Of(Delimited.Read(text, MostRows + 2));

    /// <summary>Reads the first sheet of a workbook; null when it is none or there is nothing in it.</summary>
    public static SalesTable? OfWorkbook(byte[] bytes) =>
        Workbook.Read(bytes, MostRows + 1, sheets: 1) is [var sheet]
            ? Of([.. sheet.Rows.Select((row, i) => (i + 1, row))])
            : null;

    private static SalesTable? Of(List<(int Line, IReadOnlyList<string> Cells)> rows)
    {
        rows.RemoveAll(row => row.Cells.All(string.IsNullOrWhiteSpace));
        return rows.Count == 0 ? null : new SalesTable(rows[0].Cells, rows[1..]);
    }
}
