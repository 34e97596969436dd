using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.App.Standards;

/// <summary>A build as it was published, worked out with the facts of that day.</summary>
/// <param name="BuildId">The build's id.</param>
/// <param name="Number">Which of its standards it is, from 1.</param>
/// <param name="PublishedAt">When it was published.</param>
/// <param name="Who">Who published it; empty where it is not known.</param>
/// <param name="Reason">Why.</param>
/// <param name="Document">The build as it was.</param>
/// <param name="Bar">The facts that it rests on, as they were.</param>
/// <param name="Sheet">The build, as it was worked out with them then.</param>
/// <param name="Sums">The version of the sums that worked it out.</param>
public sealed record StandardView(
    string BuildId,
    long Number,
    DateTimeOffset PublishedAt,
    string Who,
    string Reason,
    BuildDocument Document,
    BarDocument Bar,
    BuildSheet Sheet,
    int Sums
);
