namespace Krasis.Core.Changing.Starting;

/// <summary>What a drink is made on. They are different drinks, so it is named first.</summary>
public enum DrinkBase
{
    /// <summary>Espresso.</summary>
    Espresso,

    /// <summary>Coffee brewed hot in a batch and cooled.</summary>
    Batch,

    /// <summary>Coffee steeped cold.</summary>
    ColdBrew,

    /// <summary>Coffee brewed strong, on the stove or in a filter, in espresso's place.</summary>
    Strong,

    /// <summary>A powder that is dissolved: instant coffee, cocoa.</summary>
    Powder,

    /// <summary>Chocolate sauce with espresso.</summary>
    Chocolate,

    /// <summary>Tea, brewed or a concentrate, with milk.</summary>
    Tea,
}
