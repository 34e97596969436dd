using Dapper;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>Puts a copy in the place of a data file.</summary>
public static class Restoring
{
    /// <summary>Puts a copy in the place of the data file. What is there, a log of a dead file too, is first kept among
    /// the copies.</summary>
    /// <param name="copy">The copy.</param>
    /// <param name="dataFile">The data file; there may be none.</param>
    /// <param name="at">When it is.</param>
    /// <param name="copies">Where copies are kept; beside the data file unless said.</param>
    /// <returns>Where what was there is kept now; null where nothing was.</returns>
    /// <exception cref="KrasisFileException">Nothing has been changed; the message says why.</exception>
    public static string? Put(string copy, string dataFile, DateTimeOffset at, string? copies = null)
    {
        var full = Path.GetFullPath(dataFile);
        var (log, shared) = (full + "-wal", full + "-shm");
        var coming = full + ".coming";
        using var turn = OpeningLock.Take(full);
        try
        {
            if (DataFileLook.Fault(copy, isThorough: true) is { } fault)
            {
                throw new KrasisFileException(
                    $"'{copy}' cannot be put in the place of the data file: {fault}. Nothing has been changed."
                );
            }

            if (Path.GetFullPath(copy) == full)
            {
                throw new KrasisFileException($"'{copy}' is the data file itself. Nothing has been changed.");
            }

            Directory.CreateDirectory(Path.GetDirectoryName(full)!);
            Copies.Make(copy, coming);
            Mark(coming);
            var kept = Keep(full, at, copies ?? Copies.FolderBeside(full));

            // A log that is left beside another file than its own would be written into it. What it holds is kept.
            File.Delete(log);
            File.Delete(shared);
            File.Move(coming, full, overwrite: true);
            return kept;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new KrasisFileException($"'{dataFile}' cannot be written: {e.Message}", e);
        }
        finally
        {
            File.Delete(coming);
        }
    }

    /// <summary>Keeps what is there among the copies: as one whole file where it can be read, else as it is, with its
    /// log.</summary>
    private static string? Keep(string full, DateTimeOffset at, string copies)
    {
        if (!File.Exists(full) && !File.Exists(full + "-wal"))
        {
            return null;
        }

        var to = Path.Combine(copies, Copies.NameOf(full, at, "before-restore"));
        if (DataFileLook.Fault(full, isThorough: false) is null)
        {
            Copies.Make(full, to);
            Empty(full);
            return to;
        }

        // Nothing is called a copy that cannot be put back.
        to += ".damaged";
        Directory.CreateDirectory(Path.GetDirectoryName(to)!);
        foreach (var end in (ReadOnlySpan<string>)["", "-wal"])
        {
            if (File.Exists(full + end))
            {
                File.Copy(full + end, to + end, overwrite: true);
            }
        }

        return File.Exists(to) ? to : to + "-wal";
    }

    private static void Mark(string coming)
    {
        using var connection = OpenToWrite(coming);
        PutInPlace.Mark(connection, null);
    }

    private static SqliteConnection OpenToWrite(string path)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Mode = SqliteOpenMode.ReadWrite,
                Pooling = false,
                DefaultTimeout = 5,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    /// <summary>Brings what stands in the log into the file, so that it is whole even if the power fails before the
    /// copy takes its place.</summary>
    private static void Empty(string full)
    {
        using var connection = OpenToWrite(full);
        connection.Execute("PRAGMA wal_checkpoint(TRUNCATE)");
    }
}
