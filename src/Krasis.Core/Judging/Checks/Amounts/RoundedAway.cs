using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Amounts;

/// <summary>Rounding to the bar has left a size without something that the reference size has.</summary>
internal sealed class RoundedAway : ICheck
{
    /// <inheritdoc/>
    public string Name => "rounded-away";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        foreach (
            var line in size.Lines.Where(line => line.Origin == Origin.Scaled && line.Amount == 0 && line.Exact > 0)
        )
        {
            var measure = Measure.Find(line.Measure)!;
            var least = new Quantity(line.Step, measure);
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line,
                $"{size.Name} gets no {line.IngredientName}: its share is {new Quantity(line.Exact, measure)}, and the least this bar pours is {least}.",
                Mend.Cells($"Pin {least}", new CellEdit(line.Line, size.Size, line.Step))
            );
        }
    }
}
