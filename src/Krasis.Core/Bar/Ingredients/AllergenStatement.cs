namespace Krasis.Core.Bar.Ingredients;

/// <summary>The allergens of an ingredient, as far as anybody knows them.</summary>
/// <param name="Contains">The allergens listed as contained, from a read label or not.</param>
/// <param name="MayContain">The allergens listed as possible traces.</param>
/// <param name="IsRead">Whether somebody has read the label. If not, there may be any other allergen in it.</param>
public sealed record AllergenStatement(
    IReadOnlySet<Allergen> Contains,
    IReadOnlySet<Allergen> MayContain,
    bool IsRead = true
)
{
    /// <summary>No allergens, such as for water.</summary>
    public static AllergenStatement None { get; } = new(new HashSet<Allergen>(), new HashSet<Allergen>());

    /// <summary>No list, and an unread label.</summary>
    public static AllergenStatement Unread { get; } = None with { IsRead = false };

    /// <summary>Whether the label is unread and nothing is listed either.</summary>
    public bool SaysNothing => !IsRead && Contains.Count + MayContain.Count == 0;

    /// <summary>The statement for a mix of two ingredients. It counts as read only if both labels are.</summary>
    public AllergenStatement With(AllergenStatement other) =>
        new(
            new HashSet<Allergen>(Contains.Concat(other.Contains)),
            new HashSet<Allergen>(MayContain.Concat(other.MayContain)),
            IsRead && other.IsRead
        );

    /// <summary>Whether one allergen is in it.</summary>
    public Presence Of(Allergen allergen) =>
        Contains.Contains(allergen) ? Presence.Contains
        : MayContain.Contains(allergen) ? Presence.MayContain
        : IsRead ? Presence.NotNamed
        : Presence.Unknown;
}

/// <summary>Whether an allergen is in something, the least worrying first.</summary>
public enum Presence
{
    /// <summary>Somebody read the label, and it does not name the allergen. That is not a promise.</summary>
    NotNamed,

    /// <summary>The label is unread.</summary>
    Unknown,

    /// <summary>There may be traces of it.</summary>
    MayContain,

    /// <summary>It is in it.</summary>
    Contains,
}
