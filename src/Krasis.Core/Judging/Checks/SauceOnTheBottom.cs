using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A sauce is left on the bottom: milk goes in before the hot shot, or something cold that nobody stirs.</summary>
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
            if (next < 0 || PourOrder.IsInWarmth(worked, i))
            {
                continue;
            }

            // The hot shot melts a sauce that it is poured on, and hardly one that lies under milk: stirring comes too late then.
            var hot = Enumerable.Range(next + 1, worked.Lines.Count - next - 1).FirstOrDefault(j => worked.Amounts[j] > 0 && worked.Lines[j].Temperature >= PourOrder.Warm && !worked.Lines[j].IsOnTop, -1);
            var isMilkFirst = worked.Lines[next].Ingredient.Kind == IngredientKind.Milk && hot > next && worked.Lines[hot].Ingredient.IsCoffee && setting.Build.Serve is not (Serve.Shaken or Serve.Blended);
            if (!isMilkFirst && (worked.Lines[next].Temperature >= PourOrder.Warm || PourOrder.IsMixed(setting, worked, i)))
            {
                continue;
            }

            var cold = worked.Lines[next];
            var mend = hot >= 0
                ? Mend.Lines($"Pour {worked.Lines[hot].Ingredient.Name} before {cold.Ingredient.Name}", new LineChange(worked.Lines[hot].Line.Id, LineField.Before, cold.Line.Id.Value))
                : Mend.Lines($"Stir {cold.Ingredient.Name} in", new LineChange(cold.Line.Id, LineField.Technique, "stir"));
            var why = isMilkFirst ? $"{cold.Ingredient.Name} goes on it before the hot {worked.Lines[hot].Ingredient.Name}" : $"{cold.Ingredient.Name} goes on it cold and nothing stirs it";
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {line.Ingredient.Name} stays on the bottom, because {why}. {mend.Label}.",
                mend);
        }
    }
}
