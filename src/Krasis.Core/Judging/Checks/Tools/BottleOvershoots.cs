using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>A squeeze bottle gives more than it is to give, or now more, now less.</summary>
internal sealed class BottleOvershoots() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "bottle-overshoots";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Bar.DispenserOf(at.Ingredient.Id) is not { Kind: DispenserKind.Bottle } bottle)
        {
            return null;
        }

        var allowed = at.Bar.House.SauceTolerance.Value;
        var over = bottle.OffNominal is { } off ? off.Value : 0;
        var spread = bottle.Weighing?.Variation.Value ?? 0;
        if (over <= allowed + 1e-9 && spread <= allowed)
        {
            return null;
        }

        var what =
            over > allowed
                ? $"gives {Say.Short(over)} % more a squeeze than it is to"
                : $"spreads by {Say.Short(spread)} % from squeeze to squeeze";
        return Found(
            at,
            Severity.Warning,
            $"{bottle.Name} {what}; the house allows {Say.Short(allowed)} %. Squeeze {at.Ingredient.Name} into the cup on the scale."
        );
    }
}
