using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>A pump's measured stroke is not what its maker says.</summary>
internal sealed class StrokeOffItsNominal() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "stroke-off-nominal";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Amount.Measure.Kind == MeasureKind.Stroke
        && at.Bar.DispenserOf(at.Ingredient.Id)
            is { Kind: not DispenserKind.Bottle, OffNominal: { } off, Nominal: { } nominal } pump
        && Dispenser.IsOff(off)
            ? Found(
                at,
                Severity.Note,
                $"a stroke of {pump.Name} measures {Say.Short(pump.YieldPerStroke.Value)} ml, not the {Say.Short(nominal.Value)} ml that its maker says. The sheet goes by the measured stroke."
            )
            : null;
}
