using System.Diagnostics;
using System.Globalization;

namespace Krasis.Mutants;

/// <summary>How the tests run without any mutant: which run through which mutants, and how long they take. Kept in a
/// file, because a process that is started again finds the same.</summary>
internal sealed class TestRuns
{
    private readonly Dictionary<int, List<TestCase>> through = [];
    private readonly Dictionary<TestCase, TimeSpan> times = [];
    private readonly Dictionary<TestCase, int> kills = [];

    /// <summary>Runs the tests, or reads how they ran.</summary>
    /// <param name="tests">The tests, in an order that is always the same.</param>
    /// <param name="mutants">The switch.</param>
    /// <param name="path">The file: a line for each test that passes, with its place, its seconds and the mutants that
    /// it runs through.</param>
    public TestRuns(IReadOnlyList<TestCase> tests, MutantSwitch mutants, string path)
    {
        // Once through in any case, so that what is made once is made without a mutant.
        var passing = tests.Select(test => test.Passes()).ToList();
        if (!File.Exists(path))
        {
            File.WriteAllLines(
                path,
                Enumerable.Range(0, tests.Count).Where(i => passing[i]).Select(i => Line(i, tests[i], mutants)).ToList()
            );
        }

        foreach (var line in File.ReadLines(path))
        {
            var words = line.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            var test = tests[int.Parse(words[0], CultureInfo.InvariantCulture)];
            times[test] = TimeSpan.FromSeconds(double.Parse(words[1], CultureInfo.InvariantCulture));
            foreach (var id in words.Skip(2).Select(word => int.Parse(word, CultureInfo.InvariantCulture)))
            {
                (through.TryGetValue(id, out var known) ? known : through[id] = []).Add(test);
            }
        }
    }

    /// <summary>The tests that run through a mutant: first those that cost the least for what they have killed, for a
    /// mutant is mostly killed by what killed its neighbours.</summary>
    public IReadOnlyList<TestCase> Through(int mutant) =>
        through.TryGetValue(mutant, out var tests)
            ? [.. tests.OrderBy(test => times[test] / (1 + (10 * kills.GetValueOrDefault(test))))]
            : [];

    /// <summary>How long a test takes.</summary>
    public TimeSpan Time(TestCase test) => times[test];

    /// <summary>Notes that a test has killed a mutant.</summary>
    public void HasKilled(TestCase test) => kills[test] = kills.GetValueOrDefault(test) + 1;

    private static string Line(int at, TestCase test, MutantSwitch mutants)
    {
        var covered = mutants.CoveredBy(() => test.Passes());
        var watch = Stopwatch.StartNew();
        test.Passes();
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{at} {watch.Elapsed.TotalSeconds} {string.Join(' ', covered)}"
        );
    }
}
