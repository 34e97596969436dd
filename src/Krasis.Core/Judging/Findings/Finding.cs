using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Judging.Findings;

/// <summary>Something that a check has found wrong with a build.</summary>
/// <param name="Check">The check's name, such as <c>overfull</c>.</param>
/// <param name="Severity">How grave it is.</param>
/// <param name="Size">The size it is about.</param>
/// <param name="Line">The line it is about, or null when it is about the whole cup.</param>
/// <param name="Message">What is wrong, in the lead's words, naming the size.</param>
/// <param name="Mend">What would put it right, or null when nothing simple would.</param>
public sealed record Finding(string Check, Severity Severity, CupId Size, LineId? Line, string Message, Mend? Mend)
{
    /// <summary>What it is known by: one whose numbers have moved is the same finding.</summary>
    internal (string Check, string? Of, CupId Size, LineId? Line) Key => (Check, Excess?.Of, Size, Line);

    /// <summary>How far beyond what is allowed the size stands; null where it only is so or is not so.</summary>
    internal Excess? Excess { get; init; }

    /// <summary>What else would put it right, to be tried beside <see cref="Mend"/>.</summary>
    internal IReadOnlyList<Mend> OtherMends { get; init; } = [];

    /// <summary>Why the lead lets it be; null when the lead does not.</summary>
    public string? Waived { get; init; }

    /// <summary>What to do about it by hand, for where there is no mend; null when the message says it.</summary>
    public string? Otherwise { get; init; }

    /// <summary>Whether trying what the bar can pour into the size may find a way.</summary>
    public bool CanAdvise { get; init; }
}
