namespace Krasis.Core.Planning.Keeping;

/// <summary>How far a batch has cooled, by its readings.</summary>
public enum CoolingVerdict
{
    /// <summary>On its way to 21 °C, in time so far.</summary>
    FirstStage,

    /// <summary>Below 21 °C in time, on its way to 5 °C.</summary>
    SecondStage,

    /// <summary>At 5 °C or below, and both stages were seen in time.</summary>
    Cold,

    /// <summary>It was still above 21 °C after two hours. Within six hours it may be reheated to 74 °C at once and cooled
    /// again.</summary>
    FirstMissed,

    /// <summary>No reading shows whether it was below 21 °C within two hours.</summary>
    FirstUnknown,

    /// <summary>More than six hours have passed, and no readings show that it cooled in time. It must be discarded.</summary>
    Discard,
}
