using Dapper;
using Krasis.Store.Files;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tests.Files;

public sealed class RestoringTests : IDisposable
{
    private static readonly DateTimeOffset At = new(2026, 11, 27, 14, 45, 0, TimeSpan.Zero);

    private readonly TemporaryFolder folder = new();
    private readonly string copy;

    public RestoringTests()
    {
        copy = Path.Combine(folder.Root, "copy.db");
        CopiesTests.Keep(KrasisFile.Open(folder.File), "kept");
        Copies.Make(folder.File, copy);
    }

    public void Dispose() => folder.Dispose();

    [Fact]
    public void A_copy_takes_the_place_of_the_file_and_what_was_there_is_kept()
    {
        CopiesTests.Keep(KrasisFile.Open(folder.File), "later");
        KrasisFile.LetGo(folder.File);
        var before = Restoring.Put(copy, folder.File, At);

        Assert.Equal(["kept"], Ids(folder.File));
        Assert.Equal(["kept", "later"], Ids(before!));
    }

    [Fact]
    public void What_was_there_is_kept_where_copies_are_kept()
    {
        var elsewhere = Path.Combine(folder.Root, "elsewhere");
        KrasisFile.LetGo(folder.File);
        var before = Restoring.Put(copy, folder.File, At, elsewhere);

        Assert.Equal(elsewhere, Path.GetDirectoryName(before));
        Assert.Equal(["kept"], Ids(before!));
    }

    [Fact]
    public void A_file_that_was_put_there_is_written_as_any_other()
    {
        KrasisFile.LetGo(folder.File);
        Restoring.Put(copy, folder.File, At);
        KrasisFile.Open(folder.File);

        using var connection = new SqliteConnection($"Data Source={folder.File}");
        connection.Open();
        Assert.Equal("wal", connection.ExecuteScalar<string>("PRAGMA journal_mode"));
    }

    [Fact]
    public void A_file_that_was_put_there_is_told_from_what_was_there_before()
    {
        Assert.Equal(0, Mark(folder.File));
        var marks = new List<long>();
        for (var i = 0; i < 2; i++)
        {
            KrasisFile.LetGo(folder.File);
            Restoring.Put(copy, folder.File, At.AddMinutes(i));
            marks.Add(Mark(folder.File));
        }

        Assert.Equal(3, marks.Append(0).Distinct().Count());
        Assert.Equal(0, Mark(copy));
    }

    [Fact]
    public void The_log_of_a_dead_file_is_not_written_into_the_copy()
    {
        // The file is gone and its log is still there, as after a disk's first aid.
        var file = KrasisFile.Open(folder.File);
        for (var i = 0; i < 20; i++)
        {
            CopiesTests.Keep(file, $"in the log {i}");
        }

        var log = File.ReadAllBytes(folder.File + "-wal");
        KrasisFile.LetGo(folder.File);
        File.Delete(folder.File);
        File.WriteAllBytes(folder.File + "-wal", log);
        var before = Restoring.Put(copy, folder.File, At);

        Assert.Null(DataFileLook.Fault(folder.File, isThorough: true));
        Assert.Equal(["kept"], Ids(folder.File));
        Assert.Equal(log, File.ReadAllBytes(before!));
    }

    [Fact]
    public void A_damaged_file_is_kept_beside_as_it_is()
    {
        KrasisFile.LetGo(folder.File);
        Damage(folder.File);
        var damaged = File.ReadAllBytes(folder.File);
        var before = Restoring.Put(copy, folder.File, At);

        Assert.Equal(["kept"], Ids(folder.File));
        Assert.Equal(damaged, File.ReadAllBytes(before!));
        Assert.EndsWith(".damaged", before, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_no_good_copy_is_refused_and_nothing_is_changed()
    {
        var bad = Path.Combine(folder.Root, "bad.db");
        File.Copy(copy, bad);
        Damage(bad);
        foreach (
            var (path, says) in new[]
            {
                (bad, "damaged"),
                (Path.Combine(folder.Root, "none.db"), "no such file"),
                (folder.File, "data file itself"),
            }
        )
        {
            KrasisFile.LetGo(folder.File);
            Assert.Contains(
                says,
                Assert.Throws<KrasisFileException>(() => Restoring.Put(path, folder.File, At)).Message,
                StringComparison.Ordinal
            );
            Assert.Equal(["kept"], Ids(folder.File));
        }

        Assert.DoesNotContain(Directory.GetFiles(folder.Root), path =>
            path.EndsWith(".coming", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void What_is_in_a_file_is_counted_and_what_cannot_be_read_is_named()
    {
        Assert.StartsWith("1 build, 0 deleted builds, 0 standards", Contents.Of(copy).Says, StringComparison.Ordinal);
        using (var connection = new SqliteConnection($"Data Source={copy};Pooling=false"))
        {
            connection.Open();
            connection.Execute("""UPDATE build SET document = '{"sizes": 5}'""");
        }

        Assert.Contains("build kept", Assert.Single(Contents.Of(copy).Faults), StringComparison.Ordinal);
    }

    /// <summary>Writes over a part of a table's pages, as a disk does that is about to die. The first page, by which a
    /// file is known, stays.</summary>
    internal static void Damage(string path)
    {
        using var file = new FileStream(path, FileMode.Open, FileAccess.ReadWrite);
        for (var page = 2; page < file.Length / 4096; page++)
        {
            file.Position = page * 4096;
            file.Write("This is no page of a database."u8);
        }
    }

    private static long Mark(string path) => KrasisFile.Open(path).Read(session => session.PutInPlace);

    private static List<string> Ids(string path) =>
        [.. KrasisFile.Open(path).Read(session => session.Builds.List()).Select(build => build.Id).Order()];
}
