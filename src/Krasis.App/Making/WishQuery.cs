using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Transforming;

namespace Krasis.App.Making;

/// <summary>What a guest asks for, as it stands in an address or a request.</summary>
public sealed record WishQuery
{
    /// <summary>The id of the milk to take in the place of every milk.</summary>
    public string? Milk { get; init; }

    /// <summary>75, 50 or 25: the share of the sweetness that stays, %.</summary>
    public double? Sweet { get; init; }

    /// <summary>How many shots more.</summary>
    public int? Shots { get; init; }

    /// <summary>Whether without caffeine.</summary>
    public bool? Decaf { get; init; }

    /// <summary>Whether without what stands on top.</summary>
    public bool? NoTop { get; init; }

    /// <summary>The wish.</summary>
    public GuestWish Read() =>
        new()
        {
            Milk = Milk is { } milk ? new IngredientId(milk) : null,
            Sweet = Sweet,
            Shots = Shots ?? 0,
            Decaf = Decaf ?? false,
            NoTop = NoTop ?? false,
        };
}
