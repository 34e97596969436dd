using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>What is to foam the milk does not manage such a milk, or a cold foam is too thin to lie on the drink and
/// drips through.</summary>
internal sealed class FoamWillNotStand() : LineCheck(onlyReference: true)
{
    // A cold foam holds by its fat, from light cream on, or by how much air is beaten into it (common practice, no
    // source: sweet cream foam of syrup 1, milk 2 and heavy cream 3 has 19 g; skimmed milk foamed to half as much again
    // stands by its protein).
    private const double FatThatHolds = 10;
    private const double OverrunThatHolds = 0.5;

    /// <inheritdoc/>
    public override string Name => "foam-will-not-stand";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Line.Foam is not { } foam)
        {
            return null;
        }

        var fat = at.Ingredient.Composition.Fat;
        if (!foam.Manages(at.Ingredient))
        {
            var better = at
                .Bar.Foams.Where(level => level.IsCold == foam.IsCold && level.Manages(at.Ingredient))
                .MinBy(level => Math.Abs(level.Overrun - foam.Overrun));
            return Found(
                at,
                Severity.Warning,
                $"The {FoamLevel.Words(foam.Tool)} does not foam {at.Ingredient.Name} with {Say.Short(fat!.Value)} g of fat in 100 g; it manages up to {Say.Short(foam.MostFat)} g.",
                better is null ? null : at.Change($"Foam it to {better.Name}", LineField.Foam, better.Id.Value)
            );
        }

        if (
            at.Line.Line.Technique != Technique.Foam
            || !at.Line.Facts.FoamsLikeMilk
            || !foam.IsCold
            || at.Line.Facts.FoamCap > 0
            || fat is not { } known
            || known >= FatThatHolds
            || foam.Overrun >= OverrunThatHolds
        )
        {
            return null;
        }

        var longer = at
            .Bar.Foams.Where(level => level.IsCold && level.Overrun >= OverrunThatHolds && level.Manages(at.Ingredient))
            .MinBy(level => level.Overrun);
        return Found(
            at,
            Severity.Warning,
            $"{at.Ingredient.Name} foamed to {foam.Name} drips through the drink: it grows by {Say.Short(foam.Overrun * 100)} % and has {Say.Short(known)} g of fat in 100 g. Foam it longer, or take more cream.",
            longer is null ? null : at.Change($"Foam it to {longer.Name}", LineField.Foam, longer.Id.Value)
        );
    }
}
