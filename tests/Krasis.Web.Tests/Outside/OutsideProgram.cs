using System.Diagnostics;

namespace Krasis.Web.Tests.Outside;

/// <summary>Programs from outside, by which what was written is read back; ./test installs them.</summary>
internal static class OutsideProgram
{
    /// <summary>Runs one to its end.</summary>
    /// <returns>How it ended, and what it said.</returns>
    public static (int Code, string Said) Run(string name, params string[] arguments)
    {
        using var process = Process.Start(
            new ProcessStartInfo(name, arguments) { RedirectStandardOutput = true, RedirectStandardError = true }
        )!;
        var errors = process.StandardError.ReadToEndAsync();
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return (process.ExitCode, said + errors.GetAwaiter().GetResult());
    }
}
