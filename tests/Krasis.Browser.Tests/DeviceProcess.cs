using System.Diagnostics;

namespace Krasis.Browser.Tests;

/// <summary>A simulated device as a process of its own, at the other end of a loopback cable.</summary>
internal sealed class DeviceProcess : IDisposable
{
    private readonly Process process;

    /// <param name="arguments">Which device, and what it is told.</param>
    public DeviceProcess(params string[] arguments)
    {
        process = Process.Start(
            new ProcessStartInfo(
                "dotnet",
                [Path.Combine(KrasisProcess.Root(), "artifacts", "krasis", "Krasis.Web.dll"), .. arguments]
            )
            {
                RedirectStandardOutput = true,
            }
        )!;
        const string Is = " is at ";
        var said = process.StandardOutput.ReadLine()
            ?? throw new InvalidOperationException("The device ended before it was there.");
        Address = said[(said.IndexOf(Is, StringComparison.Ordinal) + Is.Length)..];
        _ = process.StandardOutput.ReadToEndAsync();
    }

    /// <summary>Where it is, as the command line takes it.</summary>
    public string Address { get; }

    public int Port => int.Parse(Address.Split(':')[^1], System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>Pulls its plug.</summary>
    public void Pull()
    {
        if (!process.HasExited)
        {
            process.Kill(entireProcessTree: true);
            process.WaitForExit();
        }
    }

    public void Dispose()
    {
        Pull();
        process.Dispose();
    }
}
