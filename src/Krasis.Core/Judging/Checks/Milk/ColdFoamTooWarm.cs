using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>Milk is foamed cold from warmer than it foams well.</summary>
internal sealed class ColdFoamTooWarm() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "cold-foam-too-warm";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var limit = at.Ingredient.FoamsColdBelow ?? FoamLevels.ColdMilk;
        if (
            at.Line.Line.Technique != Technique.Foam
            || !at.Line.Facts.FoamsLikeMilk
            || at.Line.Foam is not { IsCold: true } foam
            || foam.From.Value <= limit.Value
        )
        {
            return null;
        }

        var better = at
            .Bar.Foams.Where(other => other.IsCold && other.From.Value <= limit.Value)
            .MinBy(other => Math.Abs(other.Overrun - foam.Overrun));
        return Found(
            at,
            Severity.Warning,
            $"{at.Ingredient.Name} is foamed cold from {Say.Degrees(foam.From)}; it foams well at {Say.Degrees(limit)} and below.",
            better is null ? null : at.Change($"Foam it to {better.Name}", LineField.Foam, better.Id.Value)
        );
    }
}
