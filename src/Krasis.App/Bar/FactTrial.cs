using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Tries a fact out before it is kept.</summary>
public static class FactTrial
{
    /// <summary>The id that a new fact is tried under.</summary>
    public const string NewId = "new-fact";

    /// <summary>Works out what a fact comes to and what it does to the builds.</summary>
    /// <param name="file">The data file.</param>
    /// <param name="library">The builds.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">Its id; null for a new one.</param>
    /// <param name="document">The fact as it stands on the screen, perhaps half entered.</param>
    /// <param name="today">The day.</param>
    /// <returns>The trial; null when the fact is no longer there.</returns>
    public static Trial<TMeasured>? Of<TDocument, TMeasured>(
        KrasisFile file,
        Library library,
        BarKind<TDocument, TMeasured> kind,
        string? id,
        TDocument document,
        DateOnly today
    )
        where TDocument : class
        where TMeasured : class
    {
        // What the builds come to now is known, as long as nothing is changed between the two views.
        var shelf = library.On(today);
        var (bar, before, ids, builds, isShelved) = file.Read(session =>
            (
                session.Bar.Whole(),
                session.Bar.Facts(),
                session.Bar.List(kind).Select(fact => fact.Id).ToList(),
                library.Documents(session).Select(build => (build.Id, build.Document)).ToList(),
                library.TagOf(session, today) == shelf.Tag
            )
        );
        var at = id is null ? ids.Count : ids.IndexOf(id);
        if (at < 0)
        {
            return null;
        }

        var named = kind.Named(document, id ?? NewId);
        var stamped = kind.Stamp(id is null ? null : kind.From(bar)[at], named, today);
        var with = kind.With(bar, stamped);
        var after = BarReader.Read(with);
        var own = after.IsRead ? [] : FactProblems.Own(after.Problems, kind, at);
        var rests = BarSubset.Users(bar, kind, id ?? NewId);
        var uses = id is null ? [] : builds.FindAll(build => rests(build.Document));
        var used = uses.Select(build => build.Document).ToHashSet<BuildDocument>(ReferenceEqualityComparer.Instance);

        // What rests on it now, or would: the others it cannot move. What belongs to the house as a whole may move any.
        var would = BarSubset.Users(with, kind, id ?? NewId);
        var touched = kind.IsKeptWhole
            ? builds
            : builds.FindAll(build => used.Contains(build.Document) || would(build.Document));
        return new Trial<TMeasured>(
            kind.Measure(stamped, new Bench(after.IsRead ? after.Value : before, after.IsRead, today)),
            [
                .. own.Select(problem => new FieldProblem(
                    problem.Field,
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                )),
            ],
            after.IsRead || own.Count > 0 ? null : after.Problems[0].Message,
            after.IsRead
                ? Effect.Of(
                    touched,
                    used.Contains,
                    before,
                    after.Value,
                    today,
                    isShelved ? shelf.Figures.GetValueOrDefault : null
                )
                : null,
            [.. uses.Select(build => build.Document.Name ?? "")]
        );
    }
}
