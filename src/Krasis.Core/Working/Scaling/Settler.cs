using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Scaling;

/// <summary>Settles how much of every line goes into a size: exactly, and as the bar pours it.</summary>
/// <remarks>First what stands by itself (set, pinned, fixed, ladder, with the cup); then what follows the coffee that the bar
/// pours of that; then, together, what is a share of another line, what makes the size as sweet, and what fills the rest of
/// the cup, because each of these changes what the others need.</remarks>
internal sealed class Settler
{
    // Shares, sweetness and the rest settle within a few rounds; a drink that has not by then does not.
    private const int MostRounds = 100;
    private const double Settled = 1e-12;

    private readonly Build build;
    private readonly IReadOnlyList<LineFacts> lines;
    private readonly bool isBlended;
    private readonly double[] set;
    private readonly WorkedSize reference;

    public Settler(Build build, IReadOnlyList<LineFacts> lines, ScaledSize referenceSize)
    {
        this.build = build;
        this.lines = lines;
        isBlended = build.Serve == Serve.Blended;
        set = [.. lines.Select(line => line.Line.Set.Amount)];
        reference = new WorkedSize(referenceSize, lines, set, set, [.. lines.Select(_ => Origin.Set)], isBlended);
    }

    /// <summary>The reference size, as it was set.</summary>
    public WorkedSize Reference => reference;

    /// <summary>Settles another size.</summary>
    public WorkedSize Settle(ScaledSize size)
    {
        var state = new State(lines.Count);
        for (var i = 0; i < lines.Count; i++)
        {
            if (lines[i].Line.Pins.TryGetValue(size.Cup.Id, out var pin))
            {
                state.Pin(i, pin.Amount);
                continue;
            }

            state.Exact[i] = set[i] * size.Growth.Cup;
            switch (lines[i].Rule.By)
            {
                case ScaleBy.Fixed:
                    Say(state, i, set[i]);
                    break;
                case ScaleBy.Ladder when lines[i].Rule.Ladder.TryGetValue(size.Cup.Id, out var said):
                    Say(state, i, said);
                    break;
                case ScaleBy.Ladder:
                    state.Pour(i, OnLadder(i, size), lines[i].Step);
                    break;
                case ScaleBy.Cup:
                    state.Pour(i, state.Exact[i], lines[i].Step);
                    break;
                case ScaleBy.Sweetness when Amount(reference.Poured.Sweetness) is null:
                    // What cannot be matched grows like the rest.
                    state.Pour(i, state.Exact[i], lines[i].Step);
                    break;
            }
        }

        FollowTheCoffee(state, size);
        FollowOneAnother(state, size);
        return new WorkedSize(size, lines, state.Exact, state.Poured, state.Origins, isBlended);
    }

    private static double? Amount(double value) => double.IsFinite(value) ? value : null;

    // What the lead has said is poured as it is said, to the gram; a count only in what the bar gives.
    private void Say(State state, int i, double amount)
    {
        var isCount = lines[i].Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke or MeasureKind.Piece;
        state.Pour(i, amount, isCount ? lines[i].Step : null);
    }

    private double OnLadder(int i, ScaledSize size)
    {
        // A rung is a whole shot or stroke, or the bar's step of what is poured by eye; the smallest size gets at least one.
        var rung = lines[i].Step < 1 && lines[i].Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke ? 1 : lines[i].Step;
        return set[i] == 0 ? 0 : Math.Max(Math.Min(rung, set[i]), set[i] + (size.Growth.Steps * rung));
    }

    private void FollowTheCoffee(State state, ScaledSize size)
    {
        double here = 0, there = 0;
        for (var i = 0; i < lines.Count; i++)
        {
            if (lines[i].Ingredient.IsCoffee && state.IsDone[i])
            {
                here += lines[i].Mass(state.Poured[i], size.Growth.Stretch);
                there += reference.Mass(i);
            }
        }

        var growth = there > 0 ? here / there : size.Growth.Cup;
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && lines[i].Rule.By == ScaleBy.Coffee)
            {
                state.Pour(i, set[i] * growth, lines[i].Step);
            }
        }
    }

    private void FollowOneAnother(State state, ScaledSize size)
    {
        if (Array.TrueForAll(state.IsDone, done => done))
        {
            return;
        }

        for (var round = 0; round < MostRounds; round++)
        {
            var before = state.Exact.ToArray();
            TakeShares(state, size);
            Match(state, size);
            Fill(state, size);
            if (before.Zip(state.Exact).All(pair => Math.Abs(pair.First - pair.Second) <= Settled * Math.Max(1, pair.First)))
            {
                break;
            }
        }

        // Rounded in the same order, each with what has been rounded before it; the rest last and downwards, so that it fits.
        PourAll(state, i => lines[i].Rule.By == ScaleBy.Sweetness);
        TakeShares(state, size);
        PourAll(state, i => lines[i].Rule.By == ScaleBy.Share && !FollowsTheRest(i));
        Fill(state, size);
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && lines[i].Rule.By == ScaleBy.Rest)
            {
                state.PourDown(i, lines[i].Step);
            }
        }

        TakeShares(state, size);
        PourAll(state, _ => true);
    }

    private void PourAll(State state, Func<int, bool> which)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && which(i))
            {
                state.Pour(i, state.Exact[i], lines[i].Step);
            }
        }
    }

    private bool FollowsTheRest(int i)
    {
        // The reader has refused shares that lead back to themselves.
        for (var at = i; lines[at].Rule is { By: ScaleBy.Share, Of: { } of };)
        {
            at = IndexOf(of);
            if (lines[at].Rule.By == ScaleBy.Rest)
            {
                return true;
            }
        }

        return false;
    }

    private int IndexOf(LineId id)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (lines[i].Line.Id == id)
            {
                return i;
            }
        }

        throw new ArgumentException($"The build has no line '{id}'.", nameof(id));
    }

    private void TakeShares(State state, ScaledSize size)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && lines[i].Rule is { By: ScaleBy.Share, Of: { } id })
            {
                var of = IndexOf(id);
                var there = reference.Mass(of);
                state.Exact[i] = there > 0 ? set[i] * lines[of].Mass(state.Now(of), size.Growth.Stretch) / there : set[i] * size.Growth.Cup;
            }
        }
    }

    // k times the reference's amounts, so that (S + k·s) ÷ (M + k·m) is the reference's sweetness.
    private void Match(State state, ScaledSize size)
    {
        var (others, matching) = Split(state, size, ScaleBy.Sweetness);
        if (matching.LiquidMass <= 0)
        {
            return;
        }

        var target = reference.Poured.Sweetness;
        var gain = matching.Sweet - (target * matching.LiquidMass);
        var factor = ((target * others.DrinkMass) - SweetOf(others)) / gain;
        Scale(state, ScaleBy.Sweetness, gain > 0 && double.IsFinite(factor) ? Math.Max(0, factor) : size.Growth.Cup);

        double SweetOf(Tally tally) => isBlended ? tally.Sweet + (tally.IceMass > 0 ? tally.IceSweet : 0) : tally.Sweet;
    }

    // k times the reference's amounts, so that the size is as full as the reference, and never over its working volume.
    private void Fill(State state, ScaledSize size)
    {
        var (others, filling) = Split(state, size, ScaleBy.Rest);
        var volume = filling.LiquidVolume + filling.Air;
        if (volume <= 0)
        {
            return;
        }

        var fullness = Math.Min(1, reference.Poured.Occupied / reference.Size.WorkingVolume.Value);
        var target = fullness * size.WorkingVolume.Value;
        double low = 0, high = (target / volume) + 1;
        for (var i = 0; i < 100; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = others.WithLiquidOf(filling, middle).Occupied <= target ? (middle, high) : (low, middle);
        }

        Scale(state, ScaleBy.Rest, low);
    }

    private void Scale(State state, ScaleBy by, double factor)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && lines[i].Rule.By == by)
            {
                state.Exact[i] = set[i] * factor;
            }
        }
    }

    // What is there without the lines that follow a rule, and those lines with the reference's amounts.
    private (Tally Others, Tally Those) Split(State state, ScaledSize size, ScaleBy by)
    {
        var others = new Tally(isBlended);
        var those = new Tally(isBlended);
        for (var i = 0; i < lines.Count; i++)
        {
            if (!state.IsDone[i] && lines[i].Rule.By == by)
            {
                those.Add(lines[i], lines[i].Mass(set[i], size.Growth.Stretch));
            }
            else
            {
                others.Add(lines[i], lines[i].Mass(state.Now(i), size.Growth.Stretch));
            }
        }

        return (others, those);
    }

    private sealed class State(int count)
    {
        public double[] Exact { get; } = new double[count];

        public double[] Poured { get; } = new double[count];

        public Origin[] Origins { get; } = new Origin[count];

        public bool[] IsDone { get; } = new bool[count];

        public double Now(int i) => IsDone[i] ? Poured[i] : Exact[i];

        public void Pin(int i, double amount)
        {
            (Exact[i], Poured[i], Origins[i], IsDone[i]) = (amount, amount, Origin.Pinned, true);
        }

        public void Pour(int i, double exact, double? step)
        {
            (Exact[i], Poured[i], Origins[i], IsDone[i]) = (exact, step is { } rounded ? BarRounding.Round(exact, rounded) : exact, Origin.Scaled, true);
        }

        public void PourDown(int i, double step)
        {
            (Poured[i], Origins[i], IsDone[i]) = (Math.Floor((Exact[i] / step) + 1e-9) * step, Origin.Scaled, true);
        }
    }
}
