using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Making.Complaining;

/// <summary>What may be behind a complaint.</summary>
/// <param name="Code">The name it is known by.</param>
/// <param name="Weight">How likely it is beside the other causes of the same complaint: the more, the likelier. It has
/// no unit.</param>
/// <param name="Says">What it is, with the drink's own numbers.</param>
/// <param name="Do">What to do about it, in the trade's words.</param>
public sealed record Cause(string Code, double Weight, string Says, string Do)
{
    /// <summary>Whether it is a question: no number of the drink shows it.</summary>
    public bool IsAsked { get; init; }

    /// <summary>The edit of the build that does it, tried; null where it is for the hands or the bench.</summary>
    public Mend? Mend { get; init; }

    /// <summary>Where to measure: the sort of fact, such as dispensers; null where nothing is to be measured.</summary>
    public string? Bench { get; init; }

    /// <summary>Which fact of that sort; null for all of them.</summary>
    public string? BenchId { get; init; }
}
