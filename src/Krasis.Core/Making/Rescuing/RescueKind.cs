namespace Krasis.Core.Making.Rescuing;

/// <summary>What is still to be done about a drink that something went wrong with.</summary>
public enum RescueKind
{
    /// <summary>Nothing: poured as planned it is still as the house wants it.</summary>
    CarryOn,

    /// <summary>What is still to come is poured otherwise.</summary>
    Change,

    /// <summary>Nothing helps.</summary>
    StartAgain,
}
