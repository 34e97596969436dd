using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Standings;

/// <summary>How a drink stands against what the house wants, size by size: in each thing that is measured, how far it is
/// beyond what is allowed. All that is proposed is held against it: nothing may stand further beyond than
/// before.</summary>
internal sealed class Standing
{
    // Rounding in the sums is no change: a ten-thousandth of a millilitre, a percent or a degree.
    private const double Hair = 1e-4;

    // A finding without a measure counts as a whole: a warning 1, a fault 2.
    private static readonly Dictionary<Severity, double> Grave = new() { [Severity.Fault] = 2, [Severity.Warning] = 1 };

    private readonly Dictionary<(CupId Size, string Of, LineId? Line), double> beyond = [];
    private readonly Dictionary<(CupId Size, string Of, LineId? Line), Finding> said = [];

    private Standing(BuildSheet sheet)
    {
        foreach (var size in sheet.Sizes)
        {
            Measure(size, sheet);
        }

        foreach (var finding in sheet.Findings)
        {
            // What is measured is the cup's, whichever line is named for it; only a dose is a line's own.
            var line = finding.Excess is null or { Of: Excess.Dose } ? finding.Line : null;
            var key = (finding.Size, finding.Excess?.Of ?? finding.Check, line);
            Put(key, finding.Excess?.By ?? Grave.GetValueOrDefault(finding.Severity));
            said.TryAdd(key, finding);
        }
    }

    /// <summary>How a sheet stands.</summary>
    public static Standing Of(BuildSheet sheet) => new(sheet);

    /// <summary>What stands further beyond what is allowed than in another sheet of the drink.</summary>
    /// <param name="before">How it stood.</param>
    /// <returns>For each: the size, what is measured, and the finding that tells of it, if there is one.</returns>
    public IReadOnlyList<(CupId Size, string Of, Finding? Said)> WorseThan(Standing before) =>
        [
            .. beyond
                .Where(one => one.Value > before.beyond.GetValueOrDefault(one.Key) + Hair)
                .Select(one => (one.Key.Size, one.Key.Of, said.GetValueOrDefault(one.Key))),
        ];

    private void Measure(SizeSheet size, BuildSheet sheet)
    {
        var drift = size.Taste.Drift;
        Put((size.Size, "brim", null), size.Fill.Spilt.Value);
        Put((size.Size, "headspace", null), -size.Fill.RoomLeft.Value);
        Drifted(Excess.Strength, drift.Strength?.Value, sheet.AllowedStrengthDrift.Value);
        Drifted(Excess.Sweetness, drift.Sweetness?.Value, sheet.AllowedSweetnessDrift.Value);
        Drifted("colour", drift.Colour, sheet.AllowedColourDrift);

        void Drifted(string of, double? by, double allowed) => Put((size.Size, of, null), Math.Abs(by ?? 0) - allowed);
    }

    private void Put((CupId Size, string Of, LineId? Line) key, double by)
    {
        if (by > Hair)
        {
            beyond[key] = Math.Max(by, beyond.GetValueOrDefault(key));
        }
    }
}
