using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Tuning;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why a drink is too sweet.</summary>
internal static class SweetCauses
{
    public static IEnumerable<Cause> TooSweet(Complained at, Builds.BuildDocument document)
    {
        if (at.Size.Taste.Drift.Sweetness is { Value: > 2 } sweeter)
        {
            var mend = at.Found("taste-drift").FirstOrDefault()?.Mend;
            yield return new Cause(
                "sweeter-than-the-reference",
                sweeter.Value,
                $"{at.Size.Name} is {Say.Whole(sweeter.Value)} % sweeter than the reference size.",
                mend?.Label ?? "Let the sheet look for a better way to pour it."
            )
            {
                Mend = mend,
            };
        }

        foreach (
            var (line, finding) in from line in at.Lines
            where line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce
            from finding in at.Of(line)
            where finding.By > 0
            select (line, finding)
        )
        {
            yield return Complained.Booked("flavour-poured-over", finding.By * 3, finding);
        }

        foreach (
            var cause in at.By("sweetened-milk", 22, "Take one stroke fewer: the milk is sweet already.")
                .Concat(MoreThanTheHouse(at).Take(1))
        )
        {
            yield return cause;
        }

        // Start low: the least that can be tasted.
        if (
            Tuner.Tune(document, at.Bar, at.Size.Size, TunedTaste.Sweetness, more: false) is
            { IsRead: true, Value: [var way, ..] }
        )
        {
            var amount = way.Build.Lines.Single(line => line.Id == way.Line.Value).Amount!.Value;
            yield return new Cause(
                "full-dose",
                5,
                $"{Say.Fine(at.Size.Taste.Poured.Sweetness?.Value ?? 0)} g of sugar in 100 g, as it is written.",
                $"Take one less: {way.Says}, {Say.Whole(Math.Abs(way.ByPercent))} % less sweet."
            )
            {
                Mend = new Mend(way.Says, [new CellEdit(way.Line, at.Build.ReferenceSize, amount)], []),
            };
        }
    }

    // Only where it pours more than the house does: less is no cause of too sweet, and more is no cure.
    private static IEnumerable<Cause> MoreThanTheHouse(Complained at) =>
        from finding in at.Found("unlike-the-house")
        from line in at.Lines
        where
            line.Line.Id == finding.Line
            && at.Bar.House.Flavours.StrokesOf(line.Ingredient, at.Size.Size) is { } strokes
            && line.Amount > strokes
        select new Cause(finding.Check, 14, finding.Message, finding.Mend?.Label ?? "Pour it as the house does.")
        {
            Mend = finding.Mend,
        };
}
