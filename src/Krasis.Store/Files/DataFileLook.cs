using Dapper;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>Looks at a data file without changing anything in it.</summary>
public static class DataFileLook
{
    /// <summary>'Kras' in ASCII: tells a Krasis file from any other SQLite file.</summary>
    internal const int ApplicationId = 1265787251;

    // https://www.sqlite.org/fileformat.html, 1.2: no database is shorter than its header, and all begin so.
    private const int HeaderLength = 100;
    private static readonly byte[] Magic = "SQLite format 3\0"u8.ToArray();

    /// <summary>Whether a file can be one at all. SQLite takes one of a few bytes for an empty database, and would
    /// write over it.</summary>
    /// <param name="path">The file.</param>
    /// <returns>True for an empty file too, and where there is none.</returns>
    public static bool MayBeDatabase(string path)
    {
        var file = new FileInfo(path);
        if (!file.Exists || file.Length == 0)
        {
            return true;
        }

        var head = new byte[Magic.Length];
        using var stream = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        return file.Length >= HeaderLength
            && stream.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) == head.Length
            && head.AsSpan().SequenceEqual(Magic);
    }

    /// <summary>What is wrong with a file; null where nothing is.</summary>
    /// <param name="path">The file.</param>
    /// <param name="isThorough">Whether indexes are compared with their tables and every reference is followed, which
    /// takes several times as long.</param>
    public static string? Fault(string path, bool isThorough)
    {
        if (!File.Exists(path))
        {
            return "there is no such file";
        }

        if (new FileInfo(path).Length == 0 || !MayBeDatabase(path))
        {
            return "it is not a database";
        }

        try
        {
            using var connection = OpenToRead(path);
            return FaultOf(connection, isThorough);
        }
        catch (SqliteException e)
        {
            return DataFileException.Of(e, path) is { Trouble: DataFileTrouble.Damaged }
                ? $"it is damaged ({e.Message})"
                : $"it cannot be read ({e.Message})";
        }
    }

    /// <summary>The same through a connection.</summary>
    internal static string? FaultOf(SqliteConnection connection, bool isThorough)
    {
        if (connection.ExecuteScalar<long>("PRAGMA application_id") != ApplicationId)
        {
            return "it is a database of another program";
        }

        var said = connection.ExecuteScalar<string>(isThorough ? "PRAGMA integrity_check(1)" : "PRAGMA quick_check(1)");
        return said != "ok" ? $"it is damaged ({said?.ReplaceLineEndings(" ")})"
            : isThorough && connection.Query("PRAGMA foreign_key_check").FirstOrDefault() is { } loose
                ? $"something in it points to nothing ({loose})"
            : null;
    }

    /// <summary>Opens a file to read in it. A log beside it is read too.</summary>
    internal static SqliteConnection OpenToRead(string path)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Mode = SqliteOpenMode.ReadOnly,
                Pooling = false,
            }.ToString()
        );
        connection.Open();
        return connection;
    }
}
