using System.Text.RegularExpressions;

namespace Krasis.Recipes;

/// <summary>A table in a text: rows of as many cells, the first of them its heads.</summary>
/// <param name="Rows">The rows.</param>
/// <param name="Rules">How many lines only part the heads from the rest.</param>
internal sealed partial record Table(IReadOnlyList<IReadOnlyList<TableCell>> Rows, int Rules)
{
    /// <summary>The table that begins at a line; null where none does.</summary>
    /// <param name="lines">The lines.</param>
    /// <param name="from">The line.</param>
    /// <param name="isHead">Whether words head a column. Commas are of sentences too, unless they part heads.</param>
    public static Table? Of(IReadOnlyList<TextLine> lines, int from, Func<string, bool> isHead)
    {
        foreach (var sign in "|\t;,")
        {
            var (rows, rules) = (new List<IReadOnlyList<TableCell>>(), 0);
            for (var i = from; i < lines.Count && !lines[i].IsBlank; i++)
            {
                if (rows.Count == 1 && Ruled().IsMatch(lines[i].Text))
                {
                    rules++;
                    continue;
                }

                var cells = Cells(lines[i], sign);
                if (
                    cells.Count < 2
                    || (rows.Count > 0 && cells.Count != rows[0].Count && sign is ';' or ',')
                    || (rows.Count > 0 && cells.Count > rows[0].Count)
                )
                {
                    break;
                }

                rows.Add(cells);
            }

            if (rows.Count >= 2 && (sign is '|' or '\t' || rows[0].Any(cell => isHead(cell.Text))))
            {
                return new Table(rows, rules);
            }
        }

        return null;
    }

    private static List<TableCell> Cells(TextLine line, char sign)
    {
        var cells = new List<TableCell>();
        var at = 0;
        foreach (var part in line.Text.Split(sign))
        {
            var text = part.Trim();
            cells.Add(new TableCell(line.Start + at + (part.Length - part.TrimStart().Length), text, line.Start + at));
            at += part.Length + 1;
        }

        // Markdown's rows have a sign at both ends.
        if (sign == '|' && cells.Count > 2)
        {
            cells = [.. cells.SkipWhile((cell, i) => i == 0 && cell.Text.Length == 0)];
            cells = cells[^1].Text.Length == 0 ? cells[..^1] : cells;
        }

        return cells;
    }

    [GeneratedRegex(@"^[\s|:+-]+$", RegexOptions.CultureInvariant)]
    private static partial Regex Ruled();
}

/// <summary>A cell of a table.</summary>
/// <param name="Start">Where its words begin.</param>
/// <param name="Text">Its words.</param>
/// <param name="Before">Where the cell begins.</param>
internal sealed record TableCell(int Start, string Text, int Before)
{
    /// <summary>Where its words end.</summary>
    public int End => Start + Text.Length;
}
