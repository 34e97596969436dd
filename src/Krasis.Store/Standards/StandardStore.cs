using System.Globalization;
using Dapper;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Standards;

/// <summary>Keeps what has been published. Nothing in it is ever changed or removed; the file itself refuses
/// it.</summary>
public sealed class StandardStore
{
    private const string Columns = "build_id AS buildId, number, published_at AS publishedAt, reason, document, bar";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal StandardStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Keeps a build as its next standard.</summary>
    /// <returns>Its number.</returns>
    /// <exception cref="SqliteException">There is no such build.</exception>
    public long Add(string buildId, BuildDocument document, BarDocument bar, string reason, DateTimeOffset now)
    {
        var number = connection.ExecuteScalar<long>(
            "SELECT coalesce(max(number), 0) + 1 FROM standard WHERE build_id = @buildId",
            new { buildId },
            transaction
        );
        connection.Execute(
            "INSERT INTO standard (build_id, number, published_at, reason, document, bar) VALUES (@buildId, @number, @now, @reason, @json, @facts)",
            new
            {
                buildId,
                number,
                now = now.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture),
                reason,
                json = StoreJson.Write(document),
                facts = StoreJson.Write(bar),
            },
            transaction
        );
        return number;
    }

    /// <summary>The standards of a build, the newest first.</summary>
    public IReadOnlyList<StoredStandard> List(string buildId) =>
        Query($"SELECT {Columns} FROM standard WHERE build_id = @buildId ORDER BY number DESC", new { buildId });

    /// <summary>The newest standard of a build, or null.</summary>
    public StoredStandard? Last(string buildId) =>
        Query($"SELECT {Columns} FROM standard WHERE build_id = @buildId ORDER BY number DESC LIMIT 1", new { buildId })
            .SingleOrDefault();

    /// <summary>The newest standard of every build that has one.</summary>
    public IReadOnlyList<StoredStandard> Newest() =>
        Query(
            $"SELECT {Columns} FROM standard WHERE number = (SELECT max(number) FROM standard AS other WHERE other.build_id = standard.build_id)",
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
        Query($"SELECT {Columns} FROM standard WHERE build_id = @buildId AND number = @number", new { buildId, number })
            .SingleOrDefault();

    private List<StoredStandard> Query(string sql, object parameters) =>
        [.. connection.Query<Row>(sql, parameters, transaction).Select(row => row.Read())];

    private sealed record Row(
        string BuildId,
        long Number,
        string PublishedAt,
        string Reason,
        string Document,
        string Bar
    )
    {
        public StoredStandard Read() =>
            new(
                BuildId,
                Number,
                DateTimeOffset.Parse(PublishedAt, CultureInfo.InvariantCulture),
                Reason,
                StoreJson.Read<BuildDocument>(Document),
                StoreJson.Read<BarDocument>(Bar)
            );
    }
}
