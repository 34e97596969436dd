using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why a drink tastes watery, or of nothing much.</summary>
internal static class WaterCauses
{
    // Less than so much of the drink being water that nobody poured is not looked at, %.
    private const double Least = 2;

    // Parts of milk to one of coffee beyond which a latte tastes of milk, and coffee solids below which it does, %
    // (common practice, no source).
    private const double Milky = 6,
        Faint = 1;

    public static IEnumerable<Cause> Watery(Complained at) =>
        [.. Weaker(at), .. Melted(at), .. Steamed(at), .. PouredWrong(at)];

    private static IEnumerable<Cause> Weaker(Complained at)
    {
        if (at.Size.Taste.Drift.Strength is { Value: < -2 } weaker)
        {
            var mend = at.Found("taste-drift").FirstOrDefault()?.Mend;
            yield return new Cause(
                "weaker-than-the-reference",
                -weaker.Value,
                $"{at.Size.Name} is {Say.Whole(-weaker.Value)} % weaker than the reference size.",
                mend?.Label ?? "Let the sheet look for a better way to pour it."
            )
            {
                Mend = mend,
            };
        }
    }

    private static IEnumerable<Cause> Melted(Complained at)
    {
        var melt = at.Percent(at.HandedOver.Melt.Value);
        var isHotOnIce = at.Found("hot-on-the-ice").Any();
        foreach (var cause in at.By("hot-on-the-ice", melt + 5, "Cool the coffee first."))
        {
            yield return cause;
        }

        // All of a blended drink's ice is in the drink, melted or not.
        if (!isHotOnIce && melt > Least && at.Build.Serve != Serve.Blended)
        {
            yield return new Cause(
                "ice-melts",
                melt,
                $"{Say.Short(at.HandedOver.Melt.Value)} g of ice have melted when it is handed over, {Say.Whole(melt)} % of the drink.",
                "Colder milk and coffee melt less of it; more ice melts no more."
            );
        }

        var cooled = at.Percent(at.Size.Life.CoolingMelt.Value);
        if (
            cooled > Least
            && at.Lines.FirstOrDefault(line => line.Line is { Technique: Technique.Cool, Cooling: CoolingWay.OverIce })
                is { } over
        )
        {
            yield return new Cause(
                "cooled-over-ice",
                cooled,
                $"{over.Ingredient.Name} takes up {Say.Short(at.Size.Life.CoolingMelt.Value)} g of water from the ice it is cooled over, {Say.Whole(cooled)} % of the drink.",
                "Cool it in a chilled jug."
            )
            {
                Mend = new Mend(
                    "Cool it in a chilled jug",
                    [],
                    [new LineChange(over.Line.Id, LineField.Cooling, Input.Choice.Word(CoolingWay.ChilledJug))]
                ),
            };
        }
    }

    private static IEnumerable<Cause> Steamed(Complained at)
    {
        var steam = at.Percent(at.Size.Life.Condensate.Value);
        if (steam > Least)
        {
            yield return new Cause(
                "steam",
                steam,
                $"{Say.Short(at.Size.Life.Condensate.Value)} g of steam have turned to water in the milk, {Say.Whole(steam)} % of the drink.",
                "Purge the wand before it goes in, and stop at the temperature."
            );
        }
    }

    private static IEnumerable<Cause> PouredWrong(Complained at)
    {
        foreach (
            var finding in at.Poured.Where(finding =>
                finding.Of == SeriesOf.Drink && finding.Id == at.Build.Name && finding.By < 0
            )
        )
        {
            yield return Complained.Booked("comes-out-weak", -finding.By * 2, finding);
        }

        foreach (
            var (line, finding) in from line in at.Lines
            where line.Ingredient.Kind is IngredientKind.Milk or IngredientKind.Water
            from finding in at.Of(line)
            where finding.By > 0
            select (line, finding)
        )
        {
            yield return Complained.Booked("milk-poured-over", finding.By * at.Percent(line.Mass) / 100 * 2, finding);
        }
    }

    public static IEnumerable<Cause> Flat(Complained at)
    {
        if (at.Size.Taste.Poured.MilkPerCoffee is { } milk && milk > Milky)
        {
            yield return new Cause(
                "milky",
                (milk - Milky) * 8,
                $"{Say.Short(milk)} parts of milk to one of coffee.",
                "Another shot, or less milk."
            );
        }

        if (at.Size.Taste.Poured.Strength is { } strength && strength.Value < Faint)
        {
            yield return new Cause(
                "faint",
                (Faint - strength.Value) * 60,
                $"{Say.Fine(strength.Value)} % coffee solids: below {Faint} % hardly anybody tastes the coffee.",
                "Another shot, or a smaller cup."
            );
        }

        if (
            at.Lines.FirstOrDefault(line =>
                line.Ingredient.UseBy is not null || line.Ingredient.Kind == IngredientKind.Coffee
            )
                is { } stale
            && at.Found("past-use-by").Any()
        )
        {
            yield return new Cause(
                "old",
                30,
                at.Found("past-use-by").First().Message,
                $"Make {stale.Ingredient.Name} anew."
            );
        }

        if (at.HandedOver.Temperature.Value < 10)
        {
            yield return new Cause(
                "cold-dulls",
                3,
                $"It is handed over at {Say.Degrees(Celsius.From(Math.Round(at.HandedOver.Temperature.Value)))}: cold dulls sweetness and smell.",
                "Iced drinks need more coffee than hot ones; taste it with half a shot more."
            );
        }

        yield return new Cause(
            "taste-it-alone",
            1,
            "Nothing else in the numbers says why.",
            "Taste coffee and syrup each alone."
        );
    }
}
