using System.Globalization;
using Dapper;
using Krasis.Store.Bar;
using Krasis.Store.Files;
using Krasis.Store.House;
using Microsoft.Data.Sqlite;

namespace Krasis.Store;

/// <summary>The SQLite file that holds everything: opened, brought up to date, read and written here.</summary>
/// <remarks>Write-ahead log, <c>synchronous=FULL</c> and one transaction a write: what <c>Write</c> has
/// returned from is on the disk, in the file that is at its path, and survives a kill and a power cut.</remarks>
public sealed class KrasisFile
{
    // How long another writer is waited for, in seconds: our own take milliseconds.
    private const int BusySeconds = 5;

    // A write that went well says for this long that the next one will: nobody is asked so often that the disk would
    // notice.
    private const long GoodForMilliseconds = 15_000;
    private const long Never = long.MinValue / 2;

    // How often something is worked out again before it is worked out while nobody else can write.
    private const int MostAttempts = 5;

    private readonly string connectionString;
    private readonly FactsCache facts = new();

    private readonly DataFileGuard guard;

    // By the machine's running time: when something was kept last.
    private long keptAt = Never;

    private KrasisFile(string path, string copies)
    {
        Path = path;
        CopiesFolder = copies;

        // Never made by a connection: a file that has gone is told, and not silently begun anew.
        connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            Mode = SqliteOpenMode.ReadWrite,
            ForeignKeys = true,
            DefaultTimeout = BusySeconds,
        }.ToString();
        guard = new DataFileGuard(path, connectionString);
    }

    /// <summary>Where the file is.</summary>
    public string Path { get; }

    /// <summary>Where its copies are.</summary>
    public string CopiesFolder { get; }

    /// <summary>Tells who is writing, at each write; an empty name unless the program sets it.</summary>
    public Func<string> WhoWrites { get; set; } = static () => "";

    /// <summary>Opens a file, making it if there is none, and applies the migrations that it lacks; before the first of
    /// them a copy is made.</summary>
    /// <param name="path">The file.</param>
    /// <param name="clock">Tells when it is; the machine's unless said.</param>
    /// <param name="copies">Where its copies are; beside it unless said.</param>
    /// <exception cref="KrasisFileException">The file cannot be used; the message says why and what to do.</exception>
    public static KrasisFile Open(string path, TimeProvider? clock = null, string? copies = null)
    {
        var full = System.IO.Path.GetFullPath(path);
        var file = new KrasisFile(full, copies ?? Copies.FolderBeside(full));
        var now = (clock ?? TimeProvider.System).GetUtcNow();
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(full)!);
            using var turn = OpeningLock.Take(full);
            file.RefuseStrangers();
            if (file.IsOlder())
            {
                Copies.Make(
                    full,
                    System.IO.Path.Combine(
                        file.CopiesFolder,
                        Copies.NameOf(full, now, $"before-{Migrations.Last:0000}")
                    )
                );
            }

            file.Migrate();
            file.Mark(now);
            return file;
        }
        catch (SqliteException e)
        {
            throw DataFileException.Of(e, full) switch
            {
                { Trouble: DataFileTrouble.Damaged } => file.Damaged(e.Message, e),
                { } known => new KrasisFileException(known.Message, e),
                null => new KrasisFileException($"'{full}' cannot be opened: {e.Message}", e),
            };
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new KrasisFileException($"The folder of '{full}' cannot be used: {e.Message}", e);
        }
    }

    /// <summary>Closes what is still open of a file that is not needed any more, so that it can be deleted.</summary>
    /// <param name="path">The file.</param>
    public static void LetGo(string path) => new KrasisFile(System.IO.Path.GetFullPath(path), "").guard.LetGo();

    /// <summary>Which state of the bar's facts is kept now: asked for by itself, where no more is wanted, it takes half
    /// the time of a view.</summary>
    /// <exception cref="DataFileException">The file cannot be used now.</exception>
    public long BarRevision =>
        TranslateFaults(() =>
            guard.Look(connection =>
            {
                using var command = connection.CreateCommand();
                command.CommandText = BarStore.RevisionNow;
                return (long)command.ExecuteScalar()!;
            })
        );

    /// <summary>Runs <paramref name="work"/> on one consistent view of the file, without changing it.</summary>
    /// <exception cref="DataFileException">The file cannot be used now.</exception>
    public T Read<T>(Func<Session, T> work) =>
        TranslateFaults(() =>
            guard.Look(connection =>
            {
                using var transaction = connection.BeginTransaction(deferred: true);
                return work(new Session(connection, transaction, facts, isReading: true));
            })
        );

    /// <summary>Runs <paramref name="work"/> as the only writer. All of it is kept, or, if it throws or abandons
    /// the session, none.</summary>
    /// <exception cref="DataFileException">The file cannot be used now, and nothing has been kept; or it has gone while
    /// it was written, and what was written is in a file that nobody will find.</exception>
    public T Write<T>(Func<Session, T> work) => Write(work, isCounted: true);

    private T Write<T>(Func<Session, T> work, bool isCounted)
    {
        try
        {
            return TranslateFaults(() =>
            {
                guard.Prove();
                return guard.Use(connection => Write(connection, work, isCounted));
            });
        }
        catch (DataFileException e) when (e.Trouble != DataFileTrouble.Locked)
        {
            guard.Doubt();
            throw;
        }
    }

    private T Write<T>(SqliteConnection connection, Func<Session, T> work, bool isCounted)
    {
        connection.Execute("PRAGMA synchronous = FULL;");
        using var transaction = connection.BeginTransaction(deferred: false);
        guard.RefuseIfMoved(connection);
        var session = new Session(connection, transaction, facts, isReading: false, WhoWrites());
        if (isCounted)
        {
            guard.RefuseIfBehind(session.Writes);
        }

        var result = work(session);
        if (!session.IsAbandoned)
        {
            if (isCounted)
            {
                session.CountWrite();
            }

            guard.Commit(connection, transaction, isCounted ? session.Writes : 0);
            keptAt = Environment.TickCount64;
        }

        return result;
    }

    /// <summary>Works something out on a consistent view of the file, and then writes it as the only writer, in a short
    /// transaction. Where somebody wrote in between, it is worked out again, so that what is written always follows from
    /// what is kept.</summary>
    /// <param name="prepare">Works it out, without changing anything.</param>
    /// <param name="write">Writes it.</param>
    /// <exception cref="DataFileException">The file cannot be used now, and nothing has been kept.</exception>
    public T Write<TPrepared, T>(Func<Session, TPrepared> prepare, Func<Session, TPrepared, T> write)
    {
        for (var attempt = 1; ; attempt++)
        {
            var (seen, prepared) = Read(session => (session.Writes, prepare(session)));
            var (isDone, result) = Write(session =>
            {
                if (session.Writes != seen)
                {
                    if (attempt < MostAttempts)
                    {
                        session.Abandon();
                        return (false, default(T)!);
                    }

                    prepared = prepare(session);
                }

                return (true, write(session, prepared));
            });
            if (isDone)
            {
                return result;
            }
        }
    }

    /// <summary>What is the matter with the file now; null where nothing is. It is tried by writing to it, unless that
    /// has just been done.</summary>
    public DataFileException? Trouble()
    {
        try
        {
            if (Environment.TickCount64 - keptAt < GoodForMilliseconds)
            {
                return TranslateFaults(() =>
                    guard.Use(connection =>
                    {
                        // Its log is opened with the first thing that is read.
                        connection.ExecuteScalar<long>("SELECT count(*) FROM house_file");
                        guard.RefuseIfMoved(connection);
                        return default(DataFileException);
                    })
                );
            }

            // What a full disk takes of a few bytes says nothing of what it takes of a save. It is on the disk before
            // it is taken away.
            foreach (var isThere in (ReadOnlySpan<bool>)[true, false])
            {
                Write(session =>
                {
                    session.Try(isThere);
                    return true;
                });
            }

            return null;
        }
        catch (DataFileException e)
        {
            return e;
        }
    }

    private T TranslateFaults<T>(Func<T> work)
    {
        try
        {
            return work();
        }
        catch (SqliteException e) when (DataFileException.Of(e, Path) is { } trouble)
        {
            keptAt = Never;
            throw trouble;
        }
    }

    private void RefuseStrangers()
    {
        if (!DataFileLook.MayBeDatabase(Path))
        {
            throw new KrasisFileException(
                $"'{Path}' is not a database. Choose another file with --data, or move this one away; it has not been changed."
            );
        }

        if (new FileInfo(Path) is not { Exists: true, Length: > 0 })
        {
            if (Copies.LastGood(Path, CopiesFolder) is { } copy)
            {
                throw new KrasisFileException(
                    $"There is no data file '{Path}', but there are copies of one. {Offer(copy)} To begin with an empty bar, choose another file with --data."
                );
            }

            using var fresh = new SqliteConnection(
                new SqliteConnectionStringBuilder(connectionString)
                {
                    Mode = SqliteOpenMode.ReadWriteCreate,
                    Pooling = false,
                }.ToString()
            );
            fresh.Open();
            fresh.Execute("PRAGMA journal_mode = WAL;");
            return;
        }

        using var connection = guard.Connect();
        if (connection.ExecuteScalar<long>("SELECT count(*) FROM sqlite_schema") == 0)
        {
            return;
        }

        if (connection.ExecuteScalar<long>("PRAGMA application_id") != DataFileLook.ApplicationId)
        {
            throw new KrasisFileException(
                $"'{Path}' is a database of another program. Choose another file with --data; this one has not been changed."
            );
        }

        if (DataFileLook.FaultOf(connection, isThorough: false) is { } fault)
        {
            throw Damaged(fault);
        }
    }

    private bool IsOlder()
    {
        using var connection = guard.Connect();
        return Migrations.AreMissing(connection, Path);
    }

    /// <summary>Which migration is the last that this program knows, such as 15: the version of what a house's tables
    /// look like.</summary>
    public static int Version => Migrations.Last;

    /// <summary>Makes a file as an older program would have left it, fills it, and brings it up to date, so that what
    /// that program wrote is read for ever.</summary>
    /// <param name="path">Where; there must be no file.</param>
    /// <param name="version">Up to which migration it knew.</param>
    /// <param name="house">Which house it is of.</param>
    /// <param name="read">Reads what is in it, told what its tables look like.</param>
    /// <exception cref="KrasisFileException">It cannot be filled so.</exception>
    public static KrasisFile Rebuild(
        string path,
        int version,
        string house,
        Func<HouseStore, IReadOnlyList<HouseTable>> read
    )
    {
        var file = new KrasisFile(System.IO.Path.GetFullPath(path), Copies.FolderBeside(path));
        try
        {
            file.RefuseStrangers();
            file.Migrate(version);
            file.Write(
                session =>
                {
                    session.House.Replace(house, read(session.House));
                    return true;
                },
                isCounted: false
            );
            file.Migrate();
            return file;
        }
        catch (SqliteException e)
        {
            throw new KrasisFileException($"What is in it does not hold together: {e.Message}.", e);
        }
    }

    private void Migrate(int upTo = int.MaxValue)
    {
        Migrations.Apply(connectionString, Path, upTo);
        if (upTo >= Version)
        {
            Write(
                session =>
                {
                    session.Prep.FoldBook();
                    return true;
                },
                isCounted: false
            );
        }
    }

    /// <summary>Notes that it was opened: the write that shows that it can be written, before anybody works on
    /// it.</summary>
    private void Mark(DateTimeOffset now)
    {
        using var connection = guard.Connect();
        connection.Execute(
            "PRAGMA synchronous = FULL; UPDATE house_file SET opened_at = @now",
            new { now = now.UtcDateTime.ToString("O", CultureInfo.InvariantCulture) }
        );
    }

    private KrasisFileException Damaged(string fault, Exception? inner = null) =>
        new(
            $"'{Path}' cannot be used: {fault}. It has not been changed. {(Copies.LastGood(Path, CopiesFolder) is { } copy ? Offer(copy) : $"There is no good copy of it in '{CopiesFolder}'.")}",
            inner
        );

    private string Offer(KeptCopy copy) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"The last good copy is of {copy.At:yyyy-MM-dd HH:mm} UTC: krasis restore '{copy.Path}' --data '{Path}' puts it there, and keeps what is there now."
        );
}
