using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Nutrition;

/// <summary>The allergens of a drink. Never a promise that it is free from anything.</summary>
/// <param name="Found">What is in it, and then what may be; nuts and cereals with their species.</param>
/// <param name="Unknown">The ingredients on which nobody has read the label, in pour order.</param>
public sealed record AllergenFacts(IReadOnlyList<AllergenTrace> Found, IReadOnlyList<string> Unknown)
{
    private string? says;

    /// <summary>All of it in words: what it contains, what it may contain, and whose label nobody has read. Put
    /// together when it is asked for, once.</summary>
    public string Says =>
        says ??= string.Join(
            "; ",
            new[]
            {
                string.Join(", ", Found.Where(found => !found.IsTrace).Select(found => found.Name)),
                Told("may contain", [.. Found.Where(found => found.IsTrace).Select(found => found.Name)]),
                Told("not read:", Unknown),
            }.Where(part => part.Length > 0)
        )
            is { Length: > 0 } words
            ? words
            : "none on the labels";

    /// <summary>The allergens of what is poured into a size, of what is on top and on the glass too.</summary>
    internal static AllergenFacts Of(WorkedSize size) => Of(size.Lines);

    /// <summary>The allergens of some lines by themselves.</summary>
    internal static AllergenFacts Of(IEnumerable<WorkedLine> lines)
    {
        var poured = lines.Where(line => line.IsPoured).ToList();
        var contains = By(line => line.Ingredient.Allergens?.Contains);
        var traces = By(line => line.Ingredient.Allergens?.MayContain);
        return new AllergenFacts(
            [
                .. contains
                    .Where(found => IsNamed(found.Key))
                    .Select(found => Trace(found.Key, false, found.Value, contains)),
                .. traces
                    .Where(found => IsNamed(found.Key) && !contains.ContainsKey(found.Key))
                    .Select(found => Trace(found.Key, true, found.Value, traces)),
            ],
            [.. poured.Where(line => line.Ingredient.Allergens is null).Select(line => line.Ingredient.Name).Distinct()]
        );

        SortedDictionary<Allergen, List<WorkedLine>> By(Func<WorkedLine, IReadOnlySet<Allergen>?> of)
        {
            var found = new SortedDictionary<Allergen, List<WorkedLine>>();
            foreach (var line in poured)
            {
                if (of(line) is not { Count: > 0 } brought)
                {
                    continue;
                }

                foreach (var allergen in brought)
                {
                    if (!found.TryGetValue(allergen, out var bringing))
                    {
                        found[allergen] = bringing = [];
                    }

                    bringing.Add(line);
                }
            }

            return found;
        }
    }

    private static string Told(string how, IReadOnlyList<string> names) =>
        names.Count == 0 ? "" : $"{how} {string.Join(", ", names)}";

    // A species is told with what it is one of.
    private static bool IsNamed(Allergen allergen) =>
        AllergenLists.UsNine.Contains(allergen) || AllergenLists.EuFourteen.Contains(allergen);

    private static AllergenTrace Trace(
        Allergen allergen,
        bool isTrace,
        List<WorkedLine> lines,
        SortedDictionary<Allergen, List<WorkedLine>> all
    )
    {
        var species = all
            .Keys.Where(other => other != allergen && AllergenLists.WithFamily(other).Contains(allergen))
            .Select(AllergenLists.Say)
            .ToList();
        var name = AllergenLists.Say(allergen);
        return new AllergenTrace(
            allergen,
            species.Count == 0 ? name : $"{name} ({string.Join(", ", species)})",
            AllergenLists.UsNine.Contains(allergen),
            AllergenLists.EuFourteen.Contains(allergen),
            isTrace,
            [.. lines.Select(line => line.Line.Id)],
            [.. lines.Select(line => line.Ingredient.Name)]
        );
    }
}
