using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>Says in a few words how one way of pouring a size differs from what is poured, and what it costs.</summary>
internal static class AdviceWords
{
    /// <summary>What is said where nothing is changed.</summary>
    public const string AsItIs = "As it is";

    // Less ice or more by a tenth is the same ice to whoever scoops it (common practice, no source).
    private const double SameIce = 0.1;

    // What is off by less is not tasted or seen, in percent of drift (no source; half of what is told at all is a trained
    // taster's).
    private const double Unnoticed = 3;

    // A cup that is less full by so much of what fits shows it (no source).
    private const double LessFull = 0.05;

    /// <summary>What is changed. Two ways of which the same is said are one for whoever chooses.</summary>
    public static string Does(WorkedSize own, double[] amounts, string? mark)
    {
        List<string> says = [];
        foreach (var line in own.Lines.Where(line => line.Mark is null && VariedLines.IsOfSort(line)))
        {
            if (Of(line, amounts[line.Index] - line.Amount) is { } said)
            {
                says.Add(said);
            }
        }

        if (mark is not null)
        {
            says.Add(mark);
        }

        return says.Count == 0 ? AsItIs : Capitalised(Say.List([.. says.Distinct()]));
    }

    private static string? Of(WorkedLine line, double by)
    {
        if (Math.Abs(by) < line.Step / 2 || (line.IsIce && Math.Abs(by) < SameIce * line.Amount))
        {
            return null;
        }

        var (more, kind) = (by > 0 ? "more" : "less", line.Line.Set.Measure.Kind);
        if (kind is MeasureKind.Shot or MeasureKind.Stroke && !line.IsIce)
        {
            var count = line.Line.Set.With(Math.Abs(by));
            return FlavourBalance.IsFlavour(line) ? $"{count} {more} of {line.Ingredient.Name}" : $"{count} {more}";
        }

        return line.IsIce || line.Ingredient.Kind is IngredientKind.Milk or IngredientKind.Water
            ? $"{more} {(line.IsIce ? "ice" : line.Ingredient.Kind == IngredientKind.Milk ? "milk" : "water")}"
            : $"{more} {line.Ingredient.Name}";
    }

    /// <summary>What a way costs the drink: the largest of what is off.</summary>
    /// <param name="wanted">What the size is to be like.</param>
    /// <param name="cup">What it comes to.</param>
    public static string GivesUp(Measured wanted, Measured cup)
    {
        var strength = Drift.Of(wanted.Strength, cup.Strength)?.Value ?? 0;
        var sweetness = Drift.Of(wanted.Sweetness, cup.Sweetness)?.Value ?? 0;
        var ice = wanted.Ice > 0 ? (1 - (cup.Ice / wanted.Ice)) * 100 : 0;
        var empty = wanted.Fullness - cup.Fullness;
        (double Off, string Says)[] all =
        [
            (Math.Abs(strength), $"{Say.Whole(Math.Abs(strength))} % {(strength > 0 ? "stronger" : "weaker")}"),
            (Math.Abs(sweetness), $"{Say.Whole(Math.Abs(sweetness))} % {(sweetness > 0 ? "sweeter" : "less sweet")}"),
            (
                Math.Abs(ice) >= SameIce * 100 ? Math.Abs(ice) / 2 : 0,
                $"{Say.Whole(Math.Abs(ice))} % {(ice > 0 ? "less" : "more")} ice"
            ),
            (empty >= LessFull ? empty * 100 / 2 : 0, "not as full"),
        ];
        var (off, says) = all.MaxBy(one => one.Off);
        return off < Unnoticed ? "none you can taste" : says;
    }

    private static string Capitalised(string text) => $"{char.ToUpperInvariant(text[0])}{text[1..]}";
}
