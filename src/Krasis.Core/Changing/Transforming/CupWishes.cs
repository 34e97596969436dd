using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Transforming;

/// <summary>How much ice, how hot, and in which cup.</summary>
public static class CupWishes
{
    private const double LightShare = 0.5;
    private const double ExtraShare = 1.5;

    /// <summary>Which ice wishes suit the drink: none without ice or where it is shaken or blended with it; a layered drink
    /// needs some.</summary>
    internal static IReadOnlyList<IceWish> PossibleIce(Draft draft) =>
        draft.Of(IngredientKind.Ice).Count == 0 || ServeOf(draft) is Serve.Shaken or Serve.Blended ? []
        : ServeOf(draft) == Serve.Layered ? [IceWish.Light, IceWish.Extra]
        : [IceWish.None, IceWish.Light, IceWish.Extra];

    /// <summary>Which heat wishes suit the drink's milk.</summary>
    internal static IReadOnlyList<HeatWish> PossibleHeat(Draft draft) =>
        Steamed(draft).Count == 0 ? []
        : Steamed(draft).Any(line => Hottest(draft, line) > EndOf(draft, line)) ? [HeatWish.Extra, HeatWish.Kids]
        : [HeatWish.Kids];

    /// <summary>Changes the ice.</summary>
    internal static Reading<Transformed> Ice(BuildDocument document, IceWish ice, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        if (!PossibleIce(draft).Contains(ice))
        {
            return Problem.At(
                "ice",
                Choice.Word(ice),
                "You cannot change the ice of this drink like that.",
                "a drink over ice; shaken and blended drinks need their ice"
            );
        }

        foreach (var line in draft.Of(IngredientKind.Ice))
        {
            var name = draft.IngredientOf(line)!.Name;
            if (ice == IceWish.None)
            {
                draft.Build = draft.Build with { Lines = [.. draft.Build.Lines.Where(each => each.Id != line.Id)] };
                draft.Note(
                    line.Id,
                    $"{name} is left out.",
                    "The guest asked for it. The cup is less full, and the drink is not as cold."
                );
                continue;
            }

            var changed = draft.Times(line, ice == IceWish.Light ? LightShare : ExtraShare);
            draft.Replace(line, changed);
            draft.Note(
                line.Id,
                $"{name}: {Draft.Say(line)} → {Draft.Say(changed)}.",
                ice == IceWish.Light ? "Light ice is half of it." : "Extra ice is half as much again."
            );
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Steams the milk hotter, or cooler.</summary>
    internal static Reading<Transformed> Heat(BuildDocument document, HeatWish heat, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        if (!PossibleHeat(draft).Contains(heat))
        {
            return Problem.At(
                "heat",
                Choice.Word(heat),
                Steamed(draft).Count == 0
                    ? "There is no steamed milk in it."
                    : "Its milk is already as hot as it may be.",
                "a drink with steamed milk"
            );
        }

        foreach (var line in Steamed(draft))
        {
            var to = heat == HeatWish.Kids ? LevelOf(draft, line).Kids.Value : Hottest(draft, line);
            if (heat == HeatWish.Extra && to <= EndOf(draft, line))
            {
                continue;
            }

            draft.Replace(line, line with { SteamedCelsius = to });
            draft.Note(
                line.Id,
                $"{draft.IngredientOf(line)!.Name}: steamed to {Say.Short(to)} °C.",
                heat == HeatWish.Kids ? "That is usual for a child's drink."
                    : to < LevelOf(draft, line).ExtraHot.Value ? "This milk must not be hotter."
                    : "Any hotter, and milk scalds."
            );
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Whether a larger cup follows one of its own.</summary>
    internal static bool CanGrow(BuildDocument document) => document.Sizes.Count > 1;

    /// <summary>Serves every size in the next larger cup of the drink, with what the smaller one holds.</summary>
    internal static Reading<Transformed> Bigger(BuildDocument document, BarFacts bar)
    {
        if (!CanGrow(document))
        {
            return Problem.At(
                "biggerCup",
                "true",
                "This drink is sold in one cup only.",
                "a drink with two cups or more"
            );
        }

        var draft = new Draft(document, bar);
        var read = BuildReader.Read(document, bar, nameless: true).Value;
        var sheet = Mixer.Mix(read, bar);
        var sizes = sheet.Sizes.OrderBy(size => size.Cup.BrimCapacity.Value).ToList();
        var from = sizes
            .Skip(1)
            .Zip(sizes, (now, was) => (now, was))
            .ToDictionary(pair => pair.now.Size.Value, pair => pair.was);
        var kept = document.Sizes.Where(from.ContainsKey).ToList();
        var reference = from.ContainsKey(document.ReferenceSize!) ? document.ReferenceSize! : sizes[1].Size.Value;
        draft.Build = document with
        {
            Sizes = kept,
            ReferenceSize = reference,
            Prices = [.. document.Prices.Where(price => kept.Contains(price.Size!))],
            Waivers = [],
            Lines =
            [
                .. document.Lines.Select(line =>
                    HouseStrokes.SpellOut(line, document, bar) with
                    {
                        Measure = IsStretched(line) ? Measure.Gram.Code : line.Measure,
                        Amount = AmountIn(from[reference], line),
                        To = null,
                        Stated = null,
                        Scale = null,
                        Pins =
                        [
                            .. kept.Where(size => size != reference)
                                .Select(size => new PinDocument { Size = size, Amount = AmountIn(from[size], line) }),
                        ],
                    }
                ),
            ],
        };
        draft.Note(
            null,
            $"One cup larger: {Say.List([.. sizes.Skip(1).Select(size => $"the {from[size.Size.Value].Name} drink in {size.Name}")])}.",
            "The guest asked for a bigger cup. Nothing else changes."
        );
        return Reading<Transformed>.Of(draft.Finish());

        // In some schools a pull gives more in a larger cup, and no count of shots says how much.
        bool IsStretched(LineDocument line) =>
            read.School.Scaling.StretchesTheShot && line.Measure == Measure.Shot.Code;

        double AmountIn(SizeSheet size, LineDocument line)
        {
            var cell = size.Lines.First(each => each.Line.Value == line.Id);
            return IsStretched(line) ? cell.Mass.Value : cell.Amount;
        }
    }

    private static Serve ServeOf(Draft draft) => BuildReader.Read(draft.Build, draft.Bar, nameless: true).Value.Serve;

    private static IReadOnlyList<LineDocument> Steamed(Draft draft) =>
        [
            .. draft
                .Of(IngredientKind.Milk)
                .Where(line => line.Technique == Techniques.Of(Technique.Steam) && line.Foam is not null),
        ];

    private static double EndOf(Draft draft, LineDocument line) => line.SteamedCelsius ?? LevelOf(draft, line).To.Value;

    private static FoamLevel LevelOf(Draft draft, LineDocument line) => draft.Bar.Find(new FoamId(line.Foam!))!;

    private static double Hottest(Draft draft, LineDocument line) =>
        Math.Min(LevelOf(draft, line).ExtraHot.Value, FoamLevels.Limit(draft.IngredientOf(line)!).Value);
}
