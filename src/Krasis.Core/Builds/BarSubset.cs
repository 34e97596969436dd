using Krasis.Core.Bar;

namespace Krasis.Core.Builds;

/// <summary>Picks the facts that a build rests on, so that they can be kept with it.</summary>
public static class BarSubset
{
    /// <summary>What a build uses of a bar: its cups, its ingredients and parts with all that is in them, what gives and makes
    /// those, and the rules, foam levels and pitchers of the house whole.</summary>
    /// <returns>A bar by which the build mixes to the same amounts as by the whole one.</returns>
    public static BarDocument For(BuildDocument build, BarDocument bar)
    {
        var used = new HashSet<string>(build.Lines.Select(line => line.Ingredient ?? ""), StringComparer.Ordinal);
        var open = new Queue<string>(used);
        while (open.TryDequeue(out var id))
        {
            if (bar.Ingredients.FirstOrDefault(ingredient => ingredient.Id == id)?.FrozenFrom is { } coffee && used.Add(coffee))
            {
                open.Enqueue(coffee);
            }

            foreach (var line in bar.Parts.Where(part => part.Id == id).SelectMany(part => part.Lines))
            {
                if (line.Ingredient is { } inner && used.Add(inner))
                {
                    open.Enqueue(inner);
                }
            }
        }

        return bar with
        {
            Cups = [.. bar.Cups.Where(cup => build.Sizes.Contains(cup.Id))],
            Ingredients = [.. bar.Ingredients.Where(ingredient => Uses(ingredient.Id))],
            Dispensers = [.. bar.Dispensers.Where(dispenser => Uses(dispenser.Ingredient))],
            Espresso = [.. bar.Espresso.Where(recipe => Uses(recipe.Ingredient))],
            Coffees = [.. bar.Coffees.Where(coffee => Uses(coffee.Ingredient))],
            Parts = [.. bar.Parts.Where(part => Uses(part.Id))],
        };

        bool Uses(string? id) => id is not null && used.Contains(id);
    }
}
