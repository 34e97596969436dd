namespace Krasis.Core.Builds;

/// <summary>How one line follows from the reference size, as it is entered and stored.</summary>
public sealed record ScaleDocument
{
    /// <summary>One of fixed, ladder, cup, coffee, sweetness, rest, share, house.</summary>
    public string? By { get; init; }

    /// <summary>The id of the line that a share is of.</summary>
    public string? Of { get; init; }

    /// <summary>Whether the reference size is said by hand all the same, where everything else goes by the
    /// house.</summary>
    public bool? Own { get; init; }

    /// <summary>The amounts of a ladder, size by size. Sizes that are missing are one step up or down for each size
    /// between them and the reference.</summary>
    public IReadOnlyList<PinDocument> Ladder { get; init; } = [];
}
