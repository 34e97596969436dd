using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.EverySize;

/// <summary>Pours more or less of one line, by the same amount in every size.</summary>
internal static class MoreInEverySize
{
    /// <summary>Does it. A size without the line stays without it. At least one step of the bar is left, so that the line
    /// never disappears by accident; a sentence names the sizes where that happens.</summary>
    public static Reading<ChangedBuild> Of(BuildDocument document, MoreOfLine more, BuildSheet before, BarFacts bar)
    {
        if (document.Lines.FirstOrDefault(each => each.Id == more.Line) is not { } entered)
        {
            return Problem.At("line.line", more.Line, "The build has no such line.", "one of the build's lines");
        }

        var line = HouseStrokes.SpellOut(entered, document, bar);
        var ingredient = bar.Find(new IngredientId(line.Ingredient!))!;
        var measure = Measure.Find(line.Measure)!;
        if (line.To is not null || line.Pins.Any(pin => pin.To is not null))
        {
            return Problem.At(
                "line.line",
                line.Id,
                $"{ingredient.Name} is filled up to a line, not by amount.",
                "a line that is poured by amount"
            );
        }

        var step = BarRounding.StepOf(measure, ingredient, bar.Pulling(line.Recipe));
        if (more.By is not { } asked || !double.IsFinite(asked) || BarRounding.Round(asked, step) == 0)
        {
            return Problem.At(
                "line.by",
                null,
                $"Enter how much more or less of {ingredient.Name} to pour.",
                $"at least {new Quantity(step, measure)} more or less"
            );
        }

        var by = BarRounding.Round(asked, step);
        var cells = before
            .Sizes.Select(size =>
                (size.Size, size.Name, Now: size.Lines.First(cell => cell.Line.Value == line.Id).Amount)
            )
            .ToList();
        var amounts = cells.ToDictionary(
            cell => cell.Size,
            cell => cell.Now <= 0 ? cell.Now : Math.Clamp(cell.Now + by, Math.Min(step, cell.Now), measure.Most)
        );
        if (cells.TrueForAll(cell => Math.Abs(amounts[cell.Size] - cell.Now) < 1e-9))
        {
            return Problem.At(
                "line.by",
                null,
                $"No size can take that much {(by < 0 ? "less" : "more")} {ingredient.Name}.",
                "a smaller change"
            );
        }

        var spelled = document with { Lines = [.. document.Lines.Select(each => each.Id == line.Id ? line : each)] };
        var lines = new Dictionary<LineId, Dictionary<CupId, double>> { [new(line.Id!)] = amounts };
        var held = cells.Where(cell => cell.Now > 0 && Math.Abs(amounts[cell.Size] - cell.Now - by) > 1e-9);
        return Reading<ChangedBuild>.Of(
            new(
                EverySizeAmounts.Put(spelled, before, lines, bar),
                [
                    .. Told(
                        ingredient,
                        measure,
                        asked,
                        by,
                        [.. held.Select(cell => cell.Name)],
                        [.. cells.Where(cell => cell.Now <= 0).Select(cell => cell.Name)]
                    ),
                ]
            )
        );
    }

    private static IEnumerable<string> Told(
        Ingredient ingredient,
        Measure measure,
        double asked,
        double by,
        List<string> held,
        List<string> unpoured
    )
    {
        if (Math.Abs(asked - by) > 1e-9)
        {
            yield return $"The nearest that the bar can pour is {new Quantity(Math.Abs(by), measure)} {(by < 0 ? "less" : "more")}.";
        }

        if (held.Count > 0)
        {
            yield return $"{Say.List(held)} cannot change that much, and {(held.Count == 1 ? "gets" : "get")} "
                + $"the {(by < 0 ? "smallest" : "largest")} amount of {ingredient.Name} that the bar pours.";
        }

        if (unpoured.Count > 0)
        {
            yield return $"{Say.List(unpoured)} {(unpoured.Count == 1 ? "has" : "have")} no {ingredient.Name}, and none is added.";
        }
    }
}
