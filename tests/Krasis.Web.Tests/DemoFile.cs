using Krasis.Store;
using Krasis.Web.Hosting;

namespace Krasis.Web.Tests;

/// <summary>A data file as the program fills it when it is started with <c>--demo</c> for the first time. Filling it
/// takes most of a start: it is done once and copied.</summary>
public static class DemoFile
{
    /// <summary>When it is at the program's first start, whatever the machine's clock says: no test depends on its
    /// day.</summary>
    public static readonly DateTimeOffset Now = new(2026, 11, 25, 9, 0, 0, TimeSpan.Zero);

    private static readonly Lazy<string> Filled = new(Fill);

    /// <summary>Copies it to where there is no file yet.</summary>
    public static void CopyTo(string path) => File.Copy(Filled.Value, path);

    private static string Fill()
    {
        var folder = Directory.CreateTempSubdirectory("krasis-filled-").FullName;
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(folder, recursive: true);
        var path = Path.Combine(folder, "krasis.db");

        // It stands still: what is filled in is never later than what a test does to a copy, however long filling takes.
        var options = KrasisOptions.From(["--data", path, "--port", "0", "--demo"]) with
        {
            Clock = new StandingClock(),
        };
        KrasisApp.Create(options).DisposeAsync().AsTask().GetAwaiter().GetResult();

        // The last to let go of it lays its log back into it.
        KrasisFile.LetGo(path);
        return File.Exists(path + "-wal")
            ? throw new InvalidOperationException($"Somebody still holds {path}, and its log is not in it.")
            : path;
    }

    private sealed class StandingClock : TimeProvider
    {
        public override DateTimeOffset GetUtcNow() => Now;
    }
}
