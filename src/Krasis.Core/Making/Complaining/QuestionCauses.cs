using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Making.Complaining;

/// <summary>What no number shows and a question does, as a trainer asks it: which milk it was, how old the coffee is,
/// whether the basket is clean. (Common practice, no source; so are the weights, which put what is checked first before
/// the rest.)</summary>
internal static class QuestionCauses
{
    /// <summary>The questions to ask about a complaint. Where the drink is not of the kind that is complained of, that
    /// is the answer.</summary>
    public static IEnumerable<Cause> Of(Complained at, Complaint complaint) =>
        Questions(at, complaint).Select(cause => cause with { IsAsked = true });

    private static IEnumerable<Cause> Questions(Complained at, Complaint complaint) =>
        complaint switch
        {
            Complaint.Sour => Sour(at),
            Complaint.Bitter => Bitter(at),
            Complaint.Watery => Watery(at),
            Complaint.TooSweet => TooSweet(at),
            Complaint.Flat => Old(at, 8),
            Complaint.SauceOnTheBottom => Below(at),
            Complaint.FoamDripsThrough => Foam(at, isFlat: true),
            Complaint.FoamStandsStiff => Foam(at, isFlat: false),
            Complaint.LayersRanTogether when at.Build.Serve != Serve.Layered => [NotSo("This drink has no layers.")],
            Complaint.NotCold when !at.IsCold => [NotSo("It is served hot. Ask whether an iced one was ordered.")],
            Complaint.NotCold or Complaint.Lukewarm when at.IsCold => NotCold(at),
            Complaint.Lukewarm => Lukewarm(at),
            Complaint.RunsOver when at.IsCold => RunsOver(at),
            _ => [],
        };

    private static Cause NotSo(string says) => new("not-so-made", 100, says, "Ask what was ordered.");

    private static IEnumerable<WorkedLine> Shots(Complained at) =>
        at.Lines.Where(line => line.Facts.Recipe is not null);

    private static IEnumerable<(WorkedLine Line, CoffeeBase Brew)> Brewed(Complained at) =>
        at
            .Lines.Select(line => (line, Brew: at.Bar.CoffeeOf(line.Ingredient.Id)))
            .Where(pair => pair.Brew is not null)
            .Select(pair => (pair.line, pair.Brew!));

    private static IEnumerable<Cause> Sour(Complained at)
    {
        foreach (var shot in Shots(at).Take(1))
        {
            yield return Timed(shot, "A fast shot tastes sour: grind finer.");
            yield return new Cause(
                "fresh-roast",
                2,
                shot.Facts.Recipe?.Rest is { } rest
                    ? $"{shot.Ingredient.Name} {rest}."
                    : "Coffee roasted in the last few days tastes sharp.",
                shot.Facts.Recipe?.RestDays is { } days
                    ? $"Let it rest for {days} days."
                    : "Let it rest for a week, or longer for a light one."
            );
        }

        foreach (var (line, brew) in Brewed(at).Take(1))
        {
            yield return new Cause(
                "brewed-short",
                8,
                $"{line.Ingredient.Name} is brewed with {Say.Whole(brew.Coffee.Value)} g of coffee and {Say.Whole(brew.Water.Value)} g of water. Was it weighed, and brewed for long enough?",
                "Weigh coffee and water, and let it finish."
            );
            yield return NotStirred(line);
        }
    }

    private static IEnumerable<Cause> Bitter(Complained at)
    {
        foreach (var shot in Shots(at).Take(1))
        {
            yield return Timed(shot, "A slow shot tastes bitter: grind coarser.");
            yield return new Cause(
                "dirty-basket",
                3,
                "Is the basket clean? Old oil tastes bitter.",
                "Wipe the basket, flush the group, and pull again."
            );
            yield return new Cause(
                "dead-shot",
                2,
                $"Did the shot stand? After {Say.Whole(at.Bar.House.Standing.Shot)} s it turns bitter.",
                "Pour milk on it at once, or pull again."
            );
        }

        foreach (var cause in Old(at, 4))
        {
            yield return cause;
        }
    }

    private static IEnumerable<Cause> Watery(Complained at)
    {
        var shots = Shots(at).Sum(line => line.Line.Set.Measure.Kind == MeasureKind.Shot ? line.Amount : 0);
        if (shots > 0)
        {
            yield return new Cause(
                "shots-in",
                17,
                $"Did all the shots go in? It takes {Say.Fine(shots)}.",
                "Count the shots into the cup before the milk."
            );
        }

        foreach (var (line, _) in Brewed(at).Take(1))
        {
            yield return NotStirred(line);
        }
    }

    private static IEnumerable<Cause> TooSweet(Complained at)
    {
        var flavours = at
            .Lines.Where(line => line.IsInside && line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce)
            .ToList();
        if (flavours.Count > 0)
        {
            yield return new Cause(
                "strokes-in",
                6,
                $"Did more than {Say.List([.. flavours.Select(line => $"{line.Line.Set.With(line.Amount)} of {line.Ingredient.Name}")])} go in?",
                "Count them aloud."
            );
        }

        if (at.Lines.FirstOrDefault(line => line.Ingredient.Kind == IngredientKind.Milk) is { } milk)
        {
            yield return new Cause(
                "wrong-milk",
                3,
                $"Was it really {milk.Ingredient.Name}? Oat and sweetened milk taste sweeter.",
                "Check the open carton."
            );
        }
    }

    private static IEnumerable<Cause> Below(Complained at) =>
        at.Lines.Any(line =>
            line.IsInside
            && line.Ingredient.Kind is IngredientKind.Sauce or IngredientKind.Syrup or IngredientKind.Powder
        )
            ? []
            : [NotSo("There is no sauce, syrup or powder in it.")];

    private static IEnumerable<Cause> Foam(Complained at, bool isFlat)
    {
        if (at.Lines.FirstOrDefault(line => line.Foam is not null) is not { } foamed)
        {
            yield return NotSo("There is no foam on it.");
            yield break;
        }

        // Old milk does not stand stiff.
        if (!isFlat)
        {
            yield break;
        }

        yield return new Cause(
            "old-milk",
            5,
            $"How long has {foamed.Ingredient.Name} been open, and was it cold? Old or warm milk foams badly.",
            "Take a fresh carton from the fridge, and stretch it while it is still cold."
        );
        if (foamed.Foam is { IsCold: false } level)
        {
            yield return new Cause(
                "stretched-short",
                4,
                $"Was it stretched until it had grown by {Say.Whole(level.Overrun * 100)} %?",
                "Let air in at the start, until the jug is hand-warm."
            );
        }
    }

    private static IEnumerable<Cause> NotCold(Complained at)
    {
        if (at.Size.Fill.IceMass.Value > 0)
        {
            yield return new Cause(
                "ice-in",
                55,
                $"Did all {Say.Whole(at.Size.Fill.IceMass.Value)} g of ice go in, and was it hard and dry?",
                "Weigh the ice, or fill to its mark, straight from the bin."
            );
        }
    }

    private static IEnumerable<Cause> RunsOver(Complained at)
    {
        if (at.Size.Fill.IceMass.Value > 0)
        {
            yield return new Cause(
                "much-ice",
                10,
                $"Did more than {Say.Whole(at.Size.Fill.IceMass.Value)} g of ice go in?",
                "Weigh the ice once, and mark the scoop."
            );
        }
    }

    private static IEnumerable<Cause> Lukewarm(Complained at)
    {
        if (at.Lines.FirstOrDefault(line => line.Foam is { IsCold: false }) is { } milk)
        {
            yield return new Cause(
                "milk-s-end",
                30,
                $"Did {milk.Ingredient.Name} reach {Say.Degrees(milk.Foam!.To)}? That matters most.",
                "Check the next jug with a thermometer."
            );
        }
    }

    private static IEnumerable<Cause> Old(Complained at, double weight)
    {
        foreach (var (line, brew) in Brewed(at).Take(1))
        {
            yield return new Cause(
                "old-brew",
                weight,
                $"How old is {line.Ingredient.Name}? {(brew.HoldsHours is { } hours ? $"It keeps for {CoffeeBase.Duration(hours)}." : "It is made for each drink.")}",
                "Taste it on its own, and make a fresh batch if it is old."
            );
        }

        foreach (var shot in Shots(at).Take(1))
        {
            yield return new Cause(
                "stale-coffee",
                weight / 2,
                $"When was {shot.Ingredient.Name} roasted, and when was it ground?",
                "Grind for each shot, and open a fresh bag."
            );
        }
    }

    private static Cause Timed(WorkedLine shot, string then)
    {
        var recipe = shot.Facts.Recipe!;
        return new Cause(
            "time-the-shot",
            4,
            recipe.Window is { } window
                ? $"Did {Say.Short(recipe.Yield.Value)} g run in {Say.Short(window.From)} to {Say.Short(window.To)} s?"
                : $"How long did the {Say.Short(recipe.Yield.Value)} g run?",
            $"Weigh and time the next shot. {then}"
        )
        {
            Bench = "espresso",
            BenchId = recipe.Id,
        };
    }

    private static Cause NotStirred(WorkedLine line) =>
        new(
            "keg-not-stirred",
            6,
            $"Was {line.Ingredient.Name} stirred before pouring? The strong part sinks.",
            "Stir the jug or keg."
        );
}
