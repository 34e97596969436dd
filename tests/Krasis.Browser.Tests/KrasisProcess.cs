using System.Diagnostics;
using System.Runtime.CompilerServices;

namespace Krasis.Browser.Tests;

/// <summary>The published program as a process of its own, on a data file that outlives it.</summary>
public class KrasisProcess : IDisposable
{
    /// <summary>When it is at the program's first start, whatever the machine's clock says: no test and no picture
    /// depends on its day.</summary>
    public const string Now = "2026-11-25T09:00:00Z";

    private readonly string folder = Directory.CreateTempSubdirectory("krasis-browser-").FullName;

    // Filling a file with the demo takes most of a start: it is done once, by the program itself, and copied.
    private static readonly Lazy<FilledFile> Filled = new(() => new FilledFile());

    private readonly IReadOnlyList<string> more;
    private Process? process;

    public KrasisProcess(bool demo = false, params IReadOnlyList<string> more)
    {
        this.more = more;
        if (demo)
        {
            Filled.Value.CopyTo(DataFile);
        }

        Start(port: 0);
    }

    public Uri Address { get; private set; } = null!;

    /// <summary>Where its data is.</summary>
    public string DataFile => Path.Combine(folder, "krasis.db");

    /// <summary>What it has of the machine's memory.</summary>
    public double MemoryMegabytes
    {
        get
        {
            process!.Refresh();
            return process.WorkingSet64 / 1e6;
        }
    }

    /// <summary>Kills it with SIGKILL, as a power cut would, and starts it again at the same address.</summary>
    public void KillAndStartAgain()
    {
        Kill();
        StartAgain();
    }

    public void Kill()
    {
        process!.Kill(entireProcessTree: true);
        process.WaitForExit();
    }

    public void StartAgain() => Start(Address.Port);

    public void Dispose()
    {
        GC.SuppressFinalize(this);
        if (process is { HasExited: false })
        {
            Kill();
        }

        process?.Dispose();
        Directory.Delete(folder, recursive: true);
    }

    private void Start(int port)
    {
        var program = Path.Combine(Root(), "artifacts", "krasis", "Krasis.Web.dll");
        if (!File.Exists(program))
        {
            throw new FileNotFoundException($"{program} is not there. ./test publishes it before these tests run.");
        }

        string[] arguments = [program, "--data", DataFile, "--port", $"{port}", "--clock", Now, .. more];
        process = Process.Start(
            new ProcessStartInfo("dotnet", arguments)
            {
                RedirectStandardOutput = true,
                Environment = { ["KRASIS_TESTS"] = "1" },
            }
        )!;
        const string Announcement = "Krasis answers at ";
        while (process.StandardOutput.ReadLine() is { } line)
        {
            if (line.StartsWith(Announcement, StringComparison.Ordinal))
            {
                Address = new Uri(line[Announcement.Length..]);
                _ = process.StandardOutput.ReadToEndAsync();
                return;
            }
        }

        throw new InvalidOperationException("The program ended before it answered.");
    }

    internal static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", ".."));
}
