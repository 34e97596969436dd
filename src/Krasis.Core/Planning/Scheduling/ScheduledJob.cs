namespace Krasis.Core.Planning.Scheduling;

/// <summary>A batch with its time.</summary>
/// <param name="Job">The batch.</param>
/// <param name="Begin">When it is begun; null when there is no room for it in the plan at all.</param>
public sealed record ScheduledJob(Job Job, int? Begin)
{
    /// <summary>When it is ready; null when it is not begun.</summary>
    public int? Ready => Begin + Job.Length;

    /// <summary>How long after it is needed, min; 0 when in time.</summary>
    public int Late => Ready is { } ready ? Math.Max(0, ready - Job.Due) : int.MaxValue / 1024;
}
