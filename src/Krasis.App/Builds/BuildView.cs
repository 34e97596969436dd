using Krasis.App.Shared;
using Krasis.Core.Builds;

namespace Krasis.App.Builds;

/// <summary>A build that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">What it is known by as it is now, to be sent as If-Match with a change.</param>
/// <param name="Version">The version of its last save, which a variant of it remembers.</param>
/// <param name="CreatedAt">When it was first saved.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="State">How far it has come.</param>
/// <param name="SavesItself">Whether a page may save it without being asked.</param>
/// <param name="Moves">What it can become.</param>
/// <param name="Standard">What was last published of it; null when nothing was.</param>
/// <param name="Document">The build itself.</param>
public sealed record BuildView(
    string Id,
    string Etag,
    long Version,
    DateTimeOffset CreatedAt,
    DateTimeOffset UpdatedAt,
    BuildState State,
    bool SavesItself,
    IReadOnlyList<BuildState> Moves,
    StandardPlace? Standard,
    BuildDocument Document
) : IVersioned;
