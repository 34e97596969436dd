using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Store.Builds;

namespace Krasis.Store.Standards;

/// <summary>A build as it was published.</summary>
/// <param name="BuildId">The build's id.</param>
/// <param name="Number">Which of the build's standards it is, from 1.</param>
/// <param name="PublishedAt">When it was published.</param>
/// <param name="Reason">Why, in the lead's words.</param>
/// <param name="Document">The build as it was.</param>
/// <param name="Bar">The facts that it rests on, as they were.</param>
public sealed record StoredStandard(
    string BuildId,
    long Number,
    DateTimeOffset PublishedAt,
    string Reason,
    BuildDocument Document,
    BarDocument Bar
)
{
    /// <summary>Whether the build that it was has been changed since.</summary>
    public bool HasChangedIn(StoredBuild build) => StoreJson.Write(Document) != StoreJson.Write(build.Document);
}
