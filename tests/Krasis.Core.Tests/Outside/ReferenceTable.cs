using System.Globalization;
using System.Runtime.CompilerServices;

namespace Krasis.Core.Tests.Outside;

/// <summary>Reads the tables in tests/reference, which scripts beside them have made with outside tools.</summary>
internal static class ReferenceTable
{
    public static IEnumerable<double[]> Read(string name) => Rows(name).Select(row => row.Select(Number).ToArray());

    /// <summary>The rows of a table whose first column names what is in the others.</summary>
    public static IEnumerable<double[]> Read(string name, string what) =>
        Rows(name).Where(row => row[0] == what).Select(row => row.Skip(1).Select(Number).ToArray());

    /// <summary>The rows as they stand.</summary>
    public static IEnumerable<string[]> Rows(string name, [CallerFilePath] string here = "") =>
        File.ReadLines(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "reference", name))
            .Where(line => !line.StartsWith('#'))
            .Skip(1)
            .Select(line => line.Split(','));

    private static double Number(string cell) => double.Parse(cell, CultureInfo.InvariantCulture);
}
