using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Tuning;

/// <summary>Moves one thing of a drink as little as can be tasted: start low, change one thing.</summary>
public static class Tuner
{
    // More than a lead would pour of anything before tasting again.
    private const int MostSteps = 60;

    /// <summary>The ways of moving a taste, the best first. Each was applied to the build, and the build worked out
    /// with it.</summary>
    /// <param name="document">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="size">The size that was tasted.</param>
    /// <param name="taste">What is to be moved.</param>
    /// <param name="more">Whether there is to be more of it.</param>
    /// <param name="isMuch">Whether it was found much too little or too much: it is moved twice as far then.</param>
    /// <returns>One way for each line that can do it; none when no line can. A problem where the build cannot be read
    /// or has no such size.</returns>
    /// <remarks>A line moves in the bar's own steps by the fewest that move the taste as far as the house allows sizes
    /// to drift, which is what it holds to be tasted. Ways after which no size stands further beyond what the house
    /// allows come first, then those that go least beyond what is wanted. Sizes that are pinned move in proportion.</remarks>
    public static Reading<IReadOnlyList<Tuning>> Tune(
        BuildDocument document,
        BarFacts bar,
        CupId size,
        TunedTaste taste,
        bool more,
        bool isMuch = false
    )
    {
        var read = BuildReader.Read(document, bar, nameless: true);
        if (!read.IsRead)
        {
            return Reading<IReadOnlyList<Tuning>>.Failed(read.Problems);
        }

        if (!read.Value.Sizes.Contains(size))
        {
            return Problem.At("size", size.Value, "The build has no such size.", "one of the build's sizes");
        }

        var before = Mixer.Mix(read.Value, bar);
        var allowed = (
            taste == TunedTaste.Strength ? bar.House.AllowedStrengthDrift : bar.House.AllowedSweetnessDrift
        ).Value;
        var wanted = Math.Max(allowed, Drift.Noticeable) * (isMuch ? 2 : 1);
        var ways = read
            .Value.Lines.SelectMany(line =>
                Moves(line, bar.Find(line.Ingredient)!, taste, more)
                    .Select(up => Try(document, bar, before, size, line, taste, up, more, wanted))
            )
            .OfType<Tuning>()
            .ToList();
        return Reading<IReadOnlyList<Tuning>>.Of([
            .. ways.OrderBy(way => way.IsWorse ? 1 : 0)
                .ThenBy(way => way.IsTasted ? 0 : 1)
                .ThenBy(way => Math.Abs(Math.Abs(way.ByPercent) - wanted)),
        ]);
    }

    // Whether a line goes up or down for it; neither where it has no part in it.
    private static IEnumerable<bool> Moves(BuildLine line, Ingredient ingredient, TunedTaste taste, bool more)
    {
        if (line.Set.Amount <= 0 || line.To is not null)
        {
            yield break;
        }

        switch (taste)
        {
            case TunedTaste.Strength
                when ingredient.CoffeeShare > 0 && ingredient.Kind is IngredientKind.Espresso or IngredientKind.Coffee:
                yield return more;
                break;
            case TunedTaste.Strength when ingredient.Kind is IngredientKind.Milk or IngredientKind.Water:
                yield return !more;
                break;
            case TunedTaste.Sweetness
            or TunedTaste.Flavour when ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce:
                yield return more;
                break;
        }
    }

    private static Tuning? Try(
        BuildDocument document,
        BarFacts bar,
        BuildSheet before,
        CupId size,
        BuildLine line,
        TunedTaste taste,
        bool up,
        bool more,
        double wanted
    )
    {
        var spelled = HouseStrokes.SpellOut(document.Lines.Single(each => each.Id == line.Id.Value), document, bar);
        var step = BarRounding.StepOf(line.Set.Measure, bar.Find(line.Ingredient)!, bar.Pulling(spelled.Recipe));
        Tuning? last = null;
        for (var steps = 1; steps <= MostSteps; steps++)
        {
            // What was typed at the reference need not be what the bar pours; what is proposed is.
            var amount = BarRounding.Round(line.Set.Amount + ((up ? 1 : -1) * steps * step), step);
            if (amount < step - 1e-9)
            {
                break;
            }

            var build = Editing.BuildEdits.Replace(document, Scaled(spelled, amount, step));
            var read = BuildReader.Read(build, bar, nameless: true);
            if (!read.IsRead)
            {
                break;
            }

            var after = Mixer.Mix(read.Value, bar);
            if (
                By(before, after, size, line.Id, taste) is not { } by
                || (by > 0) != more
                || Math.Abs(by) < Drift.Noticeable
            )
            {
                continue;
            }

            last = Tell(before, after, build, size, line, by, wanted, bar);
            if (last.IsTasted)
            {
                break;
            }
        }

        return last;
    }

    // What is said by hand moves with it, to what the bar pours.
    private static LineDocument Scaled(LineDocument line, double amount, double step)
    {
        var factor = amount / line.Amount!.Value;
        return line with
        {
            Amount = Math.Round(amount, 9),
            Stated = null,
            Pins =
            [
                .. line.Pins.Select(pin =>
                    pin.To is null ? pin with { Amount = Times(pin.Amount), Stated = null } : pin
                ),
            ],
            Scale = line.Scale is null
                ? null
                : line.Scale with
                {
                    Ladder = [.. line.Scale.Ladder.Select(rung => rung with { Amount = Times(rung.Amount) })],
                },
        };

        double? Times(double? before) =>
            before is not { } known ? null
            : known == 0 ? 0
            : Math.Max(step, BarRounding.Round(known * factor, step));
    }

    private static double? By(BuildSheet before, BuildSheet after, CupId size, LineId line, TunedTaste taste)
    {
        var (was, will) = (
            before.Sizes.Single(each => each.Size == size),
            after.Sizes.Single(each => each.Size == size)
        );
        return taste switch
        {
            TunedTaste.Strength => Drift.Of(was.Taste.Poured.Strength?.Value, will.Taste.Poured.Strength?.Value)?.Value,
            TunedTaste.Sweetness => Drift
                .Of(was.Taste.Poured.Sweetness?.Value, will.Taste.Poured.Sweetness?.Value)
                ?.Value,
            _ => Drift.Of(ShareOf(was), ShareOf(will))?.Value,
        };

        double? ShareOf(SizeSheet sheet) =>
            sheet.Lines.Single(cell => cell.Line == line).Mass.Value / sheet.Fill.TotalMass.Value;
    }

    private static Tuning Tell(
        BuildSheet before,
        BuildSheet after,
        BuildDocument build,
        CupId size,
        BuildLine line,
        double by,
        double wanted,
        BarFacts bar
    )
    {
        var known = before.Findings.Select(finding => finding.Key).ToHashSet();
        var sizes = before.Sizes.Zip(after.Sizes, (was, will) => One(was, will, line)).ToList();
        var tasted = sizes.Single(each => each.Size == size);
        var name = bar.Find(line.Ingredient)!.Name;
        return new Tuning(
            line.Id,
            line.Ingredient,
            name,
            $"{name}: {tasted.Was} → {tasted.Will} in {tasted.Name}",
            by,
            Math.Abs(by) >= wanted - 1e-9,
            Math.Abs(by) > 2 * wanted,
            sizes,
            [.. after.Findings.Where(finding => !known.Contains(finding.Key))],
            build
        )
        {
            IsWorse = Standing.Of(after).WorseThan(Standing.Of(before)).Count > 0,
        };
    }

    private static TunedSize One(SizeSheet was, SizeSheet will, BuildLine line) =>
        new(
            will.Size,
            will.Name,
            Amount(was, line),
            Amount(will, line),
            Drift.Of(was.Taste.Poured.Strength?.Value, will.Taste.Poured.Strength?.Value),
            Drift.Of(was.Taste.Poured.Sweetness?.Value, will.Taste.Poured.Sweetness?.Value),
            was.Taste.Colour,
            will.Taste.Colour,
            was.Cost.Total is { } had && will.Cost.Total is { } has ? has.Value - had.Value : null,
            will.Fill.RoomLeft
        );

    private static string Amount(SizeSheet sheet, BuildLine line) =>
        line.Set.With(sheet.Lines.Single(cell => cell.Line == line.Id).Amount).ToString();
}
