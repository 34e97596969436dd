using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Mixing;

namespace Krasis.Core.Checks;

/// <summary>A sauce is left on the bottom: cold milk goes in before the hot shot, and nobody stirs.</summary>
internal sealed class SauceOnTheBottom : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "sauce-on-the-bottom";

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
            if (line.Ingredient.Kind != IngredientKind.Sauce || line.IsOnTop || line.Line.Technique is Technique.Wall or Technique.Dissolve || worked.Amounts[i] <= 0)
            {
                continue;
            }

            var next = PourOrder.NextLiquid(worked, i);
            if (next < 0 || worked.Lines[next].Temperature >= PourOrder.Warm || PourOrder.IsInWarmth(worked, i) || PourOrder.IsMixed(setting, worked, i))
            {
                continue;
            }

            var hot = Enumerable.Range(next, worked.Lines.Count - next).FirstOrDefault(j => worked.Amounts[j] > 0 && worked.Lines[j].Temperature >= PourOrder.Warm && !worked.Lines[j].IsOnTop, -1);
            var cold = worked.Lines[next];
            var mend = hot >= 0
                ? Mend.Lines($"Pour {worked.Lines[hot].Ingredient.Name} before {cold.Ingredient.Name}", new LineChange(worked.Lines[hot].Line.Id, LineField.Before, cold.Line.Id.Value))
                : Mend.Lines($"Stir {cold.Ingredient.Name} in", new LineChange(cold.Line.Id, LineField.Technique, "stir"));
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {line.Ingredient.Name} stays on the bottom, because {cold.Ingredient.Name} goes on it cold and nothing stirs it. {mend.Label}.",
                mend);
        }
    }
}
