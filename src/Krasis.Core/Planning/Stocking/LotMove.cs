namespace Krasis.Core.Planning.Stocking;

/// <summary>What happened to a lot.</summary>
public enum LotMove
{
    /// <summary>The house made it.</summary>
    Made,

    /// <summary>It was delivered.</summary>
    Bought,

    /// <summary>It was opened: it keeps by the day of opening from then on.</summary>
    Opened,

    /// <summary>Some of it went into drinks or batches.</summary>
    Used,

    /// <summary>Some of it was thrown away.</summary>
    Thrown,

    /// <summary>It was counted, and more or less was there than in the book.</summary>
    Counted,
}
