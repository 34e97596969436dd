using System.Diagnostics;

namespace Krasis.Browser.Tests;

/// <summary>Programs from outside, by which what was printed and written is read back.</summary>
internal static class Outside
{
    public const double MmPerPoint = 25.4 / 72;

    /// <summary>Runs one to its end, and says what it said.</summary>
    public static string Run(string program, params string[] arguments)
    {
        using var process = Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true })!;
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        Assert.Equal(0, process.ExitCode);
        return said;
    }
}
