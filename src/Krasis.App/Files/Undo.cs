namespace Krasis.App.Files;

/// <summary>How something that was taken in is undone.</summary>
public sealed record Undo
{
    /// <summary>The builds that were added.</summary>
    public List<string> Added { get; init; } = [];

    /// <summary>The builds that were replaced, each as it was before.</summary>
    public List<UndoOne> Replaced { get; init; } = [];

    /// <summary>The facts of the bar that came along.</summary>
    public List<UndoFact> Facts { get; init; } = [];

    /// <summary>Where a copy is of everything as it was before, if everything was replaced.</summary>
    public string? Copy { get; init; }
}

/// <summary>A build as it was.</summary>
/// <param name="Id">The build.</param>
/// <param name="Version">Its version before.</param>
/// <param name="After">Its version once it was replaced.</param>
public sealed record UndoOne(string Id, long Version, long After);

/// <summary>A fact that came along.</summary>
/// <param name="Kind">Its sort.</param>
/// <param name="Id">Its id.</param>
public sealed record UndoFact(string Kind, string Id);
