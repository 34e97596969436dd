using Dapper;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Prints;

/// <summary>Keeps which standard the cards were of that were printed last.</summary>
public sealed class PrintStore
{
    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal PrintStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Notes that the cards of a standard were printed for a station; empty where the house has one place
    /// only.</summary>
    /// <exception cref="SqliteException">There is no such build.</exception>
    public void Note(string build, string station, long standard, DateTimeOffset now) =>
        connection.Execute(
            "INSERT OR REPLACE INTO card_print (build_id, station, standard, printed_at) VALUES (@build, @station, @standard, @now)",
            new
            {
                build,
                station,
                standard,
                now = Timestamp.Write(now),
            },
            transaction
        );

    /// <summary>Those that were printed of a standard that is no longer the last.</summary>
    public IReadOnlyList<CardPrint> OutOfDate() =>
        [
            .. connection.Query<CardPrint>(
                """
                SELECT print.build_id AS build, print.station, print.standard, last.number AS last, print.printed_at AS printedAt
                FROM card_print AS print
                JOIN build ON build.id = print.build_id AND build.deleted_at IS NULL
                JOIN standard AS last ON last.build_id = print.build_id
                    AND last.number = (SELECT max(number) FROM standard WHERE build_id = print.build_id)
                WHERE last.number > print.standard
                ORDER BY print.printed_at, print.build_id, print.station
                """,
                transaction: transaction
            ),
        ];
}
