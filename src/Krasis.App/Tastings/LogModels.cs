namespace Krasis.App.Tastings;

/// <summary>A tasting or a note, as the logbook shows it.</summary>
/// <param name="Kind">tasting or note.</param>
/// <param name="Id">Its id.</param>
/// <param name="At">When it was opened, set up or noted.</param>
/// <param name="Title">What it is called.</param>
/// <param name="State">draft, open or closed; empty of a note.</param>
/// <param name="Question">What was asked.</param>
/// <param name="Of">What was tasted.</param>
/// <param name="Answered">How many have answered.</param>
/// <param name="Simulated">How many of them are simulated.</param>
/// <param name="Decided">What was decided; null before.</param>
/// <param name="Changed">The build that was changed by that; null where none was.</param>
/// <param name="Build">The build that was noted; null of a tasting.</param>
/// <param name="Version">Which version it was.</param>
/// <param name="SizeName">In which cup.</param>
/// <param name="Liking">How much it was liked, 1 to 9.</param>
/// <param name="Words">What was noted.</param>
/// <param name="Who">Who noted it.</param>
public sealed record LogEntry(
    string Kind,
    string Id,
    DateTimeOffset At,
    string Title,
    string State,
    string Question,
    IReadOnlyList<string> Of,
    int Answered,
    int Simulated,
    string? Decided,
    string? Changed,
    string? Build,
    long? Version,
    string? SizeName,
    int? Liking,
    string? Words,
    string? Who
);

/// <summary>A note.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="Liking">How much it is liked, 1 to 9; missing where that is not said.</param>
/// <param name="Words">What is noted.</param>
/// <param name="Who">Who notes it.</param>
public sealed record NoteRequest(string? Build, string? Size, double? Liking, string? Words, string? Who);

/// <summary>A note as it is kept.</summary>
/// <param name="Name">What the build was called.</param>
/// <param name="SizeName">What the cup was called.</param>
/// <param name="Words">What was noted.</param>
/// <param name="Strength">How strong it was, %.</param>
/// <param name="Sweetness">How sweet it was, g/100 g.</param>
public sealed record KeptNote(string Name, string SizeName, string? Words, double? Strength, double? Sweetness);
