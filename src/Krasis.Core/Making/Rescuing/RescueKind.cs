namespace Krasis.Core.Making.Rescuing;

/// <summary>What is still to be done about a drink that something went wrong with.</summary>
public enum RescueKind
{
    /// <summary>Nothing: poured as planned it is still as near to its standard as anything would bring it.</summary>
    CarryOn,

    /// <summary>What is still to come is poured otherwise, more of what is in follows, or a topping is left
    /// out.</summary>
    Change,

    /// <summary>It goes into a bigger cup of the drink, and is made that size.</summary>
    BiggerCup,

    /// <summary>Nothing helps.</summary>
    StartAgain,
}
