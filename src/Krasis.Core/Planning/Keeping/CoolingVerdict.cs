namespace Krasis.Core.Planning.Keeping;

/// <summary>How far a batch has cooled, as far as it was measured.</summary>
public enum CoolingVerdict
{
    /// <summary>On its way to 21 °C, in time so far.</summary>
    FirstStage,

    /// <summary>Below 21 °C in time, on its way to 5 °C.</summary>
    SecondStage,

    /// <summary>At 5 °C or below, and both stages were seen in time.</summary>
    Cold,

    /// <summary>It was still above 21 °C after two hours. Until six hours are over it may be heated to 74 °C at once and
    /// cooled anew.</summary>
    FirstMissed,

    /// <summary>Nobody measured within the first two hours that it was below 21 °C, nor that it was not.</summary>
    FirstUnknown,

    /// <summary>Six hours are over, and it is not known to have cooled in time: it is thrown away.</summary>
    Discard,
}
