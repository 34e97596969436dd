using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Stations;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Making.Rescuing;

/// <summary>Says what can still be made of a drink when too much or too little of something went in.</summary>
public static class Rescuer
{
    /// <summary>Looks for a way to go on.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The facts that it was published with, seen from the station where standards are set.</param>
    /// <param name="station">The id of the station where it is made; null for the one where standards are set.</param>
    /// <param name="size">The cup.</param>
    /// <param name="poured">What is in it.</param>
    /// <returns>The way that brings the drink nearest to its standard, if it fits and is within what the house allows.
    /// If too much ice went in last, it says to remove some. Otherwise it looks in this cup first, then without what stands on top, then in a bigger cup of the drink. If nothing helps,
    /// it says why. Problems under <c>station</c>, <c>size</c> and <c>poured[i]</c>.</returns>
    public static Reading<Rescue> Rescue(
        Build build,
        BarFacts bar,
        string? station,
        CupId size,
        IReadOnlyList<PouredLine> poured
    )
    {
        var cup = HalfMade.Read(build, bar, station, size, poured);
        if (!cup.IsRead)
        {
            return Reading<Rescue>.Failed(cup.Problems);
        }

        var search = RescueSearch.In(cup.Value);
        var best = search.Best();
        return Reading<Rescue>.Of(
            best is { IsAllowed: true, Changed.Count: 0 }
                ? GoOn(cup.Value, best)
                : WithLessIce(cup.Value)
                    ?? (best is { IsAllowed: true } ? GoOn(cup.Value, best) : null)
                    ?? WithoutTheTop(cup.Value)
                    ?? InABiggerCup(cup.Value, build, bar, station, poured)
                    ?? StartAgain(cup.Value.Own, search, best)
        );
    }

    // Ice can be taken back out as long as nothing has been poured over it. Nobody takes out less than one step of it.
    private static Rescue? WithLessIce(HalfMade cup)
    {
        var last = Array.FindLastIndex(cup.Actual, amount => !double.IsNaN(amount));
        if (
            last < 0
            || cup.Own.Lines[last] is not { IsIce: true, Mark: null } ice
            || cup.Actual[last] - ice.Amount < ice.Step
        )
        {
            return null;
        }

        double[] actual = [.. cup.Actual];
        actual[last] = ice.Amount;
        var less = cup with { Actual = actual };
        if (RescueSearch.In(less).Best() is not { IsAllowed: true, Changed.Count: 0 } way)
        {
            return null;
        }

        var surplus = ice.Facts.Mass(cup.Actual[last] - ice.Amount, ice.Stretch);
        return WithoutPlan(
            RescueKind.TakeOut,
            $"Remove {Say.Whole(surplus)} g of {ice.Ingredient.Name} and weigh again. Then it is {RescueWords.Effect(cup.Own, way)}.",
            way
        );
    }

    // What comes of a way that needs no new plan.
    private static Rescue WithoutPlan(RescueKind kind, string says, PourOption way) =>
        new(kind, says, [], way.Strength, way.Sweetness, Millilitres.From(way.RoomLeft), null);

    // The reserve is kept for what stands on top: without it the drink may go nearly to the brim.
    private static Rescue? WithoutTheTop(HalfMade cup)
    {
        var tops = cup
            .Own.Lines.Where(line => line.IsPoured && line.IsOnTop && double.IsNaN(cup.Actual[line.Index]))
            .ToList();
        if (tops.Count == 0)
        {
            return null;
        }

        var way = RescueSearch.ToTheBrim(cup).Best();
        return way is { IsAllowed: true } ? GoOn(cup, way, tops.ConvertAll(line => line.Index)) : null;
    }

    private static Rescue? InABiggerCup(
        HalfMade cup,
        Build build,
        BarFacts bar,
        string? station,
        IReadOnlyList<PouredLine> poured
    )
    {
        var own = cup.Own.Size.Cup;
        foreach (
            var bigger in cup
                .Turned.Build.Sizes.Select(id => cup.Turned.Bar.Find(id)!)
                .Where(each => each.BrimCapacity.Value > own.BrimCapacity.Value)
                .OrderBy(each => each.BrimCapacity.Value)
        )
        {
            var there = HalfMade.Read(build, bar, station, bigger.Id, poured);
            if (there.IsRead && RescueSearch.In(there.Value).Best() is { IsAllowed: true } way)
            {
                var rescue = GoOn(there.Value, way);
                return rescue with
                {
                    Kind = RescueKind.BiggerCup,
                    Says = $"Pour it into {bigger.Name} and make that size{CostOf(cup, there.Value)}. {rescue.Says}",
                    Plan = null,
                };
            }
        }

        return null;
    }

    // What the bigger size costs the house beyond the one that was ordered.
    private static string CostOf(HalfMade cup, HalfMade there)
    {
        var sheet = cup.Turned.Mix();
        var (less, more) = (Total(cup), Total(there));
        return less is { } was && more is { } now && now > was
            ? $", which costs {Say.Hundredths(now - was)} {sheet.Currency}".TrimEnd() + " more"
            : "";

        double? Total(HalfMade of) => sheet.Sizes.Single(each => each.Size == of.Own.Size.Cup.Id).Cost.Total?.Value;
    }

    private static Rescue StartAgain(WorkedSize own, RescueSearch search, PourOption? nearest)
    {
        if (nearest is null)
        {
            var asPlanned = search.Of(new double[own.Lines.Count]);
            return new Rescue(
                RescueKind.StartAgain,
                $"Start again: there is too much in the cup for what is still to come, and no bigger cup of this drink takes it. Poured to the end it would be {Say.Ml(Millilitres.From(-asPlanned.RoomLeft))} too full.",
                [],
                null,
                null,
                Millilitres.From(asPlanned.RoomLeft),
                null
            );
        }

        return WithoutPlan(
            RescueKind.StartAgain,
            $"Start again: the nearest that still fits is {RescueWords.Effect(own, nearest)}, and that is further from the standard than the house allows.",
            nearest
        );
    }

    private static Rescue GoOn(HalfMade cup, PourOption way, IReadOnlyList<int>? leftOut = null)
    {
        var (turned, station, own, actual) = cup;
        var changes = new List<RescueChange>();
        var lines = new List<BuildLine>();
        var last = Array.FindLastIndex(actual, amount => !double.IsNaN(amount));
        var (more, next) = (new List<BuildLine>(), 0);
        var topped = new Dictionary<LineId, LineId>();
        foreach (var line in own.Lines)
        {
            var isIn = !double.IsNaN(actual[line.Index]);
            if (leftOut?.Contains(line.Index) == true)
            {
                changes.Add(new RescueChange(line.Line.Id, line.Ingredient.Name, "", "leave it out", false));
                continue;
            }

            var isMarked = line.Origin == Origin.Marked && !isIn && IsAsMarked(line);
            lines.Add(Said(line, way.Amounts[line.Index], isMarked));
            next = line.Index <= last ? lines.Count : next;
            if (way.More[line.Index] > 0)
            {
                var extra = Said(line, way.More[line.Index], false) with
                {
                    Id = new LineId($"{line.Line.Id.Value}-more"),
                };
                more.Add(extra);
                topped[extra.Id] = line.Line.Id;
                changes.Add(new RescueChange(line.Line.Id, line.Ingredient.Name, "", extra.Set.ToString(), true));
            }
            else if (!isIn && !isMarked && Math.Abs(way.Amounts[line.Index] - line.Amount) > 1e-9)
            {
                changes.Add(
                    new RescueChange(
                        line.Line.Id,
                        line.Ingredient.Name,
                        line.Mark is { } mark && line.Origin == Origin.Marked
                            ? mark.Says
                            : Said(line, line.Amount, false).Set.ToString(),
                        lines[^1].Set.ToString(),
                        false
                    )
                );
            }
        }

        // What follows what is in already comes next.
        lines.InsertRange(next, more);
        var rescued = turned with
        {
            Build = turned.Build with { Sizes = [own.Size.Cup.Id], ReferenceSize = own.Size.Cup.Id, Lines = lines },
            Scaling = new AsSaid(),
        };
        var plan = Planner.Plan(rescued, station)[0];
        var effect = RescueWords.Effect(own, way);
        var later = RescueWords.Later(turned, rescued, own, way);
        var says =
            changes.Count == 0
                ? $"Carry on as planned: it is {effect}, which the house allows.{later}"
                : $"{string.Join("; ", changes.Select(change => change.Says))}. Then it is {effect}.{later}";
        return new Rescue(
            changes.Count == 0 ? RescueKind.CarryOn : RescueKind.Change,
            says,
            changes,
            way.Strength,
            way.Sweetness,
            Millilitres.From(way.RoomLeft),
            plan with
            {
                Steps = [.. plan.Steps.Select(AsMore)],
            }
        );

        // More of a line is a step of that line.
        MakingStep AsMore(MakingStep step) =>
            step.Line is { } id && topped.TryGetValue(id, out var of) ? step with { Line = of, IsMore = true } : step;

        bool IsAsMarked(WorkedLine line) =>
            own.Size.Cup.HeightOf(line.Mark!, own.Size.Reserve) is not null && way.IsPlanned(line.Index);
    }

    // As it is set by hand for this one size. Stretched pulls, and part of a pull, are set by weight: a count does not
    // say how long to pull.
    private static BuildLine Said(WorkedLine line, double amount, bool isMarked)
    {
        var set =
            Math.Abs(line.Stretch - 1) < 1e-9
            && (
                line.Ingredient.Kind != IngredientKind.Espresso
                || BarRounding.IsPourable(line.Line.Set.With(amount), line.Step)
            )
                ? line.Line.Set.With(amount)
                : new Quantity(line.Facts.Mass(amount, line.Stretch), Measure.Gram);
        return line.Line with
        {
            Set = set,
            To = isMarked ? line.Mark : null,
            Pins = new Dictionary<CupId, Quantity>(),
            PinnedMarks = new Dictionary<CupId, Mark>(),
            PinnedStated = new Dictionary<CupId, Quantity>(),
            Stated = null,
            Rule = null,
        };
    }
}
