namespace Krasis.Core.Bar.Dispensers;

/// <summary>What gives an ingredient by the stroke.</summary>
public enum DispenserKind
{
    /// <summary>A pump on a bottle.</summary>
    Pump,

    /// <summary>A squeeze bottle.</summary>
    Bottle,

    /// <summary>A scoop, level full.</summary>
    Scoop,

    /// <summary>A spoon, level full.</summary>
    Spoon,

    /// <summary>A jigger.</summary>
    Jigger,

    /// <summary>A doser for powder, which drops as much at each pull.</summary>
    Doser,
}
