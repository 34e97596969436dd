using Krasis.Core.Builds;
using Krasis.Store.Builds;

namespace Krasis.Web.Features.Builds;

/// <summary>A build that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="CreatedAt">When it was first saved.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="State">How far it has come.</param>
/// <param name="Document">The build itself.</param>
public sealed record BuildView(
    string Id, string Etag, DateTimeOffset CreatedAt, DateTimeOffset UpdatedAt, BuildState State, BuildDocument Document);
