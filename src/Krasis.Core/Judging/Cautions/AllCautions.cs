using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Cautions;

/// <summary>Every caution, each with what calls for it.</summary>
internal static class AllCautions
{
    /// <summary>A drink hotter than this can burn skin in seconds, °C (common practice; the handbooks of burn units
    /// give about 5 s at 60 °C, from memory).</summary>
    public const double Burns = 60;

    /// <summary>Caffeine at once that gives no concern for healthy adults, mg (EFSA Journal 2015;13(5):4102).</summary>
    public const double CaffeineAtOnce = 200;

    /// <summary>The cautions of a build, by the techniques that it uses.</summary>
    public static IReadOnlyList<Caution> For(Setting setting) =>
        [.. ByLine(setting).OfType<Caution>(), .. BySize(setting).OfType<Caution>()];

    private static IEnumerable<Caution?> ByLine(Setting setting)
    {
        var house = setting.Bar.House;
        yield return OfLines(
            setting,
            "steam",
            line => line.Line.Technique == Technique.Steam,
            $"Steam and hot milk burn. Milk ends at {Say.Short(house.MilkFrom.Value)} to {Say.Short(house.MilkTo.Value)} °C in this house; above about {Say.Degrees(FoamLevels.Scalds)} it scalds."
        );
        yield return OfLines(
            setting,
            "torch",
            line => line.Line.Technique == Technique.Torch,
            "Torch: away from paper, alcohol, sleeves and children, and never unattended."
        );
        yield return OfLines(
            setting,
            "blender",
            line => line.Line.Technique == Technique.Blend || (setting.Build.Serve == Serve.Blended && line.IsIce),
            "Blender: lid on, and off at the wall before a hand goes near the blades."
        );
        yield return OfLines(
            setting,
            "hot-blender",
            line => setting.Build.Serve == Serve.Blended && line.Temperature >= PourOrder.Warm,
            "Hot liquids erupt in a blender: let them cool first."
        );
        yield return OfLines(
            setting,
            "skewer",
            line => line.Line.Technique == Technique.Skewer,
            "Sharp skewers come out before drinking."
        );
        yield return OfLines(
            setting,
            "potent",
            line => line.Ingredient.Kind == IngredientKind.Flavour || line.Ingredient.MostPerDrink is not null,
            "Potent: weigh it to a hundredth of a gram, and never go by eye. A drop too much cannot be taken out."
        );
        yield return OfLines(
            setting,
            "stove-top",
            line => setting.Bar.CoffeeOf(line.Ingredient.Id)?.Method == BrewMethod.StoveTop,
            "Stove-top brewer: fill it below the safety valve."
        );
        foreach (var line in setting.Reference.Lines)
        {
            if (
                setting.Build.Serve == Serve.Hot
                && setting.Bar.CoffeeOf(line.Ingredient.Id)?.HoldsHotHours is { } hours
            )
            {
                yield return OfLines(
                    setting,
                    "held-hot",
                    other => other.Line.Id == line.Line.Id,
                    $"Keep it hot for {CoffeeBase.Duration(hours)} at most. Then brew a fresh batch."
                );
            }
        }

        yield return OfLines(
            setting,
            "keep-cold",
            // What goes in hot, as a chilled base that is heated for the drink, is not held cold here.
            line =>
                line.Ingredient.ServedAt.Value < PourOrder.Warm
                && (line.Ingredient.IsChilled || line.Ingredient is { Kind: IngredientKind.Milk, UseBy: not null }),
            "Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule)."
        );
        yield return OfLines(
            setting,
            "shared",
            line =>
                line.Line.Technique is Technique.Steam or Technique.Foam or Technique.Blend or Technique.Shake
                || setting.Build.Serve is Serve.Shaken or Serve.Blended,
            "Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something."
        );
    }

    private static IEnumerable<Caution?> BySize(Setting setting)
    {
        yield return OfSizes(
            setting,
            "hot",
            size => size.Life.Moments[0].Temperature.Value > Burns,
            (sizes, isOne) =>
                $"{sizes} {(isOne ? "is" : "are")} handed over above {Burns} °C, which can burn skin in seconds."
        );
        yield return OfSizes(
            setting,
            "caffeine",
            size => size.Inside.Nutrition.LeastCaffeineKnown().Value > CaffeineAtOnce,
            (sizes, isOne) =>
                $"{sizes} {(isOne ? "has" : "have")} more than {Say.Whole(CaffeineAtOnce)} mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice."
        );
        yield return OfSizes(
            setting,
            "caffeine-perhaps",
            size =>
                size.Inside.Nutrition.LeastCaffeineKnown().Value <= CaffeineAtOnce
                && size.Inside.Nutrition.CaffeineKnownTo.Value > CaffeineAtOnce,
            (sizes, _) =>
                $"{sizes} may have more than {Say.Whole(CaffeineAtOnce)} mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy)."
        );
    }

    private static Caution? OfLines(Setting setting, string code, Func<WorkedLine, bool> calls, string message)
    {
        var lines = setting.Reference.Lines.Where(calls).ToList();
        return lines.Count == 0
            ? null
            : new Caution(
                code,
                $"{Say.List([.. lines.Select(line => line.Ingredient.Name).Distinct()])}: {message}",
                [.. setting.Sheet.Sizes.Select(size => size.Size)],
                [.. lines.Select(line => line.Line.Id)]
            );
    }

    private static Caution? OfSizes(
        Setting setting,
        string code,
        Func<SizeSheet, bool> calls,
        Func<string, bool, string> message
    )
    {
        var sizes = setting.Sheet.Sizes.Where(calls).ToList();
        return sizes.Count == 0
            ? null
            : new Caution(
                code,
                message(Say.List([.. sizes.Select(size => size.Name)]), sizes.Count == 1),
                [.. sizes.Select(size => size.Size)],
                []
            );
    }
}
