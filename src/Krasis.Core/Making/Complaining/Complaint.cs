namespace Krasis.Core.Making.Complaining;

/// <summary>What people say is wrong with a drink.</summary>
public enum Complaint
{
    /// <summary>It tastes sour.</summary>
    Sour,

    /// <summary>It tastes bitter.</summary>
    Bitter,

    /// <summary>It tastes watery.</summary>
    Watery,

    /// <summary>It is too sweet.</summary>
    TooSweet,

    /// <summary>It tastes flat, of nothing much.</summary>
    Flat,

    /// <summary>There is sauce on the bottom.</summary>
    SauceOnTheBottom,

    /// <summary>The foam drips through the drink.</summary>
    FoamDripsThrough,

    /// <summary>The foam stands stiff on it.</summary>
    FoamStandsStiff,

    /// <summary>The layers ran together.</summary>
    LayersRanTogether,

    /// <summary>It is not cold.</summary>
    NotCold,

    /// <summary>It is lukewarm.</summary>
    Lukewarm,

    /// <summary>It runs over.</summary>
    RunsOver,

    /// <summary>It has the wrong colour.</summary>
    WrongColour,

    /// <summary>It is different every time.</summary>
    DifferentEveryTime,
}
