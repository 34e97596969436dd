using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A flavour is said in ounces and comes to about twice its usual dose: tablespoons were meant.</summary>
internal sealed class OuncesForTablespoons : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "ounces-for-tablespoons";

    // An ounce is two tablespoons; half way between once and twice the usual dose is where the slip begins to be likelier.
    private const double Suspicious = 1.5;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (!Dose.IsFlavour(line) || !Dose.IsInOunces(line) || !Dose.IsSaid(worked, i) || Dose.Per100Ml(worked, i) is not { } dose || dose <= Dose.Usual(line) * Suspicious)
            {
                continue;
            }

            var said = line.Line.Set.With(worked.Amounts[i]);
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {said} of {line.Ingredient.Name} is {Say.Short(dose)} ml to 100 ml of milk, where {Say.Short(Dose.Usual(line))} ml is usual. Tablespoons would be half of it.",
                Mend.Cells($"Make it {Say.Fine(said.Amount)} tablespoons, {said.With(said.Amount / 2)}", new CellEdit(line.Line.Id, size.Size, said.Amount / 2)));
        }
    }
}
