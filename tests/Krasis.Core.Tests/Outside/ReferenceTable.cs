using System.Globalization;
using System.Runtime.CompilerServices;

namespace Krasis.Core.Tests.Outside;

/// <summary>Reads the tables in tests/reference, which scripts beside them have made with outside tools.</summary>
internal static class ReferenceTable
{
    public static IEnumerable<double[]> Read(string name, [CallerFilePath] string here = "") => File
        .ReadLines(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "reference", name))
        .Where(line => !line.StartsWith('#'))
        .Skip(1)
        .Select(line => line.Split(',').Select(cell => double.Parse(cell, CultureInfo.InvariantCulture)).ToArray());
}
