using System.Diagnostics;
using System.Globalization;

namespace Krasis.Core.Tests.Outside;

/// <summary>Asks GNU units (Debian package <c>units</c>), which knows the measures from its own definitions.</summary>
internal static class GnuUnits
{
    public static double Convert(string from, string to)
    {
        var start = new ProcessStartInfo("units", ["--terse", "--output-format", "%.15g", from, to])
        {
            RedirectStandardOutput = true,
        };
        using var units = Process.Start(start)
            ?? throw new InvalidOperationException("GNU units does not start; ./test installs it.");
        var answer = units.StandardOutput.ReadToEnd().Trim();
        units.WaitForExit();
        return double.TryParse(answer, CultureInfo.InvariantCulture, out var number)
            ? number
            : throw new InvalidOperationException($"GNU units cannot say {from} in {to}: {answer}");
    }
}
