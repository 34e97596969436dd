using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Changing.Transforming;

/// <summary>What a guest asks for of a drink that is on the board.</summary>
public sealed record GuestWish
{
    /// <summary>The milk to take in the place of every milk; null to leave them.</summary>
    public IngredientId? Milk { get; init; }

    /// <summary>75, 50 or 25: the share of the sweetness that stays, %; null for all of it.</summary>
    public double? Sweet { get; init; }

    /// <summary>How many shots more, from 0 to <see cref="GuestWishes.MostShots"/>.</summary>
    public int Shots { get; init; }

    /// <summary>Whether without caffeine.</summary>
    public bool Decaf { get; init; }

    /// <summary>Whether without what stands on top.</summary>
    public bool NoTop { get; init; }

    /// <summary>Whether nothing is asked for.</summary>
    public bool IsNone => this == new GuestWish();
}
