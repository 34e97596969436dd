using Krasis.Core.Dispensers;
using Krasis.Core.Espresso;
using Krasis.Core.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Vessels;

namespace Krasis.Core.Bar;

/// <summary>Reads a whole bar: each fact by itself, and then whether they belong together.</summary>
public static class BarReader
{
    /// <summary>Reads a bar.</summary>
    /// <returns>The facts, or every problem, under fields such as <c>dispensers[2].ingredient</c>.</returns>
    public static Reading<BarFacts> Read(BarDocument document)
    {
        var fields = new FieldReader();
        var cups = ReadAll(document.Cups, "cups", CupReader.Read, fields);
        var ingredients = ReadAll(document.Ingredients, "ingredients", IngredientReader.Read, fields);
        var dispensers = ReadAll(document.Dispensers, "dispensers", DispenserReader.Read, fields);
        var espresso = ReadAll(document.Espresso, "espresso", EspressoReader.Read, fields);
        var house = HouseReader.Read(document.House, "house");
        fields.Take(house.Problems);
        if (fields.Problems.Count > 0)
        {
            // What cannot be read cannot be missed: a pump whose syrup is written wrongly has a syrup.
            return Reading<BarFacts>.Failed(fields.Problems);
        }

        RefuseTwins(cups, "cups", "id", cup => cup.Id.Value, fields);
        RefuseTwins(ingredients, "ingredients", "id", ingredient => ingredient.Id.Value, fields);
        RefuseTwins(dispensers, "dispensers", "id", dispenser => dispenser.Id, fields);
        RefuseTwins(espresso, "espresso", "id", recipe => recipe.Id, fields);
        RefuseTwins(cups, "cups", "name", cup => cup.Name, fields);
        RefuseTwins(ingredients, "ingredients", "name", ingredient => ingredient.Name, fields);
        RefuseTwins(dispensers, "dispensers", "ingredient", dispenser => dispenser.Holds.Value, fields);
        RefuseTwins(espresso, "espresso", "ingredient", recipe => recipe.Makes.Value, fields);

        var kinds = ingredients.Values.GroupBy(ingredient => ingredient.Id).ToDictionary(group => group.Key, group => group.First().Kind);
        foreach (var (index, dispenser) in dispensers)
        {
            if (!kinds.TryGetValue(dispenser.Holds, out var kind))
            {
                Missing(fields, $"dispensers[{index}].ingredient", dispenser.Holds);
            }
            else if (kind is IngredientKind.Ice or IngredientKind.Espresso)
            {
                fields.Report($"dispensers[{index}].ingredient", dispenser.Holds.Value, "A pump cannot hold that.", "a liquid that is not espresso");
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
                fields.Report($"espresso[{index}].ingredient", recipe.Makes.Value, "An espresso recipe makes espresso.", "an ingredient of the kind espresso");
            }
        }

        return fields.Finish(() => new BarFacts(
            [.. cups.Values], [.. ingredients.Values], [.. dispensers.Values], [.. espresso.Values], house.Value));
    }

    private static SortedList<int, T> ReadAll<TDocument, T>(
        IReadOnlyList<TDocument> documents, string path, Func<TDocument, string, Reading<T>> read, FieldReader fields)
    {
        var found = new SortedList<int, T>();
        for (var i = 0; i < documents.Count; i++)
        {
            var reading = read(documents[i], $"{path}[{i}]");
            fields.Take(reading.Problems);
            if (reading.IsRead)
            {
                found.Add(i, reading.Value);
            }
        }

        return found;
    }

    private static void RefuseTwins<T>(
        SortedList<int, T> items, string path, string field, Func<T, string> key, FieldReader fields)
    {
        var first = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var (index, item) in items)
        {
            if (!first.TryAdd(key(item), index))
            {
                var accepted = field == "ingredient" ? "an ingredient that no other has" : $"a {field} of its own";
                fields.Report($"{path}[{index}].{field}", key(item), $"Another entry already has this {field}.", accepted);
            }
        }
    }

    private static void Missing(FieldReader fields, string field, IngredientId id) =>
        fields.Report(field, id.Value, $"The bar has no ingredient '{Problem.Shorten(id.Value)}'.", "the id of an ingredient of the bar");
}
