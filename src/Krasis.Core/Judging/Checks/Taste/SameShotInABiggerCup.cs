using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A bigger cup gets the same coffee as the reference size and is weaker than the house allows, yet is sold as
/// the same drink.</summary>
internal sealed class SameShotInABiggerCup : ICheck
{
    /// <inheritdoc/>
    public string Name => "same-shot";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!Is(setting, size, worked))
        {
            yield break;
        }

        var mends = DriftMend.For(setting, worked, strength: true);
        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            null,
            $"{size.Name} is a bigger cup with the reference's coffee: {TasteDrift.By(size.Taste.Drift.Strength!.Value, "weaker", "stronger", setting.Bar.House.AllowedStrengthDrift)}, and sold as the same drink.",
            mends.Count > 0 ? mends[0] : null
        )
        {
            Excess = new(
                Excess.Strength,
                -size.Taste.Drift.Strength!.Value.Value - setting.Bar.House.AllowedStrengthDrift.Value
            ),
            OtherMends = [.. mends.Skip(1)],
            Otherwise = "Give it more coffee.",
            CanAdvise = true,
        };
    }

    /// <summary>Whether a size is such a one.</summary>
    public static bool Is(Setting setting, SizeSheet size, WorkedSize worked) =>
        size.Taste.Drift.Strength is { } drift
        && -drift.Value > setting.Bar.House.AllowedStrengthDrift.Value
        && worked.Size.Growth.Cup > 1
        && worked.Poured.Coffee > 0
        && worked.Poured.Coffee <= setting.Reference.Poured.Coffee * (1 + 1e-9);
}
