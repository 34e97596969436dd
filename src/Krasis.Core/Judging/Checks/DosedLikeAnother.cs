using Krasis.Core.Bar;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks;

/// <summary>A flavour is dosed far from its own usual dose: white chocolate sauce like dark.</summary>
internal sealed class DosedLikeAnother() : LineCheck(onlyReference: false)
{
    // A little of one flavour beside another is a mixture and no mistake. Dark sauce has half of white's usual dose: three quarters of the way to
    // either is still this one's (no source).
    private const double Least = 0.65;
    private const double Most = 1.5;

    /// <inheritdoc/>
    public override string Name => "dosed-like-another";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (line.Ingredient.UsualMlPer100Ml is not { } usual || !Dose.IsFlavour(line) || Dose.IsInOunces(line) || !line.IsSaid
            || Dose.Per100Ml(at.Worked, line) is not { } dose || (dose <= usual * Most && (dose >= usual * Least || IsMixed(at))))
        {
            return null;
        }

        var other = at.Bar.Ingredients.FirstOrDefault(known =>
            known.Id != line.Ingredient.Id && known.Kind == line.Ingredient.Kind && known.UsualMlPer100Ml is { } its && Math.Abs((dose / its) - 1) < 0.2);
        var right = BarRounding.Round(line.Amount * usual / dose, line.Step);
        return Found(
            at,
            Severity.Warning,
            $"{Say.Short(dose)} ml of {line.Ingredient.Name} to 100 ml of milk, where {Say.Short(usual)} ml is usual.{(other is null ? "" : $" That is the dose of {other.Name}.")}",
            right > 0 && Math.Abs(right - line.Amount) > 1e-9 ? at.Make(right) : null);
    }

    private static bool IsMixed(LineSetting at) => at.Worked.Lines.Count(line => Dose.IsFlavour(line) && line.IsPoured) > 1;
}
