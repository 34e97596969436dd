using Krasis.Core.Bar;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A flavour is dosed far from its own usual dose: white chocolate sauce like dark. Or two flavours are dosed
/// as if each stood alone.</summary>
internal sealed class DosedLikeAnother() : LineCheck(onlyReference: false)
{
    // A little of one flavour beside another is a mixture and no mistake. Dark sauce has half of white's usual dose:
    // three quarters of the way to either is still this one's (no source).
    private const double Least = 0.65;
    private const double Most = 1.5;

    /// <inheritdoc/>
    public override string Name => "dosed-like-another";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (
            line.Ingredient.UsualMlPer100Ml is not { } usual
            || !Dose.IsFlavour(line)
            || Dose.IsOunce(line.Line.Set.Measure)
            || !line.IsSaid
            || Dose.Per100Ml(at.Worked, line) is not { } least
            || Dose.Per100MlWithIce(at.Worked, line) is not { } most
        )
        {
            return null;
        }

        // Too much of it is judged by the milk and the ice, too little by the milk alone: in between nothing is said of
        // an iced drink.
        var others = at
            .Worked.Lines.Where(other => other.IsPoured && other.Index != line.Index && Dose.IsFlavour(other))
            .ToList();
        var isTooMuch = most > usual * Most;
        if (isTooMuch || (least < usual * Least && others.Count == 0))
        {
            var dose = isTooMuch ? most : least;
            var like = at.Bar.Ingredients.FirstOrDefault(known =>
                known.Id != line.Ingredient.Id
                && known.Kind == line.Ingredient.Kind
                && known.UsualMlPer100Ml is { } its
                && Math.Abs((dose / its) - 1) < 0.2
            );
            var right = BarRounding.Round(line.Amount * usual / dose, line.Step);
            return Found(
                at,
                Severity.Warning,
                $"{Say.Short(dose)} ml of {line.Ingredient.Name} to 100 ml of {(isTooMuch && at.Worked.Poured.IceMass > 0 ? "milk and ice" : "milk")}, where {Say.Short(usual)} ml is usual.{(like is null ? "" : $" That is the dose of {like.Name}.")}",
                right > 0 && Math.Abs(right - line.Amount) > 1e-9 ? at.Make(right) : null
            );
        }

        return Together(at, others, most / usual);
    }

    // Told of the first of them that is said; half of each makes the mixed drink.
    private Finding? Together(LineSetting at, List<WorkedLine> others, double own)
    {
        var same = others.FindAll(other =>
            other.Ingredient.Kind == at.Ingredient.Kind && other.Ingredient.UsualMlPer100Ml is not null
        );
        if (same.Count == 0 || same.Exists(other => other.Index < at.Line.Index && other.IsSaid))
        {
            return null;
        }

        var doses =
            same.Sum(other => Dose.Per100MlWithIce(at.Worked, other)!.Value / other.Ingredient.UsualMlPer100Ml!.Value)
            + own;
        return doses <= Most
            ? null
            : Found(
                at,
                Severity.Warning,
                $"{Say.List([.. same.Prepend(at.Line).Select(line => line.Ingredient.Name)])} together are {Say.Short(doses)} usual doses. Of several flavours each takes its share.",
                Mend.Cells(
                    $"Make it {Say.List([.. same.Prepend(at.Line).Select(line => $"{line.Line.Set.With(Share(line, doses))} of {line.Ingredient.Name}")])}",
                    [
                        .. same.Prepend(at.Line)
                            .Select(line => new CellEdit(line.Line.Id, at.Size.Size, Share(line, doses))),
                    ]
                )
            );
    }

    private static double Share(WorkedLine line, double doses) =>
        Math.Max(line.Step, BarRounding.Round(line.Amount / doses, line.Step));
}
