namespace Krasis.Core.Bar.Ingredients;

/// <summary>Something sweet that is no sugar by food law.</summary>
public enum Sweetener
{
    /// <summary>Erythritol.</summary>
    Erythritol,

    /// <summary>Xylitol.</summary>
    Xylitol,

    /// <summary>Maltitol.</summary>
    Maltitol,

    /// <summary>Allulose.</summary>
    Allulose,

    /// <summary>Aspartame.</summary>
    Aspartame,

    /// <summary>Steviol glycosides.</summary>
    SteviolGlycosides,

    /// <summary>Sucralose.</summary>
    Sucralose,
}
