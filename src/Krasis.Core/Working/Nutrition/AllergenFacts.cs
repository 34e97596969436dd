using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Nutrition;

/// <summary>The allergens of a drink. Never a promise that it is free from anything.</summary>
/// <param name="Found">What is in it, and then what may be.</param>
/// <param name="Unknown">The ingredients on which nobody has read the label, in pour order.</param>
public sealed record AllergenFacts(IReadOnlyList<AllergenTrace> Found, IReadOnlyList<string> Unknown)
{
    /// <summary>The allergens of what is poured into a size.</summary>
    internal static AllergenFacts Of(WorkedSize size)
    {
        var contains = new SortedDictionary<Allergen, List<int>>();
        var traces = new SortedDictionary<Allergen, List<int>>();
        var unknown = new List<string>();
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var ingredient = size.Lines[i].Ingredient;
            if (size.Amounts[i] <= 0)
            {
                continue;
            }

            if (ingredient.Allergens is not { } allergens)
            {
                if (!unknown.Contains(ingredient.Name))
                {
                    unknown.Add(ingredient.Name);
                }

                continue;
            }

            Note(contains, allergens.Contains, i);
            Note(traces, allergens.MayContain, i);
        }

        return new AllergenFacts(
            [
                .. contains.Select(found => Trace(found.Key, false, found.Value)),
                .. traces.Where(found => !contains.ContainsKey(found.Key)).Select(found => Trace(found.Key, true, found.Value)),
            ],
            unknown);

        AllergenTrace Trace(Allergen allergen, bool isTrace, List<int> lines) => new(
            allergen,
            AllergenLists.Say(allergen),
            AllergenLists.UsNine.Contains(allergen),
            AllergenLists.EuFourteen.Contains(allergen),
            isTrace,
            [.. lines.Select(i => size.Lines[i].Line.Id)],
            [.. lines.Select(i => size.Lines[i].Ingredient.Name)]);

        static void Note(SortedDictionary<Allergen, List<int>> found, IReadOnlySet<Allergen> allergens, int line)
        {
            foreach (var allergen in allergens)
            {
                if (!found.TryGetValue(allergen, out var lines))
                {
                    found[allergen] = lines = [];
                }

                lines.Add(line);
            }
        }
    }
}
