using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Seeking;

/// <summary>What a build can be looked for by.</summary>
/// <param name="Words">Its name, tags, cups, what goes in and how far it has come, a word each, in lower case.</param>
/// <param name="Contains">The allergens that are in it in any size, with what brings them in.</param>
/// <param name="MayContain">Those that may be in it, likewise.</param>
/// <param name="Unread">What of it nobody has read the label of.</param>
public sealed record SoughtFacts(
    IReadOnlySet<string> Words,
    IReadOnlyDictionary<Allergen, IReadOnlyList<string>> Contains,
    IReadOnlyDictionary<Allergen, IReadOnlyList<string>> MayContain,
    IReadOnlyList<string> Unread
)
{
    /// <summary>Of a build that can be worked out.</summary>
    /// <param name="document">The build.</param>
    /// <param name="sheet">The same, worked out; null when it cannot be.</param>
    /// <param name="also">What else it is found by, such as its state in words.</param>
    public static SoughtFacts Of(BuildDocument document, BuildSheet? sheet, IEnumerable<string> also)
    {
        var sizes = sheet?.Sizes ?? [];
        return new SoughtFacts(
            new[] { document.Name ?? "" }
                .Concat(document.Tags)
                .Concat(sizes.Select(size => size.Name))
                .Concat(
                    sizes
                        .SelectMany(size => size.Lines)
                        .Where(line => line.Amount > 0)
                        .Select(line => line.IngredientName)
                )
                .Concat(also)
                .SelectMany(SeekQuery.WordsOf)
                .ToHashSet(),
            Traces(isTrace: false),
            Traces(isTrace: true),
            [.. sizes.SelectMany(size => size.Inside.Allergens.Unknown).Distinct()]
        );

        Dictionary<Allergen, IReadOnlyList<string>> Traces(bool isTrace) =>
            sizes
                .SelectMany(size => size.Inside.Allergens.Found)
                .Where(found => found.IsTrace == isTrace)
                .GroupBy(found => found.Allergen)
                .ToDictionary(
                    group => group.Key,
                    IReadOnlyList<string> (group) => [.. group.SelectMany(found => found.From).Distinct()]
                );
    }
}
