using Dapper;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Store.Json;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Bar;

/// <summary>Keeps the bar's facts.</summary>
public sealed class BarStore
{
    internal const string RevisionNow = "SELECT n FROM counter WHERE what = 'bar'";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    private readonly FactsCache cache;
    private readonly bool isReading;

    private readonly string who;

    internal BarStore(
        SqliteConnection connection,
        SqliteTransaction transaction,
        FactsCache cache,
        bool isReading,
        string who
    )
    {
        this.who = who;
        this.connection = connection;
        this.transaction = transaction;
        this.cache = cache;
        this.isReading = isReading;
    }

    /// <summary>How often the facts have been changed.</summary>
    public long Revision => connection.ExecuteScalar<long>(RevisionNow, transaction: transaction);

    /// <summary>The bar's facts. Every change is read before it is kept, so that what is kept can always be read; if it
    /// cannot, the file was changed by another hand.</summary>
    /// <exception cref="InvalidOperationException">The kept bar cannot be read.</exception>
    public BarFacts Facts()
    {
        var revision = Revision;
        if (cache.Find(revision) is { } known)
        {
            return known;
        }

        var facts = BarReader.Read(Whole()).Value;

        // What a writer sees may be given up again, and its revision be somebody else's then.
        if (isReading)
        {
            cache.Keep(revision, facts);
        }

        return facts;
    }

    /// <summary>Whether nothing is known of the bar yet.</summary>
    public bool IsEmpty =>
        connection.ExecuteScalar<long>("SELECT count(*) FROM bar_fact", transaction: transaction) == 0;

    /// <summary>Every fact of a kind, in the bar's order.</summary>
    public IReadOnlyList<StoredFact<TDocument>> List<TDocument>(BarKind<TDocument> kind)
        where TDocument : class =>
        [
            .. connection
                .Query<Row>(
                    "SELECT id, version, document FROM bar_fact WHERE kind = @Name ORDER BY position, id",
                    new { kind.Name },
                    transaction
                )
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
    /// <exception cref="SqliteException">There is one of that kind and id, or has been.</exception>
    public void Add<TDocument>(BarKind<TDocument> kind, string id, TDocument document, DateTimeOffset now)
        where TDocument : class => Insert(kind.Name, id, 1, StoreJson.Write(document), now);

    /// <summary>Keeps a changed fact, if it still is the version that was changed.</summary>
    public SaveOutcome Update<TDocument>(
        BarKind<TDocument> kind,
        string id,
        long expectedVersion,
        TDocument document,
        DateTimeOffset now
    )
        where TDocument : class
    {
        var json = StoreJson.Write(document);
        var outcome = Outcome(
            kind.Name,
            id,
            connection.Execute(
                "UPDATE bar_fact SET document = @json, version = version + 1 WHERE kind = @Name AND id = @id AND version = @expectedVersion",
                new
                {
                    kind.Name,
                    id,
                    expectedVersion,
                    json,
                },
                transaction
            )
        );
        if (outcome == SaveOutcome.Saved)
        {
            Remember(kind.Name, id, expectedVersion + 1, json, now);
        }

        return outcome;
    }

    /// <summary>Removes a fact, if it still is the version that was seen. It can be brought back.</summary>
    public SaveOutcome Delete<TDocument>(BarKind<TDocument> kind, string id, long expectedVersion, DateTimeOffset now)
        where TDocument : class
    {
        var outcome = Outcome(
            kind.Name,
            id,
            connection.Execute(
                "DELETE FROM bar_fact WHERE kind = @Name AND id = @id AND version = @expectedVersion",
                new
                {
                    kind.Name,
                    id,
                    expectedVersion,
                },
                transaction
            )
        );
        if (outcome == SaveOutcome.Saved)
        {
            Remember(kind.Name, id, expectedVersion + 1, null, now);
        }

        return outcome;
    }

    /// <summary>Brings a removed fact back as it was last, behind the others of its kind.</summary>
    /// <returns>Missing where there is none that was removed.</returns>
    public SaveOutcome Restore<TDocument>(BarKind<TDocument> kind, string id, DateTimeOffset now)
        where TDocument : class
    {
        if (Removal(kind, id) is not var (version, document))
        {
            return SaveOutcome.Missing;
        }

        Insert(kind.Name, id, version + 1, StoreJson.Write(document), now);
        return SaveOutcome.Saved;
    }

    /// <summary>A removed fact as it was last; null where there is none that was removed.</summary>
    public TDocument? LastOf<TDocument>(BarKind<TDocument> kind, string id)
        where TDocument : class => Removal(kind, id)?.Document;

    private (long Version, TDocument Document)? Removal<TDocument>(BarKind<TDocument> kind, string id)
        where TDocument : class =>
        History(kind, id) is [{ Document: null } removal, { Document: { } document }, ..]
            ? (removal.Version, document)
            : null;

    /// <summary>The versions of a fact, the newest first; empty where there never was one.</summary>
    public IReadOnlyList<FactRevision<TDocument>> History<TDocument>(BarKind<TDocument> kind, string id)
        where TDocument : class =>
        [
            .. connection
                .Query<(long Version, string? SavedAt, string Who, string? Document)>(
                    "SELECT version, saved_at, who, document FROM bar_fact_revision WHERE kind = @Name AND id = @id ORDER BY version DESC",
                    new { kind.Name, id },
                    transaction
                )
                .Select(row => new FactRevision<TDocument>(
                    row.Version,
                    row.SavedAt is { } at ? Time(at) : null,
                    row.Who,
                    row.Document is { } json ? StoreJson.Read<TDocument>(json) : null
                )),
        ];

    /// <summary>The facts that were removed and are not back, the last removed first.</summary>
    public IReadOnlyList<RemovedFact> Removed() =>
        [
            .. connection
                .Query<(string Kind, string Id, string Name, string RemovedAt)>(
                    """
                    SELECT gone.kind, gone.id, coalesce(json_extract(was.document, '$.name'), ''), gone.saved_at
                    FROM bar_fact_revision AS gone
                    JOIN bar_fact_revision AS was ON was.kind = gone.kind AND was.id = gone.id AND was.version = gone.version - 1
                    WHERE gone.document IS NULL
                      AND NOT EXISTS (SELECT 1 FROM bar_fact WHERE bar_fact.kind = gone.kind AND bar_fact.id = gone.id)
                      AND gone.version = (SELECT max(version) FROM bar_fact_revision AS other WHERE other.kind = gone.kind AND other.id = gone.id)
                    ORDER BY gone.saved_at DESC, gone.kind, gone.id
                    """,
                    transaction: transaction
                )
                .Select(row => new RemovedFact(row.Kind, row.Id, row.Name, Time(row.RemovedAt))),
        ];

    /// <summary>Removes every fact and what is remembered of them, for a bar that is set up anew.</summary>
    public void Clear() =>
        connection.Execute("DELETE FROM bar_fact; DELETE FROM bar_fact_revision", transaction: transaction);

    private static DateTimeOffset Time(string text) => Timestamp.Read(text);

    private void Insert(string kind, string id, long version, string json, DateTimeOffset now)
    {
        connection.Execute(
            """
            INSERT INTO bar_fact (kind, id, position, version, document)
            VALUES (@kind, @id, (SELECT coalesce(max(position), 0) + 1 FROM bar_fact WHERE kind = @kind), @version, @json)
            """,
            new
            {
                kind,
                id,
                version,
                json,
            },
            transaction
        );
        Remember(kind, id, version, json, now);
    }

    private void Remember(string kind, string id, long version, string? json, DateTimeOffset now) =>
        connection.Execute(
            "INSERT INTO bar_fact_revision (kind, id, version, saved_at, who, document) VALUES (@kind, @id, @version, @at, @who, @json)",
            new
            {
                kind,
                id,
                version,
                at = Timestamp.Write(now),
                who,
                json,
            },
            transaction
        );

    private SaveOutcome Outcome(string kind, string id, int changed)
    {
        if (changed > 0)
        {
            return SaveOutcome.Saved;
        }

        var there = connection.ExecuteScalar<long>(
            "SELECT count(*) FROM bar_fact WHERE kind = @kind AND id = @id",
            new { kind, id },
            transaction
        );
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
