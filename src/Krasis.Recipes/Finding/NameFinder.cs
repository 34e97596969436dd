using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Likeness;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Finding;

/// <summary>Finds the house's ingredients among the words of a recipe.</summary>
/// <param name="bar">The bar.</param>
/// <param name="parts">The ids of what the house makes itself.</param>
/// <param name="choices">What somebody has said that names mean here.</param>
internal sealed class NameFinder(BarFacts bar, IReadOnlySet<string> parts, IReadOnlyList<NameChoice> choices)
{
    // Common practice, no source: from here on two names are of one thing, or may be (held by texts of our own).
    private const double Surely = 0.85,
        Perhaps = 0.55,
        Nearly = 0.08;

    private const int LongestName = 7;

    // What says only of what sort it is.
    private static readonly Dictionary<string, IngredientKind> Sorts = new(StringComparer.OrdinalIgnoreCase)
    {
        ["milk"] = IngredientKind.Milk,
        ["espresso"] = IngredientKind.Espresso,
        ["espressos"] = IngredientKind.Espresso,
        ["expresso"] = IngredientKind.Espresso,
        ["esp"] = IngredientKind.Espresso,
        ["shot"] = IngredientKind.Espresso,
        ["shots"] = IngredientKind.Espresso,
        ["ice"] = IngredientKind.Ice,
        ["cubes"] = IngredientKind.Ice,
        ["water"] = IngredientKind.Water,
        ["tea"] = IngredientKind.Tea,
    };

    private readonly IReadOnlyList<string> own =
    [
        .. bar
            .Ingredients.SelectMany(ingredient => ingredient.Name.Split(' '))
            .Concat(choices.SelectMany(choice => choice.Said.Split(' ')))
            .Concat(Sorts.Keys)
            .Distinct(StringComparer.OrdinalIgnoreCase),
    ];
    private readonly Dictionary<string, bool> near = new(StringComparer.OrdinalIgnoreCase);
    private readonly Dictionary<string, FoundName?> remembered = new(StringComparer.OrdinalIgnoreCase);

    /// <summary>The ingredients that words name, in the order in which they stand.</summary>
    /// <param name="words">The words.</param>
    /// <param name="mayName">Whether a word may be of a name by itself; others only stand within names.</param>
    public IReadOnlyList<FoundName> Find(IReadOnlyList<string> words, Func<int, bool> mayName)
    {
        var found = new List<FoundName>();
        Within(words, mayName, 0, words.Count, found);

        // "Espresso shots": one thing, said twice.
        for (var i = found.Count - 1; i > 0; i--)
        {
            if (
                found[i].Ingredient == found[i - 1].Ingredient
                && found[i - 1].From + found[i - 1].Count == found[i].From
            )
            {
                found[i - 1] = found[i - 1] with
                {
                    Count = found[i - 1].Count + found[i].Count,
                    Doubt = found[i - 1].Doubt is null || found[i].Doubt is null ? null : found[i].Doubt,
                };
                found.RemoveAt(i);
            }
        }

        return found;
    }

    /// <summary>The ingredient of a sort: the only one that is called by the sort's own word, such as the one milk
    /// among drinks of oats and coconuts; where there are several or none, the bar's first, with doubt.</summary>
    public FoundName? OfSort(IngredientKind kind)
    {
        var all = bar.Ingredients.Where(ingredient => ingredient.Kind == kind).ToList();
        var plain = all.Where(ingredient =>
                ingredient.Name.Split(' ', '-') is var words
                && words.Contains(kind.ToString(), StringComparer.OrdinalIgnoreCase)
                && !words.Any(word =>
                    word.ToLowerInvariant()
                        is "coffee"
                            or "decaf"
                            or "condensed"
                            or "evaporated"
                            or "oat"
                            or "soya"
                            or "soy"
                            or "almond"
                            or "coconut"
                )
                && !parts.Contains(ingredient.Id.Value)
            )
            .ToList();
        return all.Count == 0 ? null
            : all.Count == 1 || plain.Count == 1 ? new FoundName(0, 0, plain.FirstOrDefault() ?? all[0], null)
            : new FoundName(0, 0, all[0], $"taken for {all[0].Name}: the bar has others");
    }

    private void Within(IReadOnlyList<string> words, Func<int, bool> mayName, int from, int to, List<FoundName> found)
    {
        if (Best(words, mayName, from, to) is not { } best)
        {
            return;
        }

        Within(words, mayName, from, best.From, found);
        found.Add(best);
        Within(words, mayName, best.From + best.Count, to, found);
    }

    // The longest name that is one for sure, else the longest that may be one.
    private FoundName? Best(IReadOnlyList<string> words, Func<int, bool> mayName, int from, int to)
    {
        FoundName? perhaps = null;

        // A name begins and ends with a word that is in one of the house's.
        var isNear = Enumerable.Range(from, to - from).Select(at => IsNear(words[at])).ToList();
        for (var count = Math.Min(LongestName, to - from); count > 0; count--)
        {
            for (var start = from; start + count <= to; start++)
            {
                if (!isNear[start - from] || !isNear[start + count - 1 - from] || (count == 1 && !mayName(start)))
                {
                    continue;
                }

                var named = Of(string.Join(' ', words.Skip(start).Take(count)));
                if (named is null || (!Enumerable.Range(start, count).Any(mayName) && named.Doubt is not null))
                {
                    continue;
                }

                named = named with { From = start, Count = count };
                if (named.Doubt is null)
                {
                    // What is said besides makes it doubtful, and is of it all the same: oat milk, of which the house
                    // has a drink.
                    return
                        perhaps is not null
                        && perhaps.Ingredient == named.Ingredient
                        && perhaps.From <= start
                        && perhaps.From + perhaps.Count >= start + count
                        ? perhaps
                        : named;
                }

                perhaps ??= named;
            }
        }

        return perhaps;
    }

    private bool IsNear(string word)
    {
        if (!near.TryGetValue(word, out var known))
        {
            near[word] = known = word.Length <= 40 && own.Any(one => NameLikeness.Of(word, one) > 0);
        }

        return known;
    }

    private FoundName? Of(string said)
    {
        if (!remembered.TryGetValue(said, out var known))
        {
            remembered[said] = known = Look(said);
        }

        return known;
    }

    private FoundName? Look(string said)
    {
        if (
            choices.FirstOrDefault(choice => string.Equals(choice.Said, said, StringComparison.OrdinalIgnoreCase))
                is { } chosen
            && bar.Find(new IngredientId(chosen.Ingredient)) is { } own
        )
        {
            return new FoundName(0, 0, own, null);
        }

        if (Sorts.TryGetValue(said, out var kind))
        {
            return OfSort(kind);
        }

        var ranked = bar
            .Ingredients.Select(ingredient =>
                (
                    Ingredient: ingredient,
                    Like: NameLikeness.Of(said, ingredient.Name),
                    IsShort: NameLikeness.IsShortFor(said, ingredient.Name)
                )
            )
            .OrderByDescending(one => one.Like)
            .ToList();
        if (ranked.Count == 0)
        {
            return null;
        }

        var best = ranked[0];
        var holders = ranked.Where(one => NameLikeness.IsWithin(said, one.Ingredient.Name)).ToList();
        if (holders is [{ } holder] && best.Like < Surely)
        {
            return new FoundName(
                0,
                0,
                holder.Ingredient,
                NameLikeness.IsSort(said) ? $"taken for {holder.Ingredient.Name}" : null
            );
        }

        var others = ranked
            .Skip(1)
            .Where(other => other.Like >= best.Like - Nearly || (best.Like < Surely && best.IsShort && other.IsShort))
            .Select(other => other.Ingredient.Name)
            .ToList();
        return best.Like < Perhaps && !best.IsShort ? null
            : others.Count > 0 && best.Like < 0.99
                ? new FoundName(0, 0, best.Ingredient, $"taken for {best.Ingredient.Name}, and could be {others[0]}")
            : best.Like >= Surely || best.IsShort ? new FoundName(0, 0, best.Ingredient, null)
            : new FoundName(0, 0, best.Ingredient, $"taken for {best.Ingredient.Name}");
    }
}
