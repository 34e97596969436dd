using System.Globalization;
using Krasis.Core.Quantities;

namespace Krasis.Exchange.Prep;

/// <summary>Reads what was sold.</summary>
public static class SalesFile
{
    /// <summary>More than this is no count of cups of one size on one day.</summary>
    public const double MostCups = 20_000;

    private const int LongestName = 120;

    private static readonly char[] DaySigns = ['-', '/', '.'];

    /// <summary>Reads a table by its columns.</summary>
    public static SalesRead Read(SalesTable table, SalesColumns columns)
    {
        columns = new SalesColumns(
            At(columns.Day),
            At(columns.Drink),
            At(columns.Cups),
            At(columns.Size),
            At(columns.Station),
            columns.Order,
            At(columns.Time)
        );
        if (columns is not { Day: { } dayAt, Drink: not null, Cups: not null })
        {
            return new SalesRead([], [.. Unnamed(table, columns)], []);
        }

        var order = columns.Order ?? OrderOf(table.Rows.Select(row => Cell(row.Cells, dayAt)));
        var problems = new List<SalesProblem>();
        var (rows, twins, seen) = (new List<SalesRow>(), new List<int>(), new HashSet<string>(StringComparer.Ordinal));
        foreach (var (line, cells) in table.Rows.Take(SalesTable.MostRows))
        {
            if (ReadRow(table, columns, order, line, cells, problems) is not { } row)
            {
                continue;
            }

            if (seen.Add(string.Join('\u001f', cells)))
            {
                rows.Add(row);
            }
            else
            {
                twins.Add(line);
            }
        }

        if (table.Rows.Count > SalesTable.MostRows)
        {
            problems.Add(
                new SalesProblem(
                    table.Rows[SalesTable.MostRows].Line,
                    "",
                    "",
                    $"There are more than {SalesTable.MostRows} rows.",
                    "the rest as another file"
                )
            );
        }

        return new SalesRead(rows, problems, twins);

        int? At(int? column) => column is { } place && place >= 0 && place < table.Head.Count ? place : null;
    }

    private static IEnumerable<SalesProblem> Unnamed(SalesTable table, SalesColumns columns) =>
        new[] { (columns.Day, "day"), (columns.Drink, "drink"), (columns.Cups, "number of cups") }
            .Where(each => each.Item1 is null)
            .Select(each => new SalesProblem(
                1,
                each.Item2,
                "",
                $"It is not known which column holds the {each.Item2}.",
                string.Join(", ", table.Head)
            ));

    // Null where anything of it cannot be read; what that is is added to the problems.
    private static SalesRow? ReadRow(
        SalesTable table,
        SalesColumns columns,
        string? order,
        int line,
        IReadOnlyList<string> cells,
        List<SalesProblem> problems
    )
    {
        var (dayAt, drinkAt, cupsAt) = (columns.Day!.Value, columns.Drink!.Value, columns.Cups!.Value);
        var (day, cups, drink) = (Day(Cell(cells, dayAt), order), Cups(Cell(cells, cupsAt)), Cell(cells, drinkAt));
        if (day is null)
        {
            Report(
                dayAt,
                Cell(cells, dayAt),
                order is null ? "It cannot be told which is the day and which the month." : "That is not a day.",
                order is null ? "the order of day and month, chosen once for the file" : "a day such as 2026-11-25"
            );
        }

        if (cups is null)
        {
            Report(
                cupsAt,
                Cell(cells, cupsAt),
                "That is not a number of cups.",
                $"a whole number from 0 to {Say.Whole(MostCups)}"
            );
        }

        var isNamed = drink.Length is > 0 and <= LongestName;
        if (!isNamed)
        {
            Report(
                drinkAt,
                drink.Length == 0 ? "" : drink[..40],
                drink.Length == 0 ? "No drink is named." : "That is too long for a drink's name.",
                "the drink as the till calls it"
            );
        }

        var time = columns.Time is { } timeAt ? Cell(cells, timeAt) : "";
        var minute = time.Length > 0 ? SalesTime.OfCell(time) : SalesTime.BehindDay(Cell(cells, dayAt));
        var isTimed = time.Length == 0 || minute is not null;
        if (!isTimed)
        {
            Report(columns.Time!.Value, time, "That is not a time of day.", "a time such as 14:03 or 2:03 pm");
        }

        return day is { } on && cups is { } sold && isNamed && isTimed
            ? new SalesRow(
                line,
                on,
                drink,
                columns.Size is { } size ? Cell(cells, size) : "",
                columns.Station is { } station ? Cell(cells, station) : "",
                sold,
                minute
            )
            : null;

        void Report(int at, string value, string message, string accepted) =>
            problems.Add(
                new SalesProblem(
                    line,
                    table.Head[at].Length > 0 ? table.Head[at] : $"column {at + 1}",
                    value,
                    message,
                    accepted
                )
            );
    }

    /// <summary>A count of cups as it is written with either decimal sign; null for what is none, and for a part of a
    /// cup.</summary>
    internal static double? Cups(string text) =>
        double.TryParse(
            text.Replace(',', '.'),
            NumberStyles.AllowDecimalPoint
                | NumberStyles.AllowLeadingSign
                | NumberStyles.AllowLeadingWhite
                | NumberStyles.AllowTrailingWhite,
            CultureInfo.InvariantCulture,
            out var cups
        )
        && cups is >= 0 and <= MostCups
        && cups == Math.Floor(cups)
        && !IsThousands(text)
            ? cups + 0.0
            : null;

    /// <summary>A day as it is written, with a time behind it or without; null for what is none.</summary>
    /// <param name="text">The text.</param>
    /// <param name="order">ymd, dmy or mdy for what does not begin with a year.</param>
    internal static DateOnly? Day(string text, string? order)
    {
        var parts = text.Trim().Split(' ', 'T')[0].Split(DaySigns);
        if (parts.Length != 3 || !parts.All(part => part.Length is >= 1 and <= 4 && part.All(char.IsAsciiDigit)))
        {
            return null;
        }

        var numbers = parts.Select(part => int.Parse(part, CultureInfo.InvariantCulture)).ToArray();
        var (year, month, day) =
            parts[0].Length == 4 ? (numbers[0], numbers[1], numbers[2])
            : order == "dmy" ? (numbers[2], numbers[1], numbers[0])
            : order == "mdy" ? (numbers[2], numbers[0], numbers[1])
            : order == "ymd" ? (numbers[0], numbers[1], numbers[2])
            : (0, 0, 0);
        year += year is > 0 and < 100 ? 2000 : 0;
        return
            year is >= 2000 and < 2150
            && month is >= 1 and <= 12
            && day >= 1
            && day <= DateTime.DaysInMonth(year, month)
            ? new DateOnly(year, month, day)
            : null;
    }

    // A day beyond the twelfth tells which is the month, as long as none tells otherwise; a dot is written by those who
    // write the day first.
    private static string? OrderOf(IEnumerable<string> days)
    {
        var parts = days.Select(day => day.Trim().Split(' ', 'T')[0])
            .Where(day => day.Length > 0)
            .Select(day => (Text: day, Parts: day.Split(DaySigns)))
            .Where(day => day.Parts.Length == 3 && day.Parts[0].Length <= 2)
            .ToList();
        if (parts.Count == 0 || parts.All(day => day.Text.Contains('.', StringComparison.Ordinal)))
        {
            return "dmy";
        }

        var isDayFirst = parts.Any(day => int.TryParse(day.Parts[0], out var first) && first > 12);
        var isMonthFirst = parts.Any(day => int.TryParse(day.Parts[1], out var second) && second > 12);
        return (isDayFirst, isMonthFirst) switch
        {
            (true, false) => "dmy",
            (false, true) => "mdy",
            _ => null,
        };
    }

    // 1.200 and 1,200 may be twelve hundred, and are not guessed at.
    private static bool IsThousands(string text) =>
        text.Trim().Split('.', ',') is [{ Length: >= 1 and <= 3 }, { Length: 3 }];

    private static string Cell(IReadOnlyList<string> cells, int at) => at < cells.Count ? cells[at] : "";
}
