using Dapper;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Bar;

/// <summary>Keeps the bar's facts.</summary>
public sealed class BarStore
{
    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal BarStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Whether nothing is known of the bar yet.</summary>
    public bool IsEmpty => connection.ExecuteScalar<long>("SELECT count(*) FROM bar_fact", transaction: transaction) == 0;

    /// <summary>Every fact of a kind, in the bar's order.</summary>
    public IReadOnlyList<StoredFact<TDocument>> List<TDocument>(BarKind<TDocument> kind)
        where TDocument : class =>
    [
        .. connection
            .Query<Row>("SELECT id, version, document FROM bar_fact WHERE kind = @Name ORDER BY position, id", new { kind.Name }, transaction)
            .Select(row => new StoredFact<TDocument>(row.Id, row.Version, StoreJson.Read<TDocument>(row.Document))),
    ];

    /// <summary>The whole bar as one document.</summary>
    public BarDocument Whole()
    {
        var gathering = new Gathering(this);
        BarKinds.Each(gathering);
        return gathering.Bar;
    }

    /// <summary>Keeps a new fact as version 1, behind the others of its kind.</summary>
    /// <exception cref="SqliteException">There is one of that kind and id.</exception>
    public void Add<TDocument>(BarKind<TDocument> kind, string id, TDocument document)
        where TDocument : class => connection.Execute(
        """
        INSERT INTO bar_fact (kind, id, position, version, document)
        VALUES (@Name, @id, (SELECT coalesce(max(position), 0) + 1 FROM bar_fact WHERE kind = @Name), 1, @json)
        """,
        new { kind.Name, id, json = StoreJson.Write(document) },
        transaction);

    /// <summary>Keeps a changed fact, if it still is the version that was changed.</summary>
    public SaveOutcome Update<TDocument>(BarKind<TDocument> kind, string id, long expectedVersion, TDocument document)
        where TDocument : class => Outcome(kind.Name, id, connection.Execute(
        "UPDATE bar_fact SET document = @json, version = version + 1 WHERE kind = @Name AND id = @id AND version = @expectedVersion",
        new { kind.Name, id, expectedVersion, json = StoreJson.Write(document) },
        transaction));

    /// <summary>Removes a fact, if it still is the version that was seen.</summary>
    public SaveOutcome Delete<TDocument>(BarKind<TDocument> kind, string id, long expectedVersion)
        where TDocument : class => Outcome(kind.Name, id, connection.Execute(
        "DELETE FROM bar_fact WHERE kind = @Name AND id = @id AND version = @expectedVersion",
        new { kind.Name, id, expectedVersion },
        transaction));

    private SaveOutcome Outcome(string kind, string id, int changed)
    {
        if (changed > 0)
        {
            return SaveOutcome.Saved;
        }

        var there = connection.ExecuteScalar<long>("SELECT count(*) FROM bar_fact WHERE kind = @kind AND id = @id", new { kind, id }, transaction);
        return there > 0 ? SaveOutcome.Stale : SaveOutcome.Missing;
    }

    private sealed record Row(string Id, long Version, string Document);

    private sealed class Gathering(BarStore store) : IBarKindVisitor
    {
        public BarDocument Bar { get; private set; } = new();

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class => Bar = kind.Into(Bar, [.. store.List(kind).Select(fact => fact.Document)]);
    }
}
