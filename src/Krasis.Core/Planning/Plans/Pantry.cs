namespace Krasis.Core.Planning.Plans;

/// <summary>What is there of one item on the days of a plan: lots that come, are used in the order in which they go
/// over date, and go over date.</summary>
internal sealed class Pantry
{
    private readonly List<Portion> portions = [];

    /// <summary>Some of it comes.</summary>
    /// <param name="amount">How much.</param>
    /// <param name="from">The first day on which it is there.</param>
    /// <param name="to">The last on which it may be used.</param>
    public void Add(double amount, int from, int to) =>
        portions.Add(
            new Portion
            {
                Left = amount,
                From = from,
                To = to,
            }
        );

    /// <summary>The same, to be tried out.</summary>
    public Pantry Copy()
    {
        var copy = new Pantry();
        copy.portions.AddRange(
            portions.Select(portion => new Portion
            {
                Left = portion.Left,
                From = portion.From,
                To = portion.To,
            })
        );
        return copy;
    }

    /// <summary>Uses some of it on a day.</summary>
    /// <returns>What was lacking.</returns>
    public double Use(int day, double amount)
    {
        foreach (
            var portion in portions
                .Where(portion => portion.From <= day && day <= portion.To)
                .OrderBy(portion => portion.To)
                .ThenBy(portion => portion.From)
        )
        {
            var some = Math.Min(portion.Left, amount);
            portion.Left -= some;
            amount -= some;
        }

        return amount;
    }

    /// <summary>Uses up to an amount on a day.</summary>
    /// <returns>The earliest use-by day of what was used; <see cref="int.MaxValue"/> if nothing was.</returns>
    public int Take(int day, double amount)
    {
        var there = portions.Where(portion => portion.From <= day && day <= portion.To && portion.Left > 1e-9);
        var soonest =
            amount > 1e-9 ? there.Select(portion => portion.To).DefaultIfEmpty(int.MaxValue).Min() : int.MaxValue;
        Use(day, amount);
        return soonest;
    }

    /// <summary>What is there on a day.</summary>
    public double GramsOn(int day) =>
        portions.Where(portion => portion.From <= day && day <= portion.To).Sum(portion => portion.Left);

    /// <summary>What goes over date in the night after a day.</summary>
    public double OverAfter(int day) => portions.Where(portion => portion.To == day).Sum(portion => portion.Left);

    private sealed class Portion
    {
        public double Left { get; set; }

        public required int From { get; init; }

        public required int To { get; init; }
    }
}
