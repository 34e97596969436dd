using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;

namespace Krasis.Mutants;

/// <summary>Shares the mutants of a report out among processes, starts those again that a mutant has hung or brought
/// down, and writes into the report what became of each.</summary>
internal static class Overseer
{
    private static readonly string[] NotToBeRun = ["CompileError", "Ignored"];

    /// <summary>Runs the mutants of a report.</summary>
    /// <param name="reportPath">Stryker's report, as JSON.</param>
    /// <param name="assemblyPath">The assembly that the mutants are in.</param>
    public static int Run(string reportPath, string assemblyPath)
    {
        var report = JsonNode.Parse(File.ReadAllText(reportPath))!;
        var mutants = report["files"]!
            .AsObject()
            .SelectMany(file => file.Value!["mutants"]!.AsArray())
            .Select(mutant => mutant!.AsObject())
            .Where(mutant => !NotToBeRun.Contains((string?)mutant["status"]))
            .ToDictionary(mutant => int.Parse((string)mutant["id"]!, CultureInfo.InvariantCulture));
        var place = Directory.CreateTempSubdirectory("krasis-mutants-").FullName;
        foreach (var file in Directory.EnumerateFiles(AppContext.BaseDirectory, "*", SearchOption.AllDirectories))
        {
            var copy = Path.Combine(place, Path.GetRelativePath(AppContext.BaseDirectory, file));
            Directory.CreateDirectory(Path.GetDirectoryName(copy)!);
            File.Copy(file, copy);
        }

        var project = Path.GetFileNameWithoutExtension(assemblyPath);
        File.Copy(assemblyPath, Path.Combine(place, $"{project}.dll"), overwrite: true);
        Parallel.For(0, Environment.ProcessorCount, share =>
            Work(
                project,
                place,
                share,
                [.. mutants.Keys.Order().Where((_, i) => i % Environment.ProcessorCount == share)]
            )
        );
        foreach (var line in Directory.EnumerateFiles(place, "results-*").SelectMany(File.ReadLines))
        {
            var words = line.Split(' ');
            mutants[int.Parse(words[0], CultureInfo.InvariantCulture)]["status"] = words[1];
        }

        File.WriteAllText(reportPath, report.ToJsonString());
        Directory.Delete(place, recursive: true);
        return 0;
    }

    private static void Work(string project, string place, int share, IReadOnlyList<int> ids)
    {
        var (idsPath, resultsPath) = (Path.Combine(place, $"ids-{share}"), Path.Combine(place, $"results-{share}"));
        File.WriteAllLines(idsPath, ids.Select(id => id.ToString(CultureInfo.InvariantCulture)));
        File.WriteAllText(resultsPath, "");
        while (true)
        {
            using var process = Process.Start(
                new ProcessStartInfo(
                    "dotnet",
                    [Path.Combine(place, "Krasis.Mutants.dll"), "--work", project, idsPath, resultsPath]
                )
                {
                    WorkingDirectory = place,
                }
            )!;
            process.WaitForExit();
            var done = Worker.Lines(resultsPath).ToHashSet();
            if (process.ExitCode == 0)
            {
                return;
            }

            if (process.ExitCode != Worker.Hangs)
            {
                // It was brought down: a stack that overflows cannot be caught.
                var culprit = ids.First(id => !done.Contains(id));
                File.AppendAllLines(resultsPath, [$"{culprit} Killed by bringing the process down"]);
            }
        }
    }
}
