using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Krasis.Exchange.Pouring;

/// <summary>What was poured as a comma-separated file (RFC 4180). The format is described in docs/formats.md.</summary>
public static class PouredCsv
{
    private static readonly string[] Head = ["started", "station", "who", "what", "dispenser", "recipe", "target_g", "poured_g", "off_percent", "seconds"];

    /// <summary>Writes pours. A name that a spreadsheet would take for a formula has an apostrophe before it.</summary>
    public static string Write(IEnumerable<PouredRow> pours)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" });
        foreach (var name in Head)
        {
            csv.WriteField(name);
        }

        csv.NextRecord();
        foreach (var pour in pours)
        {
            csv.WriteField(pour.StartedAt);
            csv.WriteField(Safe(pour.Station));
            csv.WriteField(Safe(pour.Who));
            csv.WriteField(Safe(pour.What));
            csv.WriteField(Safe(pour.Dispenser));
            csv.WriteField(Safe(pour.Recipe));
            csv.WriteField(pour.Target.ToString(CultureInfo.InvariantCulture));
            csv.WriteField(pour.Grams.ToString(CultureInfo.InvariantCulture));

            csv.WriteField(pour.Target > 0 ? (((pour.Grams / pour.Target) - 1) * 100).ToString("0.##", CultureInfo.InvariantCulture) : "");
            csv.WriteField(pour.Seconds?.ToString(CultureInfo.InvariantCulture));
            csv.NextRecord();
        }

        csv.Flush();
        return text.ToString();
    }

    // A spreadsheet takes text that begins so for a formula; a number may begin with a minus.
    private static string? Safe(string? text) => text is [('=' or '+' or '-' or '@' or '\t' or '\r'), ..] ? $"'{text}" : text;
}
