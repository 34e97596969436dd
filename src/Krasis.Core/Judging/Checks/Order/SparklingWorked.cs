using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>Something sparkling is shaken, blended or stirred: it bursts the lid off, or goes flat. (Common practice, no
/// source.)</summary>
internal sealed class SparklingWorked() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "sparkling-shaken";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (!at.Ingredient.IsSparkling || !at.Line.IsInside)
        {
            return null;
        }

        var vessel = at.Whole.VesselOf(at.Worked, at.Line);
        var what = vessel switch
        {
            Vessel.Shaker => "is shaken, and its pressure can burst the shaker open",
            Vessel.BlenderJar => "is blended, and its pressure can push the lid off",
            _ when at.Line.Line.Technique is Technique.Stir or Technique.Shake or Technique.Blend or Technique.Foam =>
                "goes flat, because it is stirred or foamed",
            _ => null,
        };
        return what is null
            ? null
            : Found(
                at,
                vessel is Vessel.Shaker or Vessel.BlenderJar ? Severity.Fault : Severity.Warning,
                $"{at.Ingredient.Name} {what}. Pour it into the cup, last.",
                vessel is Vessel.Cup
                    ? at.Change($"Pour {at.Ingredient.Name} in", LineField.Technique, Techniques.Of(Technique.Pour))
                    : null
            );
    }
}
