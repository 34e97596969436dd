namespace Krasis.Store.Tastings;

/// <summary>A tasting as it is kept. Documents are JSON; what is in them is not the store's business.</summary>
/// <param name="Id">Its id, given by the page that set it up.</param>
/// <param name="Version">How often it has been changed.</param>
/// <param name="State">draft, open or closed.</param>
/// <param name="CreatedAt">When it was set up.</param>
/// <param name="OpenedAt">When it was opened; null before.</param>
/// <param name="ClosedAt">When it was closed; null before.</param>
/// <param name="Document">What was set up.</param>
/// <param name="Opened">What was tasted, as it stood when it was opened; null before.</param>
/// <param name="Withdrawn">The places of the samples that were withdrawn, as a list.</param>
/// <param name="Decision">What was decided; null before.</param>
public sealed record StoredTasting(
    string Id,
    long Version,
    string State,
    string CreatedAt,
    string? OpenedAt,
    string? ClosedAt,
    string Document,
    string? Opened,
    string Withdrawn,
    string? Decision
);

/// <summary>One seat at a tasting.</summary>
/// <param name="Seat">Its number, in the order of coming.</param>
/// <param name="Device">What the page calls it.</param>
/// <param name="IsSimulated">Whether nobody sits there.</param>
/// <param name="IsCounted">Whether the answer counts: one that came after closing does not until it is counted
/// in.</param>
/// <param name="CameAt">When the seat was taken.</param>
/// <param name="AnsweredAt">When it answered; null before.</param>
/// <param name="Answer">What it answered; null before.</param>
public sealed record StoredTaster(
    long Seat,
    string Device,
    long IsSimulated,
    long IsCounted,
    string CameAt,
    string? AnsweredAt,
    string? Answer
);

/// <summary>A taster's note.</summary>
/// <param name="Id">Its id, given by the page.</param>
/// <param name="Build">The build's id.</param>
/// <param name="Version">The version that was saved last when it was noted.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="NotedAt">When.</param>
/// <param name="Who">Who; null of nobody in particular.</param>
/// <param name="Liking">How much it was liked, 1 to 9; null where that was not said.</param>
/// <param name="Words">What was noted; null where nothing was.</param>
/// <param name="Document">All of it, and how the build stood.</param>
public sealed record StoredNote(
    string Id,
    string Build,
    long Version,
    string Size,
    string NotedAt,
    string? Who,
    long? Liking,
    string? Words,
    string Document
);
