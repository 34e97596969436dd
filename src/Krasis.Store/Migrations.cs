using System.Globalization;
using System.Reflection;
using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Krasis.Store.Files;
using Microsoft.Data.Sqlite;

namespace Krasis.Store;

/// <summary>The steps that bring a file's tables up to date, each an SQL script in this assembly.</summary>
internal static class Migrations
{
    /// <summary>The number of the last that this program knows.</summary>
    public static int Last { get; } = Names().Max(Number);

    /// <summary>Whether a file that has been used lacks some of them.</summary>
    /// <param name="connection">To the file.</param>
    /// <param name="path">The file, for the message.</param>
    /// <exception cref="KrasisFileException">A newer program has written it.</exception>
    public static bool AreMissing(SqliteConnection connection, string path)
    {
        if (connection.ExecuteScalar<long>("SELECT count(*) FROM sqlite_schema WHERE name = 'SchemaVersions'") == 0)
        {
            return false;
        }

        var known = Names().ToHashSet();
        var applied = connection.Query<string>("SELECT ScriptName FROM SchemaVersions ORDER BY ScriptName").ToHashSet();
        if (applied.Where(name => !known.Contains(name)).Max() is { } newer)
        {
            throw new KrasisFileException(
                $"'{path}' was written by a newer Krasis (it has the change '{newer}', which this program does not know). Start the newer program, or choose another file with --data; this one has not been changed."
            );
        }

        return applied.Count > 0 && !known.IsSubsetOf(applied);
    }

    /// <summary>Applies those that a file lacks, each in a transaction of its own.</summary>
    /// <param name="connectionString">How the file is opened.</param>
    /// <param name="path">The file, for the message.</param>
    /// <param name="upTo">The number of the last that is wanted.</param>
    /// <exception cref="KrasisFileException">One of them failed; those before it stay.</exception>
    public static void Apply(string connectionString, string path, int upTo)
    {
        // A restored copy is not in WAL mode. Only in WAL mode can others read while somebody writes.
        using (var connection = new SqliteConnection(connectionString))
        {
            connection.Open();
            connection.Execute("PRAGMA journal_mode = WAL;");
        }

        var result = DeployChanges
            .To.SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly(), script => Number(script) <= upTo)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new KrasisFileException(
                $"'{path}' could not be brought up to date at '{result.ErrorScript?.Name}': {result.Error.Message}",
                result.Error
            );
        }
    }

    private static IEnumerable<string> Names() =>
        Assembly
            .GetExecutingAssembly()
            .GetManifestResourceNames()
            .Where(name => name.EndsWith(".sql", StringComparison.Ordinal));

    // Krasis.Store.Migrations.0014_house_file.sql
    private static int Number(string script) =>
        int.Parse(script.Split('.')[^2].Split('_')[0], CultureInfo.InvariantCulture);
}
