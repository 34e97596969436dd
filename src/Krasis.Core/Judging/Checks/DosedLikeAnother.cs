using Krasis.Core.Bar;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A flavour is dosed far from its own usual dose: white chocolate sauce like dark.</summary>
internal sealed class DosedLikeAnother : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "dosed-like-another";

    // A little of one flavour beside another is a mixture and no mistake. Dark sauce has half of white's usual dose: three quarters of the way to either is still this one's (no source).
    private const double Least = 0.65;
    private const double Most = 1.5;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (line.Ingredient.UsualMlPer100Ml is not { } usual || !Dose.IsFlavour(line) || Dose.IsInOunces(line) || !Dose.IsSaid(worked, i)
                || Dose.Per100Ml(worked, i) is not { } dose || dose <= usual * Most && (dose >= usual * Least || IsMixed(worked)))
            {
                continue;
            }

            var other = setting.Bar.Ingredients.FirstOrDefault(known =>
                known.Id != line.Ingredient.Id && known.Kind == line.Ingredient.Kind && known.UsualMlPer100Ml is { } its && Math.Abs((dose / its) - 1) < 0.2);
            var right = BarRounding.Round(worked.Amounts[i] * usual / dose, line.Step);
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {Say.Short(dose)} ml of {line.Ingredient.Name} to 100 ml of milk, where {Say.Short(usual)} ml is usual.{(other is null ? "" : $" That is the dose of {other.Name}.")}",
                right > 0 && Math.Abs(right - worked.Amounts[i]) > 1e-9 ? Mend.Cells($"Make it {line.Line.Set.With(right)}", new CellEdit(line.Line.Id, size.Size, right)) : null);
        }
    }

    private static bool IsMixed(WorkedSize worked)
    {
        var flavours = 0;
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            flavours += Dose.IsFlavour(worked.Lines[i]) && worked.Amounts[i] > 0 ? 1 : 0;
        }

        return flavours > 1;
    }
}
