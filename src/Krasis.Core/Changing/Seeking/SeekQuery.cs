using System.Text.RegularExpressions;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Seeking;

/// <summary>What somebody looks for among the builds: words, allergens, and what a drink is to be without. It never
/// promises that a drink is free from anything.</summary>
public sealed partial class SeekQuery
{
    private static readonly Dictionary<string, Allergen[]> Allergens = new(StringComparer.Ordinal)
    {
        ["nut"] = [Allergen.TreeNuts, Allergen.Peanuts],
        ["nuts"] = [Allergen.TreeNuts, Allergen.Peanuts],
        ["treenut"] = [Allergen.TreeNuts],
        ["treenuts"] = [Allergen.TreeNuts],
        ["peanut"] = [Allergen.Peanuts],
        ["peanuts"] = [Allergen.Peanuts],
        ["dairy"] = [Allergen.Milk],
        ["milk"] = [Allergen.Milk],
        ["lactose"] = [Allergen.Milk],
        ["egg"] = [Allergen.Eggs],
        ["eggs"] = [Allergen.Eggs],
        ["fish"] = [Allergen.Fish],
        ["shellfish"] = [Allergen.Crustaceans, Allergen.Molluscs],
        ["gluten"] = [Allergen.Gluten, Allergen.Wheat],
        ["wheat"] = [Allergen.Wheat],
        ["soya"] = [Allergen.Soya],
        ["soy"] = [Allergen.Soya],
        ["sesame"] = [Allergen.Sesame],
        ["celery"] = [Allergen.Celery],
        ["mustard"] = [Allergen.Mustard],
        ["sulphites"] = [Allergen.Sulphites],
        ["sulfites"] = [Allergen.Sulphites],
        ["lupin"] = [Allergen.Lupin],
    };

    private static readonly Allergen[] OfAnimals =
    [
        Allergen.Milk,
        Allergen.Eggs,
        Allergen.Fish,
        Allergen.Crustaceans,
        Allergen.Molluscs,
    ];

    // What is of an animal and no allergen.
    private static readonly string[] AnimalWords = ["honey", "gelatine", "gelatin", "marshmallow", "marshmallows"];

    private readonly List<string> words = [];
    private readonly List<(string Said, Allergen[] Are)> with = [];
    private readonly List<(string Said, Allergen[] Are)> without = [];
    private bool isVegan;

    private SeekQuery() { }

    /// <summary>Whether nothing is looked for.</summary>
    public bool IsEmpty => words.Count + with.Count + without.Count == 0 && !isVegan;

    /// <summary>Reads what was typed: words, of which all have to be there by their beginnings; <c>nuts</c>,
    /// <c>contains milk</c>; <c>without nuts</c>, <c>no dairy</c>, <c>dairy-free</c>, <c>free from gluten</c>;
    /// <c>vegan</c>.</summary>
    public static SeekQuery Read(string? text)
    {
        var query = new SeekQuery();
        var rest = Without()
            .Replace((text ?? "").ToLowerInvariant().Replace("tree nut", "treenut", StringComparison.Ordinal), match =>
            {
                var said = match.Groups["of"].Success ? match.Groups["of"].Value : match.Groups["is"].Value;
                if (!Allergens.TryGetValue(said, out var are))
                {
                    return match.Value;
                }

                query.without.Add((said, are));
                return " ";
            });
        foreach (var word in WordsOf(rest))
        {
            if (word == "vegan")
            {
                query.isVegan = true;
            }
            else if (Allergens.TryGetValue(word, out var are))
            {
                query.with.Add((word, are));
            }
            else if (word is not ("contains" or "with" or "and"))
            {
                query.words.Add(word);
            }
        }

        return query;
    }

    /// <summary>The words of a text, in lower case.</summary>
    public static IEnumerable<string> WordsOf(string text) =>
        Word().Matches(text.ToLowerInvariant()).Select(match => match.Value);

    /// <summary>Whether a build is what is looked for, and why; null when it is not.</summary>
    public Match? Of(SoughtFacts build)
    {
        if (!words.TrueForAll(word => build.Words.Any(has => has.StartsWith(word, StringComparison.Ordinal))))
        {
            return null;
        }

        List<string> why = [];
        var isKnown = true;
        foreach (var (said, are) in with)
        {
            var (contains, may) = (From(build.Contains, are), From(build.MayContain, are));
            if (contains.Count > 0)
            {
                why.Add($"contains {Names(build.Contains, are)}: {Say.List(contains)}");
            }
            else if (may.Count > 0)
            {
                why.Add($"may contain {Names(build.MayContain, are)}: {Say.List(may)}");
            }
            else if (build.Unread.Count > 0)
            {
                why.Add($"{said} unknown for {Say.List(build.Unread)}");
                isKnown = false;
            }
            else if (!build.Words.Any(has => has.StartsWith(said, StringComparison.Ordinal)))
            {
                return null;
            }
        }

        foreach (var (said, are) in without)
        {
            if (From(build.Contains, are).Count + From(build.MayContain, are).Count > 0)
            {
                return null;
            }

            isKnown &= NoneRead(said, build, why);
        }

        if (isVegan)
        {
            if (From(build.Contains, OfAnimals).Count > 0 || AnimalWords.Any(build.Words.Contains))
            {
                return null;
            }

            if (From(build.MayContain, OfAnimals) is { Count: > 0 } may)
            {
                why.Add($"may contain {Names(build.MayContain, OfAnimals)}: {Say.List(may)}");
            }

            isKnown &= NoneRead("anything of an animal", build, why);
        }

        return new Match(why.Count == 0 ? null : $"{char.ToUpperInvariant(why[0][0])}{Say.List(why)[1..]}.", isKnown);
    }

    // What has been read lists none; that is all that can be said.
    private static bool NoneRead(string what, SoughtFacts build, List<string> why)
    {
        why.Add(
            build.Unread.Count > 0
                ? $"{what} unknown for {Say.List(build.Unread)}"
                : $"no label lists {what}; shared equipment carries traces"
        );
        return build.Unread.Count == 0;
    }

    private static List<string> From(IReadOnlyDictionary<Allergen, IReadOnlyList<string>> found, Allergen[] are) =>
        [.. are.SelectMany(allergen => found.GetValueOrDefault(allergen, [])).Distinct()];

    private static string Names(IReadOnlyDictionary<Allergen, IReadOnlyList<string>> found, Allergen[] are) =>
        Say.List([.. are.Where(found.ContainsKey).Select(AllergenLists.Say)]);

    [GeneratedRegex(
        @"\b(?:without|no|free\s+(?:of|from))\s+(?<of>\p{L}+)|\b(?<is>\p{L}+)[\s-]free\b",
        RegexOptions.CultureInvariant
    )]
    private static partial Regex Without();

    [GeneratedRegex(@"[\p{L}\p{N}]+", RegexOptions.CultureInvariant)]
    private static partial Regex Word();
}
