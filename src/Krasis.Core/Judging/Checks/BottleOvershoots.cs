using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A squeeze bottle gives more than it is to give, or now more, now less.</summary>
internal sealed class BottleOvershoots : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "bottle-overshoots";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        var allowed = setting.Bar.House.SauceTolerance.Value;
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] <= 0 || setting.Bar.DispenserOf(line.Ingredient.Id) is not { Kind: DispenserKind.Bottle } bottle)
            {
                continue;
            }

            var over = bottle.Nominal is { } nominal ? ((bottle.YieldPerStroke / nominal) - 1) * 100 : 0;
            var spread = bottle.Weighing?.Variation.Value ?? 0;
            if (over > allowed + 1e-9 || spread > allowed)
            {
                var what = over > allowed ? $"gives {Say.Short(over)} % more a squeeze than it is to" : $"spreads by {Say.Short(spread)} % from squeeze to squeeze";
                yield return new Finding(
                    Name,
                    Severity.Warning,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {bottle.Name} {what}; the house allows {Say.Short(allowed)} %. Squeeze {line.Ingredient.Name} into the cup on the scale.",
                    null);
            }
        }
    }
}
