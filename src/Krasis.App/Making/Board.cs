using System.Collections.Concurrent;
using Krasis.App.Builds;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Making.Telling;
using Krasis.Store.Standards;

namespace Krasis.App.Making;

/// <summary>What standards look like at a station. A standard does not change, and neither do its facts: each is worked
/// out once.</summary>
public sealed class Board
{
    private readonly ConcurrentDictionary<
        (string Build, long Number, string? Station),
        (ServiceDrink? Drink, Season? Season)
    > known = [];

    /// <summary>Forgets all, for when other standards have come in the place of these.</summary>
    public void Forget() => known.Clear();

    /// <summary>The standards that are on the board on a day and can be made at a station, by name.</summary>
    public IReadOnlyList<ServiceDrink> On(DateOnly day, IEnumerable<StoredStandard> standards, string? station) =>
        [
            .. standards
                .Select(standard =>
                    known.GetOrAdd((standard.BuildId, standard.Number, station), _ => Describe(standard, station))
                )
                .Where(entry => entry.Season?.Holds(day) != false)
                .Select(entry => entry.Drink)
                .OfType<ServiceDrink>()
                .OrderBy(drink => drink.Name, StringComparer.CurrentCultureIgnoreCase),
        ];

    // No drink where the station has none of its cups.
    private static (ServiceDrink? Drink, Season? Season) Describe(StoredStandard standard, string? station)
    {
        var bar = BarReader.Read(standard.Bar).Value;
        var build = BuildReader.Read(standard.Document, bar).Value;
        return standard.Frozen.PlansAt(station) is { } plans
            ? (
                new ServiceDrink(
                    standard.BuildId,
                    build.Name,
                    standard.Number,
                    string.Join(' ', RecipeText.Allergens(plans)),
                    [
                        .. build
                            .Lines.Select(line => bar.Find(line.Ingredient)!.Name)
                            .Concat(standard.Document.Tags)
                            .Distinct(),
                    ],
                    [
                        .. plans.Select(plan => new ServiceSize(
                            plan.Size.Value,
                            plan.SizeName,
                            RowCup.Of(plan.Cup, plan.Drawing, plan.Fill)
                        )),
                    ]
                ),
                build.Season
            )
            : (null, build.Season);
    }
}
