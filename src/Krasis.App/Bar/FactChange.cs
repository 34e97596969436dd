using System.Globalization;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Store.Builds;
using Krasis.Store.Values;

namespace Krasis.App.Bar;

/// <summary>Changes one fact, and keeps the change only if the whole bar and every build can still be read.</summary>
public static class FactChange
{
    private const int MostNamed = 5;

    /// <summary>Makes a change.</summary>
    /// <param name="file">The data file.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">Its id.</param>
    /// <param name="after">The bar as it would be, from the bar as it is.</param>
    /// <param name="change">Does it, in the session it is given.</param>
    /// <param name="done">Answers with the fact as it now is; null when it was removed.</param>
    public static Result<TDone> Make<TDocument, TDone>(
        KrasisFile file,
        BarKind<TDocument> kind,
        string id,
        Func<Session, BarDocument, BarDocument> after,
        Func<Session, SaveOutcome> change,
        Func<StoredFact<TDocument>?, Session, TDone> done
    )
        where TDocument : class =>
        file.Write<Refusal?, Result<TDone>>(
            session =>
            {
                var bar = session.Bar.Whole();
                return Objection(session.Builds.List(), bar, after(session, bar), kind, id);
            },
            (session, objection) =>
            {
                switch (change(session))
                {
                    case SaveOutcome.Stale:
                        return Refusal.Stale(kind.What);
                    case SaveOutcome.Missing:
                        return Refusal.Missing(kind.What);
                }

                if (objection is not null)
                {
                    session.Abandon();
                    return objection;
                }

                return done(session.Bar.List(kind).FirstOrDefault(fact => fact.Id == id), session);
            }
        );

    /// <summary>What would keep a change from being kept; null when nothing would.</summary>
    /// <param name="builds">Every build.</param>
    /// <param name="before">The bar before it.</param>
    /// <param name="after">The bar after it.</param>
    /// <param name="kind">The sort of fact.</param>
    /// <param name="id">Its id; empty when many were changed.</param>
    /// <param name="called">What was changed is called in messages, if not as one of its sort.</param>
    public static Refusal? Objection<TDocument>(
        IReadOnlyList<StoredBuild> builds,
        BarDocument before,
        BarDocument after,
        BarKind<TDocument> kind,
        string id,
        string? called = null
    )
        where TDocument : class
    {
        var what = called ?? kind.What;
        var bar = BarReader.Read(after);
        var index = kind.IdsIn(after).ToList().IndexOf(id);
        if (!bar.IsRead && FactProblems.Own(bar.Problems, kind, index) is { Count: > 0 } own)
        {
            return Refusal.Fields(own);
        }

        if (index >= 0)
        {
            var kept = kind.From(before).FirstOrDefault(document => kind.Id(document) == id);
            if (kind.Missing(kept, kind.From(after)[index]) is { Count: > 0 } missing)
            {
                return Refusal.Fields(missing);
            }
        }

        var isRemoved = id.Length > 0 && index < 0;
        var broken = bar.IsRead
            ? builds.Where(build => !BuildReader.Read(build.Document, bar.Value).IsRead).ToList()
            : builds.Where(build => isRemoved && BarSubset.Uses(build.Document, before, kind, id)).ToList();
        if (broken.Count == 0)
        {
            return bar.IsRead
                ? null
                : Refusal.Conflict(
                    $"The rest of the bar needs this {what}{(isRemoved ? "" : " as it was")}.",
                    $"{Others(bar.Problems, after)} Nothing was changed."
                );
        }

        var others = bar.IsRead ? "" : $" {Others(bar.Problems, after)}";
        return Refusal.Conflict(
            $"{(broken.Count == 1 ? "One build needs" : $"{broken.Count} builds need")} this {what}{(isRemoved ? "" : " as it was")}.",
            $"{Names(broken)}. {(isRemoved || !bar.IsRead ? "Take it out of them first." : BuildReader.Read(broken[0].Document, bar.Value).Problems[0].Message)}{others} Nothing was changed."
        );
    }

    // What else of the bar is left without it, by name: parts[2].lines[0].ingredient is about the third part.
    private static string Others(IReadOnlyList<Problem> problems, BarDocument bar)
    {
        var names = problems.Select(problem => NameOf(problem.Field, bar)).OfType<string>().Distinct().ToList();
        return names.Count == 0
            ? problems[0].Message
            : $"The bar's {string.Join(", ", names.Take(MostNamed).Select(name => $"'{name}'"))}{(names.Count > MostNamed ? $" and {names.Count - MostNamed} more" : "")} {(names.Count == 1 ? "needs" : "need")} it.";
    }

    private static string? NameOf(string field, BarDocument bar)
    {
        var parts = field.Split('[', ']');
        return
            parts.Length > 1 && int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var index)
            ? BarKinds.All.FirstOrDefault(kind => kind.Name == parts[0])?.NameIn(bar, index)
            : null;
    }

    private static string Names(List<StoredBuild> builds) =>
        string.Join(", ", builds.Take(MostNamed).Select(build => $"'{build.Document.Name}'"))
        + (builds.Count > MostNamed ? $" and {builds.Count - MostNamed} more" : "");
}
