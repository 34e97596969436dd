using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Core.Builds;

/// <summary>Picks the facts that a build rests on, so that they can be kept with it.</summary>
public static class BarSubset
{
    /// <summary>What a build uses of a bar: its cups, its ingredients and parts with all that is in them, what gives and makes
    /// those, and the rules, foam levels and pitchers of the house whole.</summary>
    /// <returns>A bar by which the build mixes to the same amounts as by the whole one.</returns>
    public static BarDocument For(BuildDocument build, BarDocument bar)
    {
        var needs = Needs(build, bar);
        return BarKinds.All.Aggregate(bar, (kept, kind) => kind.Keep(kept, needs));
    }

    /// <summary>Whether a build rests on a fact: its cup, something in it or in its parts, what gives or makes that, the foam
    /// level of a line, the pitcher of a line that is steamed; the house rules always.</summary>
    /// <param name="build">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">The fact's id.</param>
    public static bool Uses(BuildDocument build, BarDocument bar, BarKind kind, string id) => kind.IsNeeded(bar, id, Needs(build, bar));

    private static BarNeeds Needs(BuildDocument build, BarDocument bar)
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

        return new BarNeeds(
            build.Sizes.ToHashSet(StringComparer.Ordinal),
            used,
            build.Lines.Select(line => line.Foam).OfType<string>().ToHashSet(StringComparer.Ordinal),
            build.Lines.Any(line => line.Technique == Techniques.Of(Technique.Steam)));
    }
}
