using Dapper;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store.Json;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Builds;

/// <summary>Keeps builds.</summary>
public sealed class BuildStore
{
    private const string Columns =
        "id, version, (SELECT max(version) FROM revision WHERE build_id = build.id) AS savedVersion, created_at AS createdAt, updated_at AS updatedAt, state, document";

    private static readonly TimeSpan OneSitting = TimeSpan.FromMinutes(10);

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    private readonly string who;

    internal BuildStore(SqliteConnection connection, SqliteTransaction transaction, string who)
    {
        this.connection = connection;
        this.transaction = transaction;
        this.who = who;
    }

    /// <summary>Every build that is not deleted, by name.</summary>
    public IReadOnlyList<StoredBuild> List() =>
        Query($"SELECT {Columns} FROM build WHERE deleted_at IS NULL ORDER BY name COLLATE NOCASE, id");

    /// <summary>The same without their documents.</summary>
    public IReadOnlyList<BuildHead> Heads() =>
        [
            .. connection
                .Query<Row>(
                    $"SELECT {Columns.Replace(", document", "", StringComparison.Ordinal)} FROM build WHERE deleted_at IS NULL ORDER BY name COLLATE NOCASE, id",
                    transaction: transaction
                )
                .Select(row => row.ReadHead()),
        ];

    /// <summary>What every build that is not deleted is called, by its id.</summary>
    public IReadOnlyDictionary<string, string> Names() =>
        connection
            .Query<(string Id, string Name)>(
                "SELECT id, name FROM build WHERE deleted_at IS NULL",
                transaction: transaction
            )
            .ToDictionary(row => row.Id, row => row.Name);

    /// <summary>Every build that is deleted and can be restored, the last deleted first.</summary>
    public IReadOnlyList<StoredBuild> ListDeleted() =>
        Query($"SELECT {Columns} FROM build WHERE deleted_at IS NOT NULL ORDER BY deleted_at DESC, id");

    /// <summary>A build that is not deleted, or null.</summary>
    public StoredBuild? Find(string id) =>
        Query($"SELECT {Columns} FROM build WHERE id = @id AND deleted_at IS NULL", new { id }).SingleOrDefault();

    /// <summary>A build that is deleted, or null.</summary>
    public StoredBuild? FindDeleted(string id) =>
        Query($"SELECT {Columns} FROM build WHERE id = @id AND deleted_at IS NOT NULL", new { id }).SingleOrDefault();

    /// <summary>Keeps a new build as version 1.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="document">The build.</param>
    /// <param name="now">The time.</param>
    /// <param name="byItself">Whether the page saved it without being asked.</param>
    /// <param name="page">The open page that saved it; null where it is not known.</param>
    /// <exception cref="SqliteException">There is one of that id.</exception>
    public void Add(string id, BuildDocument document, DateTimeOffset now, bool byItself = false, string? page = null)
    {
        connection.Execute(
            "INSERT INTO build (id, name, version, created_at, updated_at, document) VALUES (@id, @name, 1, @now, @now, @json)",
            new
            {
                id,
                name = document.Name ?? "",
                now = Timestamp.Write(now),
                json = StoreJson.Write(document),
            },
            transaction
        );
        KeepRevision(id, byItself, page);
    }

    /// <summary>Keeps a changed build, if it still is the version that was changed.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="expectedVersion">The version that was changed.</param>
    /// <param name="document">What it is now.</param>
    /// <param name="now">The time.</param>
    /// <param name="byItself">Whether the page saved it without being asked. Of such saves of one page, shortly one
    /// after another, only the last is kept in the history: nobody looks for a word half typed.</param>
    /// <param name="page">The open page that saved it; null where it is not known. Saves of two pages are never
    /// folded into one: each holds something that somebody wanted.</param>
    public SaveOutcome Update(
        string id,
        long expectedVersion,
        BuildDocument document,
        DateTimeOffset now,
        bool byItself = false,
        string? page = null
    )
    {
        var outcome = Outcome(
            id,
            connection.Execute(
                """
                UPDATE build SET name = @name, document = @json, updated_at = @now, version = version + 1
                WHERE id = @id AND version = @expectedVersion AND deleted_at IS NULL
                """,
                new
                {
                    id,
                    expectedVersion,
                    name = document.Name ?? "",
                    now = Timestamp.Write(now),
                    json = StoreJson.Write(document),
                },
                transaction
            )
        );
        if (outcome == SaveOutcome.Saved)
        {
            if (byItself)
            {
                connection.Execute(
                    """
                    DELETE FROM revision
                    WHERE build_id = @id AND version = @expectedVersion AND by_itself = 1 AND page = @page AND saved_at > @since
                    """,
                    new
                    {
                        id,
                        expectedVersion,
                        page,
                        since = Timestamp.Write(now - OneSitting),
                    },
                    transaction
                );
            }

            KeepRevision(id, byItself, page);
        }

        return outcome;
    }

    /// <summary>Saves a build in which two people's changes were put together. What one of them had is kept in the
    /// history first, so that both sides of each clash can be found there.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="expectedVersion">The other person's version, which is the one kept now.</param>
    /// <param name="mine">What the person who merged had.</param>
    /// <param name="merged">What came of both.</param>
    /// <param name="now">The time.</param>
    /// <param name="page">The open page that merged; null where it is not known.</param>
    public SaveOutcome UpdateMerged(
        string id,
        long expectedVersion,
        BuildDocument mine,
        BuildDocument merged,
        DateTimeOffset now,
        string? page = null
    ) =>
        Update(id, expectedVersion, mine, now, page: page) is var outcome and not SaveOutcome.Saved
            ? outcome
            : Update(id, expectedVersion + 1, merged, now, page: page);

    /// <summary>Moves a build to another state, if it still is the version that was seen. The document stays as it is;
    /// its version goes up all the same, so that who has not seen the move cannot save over it.</summary>
    public SaveOutcome Move(
        string id,
        long expectedVersion,
        BuildState state,
        string who,
        string reason,
        DateTimeOffset now
    )
    {
        var outcome = Outcome(
            id,
            connection.Execute(
                "UPDATE build SET state = @state, version = version + 1 WHERE id = @id AND version = @expectedVersion AND deleted_at IS NULL",
                new
                {
                    id,
                    expectedVersion,
                    state = Choice.Word(state),
                },
                transaction
            )
        );
        if (outcome == SaveOutcome.Saved)
        {
            connection.Execute(
                """
                INSERT INTO state_change (build_id, number, changed_at, state, who, reason)
                VALUES (@id, (SELECT coalesce(max(number), 0) + 1 FROM state_change WHERE build_id = @id), @now, @state, @who, @reason)
                """,
                new
                {
                    id,
                    now = Timestamp.Write(now),
                    state = Choice.Word(state),
                    who,
                    reason,
                },
                transaction
            );
        }

        return outcome;
    }

    /// <summary>Every save of a build, the newest first.</summary>
    public IReadOnlyList<Revision> Revisions(string id) =>
        [
            .. connection
                .Query<RevisionRow>(
                    "SELECT version, saved_at AS savedAt, who, document FROM revision WHERE build_id = @id ORDER BY version DESC",
                    new { id },
                    transaction
                )
                .Select(Read),
        ];

    /// <summary>A build as it stood at a version: a version that was a move, or a save that a later one has taken the
    /// place of, is the last save before it. Null when the build has not come so far.</summary>
    public Revision? RevisionAt(string id, long version) =>
        connection
            .Query<RevisionRow>(
                """
                SELECT version, saved_at AS savedAt, who, document FROM revision
                WHERE build_id = @id AND version <= @version AND EXISTS (SELECT 1 FROM build WHERE id = @id AND version >= @version)
                ORDER BY version DESC LIMIT 1
                """,
                new { id, version },
                transaction
            )
            .Select(Read)
            .SingleOrDefault();

    /// <summary>Every move of a build from one state to another, the newest first.</summary>
    public IReadOnlyList<StateChange> StateChanges(string id) =>
        [
            .. connection
                .Query<ChangeRow>(
                    "SELECT changed_at AS changedAt, state, who, reason FROM state_change WHERE build_id = @id ORDER BY number DESC",
                    new { id },
                    transaction
                )
                .Select(row => new StateChange(Timestamp.Read(row.ChangedAt), State(row.State), row.Who, row.Reason)),
        ];

    /// <summary>Marks a build as deleted, if it still is the version that was seen.</summary>
    public SaveOutcome Delete(string id, long expectedVersion, DateTimeOffset now) =>
        Outcome(
            id,
            connection.Execute(
                "UPDATE build SET deleted_at = @now WHERE id = @id AND version = @expectedVersion AND deleted_at IS NULL",
                new
                {
                    id,
                    expectedVersion,
                    now = Timestamp.Write(now),
                },
                transaction
            )
        );

    /// <summary>How many builds there are, deleted ones left out.</summary>
    public int Count =>
        connection.ExecuteScalar<int>("SELECT count(*) FROM build WHERE deleted_at IS NULL", transaction: transaction);

    /// <summary>Takes a deletion back.</summary>
    /// <returns>Whether there was one.</returns>
    public bool Restore(string id) =>
        connection.Execute(
            "UPDATE build SET deleted_at = NULL WHERE id = @id AND deleted_at IS NOT NULL",
            new { id },
            transaction
        ) > 0;

    private static Revision Read(RevisionRow row) =>
        new(row.Version, Timestamp.Read(row.SavedAt), row.Who, StoreJson.Read<BuildDocument>(row.Document));

    private static BuildState State(string word) =>
        Enum.GetValues<BuildState>().Single(state => Choice.Word(state) == word);

    private void KeepRevision(string id, bool byItself, string? page) =>
        connection.Execute(
            """
            INSERT INTO revision (build_id, version, saved_at, by_itself, who, page, document)
            SELECT id, version, updated_at, @byItself, @who, @page, document FROM build WHERE id = @id
            """,
            new
            {
                id,
                byItself,
                who,
                page,
            },
            transaction
        );

    private SaveOutcome Outcome(string id, int changed) =>
        changed > 0 ? SaveOutcome.Saved
        : Find(id) is null ? SaveOutcome.Missing
        : SaveOutcome.Stale;

    private List<StoredBuild> Query(string sql, object? parameters = null) =>
        [.. connection.Query<Row>(sql, parameters, transaction).Select(row => row.Read())];

    private sealed record RevisionRow(long Version, string SavedAt, string Who, string Document);

    private sealed record ChangeRow(string ChangedAt, string State, string Who, string Reason);

    // By its properties: SQLite does not say the type of a column that is worked out, where there is no row.
    private sealed record Row
    {
        public string Id { get; init; } = "";

        public long Version { get; init; }

        public long SavedVersion { get; init; }

        public string CreatedAt { get; init; } = "";

        public string UpdatedAt { get; init; } = "";

        public string State { get; init; } = "";

        public string Document { get; init; } = "";

        public BuildHead ReadHead() =>
            new(Id, Version, SavedVersion, Timestamp.Read(UpdatedAt), BuildStore.State(State));

        public StoredBuild Read() =>
            new(
                Id,
                Version,
                SavedVersion,
                Timestamp.Read(CreatedAt),
                Timestamp.Read(UpdatedAt),
                BuildStore.State(State),
                StoreJson.Read<BuildDocument>(Document)
            );
    }
}
