using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Stations;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

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
    /// <returns>The way that changes least of those that fit the cup and lie within what the house allows of the size
    /// as it is poured there; else that there is none, and why. Problems under <c>station</c>, <c>size</c> and
    /// <c>poured[i]</c>.</returns>
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
            best is { IsAllowed: true } ? GoOn(cup.Value, best) : StartAgain(cup.Value.Own, search, best)
        );
    }

    private static Rescue StartAgain(WorkedSize own, RescueSearch search, PourOption? nearest)
    {
        if (nearest is null)
        {
            var asPlanned = search.Of(new double[own.Lines.Count]);
            return new Rescue(
                RescueKind.StartAgain,
                $"Start again: there is too much in the cup for what is still to come. Poured to the end it would be {Say.Ml(Millilitres.From(-asPlanned.RoomLeft))} too full.",
                [],
                null,
                null,
                Millilitres.From(asPlanned.RoomLeft),
                null
            );
        }

        return new Rescue(
            RescueKind.StartAgain,
            $"Start again: the nearest that still fits is {Effect(nearest)}, and that is further from the standard than the house allows.",
            [],
            nearest.Strength,
            nearest.Sweetness,
            Millilitres.From(nearest.RoomLeft),
            null
        );
    }

    private static Rescue GoOn(HalfMade cup, PourOption way)
    {
        var (turned, station, own, actual) = cup;
        var changes = new List<RescueChange>();
        var lines = new List<BuildLine>();
        var last = Array.FindLastIndex(actual, amount => !double.IsNaN(amount));
        var more = new List<BuildLine>();
        var topped = new Dictionary<LineId, LineId>();
        foreach (var line in own.Lines)
        {
            var isIn = !double.IsNaN(actual[line.Index]);
            var isMarked = line.Origin == Origin.Marked && !isIn && IsAsMarked(line);
            lines.Add(Said(line, way.Amounts[line.Index], isMarked));
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
        lines.InsertRange(last + 1, more);
        var rescued = turned with
        {
            Build = turned.Build with { Sizes = [own.Size.Cup.Id], ReferenceSize = own.Size.Cup.Id, Lines = lines },
            Scaling = new AsSaid(),
        };
        var plan = Planner.Plan(rescued, station)[0];
        var says =
            changes.Count == 0
                ? $"Carry on as planned: it is {Effect(way)}, which the house allows."
                : $"{string.Join("; ", changes.Select(change => change.Says))}. Then it is {Effect(way)}.";
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

    // As it is said by hand for this one size. A pull that the school has stretched is said by weight: no count says
    // how long it ran.
    private static BuildLine Said(WorkedLine line, double amount, bool isMarked)
    {
        var set =
            Math.Abs(line.Stretch - 1) < 1e-9
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

    private static string Effect(PourOption way)
    {
        var (strong, sweet) = DriftWords.Of(way.Strength, way.Sweetness);
        return $"{strong} and {sweet}, with {Say.Whole(Math.Max(0, Math.Round(way.RoomLeft)))} ml of room left";
    }
}
