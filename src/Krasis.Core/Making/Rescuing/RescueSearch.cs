using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Making.Rescuing;

/// <summary>Goes through all that can still be poured into a cup in which something is already.</summary>
/// <remarks>Of what is still to come it tries any number of whole steps, and of what is in already it tries some more.
/// A line that is filled to a mark still fills up to it. The best way is the one nearest to the standard in taste, ice,
/// fullness and the balance of flavours. It changes one or two things, and three only where two are not enough: with
/// more, one makes the drink again (no source). What stands on top stays as it is.</remarks>
internal sealed class RescueSearch
{
    /// <summary>The most things that a rescue changes.</summary>
    public const int MostChanges = 3;

    // So many ways of changing two or three things at once are tried, so that nobody has to wait: of each line as many
    // amounts as that leaves.
    private const double MostTried = 60_000;

    // How many steps beside the best of these are tried in the end.
    private const int Nearby = 8;

    private const double Hair = 1e-6;

    // A drink without a topping is filled no nearer to the brim, mm: it has to be carried (common practice, no source).
    private const double BelowTheBrim = 5;

    // To change one thing more is worth so much of a percent of drift (no source: less is not tasted); of ways that are
    // as near, the one that changes less.
    private const double EachChange = 2;
    private const double Hardly = 0.01;

    // A fill line is how the drink is made by eye: to pour something else has to be worth as much as this many
    // changes, in what a change of its own amount is worth (no source).
    private const double LosesItsLine = 1000;

    // What the house does not allow comes after all that it allows.
    private const double BeyondAll = 1e6;
    private const double EachBeyond = 1000;

    // A percent of flavours out of balance weighs so much of a percent of drift (no source).
    private const double BalanceWeight = 0.2;

    // Counts of shots and strokes that are tried beyond what is planned, and of either that may follow what is in.
    private const int CountsBeyond = 6;

    private readonly WorkedSize own;
    private readonly HouseRules house;
    private readonly double[] actual;
    private readonly List<Option> options;
    private readonly Nearness nearness;
    private readonly double[] total;
    private readonly FlavourBalance.Flavour[] flavours;

    /// <summary>Prepares a search.</summary>
    /// <param name="own">The size as it was to be.</param>
    /// <param name="poured">What is in of every line, in its measure; NaN for what is still to come.</param>
    /// <param name="house">What the house allows.</param>
    /// <param name="limit">How full the cup may be, ml; its working volume, or as full as the standard fills it where
    /// that is more, when it is missing.</param>
    public RescueSearch(WorkedSize own, double[] poured, HouseRules house, double? limit = null)
    {
        this.own = own;
        this.house = house;
        actual = poured;
        Limit = (limit ?? Math.Max(own.Size.WorkingVolume.Value, own.Poured.Occupied)) + Hair;
        nearness = new Nearness(house, Measured.Of(own.Poured, own.Size.WorkingVolume.Value));
        total = new double[own.Lines.Count];
        flavours = FlavourBalance.In(own, own);
        options =
        [
            .. own
                .Lines.Where(line => line.IsPoured && VariedLines.IsOfSort(line))
                .Select(line => new Option(line, Choices(line))),
        ];
    }

    /// <summary>How full the cup may be, ml.</summary>
    public double Limit { get; }

    /// <summary>A search among all that can still be poured into a drink.</summary>
    public static RescueSearch In(HalfMade cup) => new(cup.Own, cup.Actual, cup.Turned.Bar.House);

    /// <summary>The same of a drink without what stands on top, for which room would be kept.</summary>
    public static RescueSearch ToTheBrim(HalfMade cup)
    {
        var own = cup.Own.Size;
        var height = own.Cup.Shape.Height - Millimetres.From(BelowTheBrim);
        return new(
            cup.Own,
            cup.Actual,
            cup.Turned.Bar.House,
            Math.Max(own.WorkingVolume.Value, own.Cup.VolumeTo(height).Value)
        );
    }

    /// <summary>The way that comes nearest to the standard: within what the house allows where that can be, else the
    /// nearest that fits; null where nothing fits. It is never farther from the standard than going on as planned. One
    /// change more is only made where it brings the drink nearer by more than <see cref="EachChange"/>.</summary>
    public PourOption? Best()
    {
        var planned = Pour(new double[own.Lines.Count], null, null);
        double[]? best = null;
        var least = double.PositiveInfinity;
        for (var changes = 0; changes <= Math.Min(MostChanges, options.Count); changes++)
        {
            foreach (var chosen in Choose(changes))
            {
                new Trial(this, chosen, PointsFor(changes), planned).Run(ref best, ref least);
            }

            // Three things are only changed where two are not enough.
            if (changes >= 2 && least < BeyondAll)
            {
                break;
            }
        }

        return best is null ? null : Of(Refined(best, planned));
    }

    // What is left out of the even spread lies a few steps beside the best of it.
    private double[] Refined(double[] best, Cup planned)
    {
        var least = CostOf(best, planned);
        for (var isBetter = true; isBetter; )
        {
            isBetter = false;
            foreach (var option in options.Where(option => best[option.Line.Index] != 0))
            {
                var i = option.Line.Index;
                var at = Array.IndexOf(option.Amounts, best[i]);
                for (var to = Math.Max(0, at - Nearby); to <= Math.Min(option.Amounts.Length - 1, at + Nearby); to++)
                {
                    var before = best[i];
                    best[i] = option.Amounts[to];
                    if (CostOf(best, planned) is var cost && cost < least - 1e-9)
                    {
                        (least, isBetter) = (cost, true);
                    }
                    else
                    {
                        best[i] = before;
                    }
                }
            }
        }

        return best;
    }

    private double CostOf(double[] said, Cup planned) =>
        CostOf(Pour(said, null, null), said.Count(amount => amount != 0), planned);

    private static double CostOf(in Cup cup, int changes, in Cup planned) =>
        !cup.Fits || (planned.Fits && cup.Off > planned.Off)
            ? double.PositiveInfinity
            : cup.Off
                + (changes * EachChange)
                + (cup.Size * Hardly)
                + (cup.Beyond > 0 ? BeyondAll + (cup.Beyond * EachBeyond) : 0);

    // How many amounts of each line are tried where so many lines are changed at once.
    private int PointsFor(int changes)
    {
        if (changes < 2)
        {
            return int.MaxValue;
        }

        var n = options.Count;
        var ways = changes == 2 ? n * (n - 1) / 2.0 : n * (n - 1) * (n - 2) / 6.0;
        return (int)Math.Max(2, Math.Pow(MostTried / Math.Max(1, ways), 1.0 / changes));
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
            Off = cup.Off,
            Ice = cup.Ice,
            Changed = own.Lines.Where(line => said[line.Index] != 0).Select(line => line.Index).ToHashSet(),
        };
    }

    private bool IsIn(WorkedLine line) => !double.IsNaN(actual[line.Index]);

    private Cup Pour(double[] said, double[]? amounts, double[]? more)
    {
        var tally = new Tally(own.Size.CupVessel);
        var size = 0.0;
        foreach (var line in own.Lines)
        {
            var i = line.Index;
            var isIn = IsIn(line);
            var amount =
                isIn ? actual[i]
                : said[i] != 0 ? said[i]
                : Planned(line, tally);
            var extra = isIn ? said[i] : 0;
            size += said[i] == 0 ? 0 : SizeOf(line, isIn, said[i]);

            tally.Add(line.Facts, line.Facts.Mass(amount, line.Stretch));
            tally.Add(line.Facts, line.Facts.Mass(extra, line.Stretch));
            total[i] = amount + extra;
            amounts?[i] = amount;
            more?[i] = extra;
        }

        return CupOf(tally, size);
    }

    // How large a change of a line is: its share of what is planned.
    private static double SizeOf(WorkedLine line, bool isIn, double said) =>
        (line.Origin == Origin.Marked ? LosesItsLine : 0)
        + (Math.Abs(isIn ? said : said - line.Amount) / Math.Max(line.Amount, line.Step));

    // Measures a cup. The totals hold how much of every line is in it.
    private Cup CupOf(in Tally tally, double size)
    {
        var strength = Drift.Of(own.Poured.Strength, tally.Strength);
        var sweetness = Drift.Of(own.Poured.Sweetness, tally.Sweetness);
        var occupied = tally.Occupied;
        var balance = FlavourBalance.Off(flavours, total);
        return new Cup(
            strength,
            sweetness,
            own.Size.WorkingVolume.Value - occupied,
            occupied <= Limit,
            Excess(strength, house.AllowedStrengthDrift)
                + Excess(sweetness, house.AllowedSweetnessDrift)
                + Math.Max(0, balance - FlavourBalance.Allowed),
            nearness.Off(Measured.Of(tally, own.Size.WorkingVolume.Value)) + (BalanceWeight * balance),
            size
        )
        {
            Ice = tally.IceMass,
        };
    }

    // A line that is filled to a mark is poured to it, whatever stands in the cup by then.
    private double Planned(WorkedLine line, Tally before) =>
        line.Origin == Origin.Marked
        && line.Mark is { } mark
        && own.Size.Cup.HeightOf(mark, own.Size.Reserve) is { } height
            ? MarkFill.To(before, line.Facts, line.Stretch, own.Size.Cup.VolumeTo(height).Value).Amount
            : line.Amount;

    // Every way of choosing so many of the options, by their places.
    private IEnumerable<int[]> Choose(int count)
    {
        return Put(0, []);

        IEnumerable<int[]> Put(int from, int[] chosen) =>
            chosen.Length == count
                ? [chosen]
                : Enumerable.Range(from, options.Count - from).SelectMany(at => Put(at + 1, [.. chosen, at]));
    }

    private static double Excess(Percent? drift, Percent allowed) =>
        drift is { } found ? Math.Max(0, Math.Abs(found.Value) - allowed.Value) : 0;

    // Whole steps, from one on, as far as the cup goes; counts no further than somebody would go.
    private double[] Choices(WorkedLine line)
    {
        var isIn = IsIn(line);
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
                .Where(amount => isIn || Math.Abs(amount - line.Amount) > 1e-9 || line.Origin == Origin.Marked)
                .Concat(Missing(line)),
        ];
    }

    // Espresso that is missing is pulled again and weighed in, to the gram. In whole shots it could be half a shot too
    // much or too little.
    private IEnumerable<double> Missing(WorkedLine line)
    {
        var perUnit = line.Facts.Mass(1, line.Stretch);
        var grams = Math.Round((line.Amount - actual[line.Index]) * perUnit);
        return line.Ingredient.Kind == IngredientKind.Espresso && grams > 0 ? [grams / perUnit] : [];
    }

    // Tries every amount of the chosen lines. The other lines are added up only once, unless one of them fills up to a
    // mark.
    private sealed class Trial
    {
        private readonly RescueSearch search;
        private readonly Option[] chosen;
        private readonly double[][] amounts;
        private readonly Cup planned;
        private readonly double[] said;
        private readonly bool isInOrder;
        private readonly Tally rest;

        public Trial(RescueSearch search, int[] at, int points, Cup planned)
        {
            (this.search, this.planned) = (search, planned);
            chosen = [.. at.Select(each => search.options[each])];
            amounts = [.. chosen.Select(option => option.Some(points).ToArray())];
            said = new double[search.own.Lines.Count];
            rest = new Tally(search.own.Size.CupVessel);
            foreach (var line in search.own.Lines)
            {
                var (i, isIn) = (line.Index, search.IsIn(line));
                var isChosen = Array.Exists(chosen, option => option.Line.Index == i);
                isInOrder |= !isIn && !isChosen && line.Origin == Origin.Marked;
                search.total[i] =
                    isIn ? search.actual[i]
                    : isChosen ? 0
                    : line.Amount;
                rest.Add(line.Facts, line.Facts.Mass(search.total[i], line.Stretch));
            }
        }

        public void Run(ref double[]? best, ref double least) => Run(0, rest, 0, ref best, ref least);

        private void Run(int depth, in Tally tally, double size, ref double[]? best, ref double least)
        {
            // More never takes up less room.
            if (!isInOrder && tally.Occupied > search.Limit)
            {
                return;
            }

            if (depth == chosen.Length)
            {
                var cost = isInOrder
                    ? search.CostOf(said, planned)
                    : CostOf(search.CupOf(tally, size), chosen.Length, planned);
                if (cost < least - 1e-9)
                {
                    (best, least) = ([.. said], cost);
                }

                return;
            }

            var line = chosen[depth].Line;
            var before = search.total[line.Index];
            foreach (var amount in amounts[depth])
            {
                var with = tally;
                with.Add(line.Facts, line.Facts.Mass(amount, line.Stretch));
                said[line.Index] = amount;
                search.total[line.Index] = before + amount;
                Run(depth + 1, with, size + SizeOf(line, search.IsIn(line), amount), ref best, ref least);
            }

            (said[line.Index], search.total[line.Index]) = (0, before);
        }
    }

    /// <summary>A line that may be poured otherwise, and how much of it then.</summary>
    private sealed record Option(WorkedLine Line, double[] Amounts)
    {
        /// <summary>So many of them at the most, spread evenly, the first and the last among them.</summary>
        public IEnumerable<double> Some(int most) =>
            Amounts.Length <= most
                ? Amounts
                : Enumerable
                    .Range(0, most)
                    .Select(i => Amounts[(int)Math.Round(i * (Amounts.Length - 1.0) / (most - 1))]);
    }

    /// <summary>What a cup comes to.</summary>
    private readonly record struct Cup(
        Percent? Strength,
        Percent? Sweetness,
        double RoomLeft,
        bool Fits,
        double Beyond,
        double Off,
        double Size
    )
    {
        /// <summary>Ice in the cup, g.</summary>
        public double Ice { get; init; }
    }
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
    /// <summary>How far it is from the standard: 0 is the same.</summary>
    public double Off { get; init; }

    /// <summary>Ice that goes in, g.</summary>
    public double Ice { get; init; }

    /// <summary>The lines that are poured otherwise than planned.</summary>
    public required IReadOnlySet<int> Changed { get; init; }

    /// <summary>Whether a line is poured as planned.</summary>
    public bool IsPlanned(int line) => !Changed.Contains(line);
}
