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

/// <summary>Leaves a drink with a share of its syrups and sauces, in every size, and tells what share that truly
/// is.</summary>
internal static class SweetnessShare
{
    /// <summary>The farthest that what is poured may be from the share that was asked for, as a fraction of the full
    /// dose. Where whole strokes come no nearer, the line is weighed instead (common practice, no source).</summary>
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
                $"Whole {Measure.Find(line.Measure)!.Plural} are too coarse for {share * 100:0} % in every size: {Told(before, size => weighed.Shares[size.Size.Value])}."
            );
            return;
        }

        draft.Replace(line, less);
        if (less.Amount < line.Amount)
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name}: {Draft.Say(line)} → {Draft.Say(less)}.",
                $"{share * 100:0} % of the full dose was asked for: {Told(before, size => AmountIn(less, size, before) / AmountIn(full, size, before))}."
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

    // The farthest of any size from the share, as a fraction of its full dose.
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

    // The same in grams; null where it is in grams already, or the bar cannot tell how many a stroke is.
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

    private static string Told(BuildSheet before, Func<SizeSheet, double> share) =>
        string.Join(
            ", ",
            before
                .Sizes.Select(size => (size.Name, Share: share(size)))
                .Where(size => double.IsFinite(size.Share))
                .Select(size => $"{size.Name} {Say.Whole(size.Share * 100)} %")
        );
}
