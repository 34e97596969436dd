using Krasis.Core.Builds;

namespace Krasis.App.Builds;

/// <summary>A build in a list: as much as a row shows.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="State">How far it has come.</param>
/// <param name="Standard">What was last published of it; null when nothing was.</param>
/// <param name="Tags">Words to find it by.</param>
/// <param name="Board">When it comes on the board or goes off it next; null for a drink of the whole year.</param>
/// <param name="Parent">The id of the build that it is a variant of; null when it stands by itself.</param>
/// <param name="HasNewerParent">Whether that build has been saved since.</param>
/// <param name="Sizes">The cups that it is sold in, by name.</param>
/// <param name="Holds">What goes in, by name.</param>
/// <param name="Faults">How many faults the checks have found that are not let be.</param>
/// <param name="Warnings">How many warnings, likewise.</param>
/// <param name="Drifting">How many sizes taste further from the reference than the house allows.</param>
/// <param name="Cup">The reference size as it is handed over; null when it cannot be worked out.</param>
/// <param name="Trouble">Why it cannot be worked out; null when it can.</param>
public sealed record BuildSummary(
    string Id,
    string Etag,
    DateTimeOffset UpdatedAt,
    string Name,
    BuildState State,
    StandardPlace? Standard,
    IReadOnlyList<string> Tags,
    BoardDay? Board,
    string? Parent,
    bool HasNewerParent,
    IReadOnlyList<string> Sizes,
    IReadOnlyList<string> Holds,
    int Faults,
    int Warnings,
    int Drifting,
    RowCup? Cup,
    string? Trouble
);
