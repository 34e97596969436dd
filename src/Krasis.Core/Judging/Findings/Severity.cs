namespace Krasis.Core.Judging.Findings;

/// <summary>How grave a finding is, the gravest first.</summary>
public enum Severity
{
    /// <summary>The drink cannot be made as written.</summary>
    Fault,

    /// <summary>The drink can be made, but not as it should be.</summary>
    Warning,

    /// <summary>Nothing is wrong, but the lead should know.</summary>
    Note,
}
