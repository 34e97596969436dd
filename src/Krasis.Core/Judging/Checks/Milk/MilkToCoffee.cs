using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>A size has more or less milk to its espresso than the house wants.</summary>
internal sealed class MilkToCoffee : ICheck
{
    // No finding for what nobody measures.
    private const double Hair = 0.05;

    /// <inheritdoc/>
    public string Name => "milk-to-coffee";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (
            size.Taste.Poured.MilkPerCoffee is not { } ratio
            || ratio <= 0
            || !worked.Lines.Any(line => line is { IsPoured: true, Ingredient.Kind: IngredientKind.Espresso })
            || Window(setting) is not { } window
        )
        {
            yield break;
        }

        if (ratio < window.From - Hair || ratio > window.To + Hair)
        {
            yield return new Finding(
                Name,
                Severity.Note,
                size.Size,
                null,
                $"{size.Name} has {Say.Short(ratio)} g of milk to a gram of coffee; {Say.Short(window.From)} to {Say.Short(window.To)} is usual.",
                null
            )
            {
                Excess = ExcessOf(ratio, window, setting),
            };
        }
    }

    // A size may be as milky or as black as its reference, within the drift that the house allows in strength: that is
    // the drink.
    private static Excess? ExcessOf(double ratio, (double From, double To) window, Setting setting)
    {
        var standard = setting.Sheet.Sizes.First(size => size.IsReference).Taste.Poured.MilkPerCoffee ?? window.From;
        var allowed = setting.Bar.House.AllowedStrengthDrift.Value / 100;
        var by = Math.Max(
            Math.Min(window.From, standard * (1 - allowed)) - ratio,
            ratio - Math.Max(window.To, standard * (1 + allowed))
        );
        return by > 0 ? new("ratio", by) : null;
    }

    // Of blended drinks the ice is the measure, and of shaken ones there is little milk.
    private static (double From, double To)? Window(Setting setting)
    {
        var limits = setting.Bar.House.Serving;
        return setting.Build.Serve switch
        {
            Serve.Hot => (limits.HotMilkFrom, limits.HotMilkTo),
            Serve.Iced or Serve.Layered => (limits.IcedMilkFrom, limits.IcedMilkTo),
            _ => null,
        };
    }
}
