using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>What the flavour goes into is sweetened already, and it is dosed as if it were not: strokes into a
/// sweetened milk, sauce into a sweet mocha base.</summary>
internal sealed class SweetenedMilkAndFullStrokes() : LineCheck(onlyReference: false)
{
    /// <summary>From so many grams of added sugar in 100 g on something is sweetened. A plant drink may have 2 to 3 g;
    /// condensed milk has 45 and its mixes half of that (from memory). 20 ml of such a mix to 100 ml of milk is
    /// 4.</summary>
    public const double AddedSugar = 3.5;

    private const double NearlyFull = 0.8;

    /// <inheritdoc/>
    public override string Name => "sweetened-milk";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (
            !Dose.IsFlavour(line)
            || !line.IsSaid
            || Dose.Per100MlWithIce(at.Worked, line) is not { } dose
            || dose < Dose.Usual(line) * NearlyFull
        )
        {
            return null;
        }

        // The rest of the drink, each with the sugar that was put into it.
        var rest = at
            .Worked.Lines.Where(other => other.IsPoured && other.IsInside && !other.IsIce && !Dose.IsFlavour(other))
            .ToList();
        var sweet = rest.Where(other => Added(other) > 0).MaxBy(Added);
        if (sweet is null || rest.Sum(Added) / rest.Sum(other => other.Mass) * 100 < AddedSugar)
        {
            return null;
        }

        // As many steps fewer as bring it below the full dose.
        var less =
            (Math.Ceiling((line.Amount * Dose.Usual(line) * NearlyFull / dose / line.Step) - 1e-9) - 1) * line.Step;
        return Found(
            at,
            Severity.Warning,
            $"{sweet.Ingredient.Name} is sweetened, and {at.Amount} of {line.Ingredient.Name} {(at.Amount.Amount == 1 ? "is" : "are")} a full dose. A sweet drink takes less.",
            less > 0 ? at.Make(less) : null
        );
    }

    // Grams of sugar that is no milk's own.
    private static double Added(WorkedLine line) =>
        line.Ingredient.Sugars is { } sugars
            ? line.Mass
                / 100
                * (sugars[Sugar.Sucrose].Value + sugars[Sugar.Glucose].Value + sugars[Sugar.Fructose].Value)
            : 0;
}
