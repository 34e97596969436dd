using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Judging.Standings;

/// <summary>What a change of a drink makes worse.</summary>
public static class ChangeFindings
{
    /// <summary>What a lead should know before keeping a change: findings that get worse, and new problems and warnings.
    /// New notes are left out.</summary>
    /// <param name="before">The drink's sheet without the change.</param>
    /// <param name="after">Its sheet with the change.</param>
    public static IReadOnlyList<Finding> Between(BuildSheet before, BuildSheet after)
    {
        var known = before.Findings.Select(finding => finding.Key).ToHashSet();
        var added = after.Findings.Where(finding => finding.Severity != Severity.Note && !known.Contains(finding.Key));
        var worse = Standing.Of(after).WorseThan(Standing.Of(before)).Select(one => one.Said).OfType<Finding>();
        return [.. worse.Concat(added).DistinctBy(finding => finding.Message)];
    }
}
