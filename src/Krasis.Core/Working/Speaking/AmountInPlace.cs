using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

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
        var worked = Mixer.SettleAll(build, bar, build.School.Scaling).Find(candidate => candidate.Size.Cup.Id == size);
        var at = worked?.Lines.Select((facts, i) => (facts, i)).Where(entry => entry.facts.Line.Id == line).Select(entry => (int?)entry.i).FirstOrDefault();
        if (worked is null || at is not { } index)
        {
            return Problem.At(worked is null ? "size" : "line", worked is null ? size.Value : line.Value, "The build has no such size or line.", "one of the build's own");
        }

        var facts = worked.Lines[index];
        return said switch
        {
            SpokenAmount.Plain plain => Dosing.Convert(plain.Quantity, facts.Line.Set.Measure, facts.Ingredient, bar, "text"),
            SpokenAmount.FillTo to => FillTo(worked, index, to.Height),
            SpokenAmount.FillToLine to => FindLine(worked.Size.Cup, to) is { } printed ? FillTo(worked, index, printed.Height) : NoLine(worked.Size.Cup, to),
            SpokenAmount.Ratio ratio => Ratio(worked, index, ratio.Parts),
            _ => throw new ArgumentOutOfRangeException(nameof(said), said, "There is nothing else that can be said."),
        };
    }

    /// <summary>Why what was said contradicts itself at this bar; null when it does not.</summary>
    public static string? Objection(SpokenAmount said, Ingredient ingredient, BarFacts bar)
    {
        if (said is not SpokenAmount.Plain { AlsoSaid: { } again } plain
            || Dosing.Refusal(ingredient, plain.Quantity.Measure, bar) is not null
            || Dosing.Refusal(ingredient, again.Measure, bar) is not null
            || !StatedPairContradicts.Contradict(plain.Quantity, again, ingredient, bar))
        {
            return null;
        }

        var really = Dosing.Convert(plain.Quantity, again.Measure, ingredient, bar, "text");
        return $"{plain.Quantity} is not {again} at this bar{(really.IsRead ? $": it is {new Quantity(Math.Round(really.Value.Amount, 1), again.Measure)}" : "")}.";
    }

    private static Reading<Quantity> FillTo(WorkedSize worked, int index, Millimetres height)
    {
        var cup = worked.Size.Cup;
        var line = worked.Lines[index];
        if (height > cup.Shape.Height)
        {
            return Problem.At("text", Say.Short(height.Value), $"{cup.Name} is only {Say.Short(cup.Shape.Height.Value)} mm high.", $"at most {Say.Short(cup.Shape.Height.Value)} mm");
        }

        var target = cup.VolumeTo(height).Value;
        var amounts = worked.Amounts.ToArray();
        if (SurfaceWith(0) > target)
        {
            return Problem.At("text", Say.Short(height.Value), $"The rest of the drink already stands {Say.Short(cup.HeightFor(Millilitres.From(SurfaceWith(0))).Value)} mm high in {cup.Name}.", "a height above that");
        }

        double low = 0, high = line.Line.Set.Measure.Most;
        if (SurfaceWith(high) < target)
        {
            return Problem.At("text", Say.Short(height.Value), $"No amount of {line.Ingredient.Name} fills {cup.Name} to {Say.Short(height.Value)} mm.", "a quantity, such as 180 ml");
        }

        // More never stands lower.
        for (var i = 0; i < 100; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = SurfaceWith(middle) <= target ? (middle, high) : (low, middle);
        }

        return Reading<Quantity>.Of(line.Line.Set.With(low));

        double SurfaceWith(double amount)
        {
            amounts[index] = amount;
            return worked.With(amounts).Surface;
        }
    }

    private static PrintedLine? FindLine(Cup cup, SpokenAmount.FillToLine to) => to.Number is { } number
        ? cup.PrintedLines.ElementAtOrDefault(number - 1)
        : cup.PrintedLines.FirstOrDefault(line => string.Equals(line.Label, to.Label, StringComparison.OrdinalIgnoreCase));

    private static Problem NoLine(Cup cup, SpokenAmount.FillToLine to) => Problem.At(
        "text",
        to.Label ?? to.Number?.ToString(CultureInfo.InvariantCulture),
        $"{cup.Name} has no such printed line.",
        cup.PrintedLines.Count == 0 ? "a height, such as 'to 62 mm': it has no printed lines" : string.Join(", ", cup.PrintedLines.Select((line, i) => $"line {i + 1} ({line.Label})")));

    // 1 : n is coffee to milk by mass: of coffee it says how much coffee goes to the milk, of anything else how much of it goes
    // to the coffee.
    private static Reading<Quantity> Ratio(WorkedSize worked, int index, double parts)
    {
        var line = worked.Lines[index];
        double coffee = 0, milk = 0;
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            if (i != index && !worked.Lines[i].IsOnTop)
            {
                coffee += worked.Lines[i].Ingredient.IsCoffee ? worked.Mass(i) : 0;
                milk += worked.Lines[i].Ingredient.Kind == IngredientKind.Milk ? worked.Mass(i) : 0;
            }
        }

        var grams = line.Ingredient.IsCoffee ? (milk / parts) - coffee
            : line.Ingredient.Kind == IngredientKind.Milk ? (coffee * parts) - milk
            : coffee * parts;
        var missing = line.Ingredient.IsCoffee ? "milk" : "coffee";
        return grams <= 0
            ? Problem.At("text", $"1:{Say.Short(parts)}", $"There is no {missing} in {worked.Size.Cup.Name} yet that 1 : {Say.Short(parts)} could be to, or there is more than enough.", "a quantity, such as 180 ml")
            : Reading<Quantity>.Of(line.Line.Set.With(Math.Min(line.Line.Set.Measure.Most, grams / line.Mass(1, worked.Size.Growth.Stretch))));
    }
}
