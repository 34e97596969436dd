using System.Reflection;
using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Krasis.Store.Bar;
using Microsoft.Data.Sqlite;

namespace Krasis.Store;

/// <summary>The SQLite file that holds everything: opened, brought up to date, read and written here.</summary>
/// <remarks>Write-ahead log, <c>synchronous=FULL</c> and one transaction a write: what <see cref="Write{T}"/> has
/// returned from is on the disk and survives a kill and a power cut.</remarks>
public sealed class KrasisFile
{
    private const int ApplicationId = 1265787251;
    private const int NotADatabase = 26;

    private readonly string connectionString;
    private readonly FactsCache facts = new();

    private KrasisFile(string path)
    {
        Path = path;
        connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            Mode = SqliteOpenMode.ReadWriteCreate,
            ForeignKeys = true,
            DefaultTimeout = 10,
        }.ToString();
    }

    /// <summary>Where the file is.</summary>
    public string Path { get; }

    /// <summary>Opens a file, making it if there is none, and applies the migrations that it lacks.</summary>
    /// <exception cref="KrasisFileException">The file cannot be used; the message says why and what to do.</exception>
    public static KrasisFile Open(string path)
    {
        var full = System.IO.Path.GetFullPath(path);
        var file = new KrasisFile(full);
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(full)!);
            file.RefuseStrangers();
            file.Migrate();
            return file;
        }
        catch (SqliteException e) when (e.SqliteErrorCode == NotADatabase)
        {
            throw new KrasisFileException($"'{full}' is not a database. Choose another file with --data, or move this one away; it has not been changed.", e);
        }
        catch (SqliteException e)
        {
            throw new KrasisFileException($"'{full}' cannot be opened: {e.Message}. Check that the folder exists, that it may be written to and that the disk is not full.", e);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new KrasisFileException($"The folder of '{full}' cannot be used: {e.Message}", e);
        }
    }

    /// <summary>Which state of the bar's facts is kept now: asked for by itself, where no more is wanted, it takes half the time of a view.</summary>
    public long BarRevision
    {
        get
        {
            using var connection = Connect();
            using var command = connection.CreateCommand();
            command.CommandText = BarStore.RevisionNow;
            return (long)command.ExecuteScalar()!;
        }
    }

    /// <summary>Runs <paramref name="work"/> on one consistent view of the file, without changing it.</summary>
    public T Read<T>(Func<Session, T> work)
    {
        using var connection = Connect();
        using var transaction = connection.BeginTransaction(deferred: true);
        return work(new Session(connection, transaction, facts, isReading: true));
    }

    /// <summary>Runs <paramref name="work"/> as the only writer. All of it is kept, or, if it throws or abandons
    /// the session, none.</summary>
    public T Write<T>(Func<Session, T> work)
    {
        using var connection = Connect();
        connection.Execute("PRAGMA synchronous = FULL;");
        using var transaction = connection.BeginTransaction(deferred: false);
        var session = new Session(connection, transaction, facts, isReading: false);
        var result = work(session);
        if (!session.IsAbandoned)
        {
            transaction.Commit();
        }

        return result;
    }

    private SqliteConnection Connect()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        return connection;
    }

    private void RefuseStrangers()
    {
        using var connection = Connect();
        var tables = connection.Query<string>("SELECT name FROM sqlite_schema WHERE type = 'table'").ToHashSet();
        if (tables.Count == 0)
        {
            connection.Execute("PRAGMA journal_mode = WAL;");
            return;
        }

        if (connection.ExecuteScalar<long>("PRAGMA application_id") != ApplicationId)
        {
            throw new KrasisFileException($"'{Path}' is a database of another program. Choose another file with --data; this one has not been changed.");
        }

        var known = MigrationNames().ToHashSet();
        var newer = connection.Query<string>("SELECT ScriptName FROM SchemaVersions ORDER BY ScriptName").Where(name => !known.Contains(name)).ToList();
        if (newer.Count > 0)
        {
            throw new KrasisFileException($"'{Path}' was written by a newer Krasis (it has the change '{newer[^1]}', which this program does not know). Start the newer program, or choose another file with --data; this one has not been changed.");
        }
    }

    private void Migrate()
    {
        var result = DeployChanges.To
            .SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly())
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new KrasisFileException($"'{Path}' could not be brought up to date at '{result.ErrorScript?.Name}': {result.Error.Message}", result.Error);
        }
    }

    private static IEnumerable<string> MigrationNames() =>
        Assembly.GetExecutingAssembly().GetManifestResourceNames().Where(name => name.EndsWith(".sql", StringComparison.Ordinal));
}
