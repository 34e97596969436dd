using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;
using Krasis.Core.Input;

namespace Krasis.Core.Bar;

/// <summary>Reads a whole bar: each fact by itself, and then whether they belong together.</summary>
public static class BarReader
{
    /// <summary>Reads a bar.</summary>
    /// <returns>The facts, or every problem, under fields such as <c>dispensers[2].ingredient</c>.</returns>
    public static Reading<BarFacts> Read(BarDocument document)
    {
        var fields = new FieldReader();
        var cups = ReadAll(BarKinds.Cups, document, CupReader.Read, fields);
        var ingredients = ReadAll(BarKinds.Ingredients, document, IngredientReader.Read, fields);
        var dispensers = ReadAll(BarKinds.Dispensers, document, DispenserReader.Read, fields);
        var espresso = ReadAll(BarKinds.Espresso, document, EspressoReader.Read, fields);
        var coffees = ReadAll(BarKinds.Coffees, document, CoffeeBaseReader.Read, fields);
        var foams = ReadAll(BarKinds.Foams, document, FoamReader.Read, fields);
        var pitchers = ReadAll(BarKinds.Pitchers, document, PitcherReader.Read, fields);
        var parts = ReadAll(BarKinds.Parts, document, PartReader.Read, fields);
        var stations = ReadAll(BarKinds.Stations, document, StationReader.Read, fields);
        var house = ReadAll(BarKinds.House, document, HouseReader.Read, fields);
        if (fields.Problems.Count > 0)
        {
            // What cannot be read cannot be missed: a pump whose syrup is written wrongly has a syrup.
            return Reading<BarFacts>.Failed(fields.Problems);
        }

        foreach (var kind in BarKinds.All)
        {
            RefuseTwins(
                new SortedList<int, string>(kind.IdsIn(document).Index().ToDictionary()),
                kind.Name,
                "id",
                id => id,
                fields
            );
        }

        RefuseTwins(cups, "cups", "name", cup => cup.Name, fields);
        RefuseTwins(ingredients, "ingredients", "name", ingredient => ingredient.Name, fields);
        RefuseTwins(
            dispensers,
            "dispensers",
            "ingredient",
            dispenser => dispenser.Holds.Value,
            fields,
            dispenser => dispenser.Station
        );
        RefuseTwins(stations, "stations", "name", station => station.Name, fields);
        RefuseTwins(coffees, "coffees", "ingredient", coffee => coffee.Makes.Value, fields);
        RefuseTwins(foams, "foams", "name", foam => foam.Name, fields);
        RefuseTwins(parts, "parts", "name", part => part.Name, fields);
        foreach (var (index, part) in parts)
        {
            if (ingredients.Values.Any(ingredient => ingredient.Id == part.Id))
            {
                fields.Report(
                    $"parts[{index}].id",
                    part.Id.Value,
                    "Something of the bar is known by that already.",
                    "something of its own"
                );
            }
        }

        RefuseStrangers(cups, "cups", cup => cup.Stations, stations, fields);
        RefuseStrangers(dispensers, "dispensers", dispenser => One(dispenser.Station), stations, fields);
        RefuseStrangers(espresso, "espresso", recipe => One(recipe.Station), stations, fields);
        if (fields.Problems.Count > 0)
        {
            return Reading<BarFacts>.Failed(fields.Problems);
        }

        List<Ingredient> all = [.. Frozen(ingredients, coffees, fields)];

        // Parts are blended of coffees as they are made where standards are set.
        var made = all.ConvertAll(ingredient =>
            First(ingredient.Id) is { } recipe ? CoffeeContent.Of(ingredient, recipe)
            : coffees.Values.FirstOrDefault(coffee => coffee.Makes == ingredient.Id) is { } brew
                ? CoffeeContent.Of(ingredient, brew)
            : ingredient
        );
        all.AddRange(new PartResolver(made, parts, fields).Resolve());
        var kinds = all.ToDictionary(ingredient => ingredient.Id, ingredient => ingredient.Kind);
        foreach (var (index, coffee) in coffees)
        {
            if (!kinds.TryGetValue(coffee.Makes, out var kind))
            {
                Missing(fields, $"coffees[{index}].ingredient", coffee.Makes);
            }
            else if (kind != IngredientKind.Coffee)
            {
                fields.Report(
                    $"coffees[{index}].ingredient",
                    coffee.Makes.Value,
                    "A coffee recipe makes coffee.",
                    "an ingredient of the kind coffee"
                );
            }
        }

        foreach (var (index, dispenser) in dispensers)
        {
            if (!kinds.TryGetValue(dispenser.Holds, out var kind))
            {
                Missing(fields, $"dispensers[{index}].ingredient", dispenser.Holds);
            }
            else if (kind is IngredientKind.Ice or IngredientKind.Espresso)
            {
                fields.Report(
                    $"dispensers[{index}].ingredient",
                    dispenser.Holds.Value,
                    "A dispenser cannot hold that.",
                    "anything that is not espresso or ice"
                );
            }
        }

        foreach (var (index, recipe) in espresso)
        {
            if (!kinds.TryGetValue(recipe.Makes, out var kind))
            {
                Missing(fields, $"espresso[{index}].ingredient", recipe.Makes);
            }
            else if (kind != IngredientKind.Espresso)
            {
                fields.Report(
                    $"espresso[{index}].ingredient",
                    recipe.Makes.Value,
                    "An espresso recipe makes espresso.",
                    "an ingredient of the kind espresso"
                );
            }
        }

        var rules = house.Values.Single();
        Refuse(
            "espresso",
            rules.Espresso,
            "espresso recipe",
            espresso.Values.Select(recipe => (recipe.Id, recipe.Name))
        );
        Refuse(
            "milk",
            rules.Milk?.Value,
            "milk",
            all.Where(ingredient => ingredient.Kind == IngredientKind.Milk).Select(milk => (milk.Id.Value, milk.Name))
        );
        Refuse(
            "foam",
            rules.Foam?.Value,
            "foam level for hot milk",
            foams.Values.Where(level => !level.IsCold).Select(level => (level.Id.Value, level.Name))
        );

        return fields.Finish(() =>
        {
            var byId = all.ToDictionary(ingredient => ingredient.Id);
            return new BarFacts(
                [.. cups.Values],
                all,
                [.. dispensers.Values.Select(dispenser => DispenserReader.Fill(dispenser, byId[dispenser.Holds]))],
                [.. espresso.Values],
                [.. coffees.Values],
                [.. foams.Values],
                [.. pitchers.Values],
                [.. stations.Values],
                rules
            );
        });

        // What the house begins new builds with is there.
        void Refuse(string field, string? id, string what, IEnumerable<(string Id, string Name)> known)
        {
            if (id is not null && known.All(one => one.Id != id))
            {
                fields.Report(
                    $"house.{field}",
                    id,
                    $"The bar has no {what} '{Problem.Shorten(id)}'.",
                    known.Any() ? string.Join(", ", known.Select(one => one.Name)) : "nothing: the bar has none"
                );
            }
        }

        EspressoRecipe? First(IngredientId id)
        {
            var home = stations.Values.FirstOrDefault()?.Id;
            return espresso.Values.FirstOrDefault(recipe =>
                recipe.Makes == id && recipe.Station is not null && recipe.Station == home
            ) ?? espresso.Values.FirstOrDefault(recipe => recipe.Makes == id && recipe.Station is null);
        }
    }

    // Ice that a coffee was frozen to is that coffee.
    private static IEnumerable<Ingredient> Frozen(
        SortedList<int, Ingredient> ingredients,
        SortedList<int, CoffeeBase> coffees,
        FieldReader fields
    )
    {
        foreach (var (index, ingredient) in ingredients)
        {
            if (ingredient.FrozenFrom is not { } from)
            {
                yield return ingredient;
            }
            else if (
                ingredients.Values.FirstOrDefault(other => other.Id == from)
                is not { Kind: IngredientKind.Coffee } coffee
            )
            {
                fields.Report(
                    $"ingredients[{index}].frozenFrom",
                    from.Value,
                    "Ice is frozen from a brewed coffee of the bar.",
                    "an ingredient of the kind coffee"
                );
                yield return ingredient;
            }
            else
            {
                var made = coffees.Values.FirstOrDefault(brew => brew.Makes == from) is { } recipe
                    ? CoffeeContent.Of(coffee, recipe)
                    : coffee;
                yield return ingredient with
                {
                    Strength = made.Strength,
                    Sugars = made.Sugars,
                    IsSugarTaken = made.IsSugarTaken,
                    Composition = made.Composition,
                    Allergens = made.Allergens,
                    PricePerGram = made.PricePerGram,
                };
            }
        }
    }

    private static SortedList<int, T> ReadAll<TDocument, T>(
        BarKind<TDocument> kind,
        BarDocument bar,
        Func<TDocument, string, Reading<T>> read,
        FieldReader fields
    )
        where TDocument : class
    {
        var documents = kind.From(bar);
        var found = new SortedList<int, T>();
        for (var i = 0; i < documents.Count; i++)
        {
            var reading = read(documents[i], kind.PathOf(i));
            fields.Take(reading.Problems);
            if (reading.IsRead)
            {
                found.Add(i, reading.Value);
            }
        }

        return found;
    }

    private static void RefuseTwins<T>(
        SortedList<int, T> items,
        string path,
        string field,
        Func<T, string> key,
        FieldReader fields,
        Func<T, string?>? place = null
    )
    {
        var first = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var (index, item) in items)
        {
            if (!first.TryAdd($"{place?.Invoke(item)}\n{key(item)}", index))
            {
                var accepted =
                    field == "ingredient"
                        ? "an ingredient that no other at the same station has"
                        : $"a {field} of its own";
                fields.Report(
                    $"{path}[{index}].{field}",
                    key(item),
                    $"Another entry already has this {field}.",
                    accepted
                );
            }
        }
    }

    private static void RefuseStrangers<T>(
        SortedList<int, T> items,
        string path,
        Func<T, IReadOnlyList<string>> places,
        SortedList<int, Station> stations,
        FieldReader fields
    )
    {
        foreach (var (index, item) in items)
        {
            foreach (var place in places(item).Where(place => !stations.Values.Any(station => station.Id == place)))
            {
                fields.Report(
                    $"{path}[{index}].{(path == "cups" ? "stations" : "station")}",
                    place,
                    $"The bar has no station '{Problem.Shorten(place)}'.",
                    stations.Count == 0
                        ? "nothing: the bar has no stations"
                        : string.Join(", ", stations.Values.Select(station => station.Id))
                );
            }
        }
    }

    private static IReadOnlyList<string> One(string? place) => place is null ? [] : [place];

    private static void Missing(FieldReader fields, string field, IngredientId id) =>
        fields.Report(
            field,
            id.Value,
            $"The bar has no ingredient '{Problem.Shorten(id.Value)}'.",
            "an ingredient of the bar"
        );
}
