namespace Krasis.Core.Bar.Cups;

/// <summary>What a cup is made of.</summary>
public enum CupMaterial
{
    /// <summary>Single-walled paper.</summary>
    Paper,

    /// <summary>Double-walled paper.</summary>
    DoublePaper,

    /// <summary>Clear plastic.</summary>
    Plastic,

    /// <summary>Glass.</summary>
    Glass,

    /// <summary>Ceramic.</summary>
    Ceramic,

    /// <summary>Double-walled steel.</summary>
    Steel,
}
