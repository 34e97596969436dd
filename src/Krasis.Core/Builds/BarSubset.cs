using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;

namespace Krasis.Core.Builds;

/// <summary>Picks the facts that a build rests on, so that they can be kept with it.</summary>
public static class BarSubset
{
    /// <summary>What a build uses of a bar: its cups, its ingredients and parts with all that is in them, what gives
    /// and makes those, and the rules, foam levels and pitchers of the house whole.</summary>
    /// <remarks>What the house begins new builds with is left out: none is begun there.</remarks>
    /// <returns>A bar by which the build mixes to the same amounts as by the whole one.</returns>
    public static BarDocument For(BuildDocument build, BarDocument bar) => For([build], bar);

    /// <summary>The same for several builds together.</summary>
    /// <inheritdoc cref="For(BuildDocument, BarDocument)"/>
    public static BarDocument For(IReadOnlyList<BuildDocument> builds, BarDocument bar)
    {
        var within = Within(bar);
        var each = builds.Select(build => Needs(build, within)).ToList();
        var needs = new BarNeeds(
            each.SelectMany(one => one.Cups).ToHashSet(StringComparer.Ordinal),
            each.SelectMany(one => one.Ingredients).ToHashSet(StringComparer.Ordinal),
            each.SelectMany(one => one.Foams).ToHashSet(StringComparer.Ordinal),
            each.Exists(one => one.IsSteamed)
        );
        var begun = bar with { House = bar.House with { Espresso = null, Milk = null, Foam = null } };
        return BarKinds.All.Aggregate(begun, (kept, kind) => kind.Keep(kept, needs));
    }

    /// <summary>Whether a build rests on a fact: its cup, something in it or in its parts, what gives or makes that,
    /// the foam level of a line, the pitcher of a line that is steamed; the house rules always.</summary>
    /// <param name="build">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">The fact's id.</param>
    public static bool Uses(BuildDocument build, BarDocument bar, BarKind kind, string id) =>
        Users(bar, kind, id)(build);

    /// <summary>The same for many builds of one bar.</summary>
    /// <inheritdoc cref="Uses"/>
    public static Func<BuildDocument, bool> Users(BarDocument bar, BarKind kind, string id)
    {
        var within = Within(bar);
        var isNeeded = kind.Need(bar, id);
        return build => isNeeded(Needs(build, within));
    }

    // What each ingredient and part is made of, itself left out; the first of an id counts.
    private static ILookup<string, string> Within(BarDocument bar) =>
        bar
            .Ingredients.DistinctBy(ingredient => ingredient.Id)
            .Where(ingredient => ingredient is { Id: not null, FrozenFrom: not null })
            .Select(ingredient => (Id: ingredient.Id!, Of: ingredient.FrozenFrom!))
            .Concat(
                bar.Parts.Where(part => part.Id is not null)
                    .SelectMany(part =>
                        part.Lines.Where(line => (PartLineDocument?)line is { Ingredient: not null })
                            .Select(line => (Id: part.Id!, Of: line.Ingredient!))
                    )
            )
            .ToLookup(pair => pair.Id, pair => pair.Of, StringComparer.Ordinal);

    private static BarNeeds Needs(BuildDocument build, ILookup<string, string> within)
    {
        var used = new HashSet<string>(build.Lines.Select(line => line.Ingredient ?? ""), StringComparer.Ordinal);
        var open = new Queue<string>(used);
        while (open.TryDequeue(out var id))
        {
            foreach (var inner in within[id].Where(used.Add))
            {
                open.Enqueue(inner);
            }
        }

        return new BarNeeds(
            build.Sizes.ToHashSet(StringComparer.Ordinal),
            used,
            build.Lines.Select(line => line.Foam).OfType<string>().ToHashSet(StringComparer.Ordinal),
            build.Lines.Any(line => line.Technique == Techniques.Of(Technique.Steam))
        );
    }
}
