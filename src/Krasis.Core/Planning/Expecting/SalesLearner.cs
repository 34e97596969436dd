namespace Krasis.Core.Planning.Expecting;

/// <summary>Learns from what was sold what will be.</summary>
/// <remarks>The average of the days of the same weekday, each brought to an ordinary day by its kind's factor; of
/// weekdays or weekend days together where there have been fewer than <see cref="LeastDays"/> such days, and of all
/// days where there are too few of those. A day on which a station sold anything counts for every drink that it sells,
/// with none where none was sold. How widely sales scatter is Pearson's χ² over its degrees of freedom, all of a
/// station's drinks together: 1 is Poisson's law, and less is not believed.</remarks>
public sealed class SalesLearner
{
    /// <summary>So many days of a weekday are a ground to go by that weekday alone.</summary>
    public const int LeastDays = 2;

    private readonly Func<DateOnly, double> factorOf;
    private readonly Dictionary<string, List<DateOnly>> days;
    private readonly Dictionary<DrinkSize, Dictionary<DateOnly, double>> sold;
    private readonly Dictionary<string, double> dispersion;

    /// <summary>Learns.</summary>
    /// <param name="sales">What was sold; of a day and drink given more than once, all of it together.</param>
    /// <param name="factorOf">How many times as much as on an ordinary day was to be sold on a day.</param>
    public SalesLearner(IEnumerable<Sold> sales, Func<DateOnly, double> factorOf)
    {
        this.factorOf = factorOf;
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

        var mean = Base(day, what.Station, cups) * factorOf(day);
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

    private double Base(DateOnly day, string station, Dictionary<DateOnly, double> cups)
    {
        var near = Like(day, station);
        return near.Average(each => cups.GetValueOrDefault(each) / factorOf(each));
    }

    private List<DateOnly> Like(DateOnly day, string station)
    {
        var all = days[station];
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
        foreach (var cups in sold.Where(entry => entry.Key.Station == station).Select(entry => entry.Value))
        {
            foreach (var group in days[station].GroupBy(day => Like(day, station)[0]))
            {
                var mean = Base(group.First(), station, cups);
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
