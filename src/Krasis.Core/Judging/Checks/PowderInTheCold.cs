using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A powder goes into something cold, where it does not dissolve.</summary>
internal sealed class PowderInTheCold : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "powder-in-the-cold";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (line.Ingredient.Kind != IngredientKind.Powder || line.IsOnTop || worked.Amounts[i] <= 0 || line.Line.Technique is Technique.Dissolve or Technique.Blend)
            {
                continue;
            }

            var next = PourOrder.NextLiquid(worked, i);
            var meetsWarmth = PourOrder.IsInWarmth(worked, i) || (next >= 0 && worked.Lines[next].Temperature >= PourOrder.Warm);
            if (!meetsWarmth && setting.Build.Serve != Serve.Blended)
            {
                yield return new Finding(
                    Name,
                    Severity.Warning,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {line.Ingredient.Name} does not dissolve in the cold. Dissolve it first in a splash of hot water or in the hot coffee.",
                    Mend.Lines("Dissolve it first", new LineChange(line.Line.Id, LineField.Technique, "dissolve")));
            }
        }
    }
}
