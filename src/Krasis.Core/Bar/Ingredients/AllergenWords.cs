using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>How allergens are told, wherever they are: what is in a drink, what may be, what nobody knows, in which
/// sizes, and that traces are always possible. Never that a drink is free from something.</summary>
public static class AllergenWords
{
    /// <summary>What is said where every label was read and none names one.</summary>
    public const string NoneListed = "none listed on the labels";

    /// <summary>What is always true: shared equipment carries traces.</summary>
    public const string Traces = "Traces are always possible.";

    /// <summary>What is told of something: what it contains, what it may contain, and whose label nobody has
    /// read.</summary>
    /// <param name="contains">The names of what is in it.</param>
    /// <param name="mayContain">The names of what may be.</param>
    /// <param name="unread">What nobody has read the label of.</param>
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

    /// <summary>What is told of an ingredient by itself, in no drink, as a sentence.</summary>
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

    /// <summary>What is told of one size, as a sentence.</summary>
    /// <param name="says">What <see cref="Says"/> says of it.</param>
    public static string Sentence(string says) => $"Allergens: {says}. {Traces}";

    /// <summary>What is told of several sizes: one sentence where it is the same of all, and else one for those of
    /// which it is the same, by name.</summary>
    /// <param name="sizes">The sizes by name, the smallest first, each with what is told of it.</param>
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
