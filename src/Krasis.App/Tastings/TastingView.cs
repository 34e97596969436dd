using Krasis.App.Shared;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.Reading;

namespace Krasis.App.Tastings;

/// <summary>A tasting as the lead sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">What it is known by, for If-Match.</param>
/// <param name="State">draft, open or closed.</param>
/// <param name="CreatedAt">When it was set up.</param>
/// <param name="OpenedAt">When it was opened; null before.</param>
/// <param name="ClosedAt">When it was closed; null before.</param>
/// <param name="Document">What was set up.</param>
/// <param name="Problems">What keeps a draft from being opened; none when nothing does.</param>
/// <param name="Samples">What is tasted: as it stands now of a draft, as it stood when it was opened after that; fewer
/// where some cannot be worked out.</param>
/// <param name="Codes">The codes of each sample.</param>
/// <param name="Tray">How much of each is made, and when it is handed over.</param>
/// <param name="Servings">What stands before each taster that is expected, in the order in which it is tasted.</param>
/// <param name="Size">How many tasters it takes; null while that cannot be said.</param>
/// <param name="Came">How many tasters have come.</param>
/// <param name="Answered">How many of them have answered.</param>
/// <param name="Simulated">How many of the answers are simulated.</param>
/// <param name="Late">How many answers came after closing and are not counted.</param>
/// <param name="Withdrawn">The places of the samples that were withdrawn.</param>
/// <param name="Decision">What was decided; null before.</param>
/// <param name="Retest">The tasting that tastes this one again; null where there is none.</param>
public sealed record TastingView(
    string Id,
    string Etag,
    string State,
    DateTimeOffset CreatedAt,
    DateTimeOffset? OpenedAt,
    DateTimeOffset? ClosedAt,
    TastingDocument Document,
    IReadOnlyList<FieldProblem> Problems,
    IReadOnlyList<OpenedSample> Samples,
    IReadOnlyList<IReadOnlyList<string>> Codes,
    IReadOnlyList<TraySample> Tray,
    IReadOnlyList<IReadOnlyList<Glass>> Servings,
    PanelSize? Size,
    int Came,
    int Answered,
    int Simulated,
    int Late,
    IReadOnlyList<int> Withdrawn,
    TastingDecision? Decision,
    string? Retest
) : IVersioned;

/// <summary>What a tasting's answers mean, and what may follow.</summary>
/// <param name="Result">What they mean.</param>
/// <param name="Simulated">How many of them are simulated.</param>
/// <param name="Ways">What may be changed, for each scale on which there is something to act on.</param>
/// <param name="Favourite">The version of a drink that is liked better than its others; null where there is
/// none.</param>
public sealed record TastingReadView(
    TastingResult Result,
    int Simulated,
    IReadOnlyList<ScaleWays> Ways,
    Favourite? Favourite
);

/// <summary>What may be changed about one sample because of one scale.</summary>
/// <param name="Sample">The sample's place.</param>
/// <param name="Scale">The scale's code.</param>
/// <param name="Says">What was found.</param>
/// <param name="HasChanged">Whether the build was changed since it was tasted: the ways are worked out on it as it is
/// now.</param>
/// <param name="Trouble">Why nothing can be proposed; null where something is.</param>
/// <param name="Ways">The ways, the best first.</param>
public sealed record ScaleWays(
    int Sample,
    string Scale,
    string Says,
    bool HasChanged,
    string? Trouble,
    IReadOnlyList<Krasis.Core.Changing.Tuning.Tuning> Ways
);
