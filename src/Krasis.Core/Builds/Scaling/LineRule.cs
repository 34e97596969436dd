using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Builds.Scaling;

/// <summary>How one line follows from the reference size.</summary>
/// <param name="By">What it follows.</param>
public sealed record LineRule(ScaleBy By)
{
    /// <summary>The line that a share is of; null for every other rule.</summary>
    public LineId? Of { get; init; }

    /// <summary>The amounts of a ladder or of the house, in the line's measure; the sizes that are missing go by steps,
    /// or with the cup.</summary>
    public IReadOnlyDictionary<CupId, double> Ladder { get; init; } = new Dictionary<CupId, double>();
}
