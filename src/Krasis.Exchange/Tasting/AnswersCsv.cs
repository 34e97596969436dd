using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Krasis.Exchange.Tasting;

/// <summary>The answers of a tasting as a comma-separated file (RFC 4180). The format is described in docs/formats.md.</summary>
public static class AnswersCsv
{
    private static readonly string[] Head = ["taster", "answered", "simulated", "counted", "place", "code", "sample", "liking"];
    private static readonly string[] Tail = ["rank", "chosen", "right", "comment"];

    /// <summary>Writes answers. Text that a spreadsheet would take for a formula has an apostrophe before it.</summary>
    public static string Write(IReadOnlyList<AnswerRow> answers)
    {
        using var written = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(written, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" });
        var scales = answers.Count > 0 ? answers[0].Scales.Select(scale => scale.Scale) : [];
        Record(csv, [.. Head, .. scales.Select(SafeText.Of), .. Tail]);
        foreach (var row in answers)
        {
            Record(csv,
            [
                Number(row.Taster), row.AnsweredAt, Word(row.IsSimulated), Word(row.IsCounted), Number(row.Place), row.Code, SafeText.Of(row.Sample), Number(row.Liking),
                .. row.Scales.Select(scale => Number(scale.Said)),
                Number(row.Rank), Word(row.IsChosen), Word(row.IsRight), SafeText.Of(row.Comment),
            ]);
        }

        csv.Flush();
        return written.ToString();
    }

    private static void Record(CsvWriter csv, IEnumerable<string?> fields)
    {
        foreach (var field in fields)
        {
            csv.WriteField(field);
        }

        csv.NextRecord();
    }

    private static string? Number(long? number) => number?.ToString(CultureInfo.InvariantCulture);

    private static string? Word(bool? answer) => answer is { } known ? known ? "yes" : "no" : null;
}
