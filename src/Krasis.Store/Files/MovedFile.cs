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

    /// <summary>Whether the file behind a connection is no longer the one at its path.</summary>
    public static bool Is(SqliteConnection connection) =>
        FileControl(connection.Handle!, "main", HasMoved, out var moved) == Ok && moved != 0;

    // The provider does not hand this call through.
    [LibraryImport("e_sqlite3", EntryPoint = "sqlite3_file_control", StringMarshalling = StringMarshalling.Utf8)]
    private static partial int FileControl(SQLitePCL.sqlite3 connection, string schema, int operation, out int result);
}
