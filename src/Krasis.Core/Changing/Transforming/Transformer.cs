using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Judging;

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
    /// <remarks>Syrups and sauces get their share in every size, rounded to what the bar pours; where strokes are too
    /// coarse for that, they are weighed. What share it truly is, is told size by size. The bitter-sweet school: a full
    /// dose, then offer less.</remarks>
    public static Reading<Transformed> LessSweet(BuildDocument document, double percent, BarFacts bar) =>
        SweetnessShare.Of(document, percent, bar);

    /// <summary>Makes a build without milk and what is made of it.</summary>
    /// <param name="document">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="milk">The plant drink to take; null for the bar's best: one that names no milk before one that may
    /// contain it.</param>
    /// <remarks>What the house makes with milk, and what stands on top, is replaced by something like it that names no
    /// milk where the bar has that, and only else by the plain plant drink; what flavour is lost with it is told. Lines
    /// of other kinds that contain milk are taken out where they stand on top, and told where they do not. What may
    /// contain milk is told, and what nobody has read the label of: unknown is not free.</remarks>
    public static Reading<Transformed> DairyFree(BuildDocument document, BarFacts bar, IngredientId? milk = null) =>
        MilkLeftOut.Of(document, bar, milk);

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
