namespace Krasis.Core.Working.Lines;

/// <summary>Why a mark cannot be kept in a size.</summary>
public enum MarkTrouble
{
    /// <summary>It can.</summary>
    None,

    /// <summary>The cup has no such mark; the amount goes by the cup's size.</summary>
    Missing,

    /// <summary>What went in before stands above it already.</summary>
    BelowTheLiquid,

    /// <summary>No amount that can be said reaches it.</summary>
    OutOfReach,
}
