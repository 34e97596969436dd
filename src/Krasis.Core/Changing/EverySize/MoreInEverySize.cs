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
    /// <summary>Does it. A size that pours none of the line stays without it. The least that is left is one step of the
    /// bar, so that the line does not go by accident; where that holds an amount back, it is told.</summary>
    public static Reading<ToTell> Of(BuildDocument document, MoreOfLine more, BuildSheet before, BarFacts bar)
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

        return Put(document with { Lines = [.. document.Lines.Select(each => each.Id == line.Id ? line : each)] });

        Reading<ToTell> Put(BuildDocument spelled)
        {
            var by = BarRounding.Round(asked, step);
            var (amounts, held, unpoured) = (new Dictionary<CupId, double>(), new List<string>(), new List<string>());
            foreach (var size in before.Sizes)
            {
                var now = size.Lines.First(cell => cell.Line.Value == line.Id).Amount;
                var wanted = now + by;
                amounts[size.Size] = now <= 0 ? now : Math.Clamp(wanted, Math.Min(step, now), measure.Most);
                (now <= 0 ? unpoured : held).AddRange(
                    now <= 0 || Math.Abs(amounts[size.Size] - wanted) > 1e-9 ? [size.Name] : []
                );
            }

            return amounts.All(size => Math.Abs(size.Value - Now(size.Key)) < 1e-9)
                ? Problem.At(
                    "line.by",
                    null,
                    $"No size can pour that much {(by < 0 ? "less" : "more")} of {ingredient.Name}.",
                    "a smaller change"
                )
                : Reading<ToTell>.Of(
                    new(
                        EverySizeAmounts.Put(
                            spelled,
                            before,
                            new Dictionary<LineId, Dictionary<CupId, double>> { [new(line.Id!)] = amounts },
                            bar
                        ),
                        [.. Told(ingredient, measure, asked, by, held, unpoured)]
                    )
                );
        }

        double Now(CupId size) =>
            before.Sizes.First(each => each.Size == size).Lines.First(cell => cell.Line.Value == line.Id).Amount;
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
            yield return $"The bar pours {new Quantity(Math.Abs(by), measure)} at a time, so that is the change.";
        }

        if (held.Count > 0)
        {
            yield return $"{Say.List(held)} cannot change by as much; {(held.Count == 1 ? "it keeps" : "they keep")} "
                + $"{(by < 0 ? "the smallest amount" : "the largest amount")} of {ingredient.Name}.";
        }

        if (unpoured.Count > 0)
        {
            yield return $"{Say.List(unpoured)} had no {ingredient.Name} and still {(unpoured.Count == 1 ? "has" : "have")} none.";
        }
    }
}
