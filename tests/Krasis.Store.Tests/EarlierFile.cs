using System.Globalization;
using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tests;

/// <summary>Data files as earlier programs left them, made by the migrations that they knew.</summary>
internal static class EarlierFile
{
    /// <summary>The number of every migration there is.</summary>
    public static IEnumerable<int> Versions => Enumerable.Range(1, KrasisFile.Version);

    /// <summary>Makes a file as the program left it that knew so many migrations.</summary>
    public static void Make(string path, int version)
    {
        var connectionString = $"Data Source={path};Pooling=false";
        var result = DeployChanges
            .To.SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(typeof(KrasisFile).Assembly, script => NumberOf(script) <= version)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        Assert.True(result.Successful, result.Error?.Message);
        using var connection = new SqliteConnection(connectionString);
        connection.Execute("PRAGMA journal_mode = WAL");
    }

    /// <summary>Runs SQL on a file.</summary>
    public static void Run(string path, string sql, object? parameters = null)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=false");
        connection.Execute(sql, parameters);
    }

    // Krasis.Store.Migrations.0014_house_file.sql
    private static int NumberOf(string script) =>
        int.Parse(script.Split('.')[^2].Split('_')[0], CultureInfo.InvariantCulture);
}
