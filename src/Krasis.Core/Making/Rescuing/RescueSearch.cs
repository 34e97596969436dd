using Krasis.Core.Bar.House;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Making.Rescuing;

/// <summary>Goes through all that can still be poured into a cup in which something is already.</summary>
/// <remarks>What is still to come may be any whole number of the bar's steps, and of what is in already some more may
/// follow; what is filled to a line fills what room is left below it unless it is changed. The fewest things that help
/// are changed, three at the most: more of them is a drink made anew (no source). One and two things are tried in every
/// amount, three in at most sixteen amounts of each, spread evenly. What stands on top stays as it is.</remarks>
internal sealed class RescueSearch
{
    /// <summary>The most things that a rescue changes.</summary>
    public const int MostChanges = 3;

    // So many things are changed by every amount there is; more of them by some amounts of each, or nobody could wait
    // for it.
    private const int Thorough = 2;
    private const int MostOfMany = 16;

    private const double Hair = 1e-6;

    // Counts of shots and strokes that are tried beyond what is planned, and of either that may follow what is in.
    private const int CountsBeyond = 6;

    private readonly WorkedSize own;
    private readonly HouseRules house;
    private readonly double[] actual;
    private readonly List<Option> options;

    /// <summary>Prepares a search.</summary>
    /// <param name="own">The size as it was to be.</param>
    /// <param name="poured">What is in of every line, in its measure; NaN for what is still to come.</param>
    /// <param name="house">What the house allows.</param>
    public RescueSearch(WorkedSize own, double[] poured, HouseRules house)
    {
        this.own = own;
        this.house = house;
        actual = poured;
        Limit = Math.Max(own.Size.WorkingVolume.Value, own.Poured.Occupied) + Hair;
        options =
        [
            .. own
                .Lines.Where(line => line.IsPoured && Search.IsOfSort(line))
                .Select(line => new Option(line, Choices(line))),
        ];
    }

    /// <summary>How full the cup may be, ml: its working volume, or as full as the standard fills it where that is
    /// more.</summary>
    public double Limit { get; }

    /// <summary>A search among all that can still be poured into a drink.</summary>
    public static RescueSearch In(HalfMade cup) => new(cup.Own, cup.Actual, cup.Turned.Bar.House);

    /// <summary>The best way that is allowed, changing as little as can be, and else the one that comes nearest of
    /// those that fit; null when none fits.</summary>
    public PourOption? Best()
    {
        double[]? nearest = null;
        var least = double.PositiveInfinity;
        for (var changes = 0; changes <= Math.Min(MostChanges, options.Count); changes++)
        {
            double[]? best = null;
            var cheapest = double.PositiveInfinity;
            Try(0, changes, new double[own.Lines.Count], said =>
            {
                var cup = Pour(said, null, null);
                if (cup.Fits && cup.Beyond <= 0 && cup.Cost < cheapest - 1e-12)
                {
                    (best, cheapest) = ([.. said], cup.Cost);
                }
                else if (cup.Fits && cup.Beyond < least - 1e-9)
                {
                    (nearest, least) = ([.. said], cup.Beyond);
                }
            });
            if (best is not null)
            {
                return Of(best);
            }
        }

        return nearest is null ? null : Of(nearest);
    }

    /// <summary>The cup with so much of every line: of what is in already so much more, of what is to come so much;
    /// zero as it was planned.</summary>
    public PourOption Of(double[] said)
    {
        var (amounts, more) = (new double[said.Length], new double[said.Length]);
        var cup = Pour(said, amounts, more);
        return new PourOption(
            amounts,
            more,
            cup.Strength,
            cup.Sweetness,
            cup.RoomLeft,
            cup.Fits,
            cup.Fits && cup.Beyond <= 0
        )
        {
            Changed = own.Lines.Where(line => said[line.Index] != 0).Select(line => line.Index).ToHashSet(),
        };
    }

    private Cup Pour(double[] said, double[]? amounts, double[]? more)
    {
        var tally = new Tally(own.Size.CupVessel);
        var cost = 0.0;
        foreach (var line in own.Lines)
        {
            var i = line.Index;
            var isIn = !double.IsNaN(actual[i]);
            var amount =
                isIn ? actual[i]
                : said[i] != 0 ? said[i]
                : Planned(line, tally);
            var extra = isIn ? said[i] : 0;
            if (said[i] != 0)
            {
                cost += 1 + (Math.Abs(isIn ? extra : amount - line.Amount) / Math.Max(line.Amount, line.Step));
            }

            tally.Add(line.Facts, line.Facts.Mass(amount, line.Stretch));
            tally.Add(line.Facts, line.Facts.Mass(extra, line.Stretch));
            amounts?[i] = amount;
            more?[i] = extra;
        }

        var strength = Drift.Of(own.Poured.Strength, tally.Strength);
        var sweetness = Drift.Of(own.Poured.Sweetness, tally.Sweetness);
        var occupied = tally.Occupied;

        // Of changes that are as small, taste decides.
        return new Cup(
            strength,
            sweetness,
            own.Size.WorkingVolume.Value - occupied,
            occupied <= Limit,
            Excess(strength, house.AllowedStrengthDrift) + Excess(sweetness, house.AllowedSweetnessDrift),
            cost + ((Math.Abs(strength?.Value ?? 0) + Math.Abs(sweetness?.Value ?? 0)) / 100)
        );
    }

    // A line that is filled to a mark is poured to it, whatever stands in the cup by then.
    private double Planned(WorkedLine line, Tally before) =>
        line.Origin == Origin.Marked
        && line.Mark is { } mark
        && own.Size.Cup.HeightOf(mark, own.Size.Reserve) is { } height
            ? MarkFill.To(before, line.Facts, line.Stretch, own.Size.Cup.VolumeTo(height).Value).Amount
            : line.Amount;

    private void Try(int from, int changes, double[] said, Action<double[]> keep, bool? many = null)
    {
        if (changes == 0)
        {
            keep(said);
            return;
        }

        var isMany = many ?? changes > Thorough;

        for (var at = from; at <= options.Count - changes; at++)
        {
            var i = options[at].Line.Index;
            foreach (var amount in isMany ? options[at].Some : options[at].Amounts)
            {
                said[i] = amount;
                Try(at + 1, changes - 1, said, keep, isMany);
            }

            said[i] = 0;
        }
    }

    private static double Excess(Percent? drift, Percent allowed) =>
        drift is { } found ? Math.Max(0, Math.Abs(found.Value) - allowed.Value) : 0;

    // Whole steps, from one on, as far as the cup goes; counts no further than somebody would go.
    private double[] Choices(WorkedLine line)
    {
        var isIn = !double.IsNaN(actual[line.Index]);
        var isCount = line.Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke or MeasureKind.Piece;
        var perStep = line.Facts.Mass(line.Step, line.Stretch) * Math.Max(line.VolumePerGram, 1e-3);
        var most = (int)Math.Min(line.Line.Set.Measure.Most / line.Step, own.Size.Cup.BrimCapacity.Value / perStep);
        if (isCount)
        {
            most = Math.Min(most, (int)Math.Ceiling((isIn ? CountsBeyond : line.Amount + CountsBeyond) / line.Step));
        }

        return
        [
            .. Enumerable
                .Range(1, Math.Max(0, most))
                .Select(steps => steps * line.Step)
                .Where(amount => isIn || Math.Abs(amount - line.Amount) > 1e-9 || line.Origin == Origin.Marked),
        ];
    }

    /// <summary>A line that may be poured otherwise, and how much of it then.</summary>
    private sealed record Option(WorkedLine Line, double[] Amounts)
    {
        /// <summary>Some of them, spread evenly.</summary>
        public double[] Some { get; } =
            Amounts.Length <= MostOfMany
                ? Amounts
                :
                [
                    .. Enumerable
                        .Range(0, MostOfMany)
                        .Select(i => Amounts[(int)Math.Round(i * (Amounts.Length - 1.0) / (MostOfMany - 1))]),
                ];
    }

    /// <summary>What a cup comes to.</summary>
    private readonly record struct Cup(
        Percent? Strength,
        Percent? Sweetness,
        double RoomLeft,
        bool Fits,
        double Beyond,
        double Cost
    );
}

/// <summary>One way of going on.</summary>
/// <param name="Amounts">Of every line, what is in already or goes in as its turn comes, in its measure.</param>
/// <param name="More">Of what is in already, so much more.</param>
/// <param name="Strength">How far it is then from the standard in strength.</param>
/// <param name="Sweetness">The same in sweetness.</param>
/// <param name="RoomLeft">Working volume that is left, ml.</param>
/// <param name="Fits">Whether it is no fuller than it may be.</param>
/// <param name="IsAllowed">Whether it fits and tastes as the house allows.</param>
internal sealed record PourOption(
    double[] Amounts,
    double[] More,
    Percent? Strength,
    Percent? Sweetness,
    double RoomLeft,
    bool Fits,
    bool IsAllowed
)
{
    /// <summary>The lines that are poured otherwise than planned.</summary>
    public required IReadOnlySet<int> Changed { get; init; }

    /// <summary>Whether a line is poured as planned.</summary>
    public bool IsPlanned(int line) => !Changed.Contains(line);
}
