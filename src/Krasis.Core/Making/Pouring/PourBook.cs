using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;

namespace Krasis.Core.Making.Pouring;

/// <summary>Reads the book of what was poured.</summary>
public static class PourBook
{
    /// <summary>So many of the last values of a series are kept: charts of more are no longer read.</summary>
    public const int MostPoints = 120;

    /// <summary>The series that the book holds: of each dispenser and each hand at a station, of each person's hand, of
    /// each recipe's pulls, and of how strong each drink came out and how long it took.</summary>
    /// <param name="pours">The pours, in the order in which they were poured.</param>
    /// <param name="made">The drinks, in the order in which they were made.</param>
    /// <param name="bar">The bar, which knows what its dispensers are called and how long its pulls may run.</param>
    public static IReadOnlyList<PourSeries> Series(IReadOnlyList<Pour> pours, IReadOnlyList<Made> made, BarFacts bar)
    {
        // Of a pull the time tells more than the weight.
        var given = pours.Where(pour => pour is { Off: not null, Recipe: null }).ToList();
        return
        [
            .. given
                .GroupBy(pour => (pour.Dispenser, pour.What, pour.Station))
                .Select(group => new PourSeries(
                    group.Key.Dispenser is null ? SeriesOf.Hand : SeriesOf.Dispenser,
                    group.Key.Dispenser ?? group.Key.What,
                    bar.Dispensers.FirstOrDefault(known => known.Id == group.Key.Dispenser)?.Name ?? group.Key.What,
                    group.Key.Station,
                    null,
                    Points(group, pour => pour.On, pour => pour.Off!.Value.Value)
                )),
            .. given
                .Where(pour => pour.Dispenser is null && pour.Who is not null)
                .GroupBy(pour => (pour.What, pour.Station, pour.Who))
                .Select(group => new PourSeries(
                    SeriesOf.Person,
                    group.Key.What,
                    group.Key.What,
                    group.Key.Station,
                    group.Key.Who,
                    Points(group, pour => pour.On, pour => pour.Off!.Value.Value)
                )),
            .. pours
                .Where(pour => pour is { Recipe: not null, Seconds: not null })
                .GroupBy(pour => (Recipe: pour.Recipe!, pour.Station))
                .Select(group => Pulls(group.Key.Recipe, group.Key.Station, group, bar)),
            .. made.Where(make => make.Strength is not null)
                .GroupBy(make => (make.Drink, make.Station))
                .Select(group => new PourSeries(
                    SeriesOf.Drink,
                    group.Key.Drink,
                    group.Key.Drink,
                    group.Key.Station,
                    null,
                    Points(group, make => make.On, make => make.Strength!.Value.Value)
                )),
            .. made.GroupBy(make => (make.Drink, make.Station))
                .Select(group => new PourSeries(
                    SeriesOf.Time,
                    group.Key.Drink,
                    $"Time for {group.Key.Drink}",
                    group.Key.Station,
                    null,
                    Points(group, make => make.On, make => make.Seconds)
                )),
        ];
    }

    /// <summary>What each drink came to, the one made most often first.</summary>
    public static IReadOnlyList<PouredDrink> Drinks(IReadOnlyList<Made> made) =>
        [
            .. made.GroupBy(make => make.Drink)
                .Select(group => new PouredDrink(
                    group.Key,
                    group.Count(),
                    Median([.. group.Select(make => make.Seconds).Order()]),
                    group.Count(make => make.IsAllowed)
                ))
                .OrderByDescending(drink => drink.Makes),
        ];

    private static PourSeries Pulls(string recipe, string? station, IEnumerable<Pour> pulls, BarFacts bar)
    {
        var window = WindowOf(recipe, bar);
        return new PourSeries(
            SeriesOf.Pull,
            recipe,
            recipe,
            station,
            null,
            Points(pulls, pour => pour.On, pour => pour.Seconds!.Value)
        )
        {
            WindowFrom = window?.From,
            WindowTo = window?.To,
        };
    }

    // A recipe belongs to one station, and its name is all that the book has of it.
    private static PullWindow? WindowOf(string recipe, BarFacts bar) =>
        bar
            .Stations.Select(bar.At)
            .Prepend(bar)
            .SelectMany(here => here.Ingredients.SelectMany(ingredient => here.RecipesOf(ingredient.Id)))
            .FirstOrDefault(known => known.Name == recipe)
            ?.Window;

    private static IReadOnlyList<PourPoint> Points<T>(IEnumerable<T> of, Func<T, DateOnly> on, Func<T, double> value) =>
        [.. of.TakeLast(MostPoints).Select(each => new PourPoint(on(each), Math.Round(value(each), 3)))];

    private static double Median(List<double> sorted) =>
        (sorted[(sorted.Count - 1) / 2] + sorted[sorted.Count / 2]) / 2;
}
