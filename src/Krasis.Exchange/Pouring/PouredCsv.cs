using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Krasis.Exchange.Pouring;

/// <summary>What was poured as a comma-separated file (RFC 4180). The format is described in docs/formats.md.</summary>
public static class PouredCsv
{
    private static readonly string[] Head = ["started", "station", "who", "what", "dispenser", "recipe", "target_g", "poured_g", "off_percent", "seconds", "celsius", "is_right"];

    /// <summary>Writes pours. A name that a spreadsheet would take for a formula has an apostrophe before it.</summary>
    public static string Write(IEnumerable<PouredRow> pours)
    {
        using var written = new StringWriter(CultureInfo.InvariantCulture) { NewLine = "\r\n" };
        using var csv = new CsvWriter(written, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" });
        foreach (var name in Head)
        {
            csv.WriteField(name);
        }

        csv.NextRecord();
        foreach (var (startedAt, pour, temperature, isRight) in pours)
        {
            foreach (var text in new[] { startedAt, SafeText.Of(pour.Station), SafeText.Of(pour.Who), SafeText.Of(pour.What), SafeText.Of(pour.Dispenser), SafeText.Of(pour.Recipe) })
            {
                csv.WriteField(text);
            }

            foreach (var number in new[] { pour.Target.Value, pour.Grams.Value, pour.Off?.Value, pour.Seconds, temperature?.Value })
            {
                csv.WriteField(number?.ToString("0.##", CultureInfo.InvariantCulture));
            }

            csv.WriteField(isRight ? "yes" : "no");
            csv.NextRecord();
        }

        csv.Flush();
        return written.ToString();
    }
}
