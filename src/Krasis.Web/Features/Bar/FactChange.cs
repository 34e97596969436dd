using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Store.Builds;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Changes one fact, and keeps the change only if the whole bar and every build can still be read.</summary>
public static class FactChange
{
    private const int MostNamed = 5;

    /// <summary>Makes a change.</summary>
    /// <param name="file">The data file.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">Its id.</param>
    /// <param name="what">What it is called in messages.</param>
    /// <param name="change">Does it, in the session it is given.</param>
    /// <param name="done">Answers with the fact as it now is; null when it was removed.</param>
    public static Results<TDone, ProblemResult> Make<TDocument, TDone>(
        KrasisFile file, FactKind<TDocument> kind, string id, string what, Func<Session, SaveOutcome> change, Func<StoredFact<TDocument>?, TDone> done)
        where TDocument : class
        where TDone : IResult => file.Write<Results<TDone, ProblemResult>>(session =>
    {
        switch (change(session))
        {
            case SaveOutcome.Stale:
                return ProblemResult.Stale(what);
            case SaveOutcome.Missing:
                return ProblemResult.Missing(what);
        }

        if (Objection(session, kind, id, what) is { } objection)
        {
            session.Abandon();
            return objection;
        }

        return done(session.Bar.List(kind).FirstOrDefault(fact => fact.Id == id));
    });

    private static ProblemResult? Objection<TDocument>(Session session, FactKind<TDocument> kind, string id, string what)
        where TDocument : class
    {
        var bar = BarReader.Read(session.Bar.Whole());
        if (!bar.IsRead)
        {
            var own = Own(bar.Problems, session, kind, id);
            return own.Count > 0
                ? ProblemResult.Fields(own)
                : ProblemResult.Conflict($"The rest of the bar needs this {what} as it was.", $"{bar.Problems[0].Message} Change what uses it first ({bar.Problems[0].Field}).");
        }

        var isRemoved = !session.Bar.List(kind).Any(fact => fact.Id == id);
        var broken = session.Builds.List()
            .Select(build => (Build: build, BuildReader.Read(build.Document, bar.Value).Problems))
            .Where(reading => reading.Problems.Count > 0)
            .ToList();
        return broken.Count == 0
            ? null
            : ProblemResult.Conflict(
                $"{(broken.Count == 1 ? "One build needs" : $"{broken.Count} builds need")} this {what}{(isRemoved ? "" : " as it was")}.",
                $"{Names(broken.ConvertAll(reading => reading.Build))}. {(isRemoved ? "Take it out of them first." : broken[0].Problems[0].Message)} Nothing was changed.");
    }

    // The bar's reader names a fact by its place, as in cups[2].heightMm; whoever sent the one fact sent heightMm.
    private static List<Problem> Own<TDocument>(IReadOnlyList<Problem> problems, Session session, FactKind<TDocument> kind, string id)
        where TDocument : class
    {
        var index = session.Bar.List(kind).Select(fact => fact.Id).ToList().IndexOf(id);
        var prefix = kind.Name == FactKinds.House.Name ? "house." : $"{kind.Name}[{index}].";
        return [.. problems.Where(problem => problem.Field.StartsWith(prefix, StringComparison.Ordinal)).Select(problem => problem with { Field = problem.Field[prefix.Length..] })];
    }

    private static string Names(List<StoredBuild> builds) =>
        string.Join(", ", builds.Take(MostNamed).Select(build => $"'{build.Document.Name}'")) + (builds.Count > MostNamed ? $" and {builds.Count - MostNamed} more" : "");
}
