using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Makes other builds of a build: served another way, with another milk or syrup, less sweet, without
/// milk.</summary>
/// <remarks>None of these is a promise about the taste: each is where the lead begins to taste. All work on a build
/// that the bar can read; problems are reported as for that build.</remarks>
public static class Transformer
{
    /// <summary>The shares of the flavour that a drink can be left with, %.</summary>
    public static IReadOnlyList<double> Shares { get; } = [25, 50, 75];

    /// <summary>Serves a build another way.</summary>
    /// <param name="document">The build.</param>
    /// <param name="to">How it is to be served.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="sizes">The cups for it, smallest first; null to keep its own.</param>
    public static Reading<Transformed> ServeAs(
        BuildDocument document,
        Serve to,
        BarFacts bar,
        IReadOnlyList<CupId>? sizes = null
    )
    {
        var reading = BuildReader.Read(document, bar, nameless: true);
        if (!reading.IsRead)
        {
            return Reading<Transformed>.Failed(reading.Problems);
        }

        var from = reading.Value.Serve;
        if (from == to)
        {
            return Problem.At(
                "serve",
                Choice.Word(to),
                $"The drink is served {Choice.Word(to)} already.",
                "another way of serving it"
            );
        }

        if (to != Serve.Hot && !bar.Ingredients.Any(ingredient => ingredient.IsIce))
        {
            return Problem.At("serve", Choice.Word(to), "The bar has no ice.", "an ingredient of the kind ice");
        }

        if (sizes?.Where(size => bar.Find(size) is null).ToList() is [var strange, ..])
        {
            return Problem.At("sizes", strange.Value, "The bar has no such cup.", "cups of the bar");
        }

        var draft = new Draft(document, bar);
        draft.Build = draft.Build with { Serve = Choice.Word(to) };
        draft.Note(null, $"Served {Choice.Word(to)} instead of {Choice.Word(from)}.", "That is what was asked for.");
        if (sizes is { Count: > 0 })
        {
            draft.PutSizes(sizes);
        }

        if (to == Serve.Hot)
        {
            Serving.Warm(draft);
        }
        else
        {
            Serving.Chill(draft, to, from == Serve.Hot);
        }

        if (sizes is not { Count: > 0 } && (from == Serve.Hot || to == Serve.Hot))
        {
            Refill(
                draft,
                Math.Max(0, Mixer.Mix(reading.Value, bar).Sizes.Single(size => size.IsReference).Fill.RoomLeft.Value),
                "as far as it was filled before"
            );
        }
        else if (from == Serve.Hot)
        {
            Refill(draft, 0, "to the reserve");
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    // What was steamed was more than it is: its foam and its steam leave room, as ice does that is left out.
    private static void Refill(Draft draft, double leave, string howFar)
    {
        var before = draft.Build;
        draft.Build = Fitting.Fill(before, draft.Bar, leave);
        foreach (
            var (was, now) in before.Lines.Zip(draft.Build.Lines).Where(pair => pair.First.Amount != pair.Second.Amount)
        )
        {
            draft.Note(
                now.Id,
                $"{draft.IngredientOf(now)!.Name}: {Draft.Say(was)} → {Draft.Say(now)}.",
                $"It fills the cup {howFar}: steam, foam and ice take up room that is then free."
            );
        }
    }

    /// <summary>Puts another milk in the place of every milk.</summary>
    /// <param name="document">The build.</param>
    /// <param name="milk">The id of an ingredient of the kind milk.</param>
    /// <param name="bar">The bar.</param>
    public static Reading<Transformed> SwapMilk(BuildDocument document, IngredientId milk, BarFacts bar) =>
        Swap(document, IngredientKind.Milk, null, milk, bar, "The volume stays, so that the cup is as full.");

    /// <summary>Puts another syrup or sauce in the place of a line's.</summary>
    /// <param name="document">The build.</param>
    /// <param name="line">The line.</param>
    /// <param name="syrup">The id of an ingredient of the kind syrup or sauce.</param>
    /// <param name="bar">The bar.</param>
    /// <remarks>The amount changes so that the drink is as sweet; where the sugars are not known, the volume
    /// stays.</remarks>
    public static Reading<Transformed> SwapSyrup(
        BuildDocument document,
        LineId line,
        IngredientId syrup,
        BarFacts bar
    ) => Swap(document, null, line, syrup, bar, null);

    /// <summary>Sweetens with a share of the flavour.</summary>
    /// <param name="document">The build.</param>
    /// <param name="percent">75, 50 or 25: the share that stays.</param>
    /// <param name="bar">The bar.</param>
    /// <remarks>Syrups and sauces get their share in every size, rounded to what the bar pours. The bitter-sweet
    /// school: a full dose, then offer less.</remarks>
    public static Reading<Transformed> LessSweet(BuildDocument document, double percent, BarFacts bar)
    {
        if (!Shares.Contains(percent))
        {
            return Problem.At(
                "percent",
                percent.ToString(CultureInfo.InvariantCulture),
                $"{percent} % is not one of the shares.",
                "75, 50 or 25"
            );
        }

        var reading = BuildReader.Read(document, bar, nameless: true);
        if (!reading.IsRead)
        {
            return Reading<Transformed>.Failed(reading.Problems);
        }

        var before = Mixer.Mix(reading.Value, bar);
        var draft = new Draft(document, bar);
        foreach (
            var line in document
                .Lines.Select(line => HouseStrokes.SpellOut(line, document, bar))
                .Where(line =>
                    draft.IngredientOf(line) is { Kind: IngredientKind.Syrup or IngredientKind.Sauce }
                    && line.Amount > 0
                )
        )
        {
            var amounts = before.Sizes.ToDictionary(
                size => size.Size.Value,
                size => size.Lines.First(cell => cell.Line.Value == line.Id).Amount
            );
            var full = draft.SaySizes(line, before);
            var less = draft.Times(full, percent / 100, halvesDown: true);
            draft.Replace(line, less);
            if (less.Amount < line.Amount)
            {
                draft.Note(
                    line.Id,
                    $"{draft.IngredientOf(line)!.Name}: {Draft.Say(line)} → {Draft.Say(less)}.",
                    $"{percent:0} % of the full dose, rounded to what the bar pours, halves down."
                );
            }

            var stuck = before
                .Sizes.Where(size =>
                    amounts[size.Size.Value] > 0
                    && (size.IsReference ? less.Amount : less.Pins.Single(pin => pin.Size == size.Size.Value).Amount)
                        >= amounts[size.Size.Value]
                )
                .Select(size => size.Name)
                .ToList();
            if (stuck.Count > 0)
            {
                draft.Note(
                    line.Id,
                    $"{draft.IngredientOf(line)!.Name} stays as it is in {string.Join(" and ", stuck)}.",
                    "The bar pours no smaller step."
                );
            }
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Makes a build without milk and what is made of it.</summary>
    /// <param name="document">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="milk">The plant drink to take; null for the bar's first milk that is known not to contain
    /// milk.</param>
    /// <remarks>What the house makes with milk, and what stands on top, is replaced by something of its kind that is
    /// known not to contain milk where the bar has that, and only else by the plain plant drink; what flavour is lost
    /// with it is told. Lines of other kinds that contain milk are taken out where they stand on top, and told where
    /// they do not. An ingredient on which nobody has read the label is told: unknown is not free.</remarks>
    public static Reading<Transformed> DairyFree(BuildDocument document, BarFacts bar, IngredientId? milk = null)
    {
        var plant = milk is { } chosen
            ? bar.Find(chosen)
            : bar.Ingredients.FirstOrDefault(ingredient =>
                ingredient.Kind == IngredientKind.Milk
                && ingredient.Allergens is { } allergens
                && !allergens.Contains.Contains(Allergen.Milk)
            );
        if (
            plant is null
            || plant.Kind != IngredientKind.Milk
            || plant.Allergens?.Contains.Contains(Allergen.Milk) != false
        )
        {
            return Problem.At(
                "milk",
                milk?.Value,
                plant is null
                    ? "The bar has no plant drink whose label has been read."
                    : $"{plant.Name} is not known to be without milk.",
                "an ingredient of the kind milk whose allergens are entered and do not hold milk"
            );
        }

        var reading = BuildReader.Read(document, bar, nameless: true);
        if (!reading.IsRead)
        {
            return Reading<Transformed>.Failed(reading.Problems);
        }

        var draft = new Draft(document, bar);
        foreach (var line in document.Lines)
        {
            var ingredient = draft.IngredientOf(line)!;
            if (ingredient.Allergens is null)
            {
                draft.Note(
                    line.Id,
                    $"{ingredient.Name} stays.",
                    "Nobody has read its label: unknown is not free from milk."
                );
            }
            else if (ingredient.Allergens.Contains.Contains(Allergen.Milk))
            {
                var own = ingredient.IsPart || ingredient.IsTopping ? DairyFreeLike(ingredient, bar) : null;
                if (own is not null)
                {
                    Exchange.Put(
                        draft,
                        line,
                        own,
                        $"{(own.IsPart ? "The house's own" : "What the bar has of the kind")} without milk, in the place of {ingredient.Name}. The volume stays."
                    );
                }
                else if (ingredient.Kind == IngredientKind.Milk)
                {
                    var lost =
                        ingredient.MadeOf.Count == 0
                            ? ""
                            : $" What {ingredient.Name} brought besides is lost: {Say.List(ingredient.MadeOf)}.";
                    Exchange.Put(draft, line, plant, $"The volume stays, so that the cup is as full.{lost}");
                }
                else if (ingredient.IsTopping)
                {
                    draft.Build = draft.Build with { Lines = [.. draft.Build.Lines.Where(each => each.Id != line.Id)] };
                    draft.Note(line.Id, $"{ingredient.Name} is left out.", "It contains milk.");
                }
                else
                {
                    draft.Note(
                        line.Id,
                        $"{ingredient.Name} stays and contains milk.",
                        "The bar has nothing of its kind to put in its place; choose one by hand."
                    );
                }
            }
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    private static Ingredient? DairyFreeLike(Ingredient ingredient, BarFacts bar) =>
        bar.Ingredients.FirstOrDefault(other =>
            other.Id != ingredient.Id
            && other.Kind == ingredient.Kind
            && other.IsPart == ingredient.IsPart
            && other.Allergens is { } allergens
            && !allergens.Contains.Contains(Allergen.Milk)
            && !allergens.MayContain.Contains(Allergen.Milk)
        );

    private static Reading<Transformed> Swap(
        BuildDocument document,
        IngredientKind? kind,
        LineId? only,
        IngredientId with,
        BarFacts bar,
        string? why
    )
    {
        var reading = BuildReader.Read(document, bar, nameless: true);
        if (!reading.IsRead)
        {
            return Reading<Transformed>.Failed(reading.Problems);
        }

        var target = bar.Find(with);
        if (
            target is null
            || (
                kind is not null
                    ? target.Kind != kind
                    : target.Kind is not (IngredientKind.Syrup or IngredientKind.Sauce)
            )
        )
        {
            return Problem.At(
                "ingredient",
                with.Value,
                target is null
                    ? $"The bar has no ingredient '{Problem.Shorten(with.Value)}'."
                    : $"{target.Name} cannot take that place.",
                kind is null ? "a syrup or sauce" : "a milk or plant drink"
            );
        }

        var draft = new Draft(document, bar);
        var lines = document
            .Lines.Where(line =>
                only is { } id
                    ? line.Id == id.Value
                    : draft.IngredientOf(line)!.Kind == kind && draft.IngredientOf(line)!.Id != with
            )
            .ToList();
        if (only is { } wanted && lines.Count == 0)
        {
            return Problem.At("line", wanted.Value, "The build has no such line.", "a line");
        }

        foreach (var line in lines)
        {
            Exchange.Put(draft, line, target, why);
        }

        return Reading<Transformed>.Of(draft.Finish());
    }
}
