using Krasis.Core.Builds;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Makes;

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
                        new StoredMake(
                            $"{i:x32}",
                            first.Build,
                            $"Drink {i % 30}",
                            1,
                            i % 2 == 0 ? "Bar" : "Kiosk",
                            i % 2 == 0 ? "bar" : "kiosk",
                            "reed",
                            "Reed",
                            $"P{i % 9}",
                            first.At.AddDays(-Days * (double)i / count),
                            90,
                            true,
                            Percent.From(dice.NextDouble()),
                            Percent.From(dice.NextDouble()),
                            true,
                            "{}",
                            [
                                .. Enumerable
                                    .Range(0, 4)
                                    .Select(line => new PouredStep(
                                        new LineId($"line-{line}"),
                                        $"Ingredient {(i + line) % 25}",
                                        new($"ingredient-{(i + line) % 25}"),
                                        line == 0 ? "pump-maple" : null,
                                        line == 1 ? "Lock double" : null,
                                        Grams.From(30),
                                        Grams.From(29 + (2 * dice.NextDouble())),
                                        line == 1 ? 28 : null,
                                        null,
                                        true
                                    )),
                            ]
                        )
                    );
                }

                return true;
            });
        return count;
    }
}
