using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks;

/// <summary>A flavour is said in ounces and comes to about twice its usual dose: tablespoons were meant.</summary>
internal sealed class OuncesForTablespoons() : LineCheck(onlyReference: false)
{
    // An ounce is two tablespoons; half way between once and twice the usual dose is where the slip begins to be likelier.
    private const double Suspicious = 1.5;

    /// <inheritdoc/>
    public override string Name => "ounces-for-tablespoons";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        return !Dose.IsFlavour(line) || !Dose.IsInOunces(line) || !line.IsSaid || Dose.Per100Ml(at.Worked, line) is not { } dose || dose <= Dose.Usual(line) * Suspicious
            ? null
            : Found(
                at,
                Severity.Warning,
                $"{at.Amount} of {line.Ingredient.Name} is {Say.Short(dose)} ml to 100 ml of milk, where {Say.Short(Dose.Usual(line))} ml is usual. Tablespoons would be half of it.",
                at.Make(line.Amount / 2, $"Make it {Say.Fine(line.Amount)} {(line.Amount == 1 ? "tablespoon" : "tablespoons")}, {at.Amount.With(line.Amount / 2)}"));
    }
}
