using Dapper;
using Krasis.Store.Files;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tests.Files;

/// <summary>What happens to a data file while the program runs and before it starts, tried on real files.</summary>
public sealed class DataFileTests : IDisposable
{
    private readonly TemporaryFolder folder = new();

    public void Dispose() => folder.Dispose();

    [Fact]
    public void Nothing_is_kept_in_a_file_that_was_deleted()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        foreach (var end in (string[])["", "-wal", "-shm"])
        {
            File.Delete(folder.File + end);
        }

        Assert.Equal(DataFileTrouble.Gone, Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b")).Trouble);
        Assert.Equal(DataFileTrouble.Gone, file.Trouble()!.Trouble);
        Assert.False(File.Exists(folder.File));
    }

    [Fact]
    public void A_file_that_is_put_back_is_written_again()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        Assert.Null(file.Trouble());
        var away = Path.Combine(folder.Root, "away.db");
        File.Move(folder.File, away);
        Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b"));
        Assert.NotNull(file.Trouble());

        File.Move(away, folder.File);
        Assert.Null(file.Trouble());
        CopiesTests.Keep(file, "c");
        Assert.Equal(["a", "c"], file.Read(session => session.Builds.List()).Select(build => build.Id).Order());
    }

    [Fact]
    public void Nothing_is_kept_in_a_file_in_whose_place_another_lies()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        var copy = Path.Combine(folder.Root, "copy.db");
        Copies.Make(folder.File, copy);
        File.Move(copy, folder.File, overwrite: true);

        Assert.Equal(DataFileTrouble.Gone, Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b")).Trouble);
    }

    [Fact]
    public void A_log_that_was_deleted_takes_nothing()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        File.Delete(folder.File + "-wal");

        Assert.Equal(
            DataFileTrouble.LogGone,
            Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b")).Trouble
        );
    }

    // What the deleted log held is written into the file when it is closed; then the file is good, and takes more.
    [Fact]
    public void After_a_log_was_deleted_all_that_was_kept_is_there_before_anything_more_is_taken()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        File.Delete(folder.File + "-wal");
        Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b"));

        CopiesTests.Keep(file, "c");
        KrasisFile.LetGo(folder.File);
        using var other = Connect();
        Assert.Equal(["a", "c"], other.Query<string>("SELECT id FROM build ORDER BY id"));
    }

    [Fact]
    public void Nothing_is_kept_where_another_log_lies_in_the_place_of_the_deleted_one()
    {
        if (!Directory.Exists("/proc/self/fd"))
        {
            return;
        }

        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        File.Delete(folder.File + "-wal");
        File.WriteAllBytes(folder.File + "-wal", []);

        Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b"));
    }

    [Fact]
    public void Nothing_is_kept_in_a_file_that_lacks_what_was_saved()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        var older = Path.Combine(folder.Root, "older.db");
        KrasisFile.LetGo(folder.File);
        File.Copy(folder.File, older);
        CopiesTests.Keep(file, "b");
        KrasisFile.LetGo(folder.File);
        using (var place = File.Open(folder.File, FileMode.Truncate, FileAccess.Write))
        {
            using var from = File.OpenRead(older);
            from.CopyTo(place);
        }

        for (var time = 0; time < 2; time++)
        {
            Assert.Equal(
                DataFileTrouble.Behind,
                Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "c")).Trouble
            );
        }
    }

    [Fact]
    public void All_that_was_kept_in_a_file_that_was_deleted_can_still_be_read()
    {
        var file = KrasisFile.Open(folder.File);
        CopiesTests.Keep(file, "a");
        foreach (var end in (string[])["", "-wal", "-shm"])
        {
            File.Delete(folder.File + end);
        }

        for (var time = 0; time < 2; time++)
        {
            var trouble = Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "b"));
            Assert.Contains("save the whole house as a file", trouble.Message, StringComparison.Ordinal);
        }

        KrasisFile.LetGo(folder.File);
        Assert.Equal("a", Assert.Single(file.Read(session => session.Builds.List())).Id);
    }

    [Fact]
    public void A_file_that_another_program_holds_is_told_and_taken_when_it_lets_go()
    {
        var file = KrasisFile.Open(folder.File);
        using (var other = Connect())
        {
            other.Execute("BEGIN IMMEDIATE");
            Assert.Equal(
                DataFileTrouble.Locked,
                Assert.Throws<DataFileException>(() => CopiesTests.Keep(file, "a")).Trouble
            );
            other.Execute("ROLLBACK");
        }

        CopiesTests.Keep(file, "b");
        Assert.Equal("b", file.Read(session => session.Builds.List()).Single().Id);
    }

    // What SQLite itself says, brought about by its own means: a disk cannot be filled, and root may write everywhere.
    [Theory]
    [InlineData("CREATE TABLE x (t); INSERT INTO x VALUES (randomblob(10000000))", "", DataFileTrouble.Full)]
    [InlineData("UPDATE house_file SET opened_at = 'x'", ";Mode=ReadOnly", DataFileTrouble.ReadOnly)]
    [InlineData("SELECT * FROM nothing", "", null)]
    public void What_is_the_matter_is_told_by_what_SQLite_says(string sql, string mode, DataFileTrouble? trouble)
    {
        KrasisFile.Open(folder.File);
        using var connection = new SqliteConnection($"Data Source={folder.File};Pooling=false{mode}");
        connection.Open();
        connection.ExecuteScalar<long>("PRAGMA max_page_count = 1");

        Assert.Equal(
            trouble,
            DataFileException.Of(Assert.Throws<SqliteException>(() => connection.Execute(sql)), folder.File)?.Trouble
        );
    }

    [Theory]
    [InlineData(1)]
    [InlineData(50)]
    [InlineData(99)]
    public void A_file_shorter_than_a_database_is_refused_and_left_alone(int bytes)
    {
        File.WriteAllText(folder.File, new string('x', bytes));

        Assert.Contains(
            "is not a database",
            Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File)).Message,
            StringComparison.Ordinal
        );
        Assert.Equal(bytes, new FileInfo(folder.File).Length);
    }

    [Fact]
    public void An_empty_file_is_a_beginning()
    {
        File.WriteAllText(folder.File, "");

        CopiesTests.Keep(KrasisFile.Open(folder.File), "a");
    }

    [Fact]
    public void Damaged_pages_are_told_at_the_start_with_the_last_good_copy()
    {
        CopiesTests.Keep(KrasisFile.Open(folder.File), "a");
        KrasisFile.LetGo(folder.File);
        var copy = Path.Combine(
            Copies.FolderBeside(folder.File),
            Copies.NameOf(folder.File, new DateTimeOffset(2026, 11, 27, 14, 45, 0, TimeSpan.Zero))
        );
        var sound = Path.Combine(folder.Root, "sound.db");
        File.Copy(folder.File, sound);
        RestoringTests.Damage(folder.File);
        Assert.Contains(
            "There is no good copy",
            Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File)).Message,
            StringComparison.Ordinal
        );

        KrasisFile.LetGo(folder.File);
        Copies.Make(sound, copy);
        var refusal = Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File)).Message;
        Assert.Contains("The last good copy is of 2026-11-27 14:45 UTC", refusal, StringComparison.Ordinal);
        Assert.Contains($"krasis restore '{copy}'", refusal, StringComparison.Ordinal);
    }

    [Fact]
    public void A_file_that_has_gone_is_not_begun_anew_where_there_are_copies_of_it()
    {
        KrasisFile.Open(folder.File);
        KrasisFile.LetGo(folder.File);
        Copies.Make(
            folder.File,
            Path.Combine(Copies.FolderBeside(folder.File), Copies.NameOf(folder.File, DateTimeOffset.UnixEpoch))
        );
        File.Delete(folder.File);

        Assert.Contains(
            "but there are copies of one",
            Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File)).Message,
            StringComparison.Ordinal
        );
        Assert.False(File.Exists(folder.File));
    }

    [Fact]
    public void Before_a_file_is_brought_up_to_date_a_copy_of_it_is_made()
    {
        EarlierFile.Make(folder.File, 13);
        EarlierFile.Run(
            folder.File,
            "INSERT INTO build (id, name, version, created_at, updated_at, document) VALUES ('a', 'a', 1, '', '', '{}')"
        );

        CopiesTests.Keep(KrasisFile.Open(folder.File), "b");
        var copy = Assert.Single(Directory.GetFiles(Copies.FolderBeside(folder.File)));
        Assert.Contains("-before-", copy, StringComparison.Ordinal);
        using var before = new SqliteConnection($"Data Source={copy};Pooling=false");
        before.Open();
        Assert.Equal("a", before.QuerySingle<string>("SELECT id FROM build"));
        Assert.Equal(0, before.ExecuteScalar<long>("SELECT count(*) FROM sqlite_schema WHERE name = 'house_file'"));
    }

    [Fact]
    public void Two_that_start_at_once_both_open_it()
    {
        for (var i = 0; i < 5; i++)
        {
            var path = Path.Combine(folder.Root, $"{i}.db");
            Parallel.For(0, 4, number => CopiesTests.Keep(KrasisFile.Open(path), $"{number}"));
            Assert.Equal(4, KrasisFile.Open(path).Read(session => session.Builds.List()).Count);
        }
    }

    private SqliteConnection Connect()
    {
        var connection = new SqliteConnection($"Data Source={folder.File};Pooling=false");
        connection.Open();
        return connection;
    }
}
