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
    // What arithmetic moves is no change: a ten-thousandth of a millilitre, a percent or a degree.
    private const double Hair = 1e-4;

    // What only is so or is not so: a warning is beyond by 1, a fault by 2.
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
            var key = (finding.Size, finding.Excess?.Of ?? finding.Check, finding.Line);
            Put(key, finding.Excess?.By ?? Grave.GetValueOrDefault(finding.Severity));
            said.TryAdd(key, finding);
        }
    }

    /// <summary>How a sheet stands.</summary>
    public static Standing Of(BuildSheet sheet) => new(sheet);

    /// <summary>What stands further beyond what is allowed than in another sheet of the drink.</summary>
    /// <param name="before">How it stood.</param>
    /// <returns>What it is called in each size, and what is said of it where a check says something.</returns>
    public IReadOnlyList<(CupId Size, string Of, Finding? Said)> WorseThan(Standing before) =>
        [
            .. beyond
                .Where(one => one.Value > before.beyond.GetValueOrDefault(one.Key) + Hair)
                .Select(one => (one.Key.Size, one.Key.Of, said.GetValueOrDefault(one.Key))),
        ];

    /// <summary>How far a size is beyond what is allowed in one thing; 0 where it is not.</summary>
    public double Beyond(CupId size, string of) => beyond.GetValueOrDefault((size, of, null));

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
