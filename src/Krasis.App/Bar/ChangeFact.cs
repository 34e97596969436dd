using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Store.Values;

namespace Krasis.App.Bar;

/// <summary>Adds, saves, removes and restores one fact of the bar. Nothing is kept that would leave a build or another
/// fact unreadable.</summary>
public sealed class ChangeFact(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Adds a new fact.</summary>
    public Result<FactView<TDocument>> Add<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind, TDocument document)
        where TDocument : class
        where TMeasured : class
    {
        var id = Guid.CreateVersion7().ToString();
        var stamped = kind.Stamp(null, kind.Named(document, id), clock.Today());
        return Change(
            kind,
            id,
            (_, bar) => kind.With(bar, stamped),
            session =>
            {
                session.Bar.Add(kind, id, stamped, clock.GetUtcNow());
                return SaveOutcome.Saved;
            }
        );
    }

    /// <summary>Saves a changed fact.</summary>
    public Result<FactView<TDocument>> Save<TDocument, TMeasured>(
        BarKind<TDocument, TMeasured> kind,
        string id,
        TDocument document,
        ExpectedVersion expected
    )
        where TDocument : class
        where TMeasured : class
    {
        return Change(
            kind,
            id,
            (session, bar) => Find(session, kind, id) is { } before ? kind.With(bar, Stamped(before)) : bar,
            session =>
            {
                var before = Find(session, kind, id);
                return session.Bar.Update(
                    kind,
                    id,
                    expected.In(session, before?.Version),
                    Stamped(before),
                    clock.GetUtcNow()
                );
            }
        );

        TDocument Stamped(StoredFact<TDocument>? before) =>
            kind.Stamp(before?.Document, kind.Named(document, id), clock.Today());
    }

    /// <summary>Removes a fact that nothing uses. It can be restored.</summary>
    public Result<Done> Remove<TDocument>(BarKind<TDocument> kind, string id, ExpectedVersion expected)
        where TDocument : class =>
        FactChange.Make<TDocument, Done>(
            file,
            kind,
            id,
            (_, bar) => kind.Without(bar, id),
            session =>
                session.Bar.Delete(kind, id, expected.In(session, Find(session, kind, id)?.Version), clock.GetUtcNow()),
            (_, _) => default
        );

    /// <summary>Restores a removed fact as it was last.</summary>
    public Result<FactView<TDocument>> Restore<TDocument>(BarKind<TDocument> kind, string id)
        where TDocument : class =>
        Change(
            kind,
            id,
            (session, bar) => session.Bar.LastOf(kind, id) is { } removed ? kind.With(bar, removed) : bar,
            session => session.Bar.Restore(kind, id, clock.GetUtcNow())
        );

    private Result<FactView<TDocument>> Change<TDocument>(
        BarKind<TDocument> kind,
        string id,
        Func<Session, BarDocument, BarDocument> after,
        Func<Session, SaveOutcome> change
    )
        where TDocument : class =>
        FactChange.Make<TDocument, FactView<TDocument>>(file, kind, id, after, change, (fact, session) =>
            FactView.Of(fact!, session)
        );

    private static StoredFact<TDocument>? Find<TDocument>(Session session, BarKind<TDocument> kind, string id)
        where TDocument : class => session.Bar.List(kind).FirstOrDefault(fact => fact.Id == id);
}
