using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Judging.Checks;

/// <summary>The milk is sweetened already, and the flavour is dosed as if it were not.</summary>
internal sealed class SweetenedMilkAndFullStrokes() : LineCheck(onlyReference: false)
{
    // A plant drink may have 2 to 3 g of added sugar; condensed milk and its mixes have ten times as much (from memory).
    private const double AddedSugar = 5;
    private const double NearlyFull = 0.8;

    /// <inheritdoc/>
    public override string Name => "sweetened-milk";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        var milk = at.Worked.Lines.FirstOrDefault(other => other.IsPoured && other.Ingredient.Kind == IngredientKind.Milk && Added(other.Ingredient) >= AddedSugar);
        if (milk is null || !Dose.IsFlavour(line) || !line.IsSaid || Dose.Per100Ml(at.Worked, line) is not { } dose || dose < Dose.Usual(line) * NearlyFull)
        {
            return null;
        }

        // As many steps fewer as bring it below the full dose.
        var less = (Math.Ceiling((line.Amount * Dose.Usual(line) * NearlyFull / dose / line.Step) - 1e-9) - 1) * line.Step;
        return Found(at, Severity.Warning, $"{milk.Ingredient.Name} is sweetened, and {at.Amount} of {line.Ingredient.Name} is a full dose. Sweet milk takes less.", at.Make(less));
    }

    private static double Added(Ingredient milk) => milk.Sugars is { } sugars
        ? sugars[Sugar.Sucrose].Value + sugars[Sugar.Glucose].Value + sugars[Sugar.Fructose].Value
        : 0;
}
