namespace Krasis.Core.Changing.Tuning;

/// <summary>What of a drink is to be moved so that a guest tastes it.</summary>
public enum TunedTaste
{
    /// <summary>How strong the coffee is in it.</summary>
    Strength,

    /// <summary>How sweet it is.</summary>
    Sweetness,

    /// <summary>How much flavour there is to its coffee.</summary>
    Flavour,
}
