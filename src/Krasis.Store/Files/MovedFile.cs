using System.Runtime.InteropServices;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>Tells whether a file that is open has been deleted, moved or replaced: whoever writes to it then writes to
/// nothing that is found again.</summary>
internal static partial class MovedFile
{
    // SQLITE_FCNTL_HAS_MOVED, sqlite3.h. Where a system does not let go of an open file (Windows) SQLite does not know
    // it, and need not.
    private const int HasMoved = 20;
    private const int Ok = 0;

    // Where Linux says what the files are that a program has open (proc_pid_fd(5)).
    private const string OpenFiles = "/proc/self/fd";
    private const string Deleted = " (deleted)";

    /// <summary>The path of a file as the system knows it, with every link followed; the path itself where the system
    /// does not tell.</summary>
    /// <param name="path">A file that is there.</param>
    public static string RealPath(string path)
    {
        try
        {
            using var file = File.Open(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
            return File.ResolveLinkTarget($"{OpenFiles}/{file.SafeFileHandle.DangerousGetHandle()}", false)?.FullName
                ?? path;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return path;
        }
    }

    /// <summary>Whether a log of the file that this program still has open has been deleted: what one connection writes
    /// is then in another log than what the next one reads. Known on Linux alone.</summary>
    /// <param name="realPath">The data file, by <see cref="RealPath"/>.</param>
    public static bool HasLostItsLog(string realPath)
    {
        if (!Directory.Exists(OpenFiles))
        {
            return false;
        }

        var log = $"{realPath}-wal{Deleted}";
        return Directory.EnumerateFileSystemEntries(OpenFiles).Any(open => TargetOf(open) == log);

        static string? TargetOf(string open)
        {
            try
            {
                return new FileInfo(open).LinkTarget;
            }
            catch (IOException)
            {
                // It was closed meanwhile.
                return null;
            }
        }
    }

    /// <summary>Whether the file behind a connection is no longer the one at its path.</summary>
    public static bool Is(SqliteConnection connection) =>
        FileControl(connection.Handle!, "main", HasMoved, out var moved) == Ok && moved != 0;

    // The provider does not hand this call through.
    [LibraryImport("e_sqlite3", EntryPoint = "sqlite3_file_control", StringMarshalling = StringMarshalling.Utf8)]
    private static partial int FileControl(SQLitePCL.sqlite3 connection, string schema, int operation, out int result);
}
