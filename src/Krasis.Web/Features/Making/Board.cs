using System.Collections.Concurrent;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Store.Standards;
using Krasis.Web.Features.Builds;

namespace Krasis.Web.Features.Making;

/// <summary>What standards look like at a station. A standard does not change, and neither do its facts: each is worked out once.</summary>
public sealed class Board
{
    private readonly ConcurrentDictionary<(string Build, long Number, string? Station), ServiceDrink?> known = [];

    /// <summary>A standard at a station; null where the station has none of its cups.</summary>
    public ServiceDrink? Drink(StoredStandard standard, string? station) => known.GetOrAdd((standard.BuildId, standard.Number, station), _ => Describe(standard, station));

    private static ServiceDrink? Describe(StoredStandard standard, string? station)
    {
        var bar = BarReader.Read(standard.Bar).Value;
        var build = BuildReader.Read(standard.Document, bar).Value;
        var plans = Planner.Plan(build, bar, station);
        if (!plans.IsRead)
        {
            return null;
        }

        var lines = build.Lines.Select(line => (Line: line, What: bar.Find(line.Ingredient)!)).ToList();
        return new ServiceDrink(
            standard.BuildId,
            build.Name,
            standard.Number,
            plans.Value[0].Allergens,
            [.. lines.Select(line => line.What.Name).Concat(standard.Document.Tags).Distinct()],
            lines.Any(line => line.What.Kind == IngredientKind.Espresso),
            lines.Any(line => line.What.CoffeeShare == 0 && (line.What.IsTopping || line.Line.Technique.Facts().Placed != Placed.InTheDrink)),
            lines.FirstOrDefault(line => line.What.Kind == IngredientKind.Milk).What?.Id.Value,
            lines.Any(line => line.What.Kind is IngredientKind.Syrup or IngredientKind.Sauce),
            [.. plans.Value.Select(plan => new ServiceSize(plan.Size.Value, plan.SizeName, RowCup.Of(plan.Cup, plan.Drawing, plan.Fill)))]);
    }
}
