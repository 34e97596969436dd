using Krasis.Core.Input;
using Krasis.Store.Bar;

namespace Krasis.Web.Features.Bar;

/// <summary>Tells a fact's own problems from those of the bar that it is in.</summary>
public static class FactProblems
{
    /// <summary>The problems that are about one fact, under its own fields: the bar's reader names it by its place, as in
    /// cups[2].heightMm; whoever sent the one fact sent heightMm.</summary>
    public static IReadOnlyList<Problem> Own<TDocument>(IReadOnlyList<Problem> problems, FactKind<TDocument> kind, int index)
        where TDocument : class
    {
        var prefix = kind.Name == FactKinds.House.Name ? "house." : $"{kind.Name}[{index}].";
        return [.. problems.Where(problem => problem.Field.StartsWith(prefix, StringComparison.Ordinal)).Select(problem => problem with { Field = problem.Field[prefix.Length..] })];
    }
}
