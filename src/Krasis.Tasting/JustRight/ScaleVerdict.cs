namespace Krasis.Tasting.JustRight;

/// <summary>What a scale's answers come to.</summary>
public enum ScaleVerdict
{
    /// <summary>Too few answered to say anything.</summary>
    TooFew,

    /// <summary>Nothing that is worth a change.</summary>
    Leave,

    /// <summary>Many find it off, to both sides alike: no one change pleases all.</summary>
    Divided,

    /// <summary>One side outweighs, which may still be chance.</summary>
    Unsure,

    /// <summary>One side outweighs more than chance would.</summary>
    Act,
}
