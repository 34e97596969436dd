namespace Krasis.Core.Planning.Plans;

/// <summary>Something that the plan cannot solve.</summary>
/// <param name="Kind">What sort of thing.</param>
/// <param name="About">The batch or the item that it is about; null for the house as a whole.</param>
/// <param name="Day">The day.</param>
/// <param name="Says">It, in words.</param>
/// <param name="Would">What would solve it, each tried; empty when nothing that was tried does.</param>
public sealed record Conflict(ConflictKind Kind, string? About, DateOnly Day, string Says, IReadOnlyList<string> Would);

/// <summary>What sort of thing cannot be solved.</summary>
public enum ConflictKind
{
    /// <summary>A batch is ready too late.</summary>
    Late,

    /// <summary>There is no room for a batch at all.</summary>
    NoRoom,

    /// <summary>A batch is over date before it is used up.</summary>
    OverDate,

    /// <summary>Hands or equipment are busy twice.</summary>
    Busy,

    /// <summary>The fridge is too small.</summary>
    Fridge,

    /// <summary>Cups are expected on a day on which the house is closed.</summary>
    Closed,

    /// <summary>It is not said in what batches something is made.</summary>
    NoBatch,

    /// <summary>Cups are typed for a drink that is not on the board.</summary>
    OffTheBoard,

    /// <summary>A drink cannot be counted in.</summary>
    Unknown,
}
