using Krasis.Core.Input;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Store.House;

namespace Krasis.App.Files;

/// <summary>Puts a whole house in the place of this one.</summary>
public static class MovingIn
{
    // No house was written out before its tables looked so.
    private const int Oldest = 15;

    /// <summary>Reads everything in a bundle, through a file as the program that wrote it would have left it.</summary>
    /// <param name="bundle">The bundle.</param>
    /// <param name="clock">Tells the day.</param>
    /// <returns>Its tables as this program keeps them, or what cannot be read.</returns>
    public static Reading<IReadOnlyList<HouseTable>> Tables(Bundle bundle, TimeProvider clock)
    {
        if (bundle.Manifest.Tables is < Oldest || bundle.Manifest.Tables > KrasisFile.Version)
        {
            return Problem.At(
                "file",
                null,
                bundle.Manifest.Tables > KrasisFile.Version
                    ? "A newer Krasis wrote this file. Update Krasis first."
                    : "It does not say how its tables are written.",
                "an unchanged .krasis file exported from Krasis"
            );
        }

        var folder = Directory.CreateTempSubdirectory("krasis-house-");
        var problems = new List<Problem>();
        try
        {
            var file = KrasisFile.Rebuild(
                Path.Combine(folder.FullName, "house.db"),
                bundle.Manifest.Tables,
                bundle.Manifest.House,
                store => Read(bundle, store, problems)
            );
            if (problems.Count > 0)
            {
                return Reading<IReadOnlyList<HouseTable>>.Failed(problems);
            }

            return file.Read<Reading<IReadOnlyList<HouseTable>>>(session =>
                HouseCheck.Fault(session, clock) is { } fault
                    ? Problem.At("file", null, $"In it {fault}", "an unchanged .krasis file exported from Krasis")
                    : Reading<IReadOnlyList<HouseTable>>.Of(session.House.Read())
            );
        }
        catch (KrasisFileException e)
        {
            return Problem.At("file", null, e.Message, "an unchanged .krasis file exported from Krasis");
        }
        finally
        {
            KrasisFile.LetGo(Path.Combine(folder.FullName, "house.db"));
            folder.Delete(recursive: true);
        }
    }

    private static List<HouseTable> Read(Bundle bundle, HouseStore store, List<Problem> problems)
    {
        var tables = new List<HouseTable>();
        foreach (var document in bundle.Of(BundleJson.Table))
        {
            var name = document.TryGetProperty("table", out var said) ? said.GetString() : null;
            if (
                name is null
                || !HouseStore.Tables.Contains(name)
                || tables.Exists(table => table.Name == name)
                || !document.TryGetProperty("rows", out var rows)
            )
            {
                problems.Add(
                    new Problem(
                        "file",
                        name,
                        "There is a table in it that no house has, or has twice.",
                        $"one each of {string.Join(", ", HouseStore.Tables)}"
                    )
                );
                continue;
            }

            var read = TableJson.Read(name, store.Columns(name), rows);
            if (read.IsRead)
            {
                tables.Add(read.Value);
            }
            else
            {
                problems.AddRange(read.Problems.Select(problem => problem with { Field = $"{name}.{problem.Field}" }));
            }
        }

        // What cannot be read is told, and nothing of the rest is looked at.
        return problems.Count > 0 ? [] : tables;
    }
}
