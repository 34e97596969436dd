using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A sauce or a syrup is left on the bottom: milk goes on the sauce before the hot shot, or something cold that
/// nobody stirs goes on either. A layered drink's syrup is meant to lie there.</summary>
internal sealed class SauceOnTheBottom() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "sauce-on-the-bottom";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (
            !(
                line.Ingredient.Kind == IngredientKind.Sauce
                || (line.Ingredient.Kind == IngredientKind.Syrup && at.Whole.Build.Serve != Serve.Layered)
            )
            || !line.IsInside
            || line.Line.Technique == Technique.Wall
            || line.Line.Technique.IsLoosenedFirst()
            || PourOrder.IsInWarmth(at.Worked, line.Index)
        )
        {
            return null;
        }

        return PourOrder.NextLiquid(at.Worked, line.Index) is { } next ? Under(at, next) : IntoTheCold(at);
    }

    // A syrup that goes in last, into what is cold: it sinks, and nothing lifts it.
    private Finding? IntoTheCold(LineSetting at) =>
        at.Ingredient.Kind == IngredientKind.Syrup
        && PourOrder.LastLiquid(at.Worked, at.Line.Index) is { } cold
        && !PourOrder.IsMixed(at.Whole, at.Worked, at.Line.Index)
            ? Found(
                at,
                Severity.Warning,
                $"{at.Ingredient.Name} sinks to the bottom, because {cold.Ingredient.Name} is cold and nothing stirs it.",
                at.Change($"Stir {at.Ingredient.Name} in", LineField.Technique, Techniques.Of(Technique.Stir))
            )
            : null;

    private Finding? Under(LineSetting at, WorkedLine cold)
    {
        var line = at.Line;

        // The hot shot melts a sauce that it is poured on, and hardly one that lies under milk: stirring comes too late
        // then.
        var hot = at
            .Worked.Lines.Skip(cold.Index + 1)
            .FirstOrDefault(later => later.IsPoured && later.IsInside && later.Temperature >= PourOrder.Warm);
        var isMilkFirst =
            line.Ingredient.Kind == IngredientKind.Sauce
            && cold.Ingredient.Kind == IngredientKind.Milk
            && hot?.Ingredient.IsCoffee == true
            && at.Whole.Build.Serve is not (Serve.Shaken or Serve.Blended);

        // A syrup is thin enough for any hot coffee that is run on it or through it.
        if (line.Ingredient.Kind == IngredientKind.Syrup && hot is not null)
        {
            return null;
        }

        if (!isMilkFirst && (cold.Temperature >= PourOrder.Warm || PourOrder.IsMixed(at.Whole, at.Worked, line.Index)))
        {
            return null;
        }

        var mend = hot is not null
            ? Mend.Lines(
                $"Pour {hot.Ingredient.Name} before {cold.Ingredient.Name}",
                new LineChange(hot.Line.Id, LineField.Before, cold.Line.Id.Value)
            )
            : Mend.Lines(
                $"Stir {cold.Ingredient.Name} in",
                new LineChange(cold.Line.Id, LineField.Technique, Techniques.Of(Technique.Stir))
            );
        var why = isMilkFirst
            ? $"{cold.Ingredient.Name} goes on it before the hot {hot!.Ingredient.Name}"
            : $"{cold.Ingredient.Name} goes on it cold and nothing stirs it";
        return Found(at, Severity.Warning, $"{line.Ingredient.Name} stays on the bottom, because {why}.", mend) with
        {
            Otherwise = "Pour the hot coffee on the sauce, or stir.",
        };
    }
}
