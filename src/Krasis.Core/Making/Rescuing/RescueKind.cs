namespace Krasis.Core.Making.Rescuing;

/// <summary>What is still to be done about a drink that something went wrong with.</summary>
public enum RescueKind
{
    /// <summary>Nothing: poured as planned it is still as near to its standard as anything would bring it.</summary>
    CarryOn,

    /// <summary>Change an amount that is still to come, add more of what is in, or leave a topping out.</summary>
    Change,

    /// <summary>Remove some of the ice that went in last, and weigh again.</summary>
    TakeOut,

    /// <summary>Pour it into a bigger cup of the drink and make that size.</summary>
    BiggerCup,

    /// <summary>Nothing helps.</summary>
    StartAgain,
}
