using Krasis.Core.Bar;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Puts the bar of another house beside this one, so that a drink can be moved from one to the other.</summary>
internal static class TwoBars
{
    /// <summary>Marks the ids of the other house. No id of this bar begins so.</summary>
    public const string Mark = "there~";

    /// <summary>The other house's bar at its first station, where its standards are set.</summary>
    public static BarDocument AtItsFirst(BarDocument theirs)
    {
        var first = theirs.Stations.Count > 0 ? theirs.Stations[0].Id : null;
        return theirs with
        {
            Stations = [],
            Cups = [.. theirs.Cups.Select(cup => cup with { Stations = [] })],
            Dispensers =
            [
                .. theirs
                    .Dispensers.Where(pump => pump.Station is null || pump.Station == first)
                    .OrderBy(pump => pump.Station is null)
                    .DistinctBy(pump => pump.Ingredient)
                    .Select(pump => pump with { Station = null }),
            ],
            Espresso =
            [
                .. theirs
                    .Espresso.Where(recipe => recipe.Station is null || recipe.Station == first)
                    .Select(recipe => recipe with { Station = null }),
            ],
        };
    }

    /// <summary>Both bars as one: theirs under marked ids and names, with this bar's rules and stations.</summary>
    public static BarDocument Beside(BarDocument here, BarDocument theirs) =>
        here with
        {
            Cups =
            [
                .. here.Cups,
                .. theirs.Cups.Select(cup => cup with { Id = Mark + cup.Id, Name = Marked(cup.Name), Stations = [] }),
            ],
            Ingredients =
            [
                .. here.Ingredients,
                .. theirs.Ingredients.Select(one =>
                    one with
                    {
                        Id = Mark + one.Id,
                        Name = Marked(one.Name),
                        FrozenFrom = one.FrozenFrom is { } from ? Mark + from : null,
                    }
                ),
            ],
            Parts =
            [
                .. here.Parts,
                .. theirs.Parts.Select(part =>
                    part with
                    {
                        Id = Mark + part.Id,
                        Name = Marked(part.Name),
                        Lines = [.. part.Lines.Select(line => line with { Ingredient = Mark + line.Ingredient })],
                    }
                ),
            ],
            Dispensers =
            [
                .. here.Dispensers,
                .. theirs.Dispensers.Select(pump =>
                    pump with
                    {
                        Id = Mark + pump.Id,
                        Name = Marked(pump.Name),
                        Ingredient = Mark + pump.Ingredient,
                    }
                ),
            ],
            Espresso =
            [
                .. here.Espresso,
                .. theirs.Espresso.Select(recipe =>
                    recipe with
                    {
                        Id = Mark + recipe.Id,
                        Name = Marked(recipe.Name),
                        Ingredient = Mark + recipe.Ingredient,
                    }
                ),
            ],
            Coffees =
            [
                .. here.Coffees,
                .. theirs.Coffees.Select(coffee =>
                    coffee with
                    {
                        Id = Mark + coffee.Id,
                        Name = Marked(coffee.Name),
                        Ingredient = Mark + coffee.Ingredient,
                    }
                ),
            ],
        };

    private static string Marked(string? name) => $"{name} there";
}
