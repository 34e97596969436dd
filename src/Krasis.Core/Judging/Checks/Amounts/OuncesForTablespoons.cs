using Krasis.Core.Bar;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks.Amounts;

/// <summary>A flavour is said in ounces and comes to about twice its usual dose: tablespoons were meant.</summary>
internal sealed class OuncesForTablespoons() : LineCheck(onlyReference: false)
{
    // An ounce is two tablespoons; half way between once and twice the usual dose is where the slip begins to be
    // likelier.
    private const double Suspicious = 1.5;

    /// <inheritdoc/>
    public override string Name => "ounces-for-tablespoons";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (!line.IsSaid || Asks(at.Worked, line, at.Amount, at.Bar) is not { } asks)
        {
            return null;
        }

        var spoons = Tablespoons(at.Amount);
        var grams = Say.Short(Dosing.Mass(spoons, at.Ingredient, at.Bar).Value);
        return Found(at, Severity.Warning, asks, at.Size.IsReference ? MendOf(at, spoons, grams) : null);
    }

    // Tablespoons go by halves: 0.75 of one is poured as one.
    private static Mend MendOf(LineSetting at, Quantity spoons, string grams)
    {
        var step = BarRounding.StepOf(spoons.Measure, at.Ingredient, at.Bar);
        var poured = Math.Max(step, BarRounding.Round(spoons.Amount, step));
        var unit = new LineChange(at.Line.Line.Id, LineField.Unit, spoons.Measure.Code);
        return BarRounding.IsPourable(spoons, step)
            ? Mend.Lines($"Make it {spoons}, {grams} g", unit)
            : new Mend(
                $"Make it {spoons.With(poured)}, {Say.Short(Dosing.Mass(spoons.With(poured), at.Ingredient, at.Bar).Value)} g",
                [new CellEdit(at.Line.Line.Id, at.Size.Size, poured)],
                [unit]
            );
    }

    /// <summary>What is to be asked of a quantity, said in any measure, of a line of a size; null when there is nothing
    /// to ask.</summary>
    internal static string? Asks(WorkedSize worked, WorkedLine line, Quantity said, BarFacts bar)
    {
        if (!Dose.IsFlavour(line) || !Dose.IsOunce(said.Measure) || Dose.MilkOf(worked) is not { } milk)
        {
            return null;
        }

        var dose = Dosing.Volume(said, line.Ingredient, bar).Value / milk * 100;
        return dose <= Dose.Usual(line) * Suspicious
            ? null
            : $"{said} of {line.Ingredient.Name} is {Say.Short(dose)} ml to 100 ml of milk, where {Say.Short(Dose.Usual(line))} ml is usual. Were tablespoons meant? {Tablespoons(said)} is {Say.Short(Dosing.Mass(Tablespoons(said), line.Ingredient, bar).Value)} g.";
    }

    private static Quantity Tablespoons(Quantity ounces) =>
        new(
            ounces.Amount,
            ounces.Measure == Measure.ImperialFluidOunce ? Measure.MetricTablespoon : Measure.UsTablespoon
        );
}
