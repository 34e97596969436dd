using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Advising;

/// <summary>How far a drink is beyond what the full bar's house allows, read off its sheet number by number and not as
/// the program does it: 15 % of drift in strength and in sweetness, ΔE 5, 85 % full, a quarter of ice.</summary>
internal static class BeyondAllowed
{
    /// <summary>What stands further beyond what is allowed than before, in words; none where nothing does.</summary>
    public static IReadOnlyList<string> Worse(BuildSheet before, BuildSheet after)
    {
        var was = Of(before);
        return
        [
            .. Of(after)
                .Where(one => one.Value > was.GetValueOrDefault(one.Key) + 0.001)
                .Select(one => $"{one.Key}: {was.GetValueOrDefault(one.Key):0.##} → {one.Value:0.##}"),
        ];
    }

    private static Dictionary<string, double> Of(BuildSheet sheet)
    {
        var beyond = new Dictionary<string, double>();
        var reference = sheet.Sizes.Single(size => size.IsReference);
        foreach (var size in sheet.Sizes)
        {
            void Put(string what, double by)
            {
                if (by > 0)
                {
                    beyond[$"{size.Size.Value} {what}"] = by;
                }
            }

            Put("over the brim", size.Fill.Spilt.Value);
            Put("over the reserve", size.Fill.OccupiedVolume.Value - size.Fill.WorkingVolume.Value);
            Put("drift in strength", Math.Abs(size.Taste.Drift.Strength?.Value ?? 0) - 15);
            Put("drift in sweetness", Math.Abs(size.Taste.Drift.Sweetness?.Value ?? 0) - 15);
            Put("drift in colour", (size.Taste.Drift.Colour ?? 0) - 5);
            var least = size.IsReference ? 0.85 : Math.Min(0.85, 0.9 * Full(reference));
            Put("empty", Math.Max(0, (least - Full(size)) * 100 - 0.1));
        }

        // Findings without a measure: a fault counts 2 and a warning 1.
        foreach (
            var found in sheet
                .Findings.Where(finding =>
                    finding.Severity != Severity.Note
                    && finding.Check
                        is not (
                            "overfull"
                            or "underfilled"
                            or "taste-drift"
                            or "same-shot"
                            or "lukewarm"
                            or "not-cold"
                            or "no-room-for-top"
                            or "caffeine"
                            or "blended-ice"
                        )
                )
                .GroupBy(finding => $"{finding.Size.Value} {finding.Check} {finding.Line}")
        )
        {
            beyond[found.Key] = found.Max(finding => finding.Severity == Severity.Fault ? 2 : 1);
        }

        return beyond;
    }

    private static double Full(SizeSheet size) => size.Fill.OccupiedVolume / size.Fill.WorkingVolume;
}
