using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Changing.Transforming;

/// <summary>What a guest asks for of a drink that is on the board.</summary>
public sealed record GuestWish
{
    /// <summary>The milk to take in the place of every milk; null to leave them.</summary>
    public IngredientId? Milk { get; init; }

    /// <summary>75, 50 or 25: the share of the sweetness that stays, %; null for all of it.</summary>
    public double? Sweet { get; init; }

    /// <summary>How many shots more, to <see cref="GuestWishes.MostShots"/>; fewer where it is negative, to minus
    /// <see cref="ShotWish.MostFewer"/>.</summary>
    public int Shots { get; init; }

    /// <summary>Whether half of its shots without caffeine.</summary>
    public bool HalfCaf { get; init; }

    /// <summary>One stroke of its first flavour more or less: 1 or -1; 0 for neither.</summary>
    public int Strokes { get; init; }

    /// <summary>The syrup to use instead of its first; null to keep that.</summary>
    public IngredientId? Syrup { get; init; }

    /// <summary>How much ice; null for its own.</summary>
    public IceWish? Ice { get; init; }

    /// <summary>How hot its milk; null as it is.</summary>
    public HeatWish? Heat { get; init; }

    /// <summary>Whether in the next larger cup, with room to spare.</summary>
    public bool BiggerCup { get; init; }

    /// <summary>Whether without caffeine.</summary>
    public bool Decaf { get; init; }

    /// <summary>Whether without what stands on top.</summary>
    public bool NoTop { get; init; }

    /// <summary>Whether nothing is asked for.</summary>
    public bool IsNone => this == new GuestWish();
}

/// <summary>How much ice a guest asks for.</summary>
public enum IceWish
{
    /// <summary>None.</summary>
    None,

    /// <summary>Half of it.</summary>
    Light,

    /// <summary>Half as much again.</summary>
    Extra,
}

/// <summary>How hot a guest asks for the milk.</summary>
public enum HeatWish
{
    /// <summary>As hot as the milk bears, and no hotter than its foam level says for it.</summary>
    Extra,

    /// <summary>For a child, as its foam level says.</summary>
    Kids,
}
