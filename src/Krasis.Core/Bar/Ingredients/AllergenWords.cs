using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>The sentences about allergens, for every page, card and file. They never say that a drink is free from
/// something.</summary>
public static class AllergenWords
{
    /// <summary>For a drink whose labels were all read and list no allergen.</summary>
    public const string NoneListed = "none listed on the labels";

    /// <summary>Stands behind every list, because shared equipment carries traces.</summary>
    public const string Traces = "Traces are always possible.";

    /// <summary>Lists the contained allergens, the possible traces, and the ingredients with an unread label.</summary>
    /// <param name="contains">The names of the contained allergens.</param>
    /// <param name="mayContain">The names of the possible traces.</param>
    /// <param name="unread">The ingredients with an unread label.</param>
    public static string Says(
        IReadOnlyCollection<string> contains,
        IReadOnlyCollection<string> mayContain,
        IReadOnlyCollection<string> unread
    )
    {
        var said = string.Join(
            "; ",
            new[]
            {
                string.Join(", ", contains),
                mayContain.Count == 0 ? "" : $"may contain {string.Join(", ", mayContain)}",
                unread.Count == 0 ? "" : $"unknown for: {string.Join(", ", unread)}",
            }.Where(part => part.Length > 0)
        );
        return said.Length > 0 ? said : NoneListed;
    }

    /// <summary>The sentence for a single ingredient.</summary>
    public static string Sentence(Ingredient ingredient)
    {
        var found = AllergenNaming.Of(ingredient.Allergens.Contains, ingredient.Allergens.MayContain);
        return Sentence(
            Says(
                [.. found.Where(one => !one.IsTrace).Select(one => one.Name)],
                [.. found.Where(one => one.IsTrace).Select(one => one.Name)],
                ingredient.Allergens.IsRead ? [] : [ingredient.Name]
            )
        );
    }

    /// <summary>The sentence for one size.</summary>
    /// <param name="says">Its list from <see cref="Says"/>.</param>
    public static string Sentence(string says) => $"Allergens: {says}. {Traces}";

    /// <summary>The sentences for several sizes. If all sizes have the same allergens, it is one sentence. If not, each
    /// sentence names its sizes.</summary>
    /// <param name="sizes">The name of each size, with its list from <see cref="Says"/>.</param>
    public static IReadOnlyList<string> Sentences(IReadOnlyList<(string Name, string Says)> sizes)
    {
        var alike = sizes.GroupBy(size => size.Says).ToList();
        return alike.Count <= 1
            ? [.. alike.Select(group => Sentence(group.Key))]
            :
            [
                .. alike.Select(group => $"Allergens, {Say.List([.. group.Select(size => size.Name)])}: {group.Key}."),
                Traces,
            ];
    }
}
