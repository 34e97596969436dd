using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Store.Builds;

namespace Krasis.Web.Features.Builds;

/// <summary>A build in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="State">How far it has come.</param>
/// <param name="Tags">Words to find it by.</param>
/// <param name="Board">When it comes on the board or goes off it next; null for a drink of the whole year.</param>
/// <param name="Parent">The id of the build that it is a variant of; null when it stands by itself.</param>
/// <param name="HasNewerParent">Whether that build has been saved since.</param>
/// <param name="Sheet">The build worked out with the bar's facts of today; null when it cannot be.</param>
/// <param name="Trouble">Why it cannot be worked out; null when it can.</param>
public sealed record BuildSummary(
    string Id, string Etag, DateTimeOffset UpdatedAt, string Name, BuildState State, IReadOnlyList<string> Tags, BoardDay? Board, string? Parent, bool HasNewerParent, BuildSheet? Sheet, string? Trouble);
