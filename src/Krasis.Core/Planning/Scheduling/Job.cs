namespace Krasis.Core.Planning.Scheduling;

/// <summary>A batch to be fitted into the days. Times are minutes of the plan's clock.</summary>
/// <param name="Key">What it is called by.</param>
/// <param name="Work">How long somebody works on it without a break, min.</param>
/// <param name="Wait">How long it then stands, min.</param>
/// <param name="Earliest">Before this it may not be begun: it would be over date before it is used up.</param>
/// <param name="Due">When it has to be ready.</param>
/// <param name="WorkOn">What is busy while somebody works on it.</param>
/// <param name="WaitOn">What is busy while it stands; null for nothing.</param>
/// <param name="FixedAt">When it is begun whatever else is: somebody has said so, or it has been; null where it is
/// free.</param>
/// <param name="UsefulUntil">Ready after this it would be of no use any more, and is not begun.</param>
public sealed record Job(
    string Key,
    int Work,
    int Wait,
    int Earliest,
    int Due,
    IReadOnlyList<string> WorkOn,
    string? WaitOn,
    int? FixedAt = null,
    int UsefulUntil = int.MaxValue
)
{
    /// <summary>From beginning to being ready, min.</summary>
    public int Length => Work + Wait;
}
