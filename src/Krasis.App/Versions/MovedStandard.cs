using Krasis.Core.Changing.Moving;

namespace Krasis.App.Versions;

/// <summary>A standard that the bar has moved since it was published.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Etag">The build's version, to accept it by publishing it again.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="Number">Which of its standards it is.</param>
/// <param name="Trouble">Why it can no longer be poured; null when it can.</param>
/// <param name="IsChanged">Whether the build itself has been changed since, so that accepting would publish that
/// too.</param>
/// <param name="BySums">Whether this version of Krasis works the standard out differently from the one that published
/// it, with the same facts.</param>
/// <param name="Sizes">The sizes that moved.</param>
public sealed record MovedStandard(
    string Build,
    string Etag,
    string Name,
    long Number,
    string? Trouble,
    bool IsChanged,
    bool BySums,
    IReadOnlyList<MovedSize> Sizes
);
