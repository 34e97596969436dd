using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Web.Hosting;

namespace Krasis.Web.Tests.Hosting;

/// <summary>The commands, on the demo's file while its program runs.</summary>
public sealed class CommandTests(KrasisServer server) : IClassFixture<KrasisServer>, IDisposable
{
    private readonly DirectoryInfo folder = Directory.CreateTempSubdirectory("krasis-commands-");

    public void Dispose() => folder.Delete(recursive: true);

    [Fact]
    public async Task What_is_copied_while_the_program_runs_is_restored_elsewhere_whole()
    {
        var (copy, other) = (
            Path.Combine(folder.FullName, "copy.db"),
            Path.Combine(folder.FullName, "other", "krasis.db")
        );

        Assert.Equal(0, await CommandLine.Run(["backup", copy, "--data", server.DataFile]));
        Assert.Equal(0, await CommandLine.Run(["check", copy]));
        Assert.Equal(0, await CommandLine.Run(["restore", copy, "--data", other]));
        Assert.Equal(0, await CommandLine.Run(["check", "--data", other]));
        Assert.Equal(Contents.Of(server.DataFile).Says, Contents.Of(other).Says);
    }

    [Fact]
    public async Task A_copy_replaces_no_file_unsaid()
    {
        var there = Path.Combine(folder.FullName, "recipes.txt");
        await File.WriteAllTextAsync(there, "mine", TestContext.Current.CancellationToken);

        var refused = await Assert.ThrowsAsync<KrasisFileException>(() =>
            CommandLine.Run(["backup", there, "--data", server.DataFile])
        );
        Assert.Contains("--overwrite", refused.Message, StringComparison.Ordinal);
        Assert.Equal("mine", await File.ReadAllTextAsync(there, TestContext.Current.CancellationToken));
        Assert.Equal(0, await CommandLine.Run(["backup", there, "--overwrite", "--data", server.DataFile]));
        Assert.Equal(0, await CommandLine.Run(["check", there]));
    }

    // A second program, and a restore, while one serves; when it has ended, the file is free again.
    [Fact]
    public async Task One_program_serves_a_file_and_nothing_is_put_in_its_place_meanwhile()
    {
        var (copy, data) = (Path.Combine(folder.FullName, "c.db"), Path.Combine(folder.FullName, "served.db"));
        Assert.Equal(0, await CommandLine.Run(["backup", copy, "--data", server.DataFile]));
        using (ServingLock.Take(data, "-"))
        {
            foreach (var args in new string[][] { ["restore", copy, "--data", data], ["--data", data, "--port", "0"] })
            {
                var refused = await Assert.ThrowsAsync<KrasisFileException>(() => CommandLine.Run(args));
                Assert.StartsWith("Another Krasis serves", refused.Message, StringComparison.Ordinal);
            }
        }

        Assert.False(File.Exists(data));
        Assert.Equal(0, await CommandLine.Run(["restore", copy, "--data", data]));
    }

    [Fact]
    public async Task A_bad_file_is_found_and_not_restored()
    {
        var bad = Path.Combine(folder.FullName, "bad.db");
        await File.WriteAllTextAsync(bad, new string('x', 9000), TestContext.Current.CancellationToken);

        Assert.Equal(1, await CommandLine.Run(["check", bad]));
        await Assert.ThrowsAsync<KrasisFileException>(() =>
            CommandLine.Run(["restore", bad, "--data", Path.Combine(folder.FullName, "krasis.db")])
        );
        Assert.False(File.Exists(Path.Combine(folder.FullName, "krasis.db")));
    }

    [Theory]
    [InlineData("backup")]
    [InlineData("backup", "a", "b")]
    [InlineData("restore", "a", "--port", "80")]
    [InlineData("remove", "everything")]
    public async Task A_command_that_is_not_understood_is_told(params string[] args) =>
        Assert.Contains(
            "--help",
            (await Assert.ThrowsAsync<KrasisOptionsException>(() => CommandLine.Run(args))).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public async Task What_the_page_hands_out_is_a_copy_that_can_be_restored()
    {
        using var answer = await server.Http.GetAsync(
            new Uri("/api/files/copy", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        var copy = Path.Combine(folder.FullName, "page.db");
        await File.WriteAllBytesAsync(
            copy,
            await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken),
            TestContext.Current.CancellationToken
        );

        Assert.Equal("krasis-20261125T090", answer.Content.Headers.ContentDisposition!.FileName![..19]);
        Assert.Equal(Contents.Of(server.DataFile).Says, Contents.Of(copy).Says);
        Assert.Null(DataFileLook.Fault(copy, isThorough: true));
    }
}
