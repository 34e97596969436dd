using Krasis.Store;

namespace Krasis.LibraryBenchmark;

/// <summary>Makes for a file, all of them invented: what a busy bar has made in a few months.</summary>
internal static class Makes
{
    private const int Days = 80;

    /// <summary>Puts so many into a file.</summary>
    public static int Fill(string path, int count)
    {
        var dice = new Random(7);
        var first = KrasisFile.Open(path).Read(session => session.Makes.Since(DateTimeOffset.MinValue, 1))[0];
        KrasisFile
            .Open(path)
            .Write(session =>
            {
                for (var i = 0; i < count; i++)
                {
                    session.Makes.Add(
                        InventedMake.Of(
                            i,
                            $"{i:x32}",
                            (first.Build, $"Drink {i % 30}", "reed", "Reed"),
                            i % 2 != 0,
                            first.At.AddDays(-Days * (double)i / count),
                            dice
                        )
                    );
                }

                return true;
            });
        return count;
    }
}
