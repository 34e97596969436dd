using Krasis.Core.Bar;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A drink has more of something than it bears: half a gram of smoke flavour, never more than one.</summary>
internal sealed class TooMuchOfAPotentFlavour() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "potent";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Ingredient.MostPerDrink is { } most && at.Line.Mass > most.Value + 1e-9
            ? Found(
                at,
                Severity.Fault,
                $"{Say.Fine(at.Line.Mass)} g of {at.Ingredient.Name} is more than the {Say.Fine(most.Value)} g that a drink bears.",
                at.Make(BarRounding.RoundDown(at.Line.Amount * most.Value / at.Line.Mass, at.Line.Step))
            ) with
            {
                Excess = new(Excess.Dose, (at.Line.Mass / most.Value * 100) - 100),
            }
            : null;
}
