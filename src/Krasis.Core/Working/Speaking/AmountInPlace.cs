using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Working.Speaking;

/// <summary>Works out what was said for one line of one size.</summary>
public static class AmountInPlace
{
    /// <summary>The quantity that was said, in the line's measure.</summary>
    /// <param name="said">What was said.</param>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="size">One of the build's sizes.</param>
    /// <param name="line">One of the build's lines.</param>
    /// <returns>The quantity, or a problem under the field <c>text</c>.</returns>
    public static Reading<Quantity> Resolve(SpokenAmount said, Build build, BarFacts bar, CupId size, LineId line)
    {
        var (worked, index) = Find(build, bar, size, line);
        if (worked is null)
        {
            return NoSuch(build, size, line);
        }

        var facts = worked.Lines[index];
        return said switch
        {
            SpokenAmount.Plain plain => Dosing.Convert(
                plain.Quantity,
                facts.Line.Set.Measure,
                facts.Ingredient,
                bar,
                "text"
            ),
            SpokenAmount.Times times => Reading<Quantity>.Of(
                facts.Line.Set.With(Math.Min(facts.Line.Set.Measure.Most, facts.Amount * times.Factor))
            ),
            SpokenAmount.FillTo to => FillTo(worked, index, to.Mark),
            SpokenAmount.Ratio ratio => Ratio(worked, index, ratio.Parts),
            _ => throw new ArgumentOutOfRangeException(nameof(said), said, "There is nothing else that can be said."),
        };
    }

    /// <summary>The quantity of a line with which the whole drink stands at a height, whatever goes in before and after
    /// it.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="size">One of the build's sizes.</param>
    /// <param name="line">One of the build's lines.</param>
    /// <param name="surface">How high the drink is to stand.</param>
    /// <returns>The quantity; nothing where the rest alone stands as high; or a problem under the field
    /// <c>surfaceMm</c>.</returns>
    public static Reading<Quantity> ForSurface(Build build, BarFacts bar, CupId size, LineId line, Millimetres surface)
    {
        var (worked, index) = Find(build, bar, size, line);
        if (worked is null)
        {
            return NoSuch(build, size, line);
        }

        var cup = worked.Size.Cup;
        if (surface.Value < 0 || surface > cup.Shape.Height)
        {
            return Problem.At(
                "surfaceMm",
                Say.Short(surface.Value),
                $"{cup.Name} is {Say.Short(cup.Shape.Height.Value)} mm high inside.",
                $"0 to {Say.Short(cup.Shape.Height.Value)} mm"
            );
        }

        var at = worked.Lines[index];
        var (amount, trouble) = MarkFill.To(
            Others(worked, (_, i) => i != index),
            at.Facts,
            1,
            cup.VolumeTo(surface).Value
        );
        return trouble == MarkTrouble.OutOfReach
            ? Problem.At(
                "surfaceMm",
                Say.Short(surface.Value),
                $"No amount of {at.Ingredient.Name} fills {cup.Name} as high.",
                "a lower height"
            )
            : Reading<Quantity>.Of(at.Line.Set.With(amount));
    }

    /// <summary>Why what was said contradicts itself at this bar; null when it does not.</summary>
    public static string? Objection(SpokenAmount said, Ingredient ingredient, BarFacts bar)
    {
        if (
            said is not SpokenAmount.Plain { AlsoSaid: { } again } plain
            || Dosing.Refusal(ingredient, plain.Quantity.Measure, bar) is not null
            || Dosing.Refusal(ingredient, again.Measure, bar) is not null
            || !Dosing.Contradict(plain.Quantity, again, ingredient, bar)
        )
        {
            return null;
        }

        var really = Dosing.Convert(plain.Quantity, again.Measure, ingredient, bar, "text");
        var isOne = plain.Quantity.Amount == 1;
        return $"{plain.Quantity} {(isOne ? "is" : "are")} not {again} at this bar{(really.IsRead ? $": {(isOne ? "it is" : "they are")} {new Quantity(Math.Round(really.Value.Amount, 1), again.Measure)}" : "")}.";
    }

    /// <summary>The mark that was said, and what is wrong with it for the lines before and for the cup.</summary>
    private static Reading<Quantity> FillTo(WorkedSize worked, int index, Mark mark)
    {
        var cup = worked.Size.Cup;
        var line = worked.Lines[index];
        if (cup.HeightOf(mark, worked.Size.Reserve) is not { } height)
        {
            var (why, accepted) = cup.Lacks(mark);
            return Problem.At("text", mark.Says, why, accepted);
        }

        var before = Others(worked, (_, i) => i < index);
        var (amount, trouble) = MarkFill.To(before, line.Facts, 1, cup.VolumeTo(height).Value);
        return trouble switch
        {
            MarkTrouble.BelowTheLiquid => Problem.At(
                "text",
                mark.Says,
                $"What goes in before already stands {Say.Short(cup.HeightFor(Millilitres.From(line.IsIce ? before.Occupied : before.Surface)).Value)} mm high in {cup.Name}.",
                "a mark above that"
            ),
            MarkTrouble.OutOfReach => Problem.At(
                "text",
                mark.Says,
                $"No amount of {line.Ingredient.Name} fills {cup.Name} {mark.Says}.",
                "a quantity, such as 180 ml"
            ),
            _ => Reading<Quantity>.Of(line.Line.Set.With(amount)),
        };
    }

    private static (WorkedSize? Size, int Index) Find(Build build, BarFacts bar, CupId size, LineId line)
    {
        var worked = SizeWork
            .SettleAll(build, bar, build.School.Scaling)
            .Find(candidate => candidate.Size.Cup.Id == size);
        var index = worked?.Lines.ToList().FindIndex(at => at.Line.Id == line) ?? -1;
        return (index < 0 ? null : worked, index);
    }

    private static Problem NoSuch(Build build, CupId size, LineId line)
    {
        var hasSize = build.Sizes.Contains(size);
        return new Problem(
            hasSize ? "line" : "size",
            hasSize ? line.Value : size.Value,
            "The build has no such size or line.",
            "one of the build's own"
        );
    }

    private static Tally Others(WorkedSize worked, Func<WorkedLine, int, bool> which)
    {
        var tally = new Tally(worked.Size.CupVessel);
        foreach (var line in worked.Lines.Where(which))
        {
            tally.Add(line.Facts, line.Mass);
        }

        return tally;
    }

    // 1 : n is coffee to milk by mass: of coffee it says how much coffee goes to the milk, of anything else how much of
    // it goes to the coffee.
    private static Reading<Quantity> Ratio(WorkedSize worked, int index, double parts)
    {
        var line = worked.Lines[index];
        double coffee = 0,
            milk = 0;
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            if (i != index)
            {
                coffee += worked.Lines[i].Mass * worked.Lines[i].Ingredient.CoffeeShare;
                milk += worked.Lines[i].IsInside ? worked.Lines[i].Mass * worked.Lines[i].Ingredient.MilkShare : 0;
            }
        }

        var grams =
            line.Ingredient.IsCoffee ? (milk / parts) - coffee
            : line.Ingredient.Kind == IngredientKind.Milk ? (coffee * parts) - milk
            : coffee * parts;
        var missing = line.Ingredient.IsCoffee ? "milk" : "coffee";
        return grams <= 0
            ? Problem.At(
                "text",
                $"1:{Say.Short(parts)}",
                $"There is no {missing} in {worked.Size.Cup.Name} yet that 1 : {Say.Short(parts)} could be to, or there is more than enough.",
                "a quantity, such as 180 ml"
            )
            : Reading<Quantity>.Of(
                line.Line.Set.With(Math.Min(line.Line.Set.Measure.Most, grams / line.Facts.Mass(1, line.Stretch)))
            );
    }
}
