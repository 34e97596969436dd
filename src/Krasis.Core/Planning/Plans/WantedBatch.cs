using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>A batch that is wanted, before it has its time.</summary>
/// <param name="Item">What it is of.</param>
/// <param name="Key">Its name.</param>
/// <param name="Grams">How much, g.</param>
/// <param name="From">The first day that it is for, from 0.</param>
/// <param name="To">The last.</param>
/// <param name="Job">The work.</param>
/// <param name="IsBegun">Whether somebody has begun it.</param>
internal sealed record WantedBatch(PrepItem Item, string Key, double Grams, int From, int To, Job Job, bool IsBegun)
{
    /// <summary>When it may be begun at the earliest without being over date on its last day, min; null where it
    /// keeps.</summary>
    public int? Earliest { get; init; }

    /// <summary>When it must be begun at the latest, were it alone, min; null where there is no such time.</summary>
    public int? Latest { get; init; }
}
