using Krasis.Core.Builds.Lines;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Scaling;

/// <summary>Settles one size one way: exactly, or as the bar pours it.</summary>
/// <remarks>First what stands by itself (pinned, fixed, ladder, with the cup); then what follows the coffee of that;
/// then, together, what fills the cup to a mark, what is a share of another line, what makes the size as sweet, and
/// what fills the rest of the cup, because each of these changes what the others need.</remarks>
internal sealed class SizeSettling
{
    // Shares, sweetness, marks and the rest settle within a few rounds; a drink that has not by then does not.
    private const int MostRounds = 100;
    private const double Settled = 1e-12;

    private readonly IReadOnlyList<LineFacts> lines;
    private readonly WorkedSize reference;
    private readonly ScaledSize size;
    private readonly bool isRounded;
    private readonly bool[] isDone;

    public SizeSettling(IReadOnlyList<LineFacts> lines, WorkedSize reference, ScaledSize size, bool isRounded)
    {
        this.lines = lines;
        this.reference = reference;
        this.size = size;
        this.isRounded = isRounded;
        isDone = new bool[lines.Count];
        Amounts = new double[lines.Count];
        Origins = new Origin[lines.Count];
        Array.Fill(Origins, Origin.Scaled);
        Stretches = new double[lines.Count];
        Array.Fill(Stretches, 1);
        Marks = new Mark?[lines.Count];
        Troubles = new MarkTrouble[lines.Count];
    }

    /// <summary>How much of every line, in its measure.</summary>
    public double[] Amounts { get; }

    /// <summary>Where each comes from.</summary>
    public Origin[] Origins { get; }

    /// <summary>How many times the recipe's dose goes into each line's pulls.</summary>
    public double[] Stretches { get; }

    /// <summary>To where each fills the cup, where it does.</summary>
    public Mark?[] Marks { get; }

    /// <summary>Why a mark is not met.</summary>
    public MarkTrouble[] Troubles { get; }

    /// <summary>Settles every line.</summary>
    public SizeSettling Run()
    {
        for (var i = 0; i < lines.Count; i++)
        {
            Begin(i);
        }

        FollowTheCoffee();
        FollowOneAnother();
        return this;
    }

    private void Begin(int i)
    {
        var line = lines[i].Line;
        if (line.MarkIn(size.Cup.Id) is { } mark)
        {
            Marks[i] = mark;
            Amounts[i] = Set(i) * size.Growth.Cup;
            if (size.Cup.HeightOf(mark, size.Reserve) is null)
            {
                Troubles[i] = MarkTrouble.Missing;
                Pour(i, Amounts[i], lines[i].Step);
            }
            else
            {
                Origins[i] = Origin.Marked;
            }

            return;
        }

        if (line.Pins.TryGetValue(size.Cup.Id, out var pin))
        {
            (Amounts[i], Origins[i], isDone[i]) = (pin.Amount, Origin.Pinned, true);
            return;
        }

        Amounts[i] = Set(i) * size.Growth.Cup;
        switch (lines[i].Rule.By)
        {
            case ScaleBy.Fixed:
                Said(i, Set(i));
                break;
            case ScaleBy.Ladder or ScaleBy.House when lines[i].Rule.Ladder.TryGetValue(size.Cup.Id, out var said):
                Said(i, said);
                break;
            case ScaleBy.Ladder:
                Pour(i, OnLadder(i), lines[i].Step);
                break;
            case ScaleBy.Cup or ScaleBy.House:
            case ScaleBy.Sweetness when !double.IsFinite(reference.Poured.Sweetness):
                // What cannot be matched grows like the rest.
                Pour(i, Amounts[i], lines[i].Step);
                break;
        }
    }

    private double Set(int i) => reference.Lines[i].Amount;

    private double Mass(int i) => lines[i].Mass(Amounts[i], Stretches[i]);

    private void Pour(int i, double exact, double? step)
    {
        (Amounts[i], isDone[i]) = (
            isRounded && step is { } rounded ? Bar.BarRounding.Round(exact, rounded) : exact,
            true
        );
        if (lines[i].IsStretched && Amounts[i] > 0)
        {
            Stretches[i] = lines[i].StretchFor(Set(i) * size.Growth.Cup / Amounts[i]);
        }
    }

    // What the lead has said is poured as it is said, to the gram; a count only in what the bar gives.
    private void Said(int i, double amount)
    {
        var isCount = lines[i].Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke or MeasureKind.Piece;
        Pour(i, amount, isCount ? lines[i].Step : null);
    }

    private double OnLadder(int i)
    {
        // A rung is a whole shot or stroke, or the bar's step of what is poured by eye; the smallest size gets at least
        // one.
        var rung =
            lines[i].Step < 1 && lines[i].Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke
                ? 1
                : lines[i].Step;
        return Set(i) == 0 ? 0 : Math.Max(Math.Min(rung, Set(i)), Set(i) + (size.Growth.Steps * rung));
    }

    private void FollowTheCoffee()
    {
        double here = 0,
            there = 0;
        for (var i = 0; i < lines.Count; i++)
        {
            if (isDone[i])
            {
                here += Mass(i) * lines[i].Ingredient.CoffeeShare;
                there += reference.Lines[i].Mass * lines[i].Ingredient.CoffeeShare;
            }
        }

        var growth = there > 0 ? here / there : size.Growth.Cup;
        for (var i = 0; i < lines.Count; i++)
        {
            if (IsOpen(i, ScaleBy.Coffee))
            {
                Pour(i, Set(i) * growth, lines[i].Step);
            }
        }
    }

    private bool IsOpen(int i, ScaleBy by) => !isDone[i] && Marks[i] is null && lines[i].Rule.By == by;

    private void FollowOneAnother()
    {
        if (Array.TrueForAll(isDone, done => done))
        {
            return;
        }

        // The rest by itself has nobody to wait for.
        var isAlone = true;
        for (var i = 0; i < lines.Count; i++)
        {
            isAlone &= isDone[i] || IsOpen(i, ScaleBy.Rest);
        }

        var before = new double[Amounts.Length];
        for (var round = 0; round < MostRounds; round++)
        {
            Amounts.CopyTo(before, 0);
            TakeMarks();
            TakeShares();
            Match();
            Fill();
            if (IsSettled(before) || isAlone)
            {
                break;
            }
        }

        if (!isRounded)
        {
            return;
        }

        // Rounded in the same order, each with what has been rounded before it; the rest last and downwards, so that it
        // fits. A mark is the standard itself, and is not rounded.
        PourAll(i => lines[i].Rule.By == ScaleBy.Sweetness);
        TakeShares();
        PourAll(i => lines[i].Rule.By == ScaleBy.Share && !FollowsTheRest(i));
        if (!isAlone)
        {
            TakeMarks();
            Fill();
        }

        for (var i = 0; i < lines.Count; i++)
        {
            if (IsOpen(i, ScaleBy.Rest))
            {
                (Amounts[i], isDone[i]) = (Bar.BarRounding.RoundDown(Amounts[i], lines[i].Step), true);
            }
        }

        TakeShares();
        PourAll(_ => true);
        TakeMarks();
    }

    private bool IsSettled(double[] before)
    {
        for (var i = 0; i < before.Length; i++)
        {
            if (Math.Abs(before[i] - Amounts[i]) > Settled * Math.Max(1, before[i]))
            {
                return false;
            }
        }

        return true;
    }

    private void PourAll(Func<int, bool> which)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (!isDone[i] && Marks[i] is null && which(i))
            {
                Pour(i, Amounts[i], lines[i].Step);
            }
        }
    }

    private bool FollowsTheRest(int i)
    {
        // The reader has refused shares that lead back to themselves.
        for (var at = i; lines[at].Rule is { By: ScaleBy.Share, Of: { } of }; )
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

    private void TakeMarks()
    {
        // What is there so far is of interest to a mark alone.
        if (Array.TrueForAll(Marks, mark => mark is null))
        {
            return;
        }

        var tally = new Tally(size.CupVessel);
        for (var i = 0; i < lines.Count; i++)
        {
            if (!isDone[i] && Marks[i] is { } mark)
            {
                (Amounts[i], Troubles[i]) = MarkFill.To(
                    tally,
                    lines[i],
                    Stretches[i],
                    size.Cup.VolumeTo(size.Cup.HeightOf(mark, size.Reserve)!.Value).Value
                );
            }

            tally.Add(lines[i], Mass(i));
        }
    }

    private void TakeShares()
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (IsOpen(i, ScaleBy.Share) && lines[i].Rule.Of is { } id)
            {
                var of = IndexOf(id);
                var there = reference.Lines[of].Mass;
                Amounts[i] = there > 0 ? Set(i) * Mass(of) / there : Set(i) * size.Growth.Cup;
            }
        }
    }

    // k times the reference's amounts, so that (S + k·s) ÷ (M + k·m) is the reference's sweetness.
    private void Match()
    {
        var (others, matching) = Split(ScaleBy.Sweetness);
        if (matching.LiquidMass <= 0)
        {
            return;
        }

        var target = reference.Poured.Sweetness;
        var gain = matching.Sweet - (target * matching.LiquidMass);
        var there = others.DrinkMass > 0 ? others.Sweetness * others.DrinkMass : 0;
        var factor = ((target * others.DrinkMass) - there) / gain;
        Scale(ScaleBy.Sweetness, gain > 0 && double.IsFinite(factor) ? Math.Max(0, factor) : size.Growth.Cup);
    }

    // k times the reference's amounts, so that the size is as full as the reference, and never over its working volume.
    private void Fill()
    {
        var (others, filling) = Split(ScaleBy.Rest);
        if (filling.LiquidVolume <= 0)
        {
            return;
        }

        var fullness = Math.Min(1, reference.Poured.Occupied / reference.Size.WorkingVolume.Value);
        var target = fullness * size.WorkingVolume.Value;
        Scale(
            ScaleBy.Rest,
            IncreasingSolver.Solve(
                times => others.WithLiquidOf(filling, times).Occupied,
                target,
                (target / filling.LiquidVolume) + 1
            )
        );
    }

    private void Scale(ScaleBy by, double factor)
    {
        for (var i = 0; i < lines.Count; i++)
        {
            if (IsOpen(i, by))
            {
                Amounts[i] = Set(i) * factor;
            }
        }
    }

    // What is there without the lines that follow a rule, and those lines with the reference's amounts.
    private (Tally Others, Tally Those) Split(ScaleBy by)
    {
        var others = new Tally(size.CupVessel);
        var those = new Tally(size.CupVessel);
        for (var i = 0; i < lines.Count; i++)
        {
            if (IsOpen(i, by))
            {
                those.Add(lines[i], lines[i].Mass(Set(i), Stretches[i]));
            }
            else
            {
                others.Add(lines[i], Mass(i));
            }
        }

        return (others, those);
    }
}
