using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>Something is torched in a cup that burns or melts.</summary>
internal sealed class TorchOverPaper() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "torch-over-paper";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Line.Line.Technique != Technique.Torch ? null
        : at.Worked.Size.Cup.Material is CupMaterial.Paper or CupMaterial.DoublePaper or CupMaterial.Plastic
            ? Found(
                at,
                Severity.Fault,
                $"{at.Ingredient.Name} is torched over a {(at.Worked.Size.Cup.Material == CupMaterial.Plastic ? "plastic" : "paper")} cup. Torch it in a dish or on a spoon away from the cup, or use a heatproof glass."
            )
        : at.Worked.Size.Cup.Material is null
            ? Found(
                at,
                Severity.Warning,
                $"{at.Ingredient.Name} is torched, and the cup's material is not entered. Torch over heatproof glass or ceramic only; paper burns and plastic melts."
            )
        : null;
}
