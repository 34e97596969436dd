using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why an iced drink is not cold, or a hot one lukewarm.</summary>
internal static class HeatCauses
{
    // Grams of ice to a gram of what is liquid below which it warms soon; how warm milk from the fridge is at the most,
    // °C (common practice, no source).
    private const double LittleIce = 0.4,
        FromTheFridge = 7;

    public static IEnumerable<Cause> NotCold(Complained at) =>
        [.. GoesInHot(at), .. LittleIceInIt(at), .. WarmMilk(at), .. StoodAndStirred(at)];

    private static IEnumerable<Cause> GoesInHot(Complained at)
    {
        // Each line's own heat above freezing is what the ice has to take up.
        var heat = at.Lines.Where(line => line.IsInside && !line.IsIce).ToList();
        var sum = heat.Sum(line => line.Mass * line.Facts.Capacity * Math.Max(0, line.Temperature));

        // Hot shots are what is shaken with the ice, and what lies on a layered drink.
        var isMeant = at.Build.Serve is Serve.Shaken or Serve.Layered;
        foreach (var line in heat.Where(line => line.Temperature >= PourOrder.Warm && !isMeant))
        {
            var share = line.Mass * line.Facts.Capacity * line.Temperature / sum;
            yield return new Cause(
                "goes-in-hot",
                share * 60,
                $"{line.Ingredient.Name} goes in at {Say.Degrees(Celsius.From(Math.Round(line.Temperature)))} and brings {Say.Whole(share * 100)} % of the heat.",
                "Cool it in a chilled jug first."
            )
            {
                Mend = new Mend(
                    "Cool it in a chilled jug",
                    [],
                    [
                        new LineChange(line.Line.Id, LineField.Technique, Techniques.Of(Technique.Cool)),
                        new LineChange(line.Line.Id, LineField.Cooling, Input.Choice.Word(CoolingWay.ChilledJug)),
                    ]
                ),
            };
        }
    }

    private static IEnumerable<Cause> LittleIceInIt(Complained at)
    {
        var heat = at.Lines.Where(line => line.IsInside && !line.IsIce).ToList();
        var liquid = heat.Sum(line => line.Mass);
        var ice = at.Size.Fill.IceMass.Value;
        if (liquid > 0 && ice / liquid < LittleIce)
        {
            yield return new Cause(
                "little-ice",
                (LittleIce - (ice / liquid)) * 120,
                $"{Say.Whole(ice)} g of ice to {Say.Whole(liquid)} g of drink.",
                "Less water and more ice drinks colder."
            );
        }
    }

    private static IEnumerable<Cause> WarmMilk(Complained at)
    {
        foreach (
            var line in at.Lines.Where(line =>
                line.IsInside
                && line.Ingredient.Kind == IngredientKind.Milk
                && line.Temperature is > FromTheFridge and < PourOrder.Warm
            )
        )
        {
            yield return new Cause(
                "warm-milk",
                (line.Temperature - FromTheFridge) * 3,
                $"{line.Ingredient.Name} goes in at {Say.Degrees(Celsius.From(Math.Round(line.Temperature)))}.",
                "Keep it in the fridge until it is poured."
            )
            {
                Bench = "ingredients",
                BenchId = line.Ingredient.Id.Value,
            };
        }
    }

    private static IEnumerable<Cause> StoodAndStirred(Complained at)
    {
        if (at.Size.Life.Moments is [_, .., var last] && last.Temperature.Value > 8)
        {
            yield return new Cause(
                "stood",
                4,
                $"After {Say.Whole(last.After.Value)} min it is at {Say.Degrees(Celsius.From(Math.Round(last.Temperature.Value)))}.",
                "Hand it over at once."
            );
        }

        yield return new Cause(
            "stir-it",
            1,
            $"By the numbers it is handed over at {Say.Degrees(Celsius.From(Math.Round(at.HandedOver.Temperature.Value)))}.",
            "Stir it with its ice before it goes out, and hand it over at once."
        );
    }

    public static IEnumerable<Cause> Lukewarm(Complained at) =>
        [.. MilkTooCool(at), .. ColdCup(at), .. GoesInCold(at), .. StandsTooLong(at)];

    private static IEnumerable<Cause> MilkTooCool(Complained at)
    {
        foreach (
            var line in at.Lines.Where(line =>
                line.Foam is { IsCold: false } foam && foam.To.Value < at.Bar.House.MilkFrom.Value
            )
        )
        {
            yield return new Cause(
                "milk-too-cool",
                10 + ((at.Bar.House.MilkFrom.Value - line.Foam!.To.Value) * 5),
                $"{line.Ingredient.Name} is steamed to {Say.Degrees(line.Foam.To)}; the house wants {Say.Degrees(at.Bar.House.MilkFrom)} at least.",
                "Steam it further."
            )
            {
                Bench = "foams",
                BenchId = line.Foam.Id.Value,
            };
        }
    }

    private static IEnumerable<Cause> ColdCup(Complained at)
    {
        // What the cup itself takes up.
        var cup = at.Worked.Size.Cup;
        var heat = at.Worked.Poured.Heat;
        if (cup.HeatCapacity is { } capacity && heat.LiquidCapacity > 0 && cup.WarmedTo is null)
        {
            var taken =
                capacity * (heat.Temperature.Value - at.Bar.House.Room.Value) / (capacity + heat.LiquidCapacity);
            if (taken > 1)
            {
                yield return new Cause(
                    "cold-cup",
                    taken * 4,
                    $"{cup.Name} takes {Say.Short(taken)} °C out of it.",
                    "Warm the cups."
                )
                {
                    Bench = "cups",
                    BenchId = cup.Id.Value,
                };
            }
        }
    }

    private static IEnumerable<Cause> GoesInCold(Complained at)
    {
        foreach (
            var cold in at.Lines.Where(line =>
                line.IsInside && line.Temperature < 30 && line.Mass > 0 && at.Percent(line.Mass) > 3
            )
        )
        {
            yield return new Cause(
                "goes-in-cold",
                at.Percent(cold.Mass),
                $"{cold.Ingredient.Name} goes in at {Say.Degrees(Celsius.From(Math.Round(cold.Temperature)))}, {Say.Whole(at.Percent(cold.Mass))} % of the drink.",
                cold.Ingredient.IsChilled
                    ? "Warm it before it goes in. It has to be kept cold."
                    : "Warm it before it goes in. Keep it at room temperature only if its label allows it."
            );
        }
    }

    private static IEnumerable<Cause> StandsTooLong(Complained at)
    {
        if (at.Size.Life.Moments is [var first, var later, ..])
        {
            var lost = first.Temperature.Value - later.Temperature.Value;
            yield return new Cause(
                "stands-too-long",
                Math.Max(1, lost / 2),
                $"It loses {Say.Short(lost)} °C in {Say.Whole(later.After.Value)} min.",
                "A lid at once, and no waiting at the counter."
            );
        }
    }
}
