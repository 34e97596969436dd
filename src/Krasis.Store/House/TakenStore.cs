using Dapper;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.House;

/// <summary>What was taken in from files.</summary>
/// <param name="Id">Its id.</param>
/// <param name="TakenAt">When, ISO 8601.</param>
/// <param name="Says">What it was, in a sentence.</param>
/// <param name="Undo">How it is undone, as JSON.</param>
/// <param name="UndoneAt">When it was; null while it is in.</param>
public sealed record TakenRow(string Id, string TakenAt, string Says, string Undo, string? UndoneAt);

/// <summary>What a fact of another house is here.</summary>
/// <param name="Kind">The sort of fact.</param>
/// <param name="Id">Its id there.</param>
/// <param name="Own">What stands for it here; null where nothing does.</param>
/// <param name="Comes">1 where it came along.</param>
public sealed record ForeignRow(string Kind, string Id, string? Own, long Comes);

/// <summary>Keeps what was taken in and what was said of other houses.</summary>
public sealed class TakenStore
{
    private const string Columns = "id, taken_at AS takenAt, says, undo, undone_at AS undoneAt";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal TakenStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>The last that were taken in, the newest first.</summary>
    public IReadOnlyList<TakenRow> Last(int most) =>
        [
            .. connection.Query<TakenRow>(
                $"SELECT {Columns} FROM taken_in ORDER BY taken_at DESC, id LIMIT @most",
                new { most },
                transaction
            ),
        ];

    /// <summary>One of them.</summary>
    public TakenRow? Find(string id) =>
        connection.QuerySingleOrDefault<TakenRow>(
            $"SELECT {Columns} FROM taken_in WHERE id = @id",
            new { id },
            transaction
        );

    /// <summary>Notes one.</summary>
    public void Add(string id, string says, string undo, DateTimeOffset now) =>
        connection.Execute(
            "INSERT INTO taken_in (id, taken_at, says, undo) VALUES (@id, @now, @says, @undo)",
            new
            {
                id,
                now = Timestamp.Write(now),
                says,
                undo,
            },
            transaction
        );

    /// <summary>Notes that one was undone.</summary>
    public void Undone(string id, DateTimeOffset now) =>
        connection.Execute(
            "UPDATE taken_in SET undone_at = @now WHERE id = @id",
            new { id, now = Timestamp.Write(now) },
            transaction
        );

    /// <summary>What was said of a house.</summary>
    public IReadOnlyList<ForeignRow> Of(string house) =>
        [
            .. connection.Query<ForeignRow>(
                "SELECT kind, id, own, comes FROM foreign_fact WHERE house = @house ORDER BY kind, id",
                new { house },
                transaction
            ),
        ];

    /// <summary>Remembers what was said of it.</summary>
    public void Say(string house, ForeignRow row) =>
        connection.Execute(
            "INSERT INTO foreign_fact (house, kind, id, own, comes) VALUES (@house, @Kind, @Id, @Own, @Comes) ON CONFLICT DO UPDATE SET own = excluded.own, comes = excluded.comes",
            new
            {
                house,
                row.Kind,
                row.Id,
                row.Own,
                row.Comes,
            },
            transaction
        );
}
