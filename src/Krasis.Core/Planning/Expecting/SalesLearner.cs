namespace Krasis.Core.Planning.Expecting;

/// <summary>Learns from what was sold what will be.</summary>
/// <remarks>The average of the days of the same weekday, each brought to an ordinary day by its kind's factor; of
/// weekdays or weekend days together where there have been fewer than <see cref="LeastDays"/> such days, and of all
/// days where there are too few of those. A day on which a station sold anything counts for every drink that was on its
/// board, with none where none was sold. How widely sales scatter is Pearson's χ² over its degrees of freedom, all of a
/// station's drinks together: 1 is Poisson's law, and less is not believed.</remarks>
public sealed class SalesLearner
{
    /// <summary>So many days of a weekday are a ground to go by that weekday alone.</summary>
    public const int LeastDays = 2;

    private readonly Func<DateOnly, double> factorOf;
    private readonly Func<string, DateOnly, bool> wasOn;
    private readonly Dictionary<string, List<DateOnly>> days;
    private readonly Dictionary<DrinkSize, Dictionary<DateOnly, double>> sold;
    private readonly Dictionary<string, double> dispersion;

    /// <summary>Learns.</summary>
    /// <param name="sales">What was sold; of a day and drink given more than once, all of it together.</param>
    /// <param name="factorOf">How many times as much as on an ordinary day was to be sold on a day.</param>
    /// <param name="wasOn">Whether a build was on the board on a day; null for always. What was sold was.</param>
    public SalesLearner(
        IEnumerable<Sold> sales,
        Func<DateOnly, double> factorOf,
        Func<string, DateOnly, bool>? wasOn = null
    )
    {
        (this.factorOf, this.wasOn) = (factorOf, wasOn ?? ((_, _) => true));
        sold = sales
            .GroupBy(sale => sale.What)
            .ToDictionary(
                group => group.Key,
                group => group.GroupBy(sale => sale.Day).ToDictionary(day => day.Key, day => day.Sum(sale => sale.Cups))
            );
        days = sold.GroupBy(entry => entry.Key.Station)
            .ToDictionary(
                group => group.Key,
                group => group.SelectMany(entry => entry.Value.Keys).Distinct().Order().ToList()
            );
        dispersion = days.Keys.ToDictionary(station => station, Scatter);
    }

    /// <summary>What has ever been sold.</summary>
    public IEnumerable<DrinkSize> Drinks => sold.Keys;

    /// <summary>Variance over mean of a day's cups at a station, at least 1.</summary>
    public double DispersionAt(string station) => dispersion.GetValueOrDefault(station, 1);

    /// <summary>What is to be expected on a day; null where such a drink was never sold.</summary>
    public Expected? On(DateOnly day, DrinkSize what)
    {
        if (!sold.TryGetValue(what, out var cups))
        {
            return null;
        }

        var mean = Base(day, what, cups) * factorOf(day);
        return new Expected(day, what, mean, mean * DispersionAt(what.Station), IsTyped: false);
    }

    /// <summary>How many times as much was sold on some days than other days of their weekdays led to expect, all
    /// drinks together.</summary>
    /// <param name="isOf">Whether a day is one of them.</param>
    /// <returns>The factor, its standard deviation from day to day, and how many days there were; null below two days,
    /// or without others.</returns>
    public (double Factor, double Spread, int Days)? FactorOf(Func<DateOnly, bool> isOf)
    {
        var all = days.Values.SelectMany(each => each).Distinct().Order().ToList();
        var ratios = new List<double>();
        foreach (var day in all.Where(isOf))
        {
            var others = all.Where(other => !isOf(other) && other.DayOfWeek == day.DayOfWeek).ToList();
            if (others.Count == 0)
            {
                others = all.Where(other => !isOf(other) && IsWeekend(other) == IsWeekend(day)).ToList();
            }

            var usual = others.Count == 0 ? 0 : others.Average(Total);
            if (usual > 0)
            {
                ratios.Add(Total(day) / usual);
            }
        }

        if (ratios.Count < 2)
        {
            return null;
        }

        var mean = ratios.Average();
        return (
            mean,
            Math.Sqrt(ratios.Sum(ratio => (ratio - mean) * (ratio - mean)) / (ratios.Count - 1)),
            ratios.Count
        );

        double Total(DateOnly day) => sold.Values.Sum(cups => cups.GetValueOrDefault(day));
    }

    /// <summary>On how many days of those that it learns from a drink was on the board.</summary>
    public int DaysOf(DrinkSize what) => sold.TryGetValue(what, out var cups) ? DaysOf(what, cups).Count : 0;

    private List<DateOnly> DaysOf(DrinkSize what, Dictionary<DateOnly, double> cups) =>
        days[what.Station].FindAll(day => wasOn(what.Build, day) || cups.GetValueOrDefault(day) > 0);

    private double Base(DateOnly day, DrinkSize what, Dictionary<DateOnly, double> cups)
    {
        var near = Like(day, DaysOf(what, cups));
        if (near.Count == 0)
        {
            return 0;
        }

        return near.Average(each => cups.GetValueOrDefault(each) / factorOf(each));
    }

    private static List<DateOnly> Like(DateOnly day, List<DateOnly> all)
    {
        var same = all.FindAll(each => each.DayOfWeek == day.DayOfWeek);
        if (same.Count >= LeastDays)
        {
            return same;
        }

        var group = all.FindAll(each => IsWeekend(each) == IsWeekend(day));
        return group.Count >= LeastDays ? group : all;
    }

    private double Scatter(string station)
    {
        double chi = 0,
            freedom = 0;
        foreach (var (what, cups) in sold.Where(entry => entry.Key.Station == station))
        {
            var all = DaysOf(what, cups);
            foreach (var group in all.GroupBy(day => Like(day, all)[0]))
            {
                var mean = Base(group.First(), what, cups);
                if (mean <= 0)
                {
                    continue;
                }

                chi += group.Sum(day =>
                    Square(cups.GetValueOrDefault(day) - (mean * factorOf(day))) / (mean * factorOf(day))
                );
                freedom += group.Count() - 1;
            }
        }

        return freedom > 0 ? Math.Max(1, chi / freedom) : 1;

        static double Square(double value) => value * value;
    }

    private static bool IsWeekend(DateOnly day) => day.DayOfWeek is DayOfWeek.Saturday or DayOfWeek.Sunday;
}
