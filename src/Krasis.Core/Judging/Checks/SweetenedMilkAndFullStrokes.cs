using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>The milk is sweetened already, and the flavour is dosed as if it were not.</summary>
internal sealed class SweetenedMilkAndFullStrokes : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "sweetened-milk";

    // A plant drink may have 2 to 3 g of added sugar; condensed milk and its mixes have ten times as much (from memory).
    private const double AddedSugar = 5;
    private const double NearlyFull = 0.8;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var milk = worked.Lines.Where((line, i) => worked.Amounts[i] > 0 && line.Ingredient.Kind == IngredientKind.Milk && Added(line.Ingredient) >= AddedSugar).FirstOrDefault();
        if (milk is null)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (!Dose.IsFlavour(line) || !Dose.IsSaid(worked, i) || Dose.Per100Ml(worked, i) is not { } dose || dose < Dose.Usual(line) * NearlyFull)
            {
                continue;
            }

            // As many steps fewer as bring it below the full dose.
            var less = (Math.Ceiling((worked.Amounts[i] * Dose.Usual(line) * NearlyFull / dose / line.Step) - 1e-9) - 1) * line.Step;
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {milk.Ingredient.Name} is sweetened, and {line.Line.Set.With(worked.Amounts[i])} of {line.Ingredient.Name} is a full dose. Sweet milk takes less.",
                Mend.Cells($"Make it {line.Line.Set.With(less)}", new CellEdit(line.Line.Id, size.Size, less)));
        }
    }

    private static double Added(Ingredient milk) => milk.Sugars is { } sugars
        ? sugars[Sugar.Sucrose].Value + sugars[Sugar.Glucose].Value + sugars[Sugar.Fructose].Value
        : 0;
}
