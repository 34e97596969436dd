using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>Something goes in where it cannot any more: under what stands on top already, or on the wall of a cup that is
/// full.</summary>
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
        var why = line.Line.Technique switch
        {
            Technique.Wall or Technique.Rim => $"and {first.Ingredient.Name} is in the cup already",
            _ => $"and {first.Ingredient.Name} is on top already",
        };
        return Found(
            at,
            Severity.Fault,
            $"{line.Ingredient.Name} goes in as number {Say.Whole(line.Index + 1)}, {why}.",
            Mend.Lines(
                $"{line.Ingredient.Name} before {first.Ingredient.Name}",
                new LineChange(line.Line.Id, LineField.Before, first.Line.Id.Value)
            )
        );
    }
}
