using Dapper;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tastings;

/// <summary>Keeps tastings, who tasted, and notes.</summary>
public sealed class TastingStore
{
    private const string Columns =
        "id, version, state, created_at AS createdAt, opened_at AS openedAt, closed_at AS closedAt, document, opened, withdrawn, decision";
    private const string TasterColumns =
        "seat, device, is_simulated AS isSimulated, is_counted AS isCounted, came_at AS cameAt, answered_at AS answeredAt, answer";
    private const string NoteColumns =
        "id, build_id AS build, version, size, noted_at AS notedAt, who, liking, words, document";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal TastingStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Every tasting, the last first.</summary>
    public IReadOnlyList<StoredTasting> List() =>
        [
            .. connection.Query<StoredTasting>(
                $"SELECT {Columns} FROM tasting ORDER BY coalesce(opened_at, created_at) DESC, id",
                transaction: transaction
            ),
        ];

    /// <summary>Those in which a build was tasted, the last first.</summary>
    public IReadOnlyList<StoredTasting> Of(string build) =>
        [
            .. connection.Query<StoredTasting>(
                $"SELECT {Columns} FROM tasting WHERE EXISTS (SELECT 1 FROM json_each(document, '$.samples') WHERE json_extract(value, '$.build') = @build) ORDER BY coalesce(opened_at, created_at) DESC, id",
                new { build },
                transaction
            ),
        ];

    /// <summary>The id of the first that tastes another one again; null when there is none.</summary>
    public string? After(string id) =>
        connection.QueryFirstOrDefault<string>(
            "SELECT id FROM tasting WHERE json_extract(document, '$.again') = @id ORDER BY created_at, id",
            new { id },
            transaction
        );

    /// <summary>One of them; null when there is none.</summary>
    public StoredTasting? Find(string id) =>
        connection.QuerySingleOrDefault<StoredTasting>(
            $"SELECT {Columns} FROM tasting WHERE id = @id",
            new { id },
            transaction
        );

    /// <summary>Keeps a new tasting as a draft, version 1.</summary>
    /// <exception cref="SqliteException">There is one of that id.</exception>
    public void Add(string id, string document, DateTimeOffset now) =>
        connection.Execute(
            "INSERT INTO tasting (id, version, state, created_at, document) VALUES (@id, 1, 'draft', @now, @document)",
            new
            {
                id,
                document,
                now = Timestamp.Write(now),
            },
            transaction
        );

    /// <summary>Keeps a changed draft, if it still is the version that was changed.</summary>
    public SaveOutcome Update(string id, long expected, string document) =>
        Outcome(
            id,
            connection.Execute(
                "UPDATE tasting SET document = @document, version = version + 1 WHERE id = @id AND version = @expected AND state = 'draft'",
                new
                {
                    id,
                    expected,
                    document,
                },
                transaction
            )
        );

    /// <summary>Throws a draft away.</summary>
    public SaveOutcome Remove(string id, long expected) =>
        Outcome(
            id,
            connection.Execute(
                "DELETE FROM tasting WHERE id = @id AND version = @expected AND state = 'draft'",
                new { id, expected },
                transaction
            )
        );

    /// <summary>Opens a draft: from now on it is tasted, and stays as it is.</summary>
    public SaveOutcome Open(string id, long expected, string opened, DateTimeOffset now) =>
        Outcome(
            id,
            connection.Execute(
                "UPDATE tasting SET state = 'open', opened = @opened, opened_at = @now, version = version + 1 WHERE id = @id AND version = @expected AND state = 'draft'",
                new
                {
                    id,
                    expected,
                    opened,
                    now = Timestamp.Write(now),
                },
                transaction
            )
        );

    /// <summary>Closes it: what is answered later is kept, and not counted by itself.</summary>
    public SaveOutcome Close(string id, long expected, DateTimeOffset now) =>
        Outcome(
            id,
            connection.Execute(
                "UPDATE tasting SET state = 'closed', closed_at = @now, version = version + 1 WHERE id = @id AND version = @expected AND state = 'open'",
                new
                {
                    id,
                    expected,
                    now = Timestamp.Write(now),
                },
                transaction
            )
        );

    /// <summary>Notes which samples are served no more.</summary>
    public void Withdraw(string id, string withdrawn) =>
        connection.Execute(
            "UPDATE tasting SET withdrawn = @withdrawn, version = version + 1 WHERE id = @id",
            new { id, withdrawn },
            transaction
        );

    /// <summary>Keeps what was decided.</summary>
    public void Decide(string id, string decision) =>
        connection.Execute(
            "UPDATE tasting SET decision = @decision, version = version + 1 WHERE id = @id",
            new { id, decision },
            transaction
        );

    /// <summary>Who sits at it, in the order of coming.</summary>
    public IReadOnlyList<StoredTaster> Tasters(string id) =>
        [
            .. connection.Query<StoredTaster>(
                $"SELECT {TasterColumns} FROM taster WHERE tasting_id = @id ORDER BY seat",
                new { id },
                transaction
            ),
        ];

    /// <summary>How many tasters have answered and are counted, by tasting.</summary>
    public IReadOnlyDictionary<string, (long Answered, long Simulated)> Answered() =>
        connection
            .Query<(string Id, long Answered, long Simulated)>(
                "SELECT tasting_id, count(*), sum(is_simulated) FROM taster WHERE answer IS NOT NULL AND is_counted = 1 GROUP BY tasting_id",
                transaction: transaction
            )
            .ToDictionary(row => row.Id, row => (row.Answered, row.Simulated));

    /// <summary>The seat of a device; null where it has none.</summary>
    public StoredTaster? Seat(string id, string device) =>
        connection.QuerySingleOrDefault<StoredTaster>(
            $"SELECT {TasterColumns} FROM taster WHERE tasting_id = @id AND device = @device",
            new { id, device },
            transaction
        );

    /// <summary>Gives a device the next seat.</summary>
    /// <exception cref="SqliteException">It has one.</exception>
    public void Sit(string id, string device, bool isSimulated, DateTimeOffset now) =>
        connection.Execute(
            """
            INSERT INTO taster (tasting_id, seat, device, is_simulated, came_at)
            VALUES (@id, (SELECT coalesce(max(seat), 0) + 1 FROM taster WHERE tasting_id = @id), @device, @simulated, @now)
            """,
            new
            {
                id,
                device,
                simulated = isSimulated ? 1 : 0,
                now = Timestamp.Write(now),
            },
            transaction
        );

    /// <summary>Keeps what was answered at a seat that has not answered yet.</summary>
    /// <returns>Whether it was kept.</returns>
    public bool Answer(string id, string device, string answer, bool isCounted, DateTimeOffset now) =>
        connection.Execute(
            "UPDATE taster SET answer = @answer, answered_at = @now, is_counted = @counted WHERE tasting_id = @id AND device = @device AND answer IS NULL",
            new
            {
                id,
                device,
                answer,
                counted = isCounted ? 1 : 0,
                now = Timestamp.Write(now),
            },
            transaction
        ) == 1;

    /// <summary>Counts in what came after closing.</summary>
    public void CountAll(string id)
    {
        connection.Execute("UPDATE taster SET is_counted = 1 WHERE tasting_id = @id", new { id }, transaction);
        connection.Execute("UPDATE tasting SET version = version + 1 WHERE id = @id", new { id }, transaction);
    }

    /// <summary>A note under an id; null when there is none.</summary>
    public StoredNote? Note(string id) =>
        connection.QuerySingleOrDefault<StoredNote>(
            $"SELECT {NoteColumns} FROM tasting_note WHERE id = @id",
            new { id },
            transaction
        );

    /// <summary>Keeps a note.</summary>
    /// <exception cref="SqliteException">There is one of that id, or no such build.</exception>
    public void Add(StoredNote note) =>
        connection.Execute(
            "INSERT INTO tasting_note (id, build_id, version, size, noted_at, who, liking, words, document) VALUES (@Id, @Build, @Version, @Size, @NotedAt, @Who, @Liking, @Words, @Document)",
            note,
            transaction
        );

    /// <summary>The notes of a build, or all where none is named, the last first.</summary>
    public IReadOnlyList<StoredNote> Notes(string? build) =>
        [
            .. connection.Query<StoredNote>(
                $"SELECT {NoteColumns} FROM tasting_note WHERE @build IS NULL OR build_id = @build ORDER BY noted_at DESC, id",
                new { build },
                transaction
            ),
        ];

    private SaveOutcome Outcome(string id, int changed) =>
        changed == 1 ? SaveOutcome.Saved
        : connection.ExecuteScalar<long>("SELECT count(*) FROM tasting WHERE id = @id", new { id }, transaction) == 0
            ? SaveOutcome.Missing
        : SaveOutcome.Stale;
}
