using Dapper;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Store.Json;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Standards;

/// <summary>Keeps what has been published. Nothing in it is ever changed or removed; the file itself refuses
/// it.</summary>
public sealed class StandardStore
{
    private const string Columns =
        "standard.build_id AS buildId, standard.number AS number, published_at AS publishedAt, who, reason, document, bar, sums, sheet";

    private const string Source =
        "standard LEFT JOIN standard_sheet AS recorded ON recorded.build_id = standard.build_id AND recorded.number = standard.number";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal StandardStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Keeps a build as its next standard.</summary>
    /// <param name="buildId">The build's id.</param>
    /// <param name="document">The build as it is now.</param>
    /// <param name="bar">The facts that it rests on.</param>
    /// <param name="frozen">The whole sheet and how it is made, worked out with them by today's sums.</param>
    /// <param name="signature">Who publishes it, why and when.</param>
    /// <returns>Its number.</returns>
    /// <exception cref="SqliteException">There is no such build.</exception>
    public long Add(string buildId, BuildDocument document, BarDocument bar, FrozenStandard frozen, Signature signature)
    {
        var number = connection.ExecuteScalar<long>(
            "SELECT coalesce(max(number), 0) + 1 FROM standard WHERE build_id = @buildId",
            new { buildId },
            transaction
        );
        connection.Execute(
            """
            INSERT INTO standard (build_id, number, published_at, who, reason, document, bar)
            VALUES (@buildId, @number, @at, @who, @reason, @json, @facts)
            """,
            new
            {
                buildId,
                number,
                at = Timestamp.Write(signature.At),
                who = signature.Who,
                reason = signature.Why,
                json = StoreJson.Write(document),
                facts = StoreJson.Write(bar),
            },
            transaction
        );
        Record(buildId, number, frozen, signature.At);
        return number;
    }

    /// <summary>Records the sheet of a standard that was published before sheets were kept. A sheet that is recorded
    /// already stays as it is.</summary>
    public void Record(string buildId, long number, FrozenStandard frozen, DateTimeOffset now) =>
        connection.Execute(
            """
            INSERT OR IGNORE INTO standard_sheet (build_id, number, sums, worked_out_at, sheet)
            VALUES (@buildId, @number, @sums, @now, @json)
            """,
            new
            {
                buildId,
                number,
                sums = SumsVersion.Current,
                now = Timestamp.Write(now),
                json = FrozenJson.Write(frozen),
            },
            transaction
        );

    /// <summary>The standards whose sheet is not recorded yet.</summary>
    public IReadOnlyList<StoredStandard> WithoutSheet() =>
        Query($"SELECT {Columns} FROM {Source} WHERE sheet IS NULL", new { });

    /// <summary>The standards of a build, the newest first.</summary>
    public IReadOnlyList<StoredStandard> List(string buildId) =>
        Query(
            $"SELECT {Columns} FROM {Source} WHERE standard.build_id = @buildId ORDER BY standard.number DESC",
            new { buildId }
        );

    /// <summary>The newest standard of a build, or null.</summary>
    public StoredStandard? Last(string buildId) =>
        Query(
                $"SELECT {Columns} FROM {Source} WHERE standard.build_id = @buildId ORDER BY standard.number DESC LIMIT 1",
                new { buildId }
            )
            .SingleOrDefault();

    /// <summary>The newest standard of every build that has one.</summary>
    public IReadOnlyList<StoredStandard> Newest() =>
        Query(
            $"SELECT {Columns} FROM {Source} WHERE standard.number = (SELECT max(number) FROM standard AS other WHERE other.build_id = standard.build_id)",
            new { }
        );

    /// <summary>The number of the newest standard of every build that has one, by the build's id.</summary>
    public IReadOnlyDictionary<string, long> Numbers() =>
        connection
            .Query<(string Id, long Number)>(
                "SELECT build_id, max(number) FROM standard GROUP BY build_id",
                transaction: transaction
            )
            .ToDictionary(row => row.Id, row => row.Number);

    /// <summary>One standard of a build, or null.</summary>
    public StoredStandard? Find(string buildId, long number) =>
        Query(
                $"SELECT {Columns} FROM {Source} WHERE standard.build_id = @buildId AND standard.number = @number",
                new { buildId, number }
            )
            .SingleOrDefault();

    private List<StoredStandard> Query(string sql, object parameters) =>
        [.. connection.Query<Row>(sql, parameters, transaction).Select(row => row.Read())];

    private sealed record Row(
        string BuildId,
        long Number,
        string PublishedAt,
        string Who,
        string Reason,
        string Document,
        string Bar,
        long? Sums,
        string? Sheet
    )
    {
        public StoredStandard Read() =>
            new(
                BuildId,
                Number,
                new Signature(Who, Reason, Timestamp.Read(PublishedAt)),
                StoreJson.Read<BuildDocument>(Document),
                StoreJson.Read<BarDocument>(Bar),
                Sheet is null ? null : new RecordedStandard((int)Sums!.Value, Sheet)
            );
    }
}
