using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Makes a drink as a guest asks for it, in every size.</summary>
public static class GuestWishes
{
    /// <summary>The most shots that are put into a drink beyond its own (common practice, no source).</summary>
    public const int MostShots = 3;

    /// <summary>The most caffeine that roasted coffee has and is called decaffeinated, % of it (0.1 % of the dry
    /// matter, as several national food laws have it; from memory).</summary>
    public const double MostCaffeineOfDecaf = 0.1;

    /// <summary>Whether the bar has an espresso that is known to be without caffeine.</summary>
    public static bool HasDecaf(BarFacts bar) => DecafOf(bar) is not null;

    /// <summary>What can be asked for of a drink.</summary>
    /// <param name="document">The drink, which <paramref name="bar"/> can read.</param>
    /// <param name="bar">The bar that has what is asked for.</param>
    public static PossibleWishes Possible(BuildDocument document, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        var kinds = document.Lines.Select(line => draft.IngredientOf(line)!).ToList();
        var milk = kinds.Find(ingredient => ingredient.Kind == IngredientKind.Milk);
        var hasEspresso = kinds.Exists(ingredient => ingredient.Kind == IngredientKind.Espresso);
        var spare = ShotWish.Spare(document, bar);
        return new PossibleWishes(
            milk is null
                ? []
                :
                [
                    .. bar
                        .Ingredients.Where(other =>
                            other is { Kind: IngredientKind.Milk, IsPart: false } && other.Id != milk.Id
                        )
                        .Select(other => new PossibleIngredient(other.Id, other.Name)),
                ],
            kinds.Exists(ingredient => ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce)
                ? [.. Transformer.Shares.OrderDescending()]
                : [],
            hasEspresso ? MostShots : 0,
            spare,
            hasEspresso && HasDecaf(bar),
            HasDecaf(bar) && spare > 0,
            FlavourWish.Counted(draft) is not null,
            FlavourWish.FirstSyrup(draft) is { } syrup ? SyrupsBeside(syrup, document, bar) : [],
            CupWishes.PossibleIce(draft),
            CupWishes.PossibleHeat(draft),
            CupWishes.CanGrow(document),
            document.Lines.Any(line => IsTop(line, draft))
        );
    }

    private static IReadOnlyList<PossibleIngredient> SyrupsBeside(
        LineDocument line,
        BuildDocument document,
        BarFacts bar
    ) =>
        [
            .. bar
                .Ingredients.Where(other =>
                    other is { Kind: IngredientKind.Syrup, MostPerDrink: null }
                    && bar.DispenserOf(other.Id) is not null
                    && document.Lines.All(each => each.Ingredient != other.Id.Value)
                )
                .Select(other => new PossibleIngredient(other.Id, other.Name)),
        ];

    /// <summary>Changes a build as a guest asks for it: milk, coffee, shots, sweetness and top, one after the
    /// other.</summary>
    /// <param name="document">The build.</param>
    /// <param name="wish">What is asked for.</param>
    /// <param name="bar">The bar that has what is asked for.</param>
    /// <returns>The drink, and what is different about it; a problem under the name of the wish that cannot be
    /// granted.</returns>
    public static Reading<Transformed> Grant(BuildDocument document, GuestWish wish, BarFacts bar)
    {
        var read = BuildReader.Read(document, bar, nameless: true);
        if (!read.IsRead)
        {
            return Reading<Transformed>.Failed(read.Problems);
        }

        var clash = Clash(wish);
        if (clash is not null)
        {
            return clash;
        }

        var asBefore = Mixer.Mix(read.Value, bar);
        var steps = Steps(wish, bar);
        var changes = new List<Change>();
        foreach (var step in steps)
        {
            var next = step(document);
            if (!next.IsRead)
            {
                return Reading<Transformed>.Failed(next.Problems);
            }

            document = next.Value.Build;
            changes.AddRange(next.Value.Changes);
        }

        var draft = new Draft(document, bar);
        if (wish.Milk is { } plant && bar.Find(plant)?.Allergens.Of(Allergen.Milk) is not Presence.Contains)
        {
            MilkLeftOut.TellWhatElseBringsIt(draft);
        }

        if (!wish.BiggerCup)
        {
            GiveWay(draft, asBefore);
        }

        var fitted = draft.Finish();
        return Reading<Transformed>.Of(new Transformed(fitted.Build, [.. changes, .. fitted.Changes]));
    }

    // What cannot be had together.
    private static Problem? Clash(GuestWish wish) =>
        wish is { Decaf: true, HalfCaf: true }
            ? Problem.At("halfCaf", "true", "Choose decaf or half-caf, not both.", "one of them")
        : wish is { Sweet: not null, Strokes: not 0 }
            ? Problem.At(
                "strokes",
                $"{wish.Strokes}",
                "Choose a sweetness in %, or a stroke more or less, not both.",
                "one of them"
            )
        : null;

    // One after the other: what goes in, then how much of it, then the cup.
    private static List<Func<BuildDocument, Reading<Transformed>>> Steps(GuestWish wish, BarFacts bar)
    {
        var steps = new List<Func<BuildDocument, Reading<Transformed>>>();
        Add(wish.Milk is not null, build => Under("milk", Transformer.SwapMilk(build, wish.Milk!.Value, bar)));
        Add(wish.Syrup is not null, build => Under("syrup", FlavourWish.Syrup(build, wish.Syrup!.Value, bar)));
        Add(wish.Shots > 0, build => AddShots(build, wish.Shots, bar));
        Add(wish.Shots < 0, build => ShotWish.Fewer(build, -wish.Shots, bar));
        Add(wish.Decaf, build => Decaffeinate(build, bar));
        Add(wish.HalfCaf, build => ShotWish.HalfCaf(build, bar, DecafOf(bar)));
        Add(wish.Sweet is not null, build => Under("sweet", Transformer.LessSweet(build, wish.Sweet!.Value, bar)));
        Add(wish.Strokes != 0, build => FlavourWish.Strokes(build, wish.Strokes, bar));
        Add(wish.Ice is not null, build => CupWishes.Ice(build, wish.Ice!.Value, bar));
        Add(wish.Heat is not null, build => CupWishes.Heat(build, wish.Heat!.Value, bar));
        Add(wish.NoTop, build => WithoutTop(build, bar));
        Add(wish.BiggerCup, build => CupWishes.Bigger(build, bar));
        return steps;

        void Add(bool isAsked, Func<BuildDocument, Reading<Transformed>> step)
        {
            if (isAsked)
            {
                steps.Add(step);
            }
        }
    }

    // A wish that cannot be granted is told under the name that it was asked for by.
    private static Reading<Transformed> Under(string wish, Reading<Transformed> granted) =>
        granted.IsRead
            ? granted
            : Reading<Transformed>.Failed([.. granted.Problems.Select(problem => problem with { Field = wish })]);

    private static Ingredient? DecafOf(BarFacts bar) =>
        bar.Ingredients.FirstOrDefault(ingredient =>
            ingredient is { Kind: IngredientKind.Espresso, Roast: { } roast }
            && roast.Caffeine.Value <= MostCaffeineOfDecaf
            && bar.EspressoOf(ingredient.Id) is not null
        );

    private static Reading<Transformed> Decaffeinate(BuildDocument document, BarFacts bar)
    {
        if (DecafOf(bar) is not { } decaf)
        {
            return Problem.At(
                "decaf",
                "true",
                "The bar has no espresso that is known to be without caffeine.",
                "an espresso of a roast with at most 0.1 % of caffeine"
            );
        }

        var draft = new Draft(document, bar);
        var shots = draft.Of(IngredientKind.Espresso).Where(line => line.Ingredient != decaf.Id.Value).ToList();
        if (shots.Count == 0)
        {
            return Problem.At(
                "decaf",
                "true",
                "There is no espresso in it that could be another.",
                "a drink with espresso"
            );
        }

        foreach (var line in shots)
        {
            draft.Replace(line, line with { Ingredient = decaf.Id.Value, Recipe = null });
            draft.Note(
                line.Id,
                $"{draft.IngredientOf(line)!.Name} → {decaf.Name}.",
                "As many shots; a little caffeine is left in it."
            );
        }

        foreach (
            var other in draft.Build.Lines.Where(line =>
                draft.IngredientOf(line) is { } left
                && left.Id != decaf.Id
                && left.Composition.CaffeineMg is not 0
                && (left.CoffeeShare > 0 || left.Composition.CaffeineMg > 0)
            )
        )
        {
            draft.Note(other.Id, $"{draft.IngredientOf(other)!.Name} stays and brings caffeine.", "It is no espresso.");
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    private static Reading<Transformed> AddShots(BuildDocument document, int shots, BarFacts bar)
    {
        if (shots is < 0 or > MostShots)
        {
            return Problem.At(
                "shots",
                shots.ToString(CultureInfo.InvariantCulture),
                $"{shots} is not a number of shots more.",
                $"0 to {MostShots}"
            );
        }

        var read = BuildReader.Read(document, bar, nameless: true);
        if (!read.IsRead)
        {
            return Reading<Transformed>.Failed(read.Problems);
        }

        var draft = new Draft(document, bar);
        var espresso = draft.Of(IngredientKind.Espresso);
        if (espresso.Count == 0)
        {
            return Problem.At(
                "shots",
                shots.ToString(CultureInfo.InvariantCulture),
                "There is no espresso in it to be more of.",
                "a drink with espresso"
            );
        }

        var line = espresso.FirstOrDefault(each => each.Measure == Measure.Shot.Code) ?? espresso[0];
        var ingredient = draft.IngredientOf(line)!;
        var one = OneShot(line, ingredient, bar);
        if (!double.IsFinite(one))
        {
            return Problem.At(
                "shots",
                shots.ToString(CultureInfo.InvariantCulture),
                $"How much a shot of {ingredient.Name} is, is not known.",
                "an espresso with a recipe"
            );
        }

        var said = draft.SaySizes(line, Mixer.Mix(read.Value, bar));
        draft.Replace(line, More(said, shots * one));
        draft.Note(
            line.Id,
            $"{ingredient.Name}: {shots} {(shots == 1 ? "shot" : "shots")} more.",
            "That is what was asked for; it is stronger than the standard."
        );
        return Reading<Transformed>.Of(draft.Finish());
    }

    // How much a shot is in the line's own measure; NaN when that is not known.
    private static double OneShot(LineDocument line, Ingredient ingredient, BarFacts bar)
    {
        var here = bar.Pulling(line.Recipe);
        var measure = Measure.Find(line.Measure)!;
        return measure == Measure.Shot ? 1
            : here.EspressoOf(ingredient.Id) is { } recipe
                ? recipe.PerShot.Value / Dosing.Mass(new Quantity(1, measure), ingredient, here).Value
            : double.NaN;
    }

    private static LineDocument More(LineDocument line, double more) =>
        line with
        {
            Amount = line.Amount + more,
            To = null,
            Stated = null,
            Pins = [.. line.Pins.Select(pin => pin with { Amount = pin.Amount + more, To = null, Stated = null })],
        };

    private static Reading<Transformed> WithoutTop(BuildDocument document, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        var tops = document.Lines.Where(line => IsTop(line, draft)).ToList();
        if (tops.Count == 0)
        {
            return Problem.At("noTop", "true", "Nothing stands on top of it.", "a drink with something on top");
        }

        foreach (var line in tops)
        {
            draft.Note(line.Id, $"{draft.IngredientOf(line)!.Name} is left out.", "That is what was asked for.");
        }

        draft.Build = draft.Build with { Lines = [.. draft.Build.Lines.Where(line => !tops.Contains(line))] };
        var read = BuildReader.Read(draft.Build, bar, nameless: true);
        return read.IsRead ? Reading<Transformed>.Of(draft.Finish()) : Reading<Transformed>.Failed(read.Problems);
    }

    // Whipped coffee is the drink, wherever it stands.
    internal static bool IsTop(LineDocument line, Draft draft) =>
        draft.IngredientOf(line) is { CoffeeShare: 0 } ingredient
        && (ingredient.IsTopping || Techniques.Named(line.Technique).PourPlace != PourPlace.InTheDrink);

    // Where what came in takes more room than there is, the most of the milk gives way, in whole steps of the bar and
    // no further than it must.
    private static void GiveWay(Draft draft, BuildSheet before)
    {
        var read = BuildReader.Read(draft.Build, draft.Bar, nameless: true);
        if (!read.IsRead)
        {
            return;
        }

        var sheet = Mixer.Mix(read.Value, draft.Bar);
        var tight = sheet.Sizes.Where(size => size.Fill.RoomLeft.Value < RoomOf(before, size) - 1e-6).ToList();
        if (tight.Count == 0 || FillerOf(draft, sheet) is not { } filler)
        {
            return;
        }

        var ingredient = draft.IngredientOf(filler)!;
        var said = draft.SaySizes(filler, sheet);
        var measure = Measure.Find(filler.Measure)!;
        var step = BarRounding.StepOf(measure, ingredient, draft.Bar);
        var told = new List<string>();
        foreach (var size in tight)
        {
            var full = size.Lines.Single(line => line.Line.Value == filler.Id).Amount;
            int fits = (int)Math.Floor((full / step) + 1e-9),
                none = 0;

            // Less never takes up more room.
            for (var most = fits; most > none; )
            {
                var middle = (most + none + 1) / 2;
                (none, most) = Fits(middle) ? (middle, most) : (none, middle - 1);
                fits = none;
            }

            said = With(said, size.Size.Value, fits * step);
            told.Add($"{new Quantity(fits * step, measure)}, not {Say.Fine(full)}, in {size.Name}");

            bool Fits(int steps)
            {
                var build = draft.Build with
                {
                    Lines =
                    [
                        .. draft.Build.Lines.Select(line =>
                            line.Id == filler.Id ? With(said, size.Size.Value, steps * step) : line
                        ),
                    ],
                };
                var tried = BuildReader.Read(build, draft.Bar, nameless: true);
                return tried.IsRead
                    && Mixer.Mix(tried.Value, draft.Bar).Sizes.Single(each => each.Size == size.Size) is var now
                    && now.Fill.RoomLeft.Value >= RoomOf(before, now) - 1e-6;
            }
        }

        draft.Replace(filler, said);
        draft.Note(
            filler.Id,
            $"{ingredient.Name} gives way: {string.Join("; ", told)}.",
            "So the cup is no fuller than it may be."
        );

        LineDocument With(LineDocument line, string size, double amount) =>
            size == draft.Build.ReferenceSize
                ? line with
                {
                    Amount = amount,
                }
                : line with
                {
                    Pins = [.. line.Pins.Select(pin => pin.Size == size ? pin with { Amount = amount } : pin)],
                };
    }

    // No less room than the standard leaves, and than none.
    private static double RoomOf(BuildSheet before, SizeSheet size) =>
        Math.Min(0, before.Sizes.Single(each => each.Size == size.Size).Fill.RoomLeft.Value);

    private static LineDocument? FillerOf(Draft draft, BuildSheet sheet)
    {
        var reference = sheet.Sizes.Single(size => size.IsReference);
        return draft
            .Build.Lines.Where(line =>
                line.To is null
                && line.Pins.All(pin => pin.To is null)
                && draft.IngredientOf(line)
                    is {
                        Kind: IngredientKind.Milk or IngredientKind.Coffee or IngredientKind.Tea or IngredientKind.Water
                    }
            )
            .OrderBy(line => draft.IngredientOf(line)!.Kind == IngredientKind.Milk ? 0 : 1)
            .ThenByDescending(line => reference.Lines.Single(cell => cell.Line.Value == line.Id).Mass.Value)
            .FirstOrDefault();
    }
}
