using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A drink has more of something than it bears: half a gram of smoke flavour, never more than one.</summary>
internal sealed class TooMuchOfAPotentFlavour : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "potent";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            var grams = worked.Mass(i);
            if (line.Ingredient.MostPerDrink is not { } most || grams <= most.Value + 1e-9)
            {
                continue;
            }

            var right = Math.Floor((worked.Amounts[i] * most.Value / grams / line.Step) + 1e-9) * line.Step;
            yield return new Finding(
                Name,
                Severity.Fault,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {Say.Fine(grams)} g of {line.Ingredient.Name} is more than the {Say.Fine(most.Value)} g that a drink bears.",
                Mend.Cells($"Make it {line.Line.Set.With(right)}", new CellEdit(line.Line.Id, size.Size, right)));
        }
    }
}
