using Krasis.Core.Bar.Kinds;
using Krasis.Core.Input;

namespace Krasis.App.Bar;

/// <summary>Tells a fact's own problems from those of the bar that it is in.</summary>
public static class FactProblems
{
    /// <summary>The problems that are about one fact, under its own fields: the bar's reader names it by its place, as
    /// in cups[2].heightMm; whoever sent the one fact sent heightMm.</summary>
    public static IReadOnlyList<Problem> Own(IReadOnlyList<Problem> problems, BarKind kind, int index)
    {
        var prefix = $"{kind.PathOf(index)}.";
        return
        [
            .. problems
                .Where(problem => problem.Field.StartsWith(prefix, StringComparison.Ordinal))
                .Select(problem => problem with { Field = problem.Field[prefix.Length..] }),
        ];
    }
}
