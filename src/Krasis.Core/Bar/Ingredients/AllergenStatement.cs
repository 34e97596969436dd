namespace Krasis.Core.Bar.Ingredients;

/// <summary>What is known of the allergens of an ingredient.</summary>
/// <param name="Contains">What is said to be in it, whether its label has been read or not.</param>
/// <param name="MayContain">What is said to be in it perhaps, as a trace.</param>
/// <param name="IsRead">Whether somebody has read the label. Where nobody has, it may hold anything besides.</param>
public sealed record AllergenStatement(
    IReadOnlySet<Allergen> Contains,
    IReadOnlySet<Allergen> MayContain,
    bool IsRead = true
)
{
    /// <summary>None at all, as of water.</summary>
    public static AllergenStatement None { get; } = new(new HashSet<Allergen>(), new HashSet<Allergen>());

    /// <summary>Nobody has looked.</summary>
    public static AllergenStatement Unread { get; } = None with { IsRead = false };

    /// <summary>Whether nothing is said at all: nobody has read the label, and nothing is listed.</summary>
    public bool SaysNothing => !IsRead && Contains.Count + MayContain.Count == 0;

    /// <summary>Both together: what one contains, both do, and both are read only if each is.</summary>
    public AllergenStatement With(AllergenStatement other) =>
        new(
            new HashSet<Allergen>(Contains.Concat(other.Contains)),
            new HashSet<Allergen>(MayContain.Concat(other.MayContain)),
            IsRead && other.IsRead
        );

    /// <summary>What can be said of one allergen.</summary>
    public Presence Of(Allergen allergen) =>
        Contains.Contains(allergen) ? Presence.Contains
        : MayContain.Contains(allergen) ? Presence.MayContain
        : IsRead ? Presence.NotNamed
        : Presence.Unknown;
}

/// <summary>Whether an allergen is in something, the least worrying first.</summary>
public enum Presence
{
    /// <summary>The label has been read and does not name it. That is no promise.</summary>
    NotNamed,

    /// <summary>Nobody has read the label.</summary>
    Unknown,

    /// <summary>The label says that there may be traces of it.</summary>
    MayContain,

    /// <summary>It is in it.</summary>
    Contains,
}
