namespace Krasis.App.Making;

/// <summary>An order of several drinks.</summary>
public sealed record OrderRequest
{
    /// <summary>The id of the station where it is made; null for the one where standards are set.</summary>
    public string? Station { get; init; }

    /// <summary>The drinks, in the order in which they were asked for.</summary>
    public IReadOnlyList<DrinkRequest> Drinks { get; init; } = [];
}

/// <summary>A drink in a size, as a guest asks for it.</summary>
public sealed record DrinkRequest
{
    /// <summary>The build's id.</summary>
    public string? Build { get; init; }

    /// <summary>Which of its standards; the last when it is missing.</summary>
    public long? Standard { get; init; }

    /// <summary>The cup's id.</summary>
    public string? Size { get; init; }

    /// <summary>What the guest asks for; nothing when it is missing.</summary>
    public WishQuery? Wish { get; init; }
}
