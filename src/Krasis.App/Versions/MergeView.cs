using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;

namespace Krasis.App.Versions;

/// <summary>Two people's changes laid on one another. Nothing is kept before it is saved.</summary>
/// <param name="Etag">The version that is kept now, to be sent as If-Match with the merged build.</param>
/// <param name="Document">The merged build.</param>
/// <param name="Theirs">The build that is kept now.</param>
/// <param name="Clashes">What both changed differently. The merged build has it as it was chosen, and as mine where
/// nothing is chosen yet.</param>
/// <param name="Taken">What the other one has changed, in plain words; empty where today's bar cannot pour one of
/// them.</param>
public sealed record MergeView(
    string Etag,
    BuildDocument Document,
    BuildDocument Theirs,
    IReadOnlyList<Clash> Clashes,
    IReadOnlyList<Difference> Taken
);
