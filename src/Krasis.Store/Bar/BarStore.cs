using Dapper;
using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
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
    public IReadOnlyList<StoredFact<TDocument>> List<TDocument>(FactKind<TDocument> kind)
        where TDocument : class =>
    [
        .. connection
            .Query<Row>("SELECT id, version, document FROM bar_fact WHERE kind = @Name ORDER BY position, id", new { kind.Name }, transaction)
            .Select(row => new StoredFact<TDocument>(row.Id, row.Version, StoreJson.Read<TDocument>(row.Document))),
    ];

    /// <summary>The whole bar as one document.</summary>
    public BarDocument Whole() => new()
    {
        Cups = Documents(FactKinds.Cups),
        Ingredients = Documents(FactKinds.Ingredients),
        Dispensers = Documents(FactKinds.Dispensers),
        Espresso = Documents(FactKinds.Espresso),
        Coffees = Documents(FactKinds.Coffees),
        Foams = Documents(FactKinds.Foams),
        Pitchers = Documents(FactKinds.Pitchers),
        Parts = Documents(FactKinds.Parts),
        Stations = Documents(FactKinds.Stations),
        House = Documents(FactKinds.House).SingleOrDefault() ?? new HouseDocument(),
    };

    /// <summary>Keeps a new fact as version 1, behind the others of its kind.</summary>
    /// <exception cref="SqliteException">There is one of that kind and id.</exception>
    public void Add<TDocument>(FactKind<TDocument> kind, string id, TDocument document)
        where TDocument : class => connection.Execute(
        """
        INSERT INTO bar_fact (kind, id, position, version, document)
        VALUES (@Name, @id, (SELECT coalesce(max(position), 0) + 1 FROM bar_fact WHERE kind = @Name), 1, @json)
        """,
        new { kind.Name, id, json = StoreJson.Write(document) },
        transaction);

    /// <summary>Keeps a changed fact, if it still is the version that was changed.</summary>
    public SaveOutcome Update<TDocument>(FactKind<TDocument> kind, string id, long expectedVersion, TDocument document)
        where TDocument : class => Outcome(kind.Name, id, connection.Execute(
        "UPDATE bar_fact SET document = @json, version = version + 1 WHERE kind = @Name AND id = @id AND version = @expectedVersion",
        new { kind.Name, id, expectedVersion, json = StoreJson.Write(document) },
        transaction));

    /// <summary>Removes a fact, if it still is the version that was seen.</summary>
    public SaveOutcome Delete<TDocument>(FactKind<TDocument> kind, string id, long expectedVersion)
        where TDocument : class => Outcome(kind.Name, id, connection.Execute(
        "DELETE FROM bar_fact WHERE kind = @Name AND id = @id AND version = @expectedVersion",
        new { kind.Name, id, expectedVersion },
        transaction));

    private List<TDocument> Documents<TDocument>(FactKind<TDocument> kind)
        where TDocument : class => [.. List(kind).Select(fact => fact.Document)];

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
}
