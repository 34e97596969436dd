using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Store.Json;

namespace Krasis.Store.Standards;

/// <summary>What was worked out of a standard, once. It is read when it is first asked for.</summary>
/// <param name="sums">The version of the sums that worked it out, as <see cref="SumsVersion"/> counts them.</param>
/// <param name="json">It, as <see cref="FrozenJson"/> writes it.</param>
public sealed class RecordedStandard(int sums, string json)
{
    private readonly Lazy<FrozenStandard> frozen = new(() => FrozenJson.Read(json));

    /// <summary>The version of the sums that worked it out.</summary>
    public int Sums { get; } = sums;

    /// <summary>What was worked out.</summary>
    public FrozenStandard Frozen => frozen.Value;
}
