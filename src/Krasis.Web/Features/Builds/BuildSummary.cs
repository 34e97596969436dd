using Krasis.Core.Mixing;

namespace Krasis.Web.Features.Builds;

/// <summary>A build in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="Sheet">The build worked out with the bar's facts of today; null when it cannot be.</param>
/// <param name="Trouble">Why it cannot be worked out; null when it can.</param>
public sealed record BuildSummary(
    string Id, string Etag, DateTimeOffset UpdatedAt, string Name, BuildSheet? Sheet, string? Trouble);
