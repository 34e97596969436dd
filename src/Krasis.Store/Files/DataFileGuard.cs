using Dapper;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Files;

/// <summary>Makes sure that nothing is saved into a data file that is not good: one that was moved or replaced, lost its
/// log, or lacks what was saved before. Of a deleted file it keeps a connection, so that it can still be read.</summary>
/// <param name="path">The file.</param>
/// <param name="connectionString">How it is opened.</param>
internal sealed class DataFileGuard(string path, string connectionString)
{
    private readonly Lock commits = new();

    // The file's count of writes at the last commit that was acknowledged.
    private long acknowledged;

    // Whether a write has failed since the file was last proved good.
    private volatile bool isDoubted;

    // A connection to a file that was deleted or replaced; everything saved can still be read through it.
    private SqliteConnection? lastView;
    private string? realPath;

    /// <summary>Opens a connection.</summary>
    public SqliteConnection Connect()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        return connection;
    }

    /// <summary>Closes the connections that nobody uses now.</summary>
    public void LetGo()
    {
        using var connection = new SqliteConnection(connectionString);
        SqliteConnection.ClearPool(connection);
    }

    /// <summary>Reads. If the file was deleted, it reads through the connection that is still open.</summary>
    public T Look<T>(Func<SqliteConnection, T> read)
    {
        if (lastView is { } view)
        {
            lock (view)
            {
                if (lastView == view)
                {
                    return read(view);
                }
            }
        }

        using var connection = Connect();
        return read(connection);
    }

    /// <summary>Uses a connection. If the file turns out to have been deleted or replaced, the connection stays open for
    /// <see cref="Look"/>.</summary>
    public T Use<T>(Func<SqliteConnection, T> work)
    {
        var connection = Connect();
        var isKept = false;
        try
        {
            return work(connection);
        }
        catch (DataFileException e) when (e.Trouble == DataFileTrouble.Gone)
        {
            isKept = Interlocked.CompareExchange(ref lastView, connection, null) is null;
            throw;
        }
        finally
        {
            if (!isKept)
            {
                connection.Dispose();
            }
        }
    }

    /// <summary>Notes that a write failed: the next one needs <see cref="Prove"/> first.</summary>
    public void Doubt() => isDoubted = true;

    /// <summary>After a failed write, checks that the file is the one at its path, is whole, and holds everything that
    /// was acknowledged. When its last connection is closed, SQLite writes what a deleted log holds into the
    /// file.</summary>
    /// <exception cref="DataFileException">The file is not good.</exception>
    public void Prove()
    {
        if (!isDoubted)
        {
            return;
        }

        lock (commits)
        {
            CloseLastView();
            LetGo();
            using var connection = new SqliteConnection(
                new SqliteConnectionStringBuilder(connectionString) { Pooling = false }.ToString()
            );
            connection.Open();
            if (DataFileLook.FaultOf(connection, isThorough: false) is not null)
            {
                throw new DataFileException(DataFileTrouble.Damaged, path);
            }

            RefuseIfBehind(connection.ExecuteScalar<long>("SELECT writes FROM house_file"));
            isDoubted = false;
        }
    }

    /// <summary>Refuses to go on if the file or its log was moved, deleted or replaced.</summary>
    /// <exception cref="DataFileException">It was.</exception>
    public void RefuseIfMoved(SqliteConnection connection)
    {
        if (MovedFile.Is(connection))
        {
            throw new DataFileException(DataFileTrouble.Gone, path, isStillRead: true);
        }

        // The log is a file too, and holds what was written last.
        if (!File.Exists(path + "-wal") || MovedFile.HasLostItsLog(realPath ??= MovedFile.RealPath(path)))
        {
            Doubt();
            throw new DataFileException(DataFileTrouble.LogGone, path);
        }
    }

    /// <summary>Refuses to go on if the file's count of writes is lower than at the last acknowledged commit.</summary>
    /// <param name="writes">The file's count of writes.</param>
    /// <exception cref="DataFileException">It is lower.</exception>
    public void RefuseIfBehind(long writes)
    {
        if (writes < Interlocked.Read(ref acknowledged))
        {
            throw new DataFileException(DataFileTrouble.Behind, path);
        }
    }

    /// <summary>Commits, and counts the commit as acknowledged only if it is in the file at its path.</summary>
    /// <param name="connection">The connection.</param>
    /// <param name="transaction">Its transaction.</param>
    /// <param name="writes">The file's count of writes with this one; 0 for a write that is not counted.</param>
    /// <exception cref="DataFileException">The file or its log has gone meanwhile.</exception>
    public void Commit(SqliteConnection connection, SqliteTransaction transaction, long writes)
    {
        lock (commits)
        {
            transaction.Commit();
            RefuseIfMoved(connection);
            acknowledged = Math.Max(acknowledged, writes);
        }
    }

    private void CloseLastView()
    {
        if (lastView is not { } view)
        {
            return;
        }

        lock (view)
        {
            if (MovedFile.Is(view))
            {
                throw new DataFileException(DataFileTrouble.Gone, path, isStillRead: true);
            }

            lastView = null;
            view.Dispose();
        }
    }
}
