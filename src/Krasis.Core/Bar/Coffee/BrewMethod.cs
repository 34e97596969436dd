namespace Krasis.Core.Bar.Coffee;

/// <summary>How a coffee base is made.</summary>
public enum BrewMethod
{
    /// <summary>Brewed hot in a batch and cooled.</summary>
    Batch,

    /// <summary>Steeped cold.</summary>
    ColdBrew,

    /// <summary>Brewed with about twice the grounds, to stand in for espresso.</summary>
    Strong,

    /// <summary>Brewed on the stove under its own steam.</summary>
    StoveTop,

    /// <summary>Instant powder in water; all of it dissolves.</summary>
    Instant,

    /// <summary>Instant powder, sugar and water whipped to a foam; all of it dissolves.</summary>
    Whipped,
}
