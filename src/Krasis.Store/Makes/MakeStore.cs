using Dapper;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Makes;

/// <summary>Keeps what was made. Nothing in it is changed afterwards.</summary>
public sealed class MakeStore
{
    private const string Columns =
        "id, build_id AS build, drink, standard, station, size_name AS sizeName, who, started_at AS startedAt, seconds, is_done AS isDone, strength, sweetness, is_allowed AS isAllowed";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal MakeStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>What a tablet sent under an id, word for word; null when nothing was.</summary>
    public string? Sent(string id) =>
        connection.ExecuteScalar<string?>("SELECT sent FROM make WHERE id = @id", new { id }, transaction);

    /// <summary>Keeps a make.</summary>
    /// <exception cref="SqliteException">There is one of that id.</exception>
    public void Add(StoredMake make)
    {
        connection.Execute(
            """
            INSERT INTO make (id, build_id, drink, standard, station, station_id, size, size_name, who, started_at, seconds, is_done, strength, sweetness, is_allowed, sent)
            VALUES (@Id, @Build, @Drink, @Standard, @Station, @StationId, @Size, @SizeName, @Who, @started, @Seconds, @done, @strength, @sweetness, @allowed, @Sent)
            """,
            new
            {
                make.Id,
                make.Build,
                make.Drink,
                make.Standard,
                make.Station,
                make.StationId,
                make.Size,
                make.SizeName,
                make.Who,
                started = Timestamp.Write(make.StartedAt),
                make.Seconds,
                done = make.IsDone ? 1 : 0,
                strength = make.Strength?.Value,
                sweetness = make.Sweetness?.Value,
                allowed = make.IsAllowed is { } allowed
                    ? allowed
                        ? 1
                        : 0
                    : default(int?),
                make.Sent,
            },
            transaction
        );
        connection.Execute(
            "INSERT INTO pour (make_id, number, line, what, ingredient, dispenser, recipe, target, grams, seconds, celsius, is_right) VALUES (@id, @number, @line, @what, @ingredient, @dispenser, @recipe, @target, @grams, @seconds, @celsius, @right)",
            make.Steps.Select(
                (step, i) =>
                    new
                    {
                        id = make.Id,
                        number = i + 1,
                        line = step.Line.Value,
                        what = step.What,
                        ingredient = step.Ingredient?.Value,
                        dispenser = step.Dispenser,
                        recipe = step.Recipe,
                        target = step.Target.Value,
                        grams = step.Grams.Value,
                        seconds = step.Seconds,
                        celsius = step.Temperature?.Value,
                        right = step.IsRight ? 1 : 0,
                    }
            ),
            transaction
        );
    }

    /// <summary>The makes since a moment, the last first, so many at the most.</summary>
    public IReadOnlyList<MakeRow> Since(DateTimeOffset from, int most) =>
        [
            .. connection.Query<MakeRow>(
                $"SELECT {Columns} FROM make WHERE started_at >= @from ORDER BY started_at DESC, id LIMIT @most",
                new { from = Timestamp.Write(from), most },
                transaction
            ),
        ];

    /// <summary>How many there are since a moment.</summary>
    public long CountSince(DateTimeOffset from) =>
        connection.ExecuteScalar<long>(
            "SELECT count(*) FROM make WHERE started_at >= @from",
            new { from = Timestamp.Write(from) },
            transaction
        );

    /// <summary>How much was wanted and how much went in, of everything that is not pulled, into the last makes since a
    /// moment.</summary>
    /// <param name="from">The moment.</param>
    /// <param name="most">Of how many makes at the most.</param>
    public IReadOnlyList<PouredAmount> Amounts(DateTimeOffset from, int most) =>
        [
            .. connection.Query<PouredAmount>(
                """
                SELECT made.station_id AS station, pour.ingredient, pour.target, pour.grams
                FROM (SELECT * FROM make WHERE started_at >= @from ORDER BY started_at DESC, id LIMIT @most) AS made
                JOIN pour ON pour.make_id = made.id
                WHERE pour.recipe IS NULL AND pour.ingredient IS NOT NULL
                """,
                new { from = Timestamp.Write(from), most },
                transaction
            ),
        ];

    /// <summary>What was poured into the last makes since a moment, in the order in which it was poured.</summary>
    /// <param name="from">The moment.</param>
    /// <param name="most">Of how many makes at the most.</param>
    public IReadOnlyList<PourRow> Pours(DateTimeOffset from, int most) =>
        [
            .. connection.Query<PourRow>(
                """
                SELECT made.started_at AS startedAt, made.station, made.who, pour.what, pour.dispenser, pour.recipe, pour.target, pour.grams, pour.seconds, pour.celsius, pour.is_right AS isRight
                FROM (SELECT * FROM make WHERE started_at >= @from ORDER BY started_at DESC, id LIMIT @most) AS made
                JOIN pour ON pour.make_id = made.id
                ORDER BY made.started_at, made.id, pour.number
                """,
                new { from = Timestamp.Write(from), most },
                transaction
            ),
        ];
}
