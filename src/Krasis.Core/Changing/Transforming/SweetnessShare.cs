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

/// <summary>Reduces a drink's syrups and sauces to a share of the full dose, and says what share each size really
/// gets.</summary>
internal static class SweetnessShare
{
    /// <summary>How far a size may be from the share that was asked for, as a fraction of the full dose. If whole strokes
    /// miss by more in any size, the line is weighed instead (common practice, no source).</summary>
    public const double Nearest = 0.10;

    private const double Millionth = 1e-6;

    /// <summary>Does it.</summary>
    /// <param name="document">The build.</param>
    /// <param name="percent">75, 50 or 25: the share that stays.</param>
    /// <param name="bar">The bar.</param>
    public static Reading<Transformed> Of(BuildDocument document, double percent, BarFacts bar)
    {
        if (!Transformer.Shares.Contains(percent))
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
            Lessen(draft, line, percent / 100, before);
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    private static void Lessen(Draft draft, LineDocument line, double share, BuildSheet before)
    {
        var full = draft.SaySizes(line, before);
        var less = draft.Times(full, share, halvesDown: true);
        var ingredient = draft.IngredientOf(line)!;
        if (Worst(full, less, share) > Nearest + Millionth && Weighed(draft, full, share, before) is { } weighed)
        {
            draft.Replace(line, weighed.Line);
            draft.Note(
                line.Id,
                $"{ingredient.Name}: {Draft.Say(line)} → {Draft.Say(weighed.Line)}, by weight.",
                $"Whole {Measure.Find(line.Measure)!.Plural} cannot give {share * 100:0} % in every size, so weigh it: {Told(before, size => weighed.Shares[size.Size.Value])}."
            );
            return;
        }

        draft.Replace(line, less);
        if (less.Amount < line.Amount)
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name}: {Draft.Say(line)} → {Draft.Say(less)}.",
                $"You asked for {share * 100:0} % of the full dose. It comes to {Told(before, size => AmountIn(less, size, before) / AmountIn(full, size, before))}."
            );
        }

        var stuck = before
            .Sizes.Where(size =>
                AmountIn(full, size, before) > 0 && AmountIn(less, size, before) >= AmountIn(full, size, before)
            )
            .Select(size => size.Name)
            .ToList();
        if (stuck.Count > 0)
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name} stays as it is in {Say.List(stuck)}.",
                "The bar pours no smaller step."
            );
        }
    }

    // How far the size that misses most is from the share, as a fraction of its full dose.
    private static double Worst(LineDocument full, LineDocument less, double share)
    {
        var pairs = full
            .Pins.Zip(less.Pins, (was, now) => (Was: was.Amount, Now: now.Amount))
            .Append((Was: full.Amount, Now: less.Amount));
        return pairs
            .Where(pair => pair.Was > 0)
            .Select(pair => Math.Abs((pair.Now!.Value / pair.Was!.Value) - share))
            .DefaultIfEmpty(0)
            .Max();
    }

    // The line in grams; null if it is in grams already, or if the bar does not know the weight of a stroke.
    private static (LineDocument Line, IReadOnlyDictionary<string, double> Shares)? Weighed(
        Draft draft,
        LineDocument full,
        double share,
        BuildSheet before
    )
    {
        var ingredient = draft.IngredientOf(full)!;
        if (full.Measure == Measure.Gram.Code || Dosing.Refusal(ingredient, Measure.Gram, draft.Bar) is not null)
        {
            return null;
        }

        var step = BarRounding.StepOf(Measure.Gram, ingredient, draft.Bar);
        var shares = new Dictionary<string, double>();
        var line = full with
        {
            Measure = Measure.Gram.Code,
            Amount = Grams(draft.Build.ReferenceSize!),
            To = null,
            Stated = null,
            Scale = full.Scale is null ? null : full.Scale with { Ladder = [] },
            Pins = [.. full.Pins.Select(pin => new PinDocument { Size = pin.Size, Amount = Grams(pin.Size!) })],
        };
        return (line, shares);

        double Grams(string size)
        {
            var mass = before
                .Sizes.Single(each => each.Size.Value == size)
                .Lines.First(cell => cell.Line.Value == full.Id)
                .Mass.Value;
            var grams = mass > 0 ? Math.Max(step, BarRounding.Round(mass * share, step)) : 0;
            shares[size] = mass > 0 ? grams / mass : double.NaN;
            return grams;
        }
    }

    private static double AmountIn(LineDocument line, SizeSheet size, BuildSheet before) =>
        size.Size == before.Sizes.Single(each => each.IsReference).Size
            ? line.Amount ?? 0
            : line.Pins.Single(pin => pin.Size == size.Size.Value).Amount ?? 0;

    // The true share of each size that has any of it.
    private static string Told(BuildSheet before, Func<SizeSheet, double> share)
    {
        var shares = before
            .Sizes.Select(size => (size.Name, Share: share(size)))
            .Where(size => double.IsFinite(size.Share))
            .Select(size => (size.Name, Says: $"{Say.Whole(size.Share * 100)} %"))
            .ToList();
        return shares.Count > 1 && shares.Select(size => size.Says).Distinct().Count() == 1
            ? $"{shares[0].Says} in every size"
            : Say.List([.. shares.Select(size => $"{size.Says} in {size.Name}")]);
    }
}
