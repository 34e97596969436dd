using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;
using Krasis.Core.Input;

namespace Krasis.Core.Bar.Kinds;

/// <summary>Reads a whole bar: each fact by itself, and then whether they belong together.</summary>
public static class BarReader
{
    /// <summary>Reads a bar.</summary>
    /// <returns>The facts, or every problem, under fields such as <c>dispensers[2].ingredient</c>.</returns>
    public static Reading<BarFacts> Read(BarDocument document)
    {
        var fields = new FieldReader();
        var each = Each.Read(document, fields);
        if (fields.Problems.Count > 0)
        {
            // What cannot be read cannot be missed: a pump whose syrup is written wrongly has a syrup.
            return Reading<BarFacts>.Failed(fields.Problems);
        }

        RefuseTwins(document, each, fields);
        RefuseStrangers(each.Cups, "cups", cup => cup.Stations, each.Stations, fields);
        RefuseStrangers(each.Dispensers, "dispensers", dispenser => One(dispenser.Station), each.Stations, fields);
        RefuseStrangers(each.Espresso, "espresso", recipe => One(recipe.Station), each.Stations, fields);
        if (fields.Problems.Count > 0)
        {
            return Reading<BarFacts>.Failed(fields.Problems);
        }

        var all = Resolved(each, fields);
        RefuseWrongKinds(each, all.ToDictionary(ingredient => ingredient.Id, ingredient => ingredient.Kind), fields);
        var rules = each.House.Values.Single();
        RefuseUnknownBeginnings(rules, each, all, fields);

        return fields.Finish(() =>
        {
            var byId = all.ToDictionary(ingredient => ingredient.Id);
            return new BarFacts(
                [.. each.Cups.Values],
                all,
                [.. each.Dispensers.Values.Select(dispenser => DispenserReader.Fill(dispenser, byId[dispenser.Holds]))],
                [.. each.Espresso.Values],
                [.. each.Coffees.Values],
                [.. each.Foams.Values],
                [.. each.Pitchers.Values],
                [.. each.Stations.Values],
                rules
            );
        });
    }

    private static void RefuseTwins(BarDocument document, Each each, FieldReader fields)
    {
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

        RefuseTwins(each.Cups, "cups", "name", cup => cup.Name, fields);
        RefuseTwins(each.Ingredients, "ingredients", "name", ingredient => ingredient.Name, fields);
        RefuseTwins(
            each.Dispensers,
            "dispensers",
            "ingredient",
            dispenser => dispenser.Holds.Value,
            fields,
            dispenser => dispenser.Station
        );
        RefuseTwins(each.Stations, "stations", "name", station => station.Name, fields);
        RefuseTwins(each.Coffees, "coffees", "ingredient", coffee => coffee.Makes.Value, fields);
        RefuseTwins(each.Foams, "foams", "name", foam => foam.Name, fields);
        RefuseTwins(each.Parts, "parts", "name", part => part.Name, fields);
        foreach (var (index, part) in each.Parts)
        {
            if (each.Ingredients.Values.Any(ingredient => ingredient.Id == part.Id))
            {
                fields.Report(
                    $"parts[{index}].id",
                    part.Id.Value,
                    "Something of the bar is known by that already.",
                    "something of its own"
                );
            }
        }
    }

    // Every ingredient as it is when it goes into a drink: what is frozen, brewed and blended too.
    private static List<Ingredient> Resolved(Each each, FieldReader fields)
    {
        List<Ingredient> all = [.. Frozen(each.Ingredients, each.Coffees, fields)];

        // Parts are blended of coffees as they are made where standards are set.
        var home = each.Stations.Values.FirstOrDefault()?.Id;
        var made = all.ConvertAll(ingredient =>
            Pull(ingredient.Id) is { } recipe ? CoffeeContent.Of(ingredient, recipe)
            : each.Coffees.Values.FirstOrDefault(coffee => coffee.Makes == ingredient.Id) is { } brew
                ? CoffeeContent.Of(ingredient, brew)
            : ingredient
        );
        all.AddRange(new PartResolver(made, each.Parts, fields).Resolve());
        return all;

        EspressoRecipe? Pull(IngredientId id) =>
            each.Espresso.Values.FirstOrDefault(recipe =>
                recipe.Makes == id && recipe.Station is not null && recipe.Station == home
            ) ?? each.Espresso.Values.FirstOrDefault(recipe => recipe.Makes == id && recipe.Station is null);
    }

    // What coffee recipes, dispensers and espresso recipes make and hold is there, and is what they can make and hold.
    private static void RefuseWrongKinds(Each each, Dictionary<IngredientId, IngredientKind> kinds, FieldReader fields)
    {
        foreach (var (index, coffee) in each.Coffees)
        {
            Refuse(
                $"coffees[{index}].ingredient",
                coffee.Makes,
                kind => kind == IngredientKind.Coffee,
                "A coffee recipe makes coffee.",
                "an ingredient of the kind coffee"
            );
        }

        foreach (var (index, dispenser) in each.Dispensers)
        {
            Refuse(
                $"dispensers[{index}].ingredient",
                dispenser.Holds,
                kind => kind is not (IngredientKind.Ice or IngredientKind.Espresso),
                "A dispenser cannot hold that.",
                "anything that is not espresso or ice"
            );
        }

        foreach (var (index, recipe) in each.Espresso)
        {
            Refuse(
                $"espresso[{index}].ingredient",
                recipe.Makes,
                kind => kind == IngredientKind.Espresso,
                "An espresso recipe makes espresso.",
                "an ingredient of the kind espresso"
            );
        }

        void Refuse(string field, IngredientId id, Func<IngredientKind, bool> isRight, string says, string accepted)
        {
            if (!kinds.TryGetValue(id, out var kind))
            {
                fields.Report(
                    field,
                    id.Value,
                    $"The bar has no ingredient '{Problem.Shorten(id.Value)}'.",
                    "an ingredient of the bar"
                );
            }
            else if (!isRight(kind))
            {
                fields.Report(field, id.Value, says, accepted);
            }
        }
    }

    // What the house begins new builds with is there.
    private static void RefuseUnknownBeginnings(HouseRules rules, Each each, List<Ingredient> all, FieldReader fields)
    {
        Refuse(
            "espresso",
            rules.Espresso,
            "espresso recipe",
            each.Espresso.Values.Select(recipe => (recipe.Id, recipe.Name))
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
            each.Foams.Values.Where(level => !level.IsCold).Select(level => (level.Id.Value, level.Name))
        );

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

    // Each fact that could be read by itself, under its place in the document.
    private sealed record Each(
        SortedList<int, Cup> Cups,
        SortedList<int, Ingredient> Ingredients,
        SortedList<int, Dispenser> Dispensers,
        SortedList<int, EspressoRecipe> Espresso,
        SortedList<int, CoffeeBase> Coffees,
        SortedList<int, FoamLevel> Foams,
        SortedList<int, Pitcher> Pitchers,
        SortedList<int, Part> Parts,
        SortedList<int, Station> Stations,
        SortedList<int, HouseRules> House
    )
    {
        public static Each Read(BarDocument document, FieldReader fields)
        {
            var ingredients = ReadAll(BarKinds.Ingredients, document, IngredientReader.Read, fields);
            return new(
                ReadAll(BarKinds.Cups, document, CupReader.Read, fields),
                ingredients,
                ReadAll(BarKinds.Dispensers, document, DispenserReader.Read, fields),
                ReadAll(
                    BarKinds.Espresso,
                    document,
                    (recipe, path) =>
                        EspressoReader.Read(
                            recipe,
                            path,
                            ingredients.Values.FirstOrDefault(made => made.Id.Value == recipe.Ingredient)?.Density
                        ),
                    fields
                ),
                ReadAll(BarKinds.Coffees, document, CoffeeBaseReader.Read, fields),
                ReadAll(BarKinds.Foams, document, FoamReader.Read, fields),
                ReadAll(BarKinds.Pitchers, document, PitcherReader.Read, fields),
                ReadAll(BarKinds.Parts, document, PartReader.Read, fields),
                ReadAll(BarKinds.Stations, document, StationReader.Read, fields),
                ReadAll(BarKinds.House, document, HouseReader.Read, fields)
            );
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
}
