using Krasis.Core.Builds;
using Krasis.Store.Files;

namespace Krasis.Store.Tests.Files;

public sealed class CopiesTests : IDisposable
{
    private static readonly DateTimeOffset At = new(2026, 11, 27, 14, 45, 0, TimeSpan.Zero);

    private readonly TemporaryFolder folder = new();

    public void Dispose() => folder.Dispose();

    [Fact]
    public async Task A_copy_has_all_that_was_kept_while_the_file_is_written_on()
    {
        var file = KrasisFile.Open(folder.File);
        Keep(file, "a");
        var copy = Path.Combine(folder.Root, "elsewhere", "copy.db");
        using var going = new ManualResetEventSlim();
        var writer = Task.Run(
            () =>
            {
                for (var i = 0; i < 60; i++)
                {
                    Keep(file, $"b{i}");
                    going.Set();
                }
            },
            TestContext.Current.CancellationToken
        );
        going.Wait(TestContext.Current.CancellationToken);
        Copies.Make(folder.File, copy);
        await writer;

        Assert.Null(DataFileLook.Fault(copy, isThorough: true));
        var kept = KrasisFile.Open(copy).Read(session => session.Builds.List()).Select(build => build.Id).ToList();
        Assert.Contains("a", kept);
        Assert.Equal(
            kept.Count,
            file.Read(session => session.Builds.List()).Select(build => build.Id).Intersect(kept).Count()
        );
    }

    [Fact]
    public void A_copy_takes_the_place_of_the_one_before_and_leaves_nothing_half_done()
    {
        var file = KrasisFile.Open(folder.File);
        var copy = Path.Combine(folder.Root, "out", "copy.db");
        Copies.Make(folder.File, copy);
        Keep(file, "later");
        Copies.Make(folder.File, copy);

        Assert.Equal(["copy.db"], Directory.GetFiles(Path.GetDirectoryName(copy)!).Select(Path.GetFileName));
        Assert.Single(KrasisFile.Open(copy).Read(session => session.Builds.List()));
    }

    [Fact]
    public void The_file_itself_is_no_copy_of_it()
    {
        KrasisFile.Open(folder.File);

        Assert.Contains(
            "is the data file itself",
            Assert.Throws<KrasisFileException>(() => Copies.Make(folder.File, folder.File)).Message,
            StringComparison.Ordinal
        );
        Assert.Null(DataFileLook.Fault(folder.File, isThorough: true));
    }

    [Fact]
    public void What_is_not_there_or_no_database_is_not_copied()
    {
        var copy = Path.Combine(folder.Root, "copy.db");
        Assert.Throws<KrasisFileException>(() => Copies.Make(folder.File, copy));
        File.WriteAllText(folder.File, new string('x', 5000));
        Assert.Throws<KrasisFileException>(() => Copies.Make(folder.File, copy));
        Assert.False(File.Exists(copy));
    }

    [Fact]
    public void The_newest_are_kept_and_those_made_before_a_change_for_good()
    {
        KrasisFile.Open(folder.File);
        var copies = Copies.FolderBeside(folder.File);
        for (var day = 0; day < 5; day++)
        {
            Copies.Make(folder.File, Path.Combine(copies, Copies.NameOf(folder.File, At.AddDays(day))));
        }

        Copies.Make(folder.File, Path.Combine(copies, Copies.NameOf(folder.File, At.AddDays(-9), "before-0014")));
        File.WriteAllText(Path.Combine(copies, "k-notes.db"), "not one of them");
        Copies.Rotate(folder.File, copies, 2);

        Assert.Equal([At.AddDays(4), At.AddDays(3)], Copies.Timed(folder.File, copies).Select(copy => copy.At));
        Assert.Equal(4, Directory.GetFiles(copies).Length);
    }

    [Fact]
    public void The_last_good_copy_is_the_newest_that_can_be_read()
    {
        KrasisFile.Open(folder.File);
        var copies = Copies.FolderBeside(folder.File);
        Copies.Make(folder.File, Path.Combine(copies, Copies.NameOf(folder.File, At)));
        File.WriteAllText(Path.Combine(copies, Copies.NameOf(folder.File, At.AddDays(1))), "half a copy");

        Assert.Equal(At, Copies.LastGood(folder.File, copies)!.At);
    }

    internal static void Keep(KrasisFile file, string id) =>
        file.Write(session =>
        {
            session.Builds.Add(id, new BuildDocument { Name = id }, DateTimeOffset.UnixEpoch);
            return true;
        });
}
