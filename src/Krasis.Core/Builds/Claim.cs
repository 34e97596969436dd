namespace Krasis.Core.Builds;

/// <summary>Something that is said of a drink on the board and can be held against what is in it.</summary>
public enum Claim
{
    /// <summary>No sugars, and nothing that is added for its sugars, go in (Regulation (EC) No 1924/2006, annex). What
    /// milk has by nature is no added sugar, and is still sugar.</summary>
    NoAddedSugar,

    /// <summary>Nothing in it is made of milk; never that it is free from traces.</summary>
    WithoutMilk,
}
