using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A powder goes into something cold, where it does not dissolve.</summary>
internal sealed class PowderInTheCold() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "powder-in-the-cold";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (
            line.Ingredient.Kind != IngredientKind.Powder
            || !line.IsInside
            || line.Line.Technique == Technique.Blend
            || line.Line.Technique.IsLoosenedFirst()
            || line.Ingredient.IsWhisked
            || at.Whole.Build.Serve == Serve.Blended
        )
        {
            return null;
        }

        var meetsWarmth =
            PourOrder.IsInWarmth(at.Worked, line.Index)
            || PourOrder.NextLiquid(at.Worked, line.Index) is { Temperature: >= PourOrder.Warm };
        return meetsWarmth
            ? null
            : Found(
                at,
                Severity.Warning,
                $"{line.Ingredient.Name} does not dissolve in the cold. Dissolve it first in a splash of hot water or in the hot coffee.",
                at.Change("Dissolve it first", LineField.Technique, Techniques.Of(Technique.Dissolve))
            );
    }
}
