using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.Time.Testing;

namespace Krasis.Web.Tests.Hosting;

/// <summary>Copies that are made from time to time, by a clock that the test turns on.</summary>
public sealed class TimedCopiesTests : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    private readonly DirectoryInfo folder = Directory.CreateTempSubdirectory("krasis-copies-");
    private readonly FakeTimeProvider clock = new(new DateTimeOffset(2026, 11, 27, 8, 0, 0, TimeSpan.Zero));

    private string DataFile => Path.Combine(folder.FullName, "krasis.db");

    public void Dispose()
    {
        KrasisFile.LetGo(DataFile);
        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task A_copy_is_made_when_one_is_due_and_the_oldest_goes()
    {
        await using (var app = await Start())
        {
            Until("08:00");
            for (var hour = 9; hour < 13; hour++)
            {
                // Not before its time.
                clock.Advance(TimeSpan.FromMinutes(59));
                Assert.Equal(hour - 1, Copies.Timed(DataFile, Copies.FolderBeside(DataFile))[0].At.Hour);
                clock.Advance(TimeSpan.FromMinutes(1));
                Until($"{hour:00}:00");
            }

            // The oldest goes a moment after the newest is there.
            _ = SpinWait.SpinUntil(
                () => Copies.Timed(DataFile, Copies.FolderBeside(DataFile)).Count <= 3,
                TimeSpan.FromSeconds(20)
            );
            Assert.Equal(
                [12, 11, 10],
                Copies.Timed(DataFile, Copies.FolderBeside(DataFile)).Select(copy => copy.At.Hour)
            );
        }

        // Started anew before the next is due, it makes none; at its time it does.
        clock.Advance(TimeSpan.FromMinutes(30));
        await using (var again = await Start())
        {
            Assert.Equal(12, Copies.Timed(DataFile, Copies.FolderBeside(DataFile))[0].At.Hour);
            clock.Advance(TimeSpan.FromMinutes(30));
            Until("13:00");
        }

        Assert.All(Copies.Timed(DataFile, Copies.FolderBeside(DataFile)), copy =>
            Assert.Null(DataFileLook.Fault(copy.Path, isThorough: true))
        );
    }

    private async Task<WebApplication> Start()
    {
        var app = KrasisApp.Create(
            KrasisOptions.From(["--data", DataFile, "--port", "0", "--backup-every", "1h", "--backup-keep", "3"]) with
            {
                Clock = clock,
            }
        );
        await app.StartAsync(TestContext.Current.CancellationToken);
        return app;
    }

    private void Until(string time) =>
        Assert.True(
            SpinWait.SpinUntil(
                () =>
                    Copies.Timed(DataFile, Copies.FolderBeside(DataFile)) is [var newest, ..]
                    && newest.At.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture) == time,
                Patience
            ),
            $"No copy of {time} came."
        );
}
