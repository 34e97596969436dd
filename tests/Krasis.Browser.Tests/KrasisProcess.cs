using System.Diagnostics;
using System.Runtime.CompilerServices;

namespace Krasis.Browser.Tests;

/// <summary>The published program as a process of its own, which can be killed as a power cut would.</summary>
public sealed class KrasisProcess : RunningKrasis
{
    private readonly IReadOnlyList<string> more;
    private Process? process;

    /// <param name="demo">Whether it begins with the demo's bar instead of a plain one.</param>
    /// <param name="more">More words behind the program's name.</param>
    public KrasisProcess(bool demo = false, params IReadOnlyList<string> more)
    {
        this.more = demo ? ["--demo", .. more] : more;
        Start(port: 0);
    }

    /// <summary>What it has of the machine's memory.</summary>
    public double MemoryMegabytes
    {
        get
        {
            process!.Refresh();
            return process.WorkingSet64 / 1e6;
        }
    }

    /// <summary>Kills it with SIGKILL.</summary>
    public override void TakeDown()
    {
        if (process is { HasExited: false })
        {
            process.Kill(entireProcessTree: true);
            process.WaitForExit();
        }
    }

    public override void StartAgain() => Start(Address.Port);

    /// <summary>Kills it, as a power cut would, and starts it again at the same address.</summary>
    public void KillAndStartAgain()
    {
        TakeDown();
        StartAgain();
    }

    protected override void Release() => process?.Dispose();

    private void Start(int port)
    {
        process?.Dispose();
        process = Process.Start(
            new ProcessStartInfo("dotnet", [Program(), .. CommandLine(port, more)])
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

    /// <summary>Where the published program is.</summary>
    internal static string Program()
    {
        var program = Path.Combine(Root(), "artifacts", "krasis", "Krasis.Web.dll");
        return File.Exists(program)
            ? program
            : throw new FileNotFoundException($"{program} is not there. ./test publishes it before these tests run.");
    }

    internal static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", ".."));
}
