namespace Krasis.Core.Planning.Keeping;

/// <summary>How far a batch has cooled.</summary>
public enum CoolingVerdict
{
    /// <summary>On its way to 21 °C, in time so far.</summary>
    FirstStage,

    /// <summary>Below 21 °C in time, on its way to 5 °C.</summary>
    SecondStage,

    /// <summary>At 5 °C or below, in time.</summary>
    Cold,

    /// <summary>Not cooled in time: it is heated again to 74 °C at once where only the first stage was missed, or
    /// thrown away.</summary>
    TooSlow,
}
