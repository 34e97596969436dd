using System.Globalization;

namespace Krasis.Core.Input;

/// <summary>Reads the fields of a document one after another and keeps every problem, so that people are told all
/// of them at once.</summary>
/// <param name="root">The path of the document itself, put before every field's name; empty at the top.</param>
public sealed class FieldReader(string root = "")
{
    private readonly List<Problem> problems = [];

    /// <summary>What has been found so far.</summary>
    public IReadOnlyList<Problem> Problems => problems;

    /// <summary>Notes a problem.</summary>
    public void Report(string field, string? value, string message, string accepted) =>
        problems.Add(Problem.At(Path(field), value, message, accepted));

    /// <summary>Takes over the problems of a part that was read elsewhere.</summary>
    public void Take(IEnumerable<Problem> found) => problems.AddRange(found);

    /// <summary>Reads a name that people see: trimmed, not empty, on one line, at most 120 characters.</summary>
    public string Name(string field, string? value) => Text(field, value, "name", 120);

    /// <summary>Reads a reference to something by its id: not empty, at most 80 characters.</summary>
    public string Id(string field, string? value) => Text(field, value, "id", 80);

    /// <summary>Reads a number from <paramref name="least"/> to <paramref name="most"/>, both included.</summary>
    /// <returns>The number; <paramref name="least"/> when there is a problem, so that reading can go on.</returns>
    public double Number(string field, double? value, double least, double most, string unit)
    {
        if (value is not { } number)
        {
            Report(field, null, "A number is missing.", Accepted());
            return least;
        }

        if (double.IsNaN(number) || number < least || number > most)
        {
            var given = double.IsFinite(number) ? Say(number) : null;
            var what = given is null ? "That number" : $"{given} {unit}".TrimEnd();
            Report(field, given, $"{what} is too {(number < least ? "little" : "much")}.", Accepted());
            return least;
        }

        if (!Measurable.Is(number))
        {
            Report(field, null, Measurable.Refusal, Accepted());
            return least;
        }

        // Minus nothing is nothing.
        return number + 0.0;

        string Accepted() => $"a number from {Say(least)} to {Say(most)} {unit}".TrimEnd();
    }

    /// <summary>Reads a whole number from <paramref name="least"/> to <paramref name="most"/>, both included.</summary>
    public int Whole(string field, double? value, int least, int most, string unit)
    {
        var number = Number(field, value, least, most, unit);
        if (number != Math.Floor(number))
        {
            Report(
                field,
                Say(number),
                $"{Say(number)} is not a whole number.",
                $"a whole number from {least} to {most}"
            );
            return least;
        }

        return (int)number;
    }

    /// <summary>Reads one of a few words.</summary>
    public T Word<T>(string field, string? value, T fallback)
        where T : struct, Enum
    {
        if (Choice.Find<T>(value) is { } found)
        {
            return found;
        }

        Report(
            field,
            value,
            value is null ? "Nothing is chosen." : $"'{Problem.Shorten(value)}' is not one of the choices.",
            string.Join(", ", Choice.All<T>())
        );
        return fallback;
    }

    /// <summary>Reads a number that may be missing, from <paramref name="least"/> to <paramref name="most"/>, both
    /// included.</summary>
    /// <returns>The number, or null when there is none.</returns>
    public double? Optional(string field, double? value, double least, double most, string unit) =>
        value is null ? null : Number(field, value, least, most, unit);

    /// <summary>Reads a text that may be missing: trimmed, on one line, at most <paramref name="longest"/>
    /// characters.</summary>
    /// <returns>The text, or null when there is none.</returns>
    public string? Note(string field, string? value, int longest = 500) =>
        string.IsNullOrWhiteSpace(value) ? null : Text(field, value, "text", longest);

    /// <summary>Reads a word that may be missing.</summary>
    public T? OptionalWord<T>(string field, string? value)
        where T : struct, Enum => value is null ? null : Word<T>(field, value, default);

    /// <summary>Reads a day, as <c>2026-11-25</c>, that may be missing.</summary>
    public DateOnly? Day(string field, string? value)
    {
        if (string.IsNullOrWhiteSpace(value))
        {
            return null;
        }

        // Beyond a lifetime either way it is a slip, and days can no longer be added to it.
        if (
            DateOnly.TryParseExact(
                value.Trim(),
                "yyyy-MM-dd",
                CultureInfo.InvariantCulture,
                DateTimeStyles.None,
                out var day
            ) && day.Year is >= 1950 and < 2150
        )
        {
            return day;
        }

        Report(
            field,
            value,
            $"'{Problem.Shorten(value)}' is not a day.",
            "a day as year-month-day, such as 2026-11-25"
        );
        return null;
    }

    /// <summary>Reads a list that may hold nulls, whatever its type says, and may be no list at all.</summary>
    /// <returns>The items that were read, in order.</returns>
    public IReadOnlyList<T> Each<TDocument, T>(
        string field,
        IReadOnlyList<TDocument?>? documents,
        int most,
        Func<TDocument, string, FieldReader, T> read
    )
        where TDocument : class, new()
    {
        var found = new List<T>();
        var given = documents ?? [];
        if (given.Count > most)
        {
            Report(
                field,
                given.Count.ToString(CultureInfo.InvariantCulture),
                $"There are {given.Count} entries.",
                $"at most {most}"
            );
            return found;
        }

        for (var i = 0; i < given.Count; i++)
        {
            found.Add(read(given[i] ?? new TDocument(), $"{field}[{i}]", this));
        }

        return found;
    }

    /// <summary>The value, or all the problems found.</summary>
    public Reading<T> Finish<T>(Func<T> make) =>
        problems.Count == 0 ? Reading<T>.Of(make()) : Reading<T>.Failed(problems);

    /// <summary>The full path of a field of this document.</summary>
    public string Path(string field) =>
        root.Length == 0 ? field
        : field.Length == 0 ? root
        : $"{root}.{field}";

    private static string Say(double number) =>
        number.ToString(Math.Abs(number) < 1e9 ? "0.####" : "0.###E+0", CultureInfo.InvariantCulture);

    private string Text(string field, string? value, string what, int longest)
    {
        var text = value?.Trim() ?? "";
        if (text.Length == 0)
        {
            Report(field, value, $"The {what} is empty.", Accepted());
        }
        else if (text.Length > longest)
        {
            Report(field, text, $"The {what} has {text.Length} characters, which is more than {longest}.", Accepted());
        }
        else if (text.Any(char.IsControl))
        {
            Report(field, text, $"The {what} holds a line break or another control character.", Accepted());
        }

        return text;

        string Accepted() => $"1 to {longest} characters on one line";
    }
}
