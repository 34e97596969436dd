using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;

namespace Krasis.Exchange.Pantry;

/// <summary>Pantries as comma-separated files (RFC 4180). The format is described in docs/formats.md.</summary>
public static class PantryCsv
{
    // A file of rows that were given back says in this column why; it is skipped when the mended rows come in.
    private const string Why = "problem";

    private static readonly string[] Delimiters = [",", ";", "\t"];

    /// <summary>Writes ingredients, with every column.</summary>
    public static string Write(IEnumerable<IngredientDocument> ingredients)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(text, Writing());
        WriteRecord(csv, PantryColumn.All.Select(column => column.Name));
        foreach (var ingredient in ingredients)
        {
            WriteRecord(csv, PantryColumn.All.Select(column => column.Write(ingredient) ?? ""));
        }

        csv.Flush();
        return text.ToString();
    }

    /// <summary>Writes the rows that could not be taken as they came, each with the reason behind it.</summary>
    /// <param name="text">The file that they came in.</param>
    /// <param name="rows">Its bad rows.</param>
    public static string WriteBad(string text, IReadOnlyList<PantryRow> rows)
    {
        var bad = rows.Where(row => row.Problems.Count > 0).ToDictionary(row => row.Line);
        using var output = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(output, Writing());
        var isHeader = true;
        var why = -1;
        foreach (var (line, record) in Records(text))
        {
            if (isHeader)
            {
                why = Array.FindIndex(record, name => name.Trim() == Why);
                WriteRecord(csv, [.. Kept(record), Why]);
                isHeader = false;
            }
            else if (bad.TryGetValue(line, out var row))
            {
                WriteRecord(
                    csv,
                    [
                        .. Kept(record),
                        string.Join(" ", row.Problems.Select(problem => $"{problem.Column}: {problem.Message}")),
                    ]
                );
            }
        }

        csv.Flush();
        return output.ToString();

        IEnumerable<string> Kept(string[] record) => record.Where((_, i) => i != why);
    }

    /// <summary>Reads a file. Columns that it does not have leave what the bar knows as it is.</summary>
    /// <param name="text">The file; commas, semicolons or tabs between the cells.</param>
    /// <param name="bar">What the bar has already.</param>
    internal static PantryFile Read(string text, IReadOnlyList<IngredientDocument> bar)
    {
        string[]? header = null;
        var columns = new List<PantryColumn?>();
        var rows = new List<PantryRow>();
        try
        {
            foreach (var (line, record) in Records(text))
            {
                if (header is null)
                {
                    header = [.. record.Select(name => name.Trim())];
                    columns.AddRange(
                        header.Select(name =>
                            PantryColumn.All.FirstOrDefault(column =>
                                string.Equals(column.Name, name, StringComparison.OrdinalIgnoreCase)
                            )
                        )
                    );
                    if (RefuseHeader(header, columns, line) is { } refused)
                    {
                        return refused;
                    }

                    continue;
                }

                if (rows.Count == PantryFile.MostRows)
                {
                    return PantryFile.Refused(
                        line,
                        "",
                        null,
                        $"There are more than {PantryFile.MostRows} ingredients.",
                        $"at most {PantryFile.MostRows} rows"
                    );
                }

                rows.Add(ReadRow(line, record, header, columns, bar));
            }
        }
        catch (CsvHelperException broken)
        {
            return PantryFile.Refused(
                broken.Context?.Parser?.RawRow ?? 1,
                "",
                null,
                "The line cannot be read: a quotation mark is opened and not closed, or stands alone.",
                "cells as RFC 4180 has them"
            );
        }

        return header is null || rows.Count == 0
            ? PantryFile.Refused(
                1,
                "",
                null,
                "There are no ingredients in the file.",
                "a first line with the columns' names, and a line for each ingredient"
            )
            : new PantryFile(rows, []);
    }

    private static PantryFile? RefuseHeader(string[] header, List<PantryColumn?> columns, int line)
    {
        var unknown = header.Where((name, i) => columns[i] is null && name != Why).ToList();
        if (unknown.Count > 0)
        {
            return new PantryFile(
                [],
                [
                    .. unknown.Select(name => new PantryProblem(
                        line,
                        name,
                        Problem.Shorten(name),
                        name.Length == 0 ? "A column has no name." : $"There is no column '{Problem.Shorten(name)}'.",
                        "the columns that a saved pantry has"
                    )),
                ]
            );
        }

        var twice = header
            .GroupBy(name => name, StringComparer.OrdinalIgnoreCase)
            .FirstOrDefault(group => group.Count() > 1);
        return twice is not null
                ? PantryFile.Refused(
                    line,
                    twice.Key,
                    twice.Key,
                    $"The column '{twice.Key}' is there twice.",
                    "each column once"
                )
            : !header.Contains("name", StringComparer.OrdinalIgnoreCase)
                ? PantryFile.Refused(
                    line,
                    "name",
                    null,
                    "There is no column 'name'.",
                    "at least the columns name and, for new ingredients, kind and colour"
                )
            : null;
    }

    private static PantryRow ReadRow(
        int line,
        string[] record,
        string[] header,
        List<PantryColumn?> columns,
        IReadOnlyList<IngredientDocument> bar
    )
    {
        var problems = new List<PantryProblem>();
        if (record.Length != header.Length)
        {
            problems.Add(
                new PantryProblem(
                    line,
                    "",
                    null,
                    $"The line has {record.Length} cells, and the first line names {header.Length}.",
                    $"{header.Length} cells; a cell with a comma in it stands in quotation marks"
                )
            );
        }

        string? Cell(string name)
        {
            var at = Array.FindIndex(header, other => string.Equals(other, name, StringComparison.OrdinalIgnoreCase));
            return at >= 0 && at < record.Length ? record[at].Trim() : null;
        }

        var known = PantryFile.Find(bar, Cell("id"), Cell("name"));
        var document = known ?? new IngredientDocument();
        for (var i = 0; i < Math.Min(record.Length, header.Length); i++)
        {
            if (columns[i] is not { } column)
            {
                continue;
            }

            var text = record[i].Trim();
            if (column.Read(document, text) is { } next)
            {
                document = next;
            }
            else
            {
                problems.Add(
                    new PantryProblem(
                        line,
                        column.Name,
                        Problem.Shorten(text),
                        $"'{Problem.Shorten(text)}' cannot be read.",
                        column.Accepted
                    )
                );
            }
        }

        return new PantryRow(line, known is null ? document : document with { Id = known.Id }, known?.Id, problems);
    }

    private static IEnumerable<(int Line, string[] Record)> Records(string text)
    {
        using var reader = new StringReader(text);
        using var parser = new CsvParser(reader, Reading(DelimiterOf(text)));
        while (parser.Read())
        {
            if (parser.Record is { } record && record.Any(cell => cell.Length > 0))
            {
                yield return (
                    parser.RawRow - parser.RawRecord.TrimEnd('\r', '\n').Count(letter => letter == '\n'),
                    record
                );
            }
        }
    }

    // The first line holds no quoted text of its own: whichever of them it has most of stands between the cells.
    private static string DelimiterOf(string text)
    {
        var first = text.TrimStart('\r', '\n').Split('\n')[0];
        return Delimiters.MaxBy(delimiter => first.Split(delimiter).Length)!;
    }

    // Written with RFC 4180's line ends, read with whatever ends the lines.
    private static CsvConfiguration Writing() => new(CultureInfo.InvariantCulture) { NewLine = "\r\n" };

    private static CsvConfiguration Reading(string delimiter) =>
        new(CultureInfo.InvariantCulture) { Delimiter = delimiter, BadDataFound = null };

    private static void WriteRecord(CsvWriter csv, IEnumerable<string> cells)
    {
        foreach (var cell in cells)
        {
            csv.WriteField(cell);
        }

        csv.NextRecord();
    }
}
