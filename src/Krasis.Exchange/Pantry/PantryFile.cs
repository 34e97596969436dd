using System.Globalization;
using System.Text.RegularExpressions;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;

namespace Krasis.Exchange.Pantry;

/// <summary>A pantry file as it was read: every row, the good and the bad.</summary>
/// <param name="Rows">The rows, in the file's order.</param>
/// <param name="Problems">What is wrong with the file as a whole; nothing of it can be taken then.</param>
public sealed partial record PantryFile(IReadOnlyList<PantryRow> Rows, IReadOnlyList<PantryProblem> Problems)
{
    /// <summary>The most rows that a file may have.</summary>
    public const int MostRows = 1000;

    /// <summary>A file that cannot be taken at all.</summary>
    internal static PantryFile Refused(int line, string column, string? value, string message, string accepted) =>
        new([], [new PantryProblem(line, column, value is null ? null : Problem.Shorten(value), message, accepted)]);

    /// <summary>Reads a file, JSON or comma-separated.</summary>
    /// <param name="text">The file.</param>
    /// <param name="bar">What the bar has already, to tell what is new.</param>
    public static PantryFile Read(string text, IReadOnlyList<IngredientDocument> bar)
    {
        var file = IsJson(text)
            ? PantryJson.Read(text.TrimStart('\uFEFF'), bar)
            : PantryCsv.Read(text.TrimStart('\uFEFF'), bar);
        return file with { Rows = Judge(file.Rows, bar) };
    }

    /// <summary>Whether a file is JSON; anything else is read as comma-separated.</summary>
    public static bool IsJson(string text) => text.AsSpan().TrimStart("\uFEFF \t\r\n") is ['{' or '[', ..];

    /// <summary>What the bar knows under an id, or else under a name.</summary>
    internal static IngredientDocument? Find(IReadOnlyList<IngredientDocument> bar, string? id, string? name) =>
        (string.IsNullOrWhiteSpace(id) ? null : bar.FirstOrDefault(known => known.Id == id.Trim()))
        ?? bar.FirstOrDefault(known => string.Equals(known.Name, name?.Trim(), StringComparison.OrdinalIgnoreCase));

    // Each by itself as the bar reads it, and then whether two of them are the same.
    private static List<PantryRow> Judge(IReadOnlyList<PantryRow> rows, IReadOnlyList<IngredientDocument> bar)
    {
        var first = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        var judged = new List<PantryRow>();
        foreach (var row in rows)
        {
            var problems = row.Problems.ToList();
            if (problems.Count == 0)
            {
                problems.AddRange(
                    IngredientReader
                        .Read(row.Document with { Id = row.Known ?? row.Document.Id ?? "new" })
                        .Problems.Concat(
                            AllergenReader.Missing(Find(bar, row.Known, null)?.Allergens, row.Document.Allergens)
                        )
                        .Select(problem => new PantryProblem(
                            row.Line,
                            Index().Replace(problem.Field, ""),
                            problem.Value,
                            problem.Message,
                            problem.Accepted
                        ))
                );
            }

            var name = row.Document.Name?.Trim() ?? "";
            if (name.Length > 0 && !first.TryAdd(name, row.Line))
            {
                problems.Add(
                    new PantryProblem(
                        row.Line,
                        "name",
                        Problem.Shorten(name),
                        $"Line {first[name].ToString(CultureInfo.InvariantCulture)} already has that name.",
                        "each ingredient once"
                    )
                );
            }

            judged.Add(row with { Problems = problems });
        }

        return judged;
    }

    [GeneratedRegex(@"\[[0-9]+\]$")]
    private static partial Regex Index();
}
