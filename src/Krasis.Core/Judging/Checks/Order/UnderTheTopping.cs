using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A line comes too late in the pour order: after a topping that it would have to go under, or on the wall or rim
/// of a cup that already has something in it.</summary>
internal sealed class UnderTheTopping() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "under-the-topping";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        var before = at.Worked.Lines.Where(other => other.IsPoured && other.Index < line.Index).ToList();
        if (
            OrderLaw.Breaks(
                (line.Line.Technique, line.Ingredient),
                [.. before.Select(other => (other.Line.Technique, other.Ingredient))]
            )
            is not { } place
        )
        {
            return null;
        }

        var first = before[place];
        var where = line.Line.Technique is Technique.Wall or Technique.Rim ? "in the cup" : "on top";
        return Found(
            at,
            Severity.Fault,
            $"{line.Ingredient.Name} comes after {first.Ingredient.Name}, which is already {where}.",
            Mend.Lines(
                $"Move {line.Ingredient.Name} before {first.Ingredient.Name}",
                new LineChange(line.Line.Id, LineField.Before, first.Line.Id.Value)
            )
        );
    }
}
