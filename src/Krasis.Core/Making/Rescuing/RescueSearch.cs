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
/// <remarks>What is still to come may be any whole number of the bar's steps, and of what is in already some more may
/// follow; what is filled to a line fills what room is left below it unless it is changed. What decides is how near the drink comes to
/// its standard, in taste, ice, fullness and the balance of its flavours. One or two things are changed, and three only
/// where two do not do: more of them is a drink made anew (no source). One and two things are tried in every
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
        options =
        [
            .. own
                .Lines.Where(line => line.IsPoured && Search.IsOfSort(line))
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

    /// <summary>The way that comes nearest to the standard: one within what the house allows where there is any, else
    /// the nearest of those that fit; null when none fits. It is never farther from the standard than going on as
    /// planned. A change more has to bring it nearer by more than it is worth.</summary>
    public PourOption? Best()
    {
        var planned = Pour(new double[own.Lines.Count], null, null);
        double[]? best = null;
        var least = double.PositiveInfinity;
        for (var changes = 0; changes <= Math.Min(MostChanges, options.Count); changes++)
        {
            var count = changes;
            Try(0, changes, new double[own.Lines.Count], said =>
            {
                var cup = Pour(said, null, null);
                if (!cup.Fits || (planned.Fits && cup.Off > planned.Off))
                {
                    return;
                }

                var cost =
                    cup.Off
                    + (count * EachChange)
                    + (cup.Size * Hardly)
                    + (cup.Beyond > 0 ? BeyondAll + (cup.Beyond * EachBeyond) : 0);
                if (cost < least - 1e-9)
                {
                    (best, least) = ([.. said], cost);
                }
            });

            // Three things are only changed where two do not bring it back.
            if (changes >= Thorough && least < BeyondAll)
            {
                break;
            }
        }

        return best is null ? null : Of(best);
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

    private Cup Pour(double[] said, double[]? amounts, double[]? more)
    {
        var tally = new Tally(own.Size.CupVessel);
        var size = 0.0;
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
                size += line.Origin == Origin.Marked ? LosesItsLine : 0;
                size += Math.Abs(isIn ? extra : amount - line.Amount) / Math.Max(line.Amount, line.Step);
            }

            tally.Add(line.Facts, line.Facts.Mass(amount, line.Stretch));
            tally.Add(line.Facts, line.Facts.Mass(extra, line.Stretch));
            total[i] = amount + extra;
            amounts?[i] = amount;
            more?[i] = extra;
        }

        var strength = Drift.Of(own.Poured.Strength, tally.Strength);
        var sweetness = Drift.Of(own.Poured.Sweetness, tally.Sweetness);
        var occupied = tally.Occupied;
        var balance = FlavourBalance.Off(own, own, total);
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
                .Where(amount => isIn || Math.Abs(amount - line.Amount) > 1e-9 || line.Origin == Origin.Marked)
                .Concat(Missing(line)),
        ];
    }

    // What is missing of an espresso is pulled anew and poured on the scale, to the gram: whole shots alone would miss the
    // standard by up to half of one.
    private IEnumerable<double> Missing(WorkedLine line)
    {
        var perUnit = line.Facts.Mass(1, line.Stretch);
        var grams = Math.Round((line.Amount - actual[line.Index]) * perUnit);
        return line.Ingredient.Kind == IngredientKind.Espresso && grams > 0 ? [grams / perUnit] : [];
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
