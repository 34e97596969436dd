using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Store.Builds;
using Krasis.Store.Json;

namespace Krasis.Store.Standards;

/// <summary>A build as it was published.</summary>
/// <param name="BuildId">The build's id.</param>
/// <param name="Number">Which of the build's standards it is, from 1.</param>
/// <param name="Published">Who published it, why and when.</param>
/// <param name="Document">The build as it was.</param>
/// <param name="Bar">The facts that it rests on, as they were.</param>
/// <param name="Record">What was worked out of it, once; null only until the program that first opens an older
/// file has recorded it.</param>
public sealed record StoredStandard(
    string BuildId,
    long Number,
    Signature Published,
    BuildDocument Document,
    BarDocument Bar,
    RecordedStandard? Record
)
{
    /// <summary>What cards, service and history show: what was recorded, never today's sums.</summary>
    public FrozenStandard Frozen => Record?.Frozen ?? Freeze();

    /// <summary>Works it out with the facts that it was published with and today's sums.</summary>
    public FrozenStandard Freeze()
    {
        // It could be read on the day it was published, and neither it nor its facts have changed since.
        var facts = BarReader.Read(Bar).Value;
        return FrozenStandard.Of(BuildReader.Read(Document, facts).Value, facts);
    }

    /// <summary>Whether the build that it was has been changed since.</summary>
    public bool HasChangedIn(StoredBuild build) => StoreJson.Write(Document) != StoreJson.Write(build.Document);
}
