using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Editing;

/// <summary>Fits a build to its cups with the mixer itself.</summary>
internal static class Fitting
{
    /// <summary>Milk or brewed coffee, whichever there is more of, takes what room is left: a little more or less of
    /// it, until the reference is full to the reserve and no further, and no other size runs over.</summary>
    /// <param name="build">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="leave">Room that is to be left in the reference size, ml; none by default.</param>
    public static BuildDocument Fill(BuildDocument build, BarFacts bar, double leave = 0)
    {
        // Whichever of milk and brewed coffee there is more of, and the other where that is not enough; a cap of milk
        // on a brew has no room to give.
        var fillers = build
            .Lines.Select((line, i) => (line, i))
            .Where(entry =>
                bar.Find(new IngredientId(entry.line.Ingredient ?? ""))
                    is { Kind: IngredientKind.Milk or IngredientKind.Coffee or IngredientKind.Tea }
                && entry.line.Measure == Measure.Millilitre.Code
            )
            .OrderByDescending(entry => entry.line.Amount)
            .Select(entry => entry.i)
            .ToList();
        foreach (
            var filler in fillers.Count > 0
                ? fillers
                : [build.Lines.ToList().FindIndex(line => line.Measure == Measure.Millilitre.Code)]
        )
        {
            (build, var fits) = filler < 0 ? (build, true) : Fill(build, bar, leave, filler);
            if (fits)
            {
                break;
            }
        }

        return build;
    }

    // More of it never takes up less room, so the largest number of whole steps with which every size fits is found by
    // halving.
    private static (BuildDocument Build, bool Fits) Fill(BuildDocument build, BarFacts bar, double leave, int filler)
    {
        var measure = Measure.Find(build.Lines[filler].Measure)!;
        var step = BarRounding.StepOf(measure, bar.Find(new IngredientId(build.Lines[filler].Ingredient!))!, bar);
        int fits = 0,
            tooMuch = (int)(measure.Most / step);
        while (tooMuch - fits > 1)
        {
            var middle = (fits + tooMuch) / 2;
            (fits, tooMuch) = Fits(With(middle)) ? (middle, tooMuch) : (fits, middle);
        }

        return (With(Math.Max(1, fits)), fits > 0);

        BuildDocument With(int steps) =>
            build with
            {
                Lines = [.. build.Lines.Select((line, i) => i == filler ? line with { Amount = steps * step } : line)],
            };

        bool Fits(BuildDocument with)
        {
            var sheet = Mixer.Mix(BuildReader.Read(with, bar, nameless: true).Value, bar);
            return sheet.Sizes.All(size => size.Fill.RoomLeft.Value >= (size.IsReference ? leave : 0) - 1e-6);
        }
    }
}
