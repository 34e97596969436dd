using System.Globalization;
using System.Reflection;

namespace Krasis.Mutants;

/// <summary>Runs mutants one after another in one process: of each the tests that run through it, until one
/// fails.</summary>
internal static class Worker
{
    /// <summary>What it ends with when a mutant does not come to an end: the process that it hangs in is given
    /// up.</summary>
    public const int Hangs = 3;

    // How much longer than without the mutant a test may take before it is taken to hang.
    private const double Patience = 10;
    private static readonly TimeSpan LeastPatience = TimeSpan.FromSeconds(10);
    private static readonly TimeSpan Look = TimeSpan.FromMilliseconds(200);

    /// <summary>Runs mutants.</summary>
    /// <param name="project">The project that they are in, as Krasis.Core.</param>
    /// <param name="idsPath">A file with their ids, one a line.</param>
    /// <param name="resultsPath">A file to which a line is added for each, its id and what became of it; what is in it
    /// already is not run again.</param>
    public static int Run(string project, string idsPath, string resultsPath)
    {
        var ids = Lines(idsPath);
        var done = File.Exists(resultsPath) ? Lines(resultsPath).ToHashSet() : [];
        var mutants = new MutantSwitch(Assembly.Load(project));

        var tests = TestCase.Of(Assembly.Load($"{project}.Tests"));
        var runs = new TestRuns(tests, mutants, $"{idsPath}.runs");
        using var results = new StreamWriter(resultsPath, append: true) { AutoFlush = true };
        foreach (var id in ids.Where(id => !done.Contains(id)))
        {
            if (runs.Through(id) is not { Count: > 0 } candidates)
            {
                results.WriteLine($"{id} NoCoverage");
                continue;
            }

            TestCase? killer = null;
            var deadline = DateTime.MaxValue.Ticks;
            using var finished = new ManualResetEventSlim();
            var thread = new Thread(() =>
            {
                killer = candidates.FirstOrDefault(test =>
                {
                    Interlocked.Exchange(
                        ref deadline,
                        (DateTime.UtcNow + LeastPatience + (Patience * runs.Time(test))).Ticks
                    );
                    return !test.Passes();
                });
                finished.Set();
            })
            {
                IsBackground = true,
            };
            mutants.Choose(id);
            thread.Start();
            bool isFinished;
            while (!(isFinished = finished.Wait(Look)) && DateTime.UtcNow.Ticks < Interlocked.Read(ref deadline)) { }

            mutants.Choose(null);
            if (killer is not null)
            {
                runs.HasKilled(killer);
            }

            results.WriteLine(
                !isFinished ? $"{id} Timeout"
                : killer is null ? $"{id} Survived"
                : $"{id} Killed {killer.Name}"
            );
            if (!isFinished)
            {
                return Hangs;
            }
        }

        return 0;
    }

    /// <summary>The ids at the beginnings of lines.</summary>
    public static IReadOnlyList<int> Lines(string path) =>
        [.. File.ReadLines(path).Select(line => int.Parse(line.Split(' ')[0], CultureInfo.InvariantCulture))];
}
