using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>The data file cannot be used any more, or not now. What was being written has not been kept. The message is
/// for whoever is at the page.</summary>
public sealed class DataFileException : Exception
{
    // Primary result codes of SQLite: https://www.sqlite.org/rescode.html
    private const int Permission = 3,
        Busy = 5,
        LockedTable = 6,
        ReadOnlyFile = 8,
        InputOutput = 10,
        Corrupt = 11,
        NoRoom = 13,
        CannotOpen = 14,
        NotADatabase = 26;

    /// <summary>Says what is the matter.</summary>
    /// <param name="trouble">What is the matter.</param>
    /// <param name="path">Which file.</param>
    /// <param name="inner">What SQLite said, if it did.</param>
    /// <param name="isStillRead">Whether all of it can still be read, though it has gone.</param>
    public DataFileException(DataFileTrouble trouble, string path, Exception? inner = null, bool isStillRead = false)
        : base(Say(trouble, path) + (isStillRead ? SaveTheHouse : ""), inner)
    {
        Trouble = trouble;
    }

    /// <summary>What is the matter.</summary>
    public DataFileTrouble Trouble { get; }

    /// <summary>What an error of SQLite says of the file; null where it says nothing of it, and something of the
    /// program.</summary>
    /// <param name="error">The error.</param>
    /// <param name="path">Which file.</param>
    public static DataFileException? Of(SqliteException error, string path) =>
        error.SqliteErrorCode switch
        {
            Busy or LockedTable => new(DataFileTrouble.Locked, path, error),
            ReadOnlyFile or Permission => new(
                File.Exists(path) ? DataFileTrouble.ReadOnly : DataFileTrouble.Gone,
                path,
                error
            ),
            NoRoom => new(DataFileTrouble.Full, path, error),
            Corrupt or NotADatabase => new(DataFileTrouble.Damaged, path, error),
            CannotOpen => new(File.Exists(path) ? DataFileTrouble.Disk : DataFileTrouble.Gone, path, error),
            InputOutput => new(DataFileTrouble.Disk, path, error),
            _ => null,
        };

    private const string SaveTheHouse =
        " Before you stop Krasis, save the whole house as a file on the page Files: everything that was saved can still "
        + "be read.";

    private static string Say(DataFileTrouble trouble, string path) =>
        trouble switch
        {
            DataFileTrouble.Gone =>
                $"The data file '{path}' is not there any more, or another one lies in its place. Nothing more is saved until you put it back.",
            DataFileTrouble.LogGone =>
                $"The log beside the data file '{path}' was deleted. This change was not saved. Try again: Krasis first makes "
                    + "sure that the file is whole.",
            DataFileTrouble.Behind =>
                $"The data file '{path}' lacks changes that were saved: an older file lies in its place, or its log was lost. "
                    + "Nothing more is saved into it. Put the right file back. To go on with this one, stop Krasis and start it "
                    + "again.",
            DataFileTrouble.ReadOnly =>
                $"The data file '{path}' may not be written to. Give Krasis leave to write there.",
            DataFileTrouble.Full => $"The disk that the data file '{path}' is on is full. Make room on it.",
            DataFileTrouble.Locked => $"Another program holds the data file '{path}' and does not let go. Close it.",
            DataFileTrouble.Damaged =>
                $"The data file '{path}' is damaged. Stop Krasis and start it again: it then names the last good copy.",
            _ => $"The disk that the data file '{path}' is on does not answer as it should. Look after the disk.",
        };
}
