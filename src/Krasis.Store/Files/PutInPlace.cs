using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>Tells a data file from what was there before it was put in its place. In both, versions count alike, and a
/// page that was open all the while must not take one for the other.</summary>
/// <remarks>It is the number that SQLite keeps in the head of a file for those who use it: files of every age have it,
/// and 0 where nothing was ever put in their place.</remarks>
internal static class PutInPlace
{
    /// <summary>The number now.</summary>
    public static long Of(SqliteConnection connection, SqliteTransaction? transaction) =>
        connection.ExecuteScalar<long>("PRAGMA user_version", transaction: transaction);

    /// <summary>Gives the file a number that it has not had.</summary>
    public static void Mark(SqliteConnection connection, SqliteTransaction? transaction) =>
        connection.Execute(
            $"PRAGMA user_version = {RandomNumberGenerator.GetInt32(1, int.MaxValue)}",
            transaction: transaction
        );
}
