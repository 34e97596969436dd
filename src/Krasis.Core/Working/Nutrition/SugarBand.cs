namespace Krasis.Core.Working.Nutrition;

/// <summary>What the sugars of a drink are called on the front of a pack.</summary>
public enum SugarBand
{
    /// <summary>Low.</summary>
    Low,

    /// <summary>Medium.</summary>
    Medium,

    /// <summary>High.</summary>
    High,
}
