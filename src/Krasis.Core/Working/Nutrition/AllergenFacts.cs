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
        says ??= AllergenWords.Says(
            [.. Found.Where(found => !found.IsTrace).Select(found => found.Name)],
            [.. Found.Where(found => found.IsTrace).Select(found => found.Name)],
            Unknown
        );

    /// <summary>The allergens of what is poured into a size, of what is on top and on the glass too.</summary>
    internal static AllergenFacts Of(WorkedSize size) => Of(size.Lines);

    /// <summary>The allergens of some lines by themselves.</summary>
    internal static AllergenFacts Of(IEnumerable<WorkedLine> lines)
    {
        var poured = lines.Where(line => line.IsPoured).ToList();
        var contains = By(line => line.Ingredient.Allergens.Contains);
        var traces = By(line => line.Ingredient.Allergens.MayContain);
        return new AllergenFacts(
            [
                .. AllergenNaming
                    .Of(contains.Keys, traces.Keys)
                    .Select(found => new AllergenTrace(
                        found.Allergen,
                        found.Name,
                        AllergenLists.UsNine.Contains(found.Allergen),
                        AllergenLists.EuFourteen.Contains(found.Allergen),
                        found.IsTrace,
                        [.. (found.IsTrace ? traces : contains)[found.Allergen].Select(line => line.Line.Id)],
                        [.. (found.IsTrace ? traces : contains)[found.Allergen].Select(line => line.Ingredient.Name)]
                    )),
            ],
            [.. poured.Where(line => !line.Ingredient.Allergens.IsRead).Select(line => line.Ingredient.Name).Distinct()]
        );

        Dictionary<Allergen, List<WorkedLine>> By(Func<WorkedLine, IReadOnlySet<Allergen>> of)
        {
            var found = new Dictionary<Allergen, List<WorkedLine>>();
            foreach (var line in poured)
            {
                foreach (var allergen in of(line))
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
}
