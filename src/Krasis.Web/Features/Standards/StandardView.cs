using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;

namespace Krasis.Web.Features.Standards;

/// <summary>A build as it was published, worked out with the facts of that day.</summary>
/// <param name="BuildId">The build's id.</param>
/// <param name="Number">Which of its standards it is, from 1.</param>
/// <param name="PublishedAt">When it was published.</param>
/// <param name="Reason">Why.</param>
/// <param name="Document">The build as it was.</param>
/// <param name="Bar">The facts that it rests on, as they were.</param>
/// <param name="Sheet">The build, worked out with them.</param>
public sealed record StandardView(
    string BuildId,
    long Number,
    DateTimeOffset PublishedAt,
    string Reason,
    BuildDocument Document,
    BarDocument Bar,
    BuildSheet Sheet
);
