using System.Text.RegularExpressions;

namespace Krasis.Web.Tests.Architecture;

/// <summary>No project has a cycle between its folders: whoever reads one folder needs to know only those that it uses, and
/// none of them needs to know it.</summary>
public partial class KnotsTests
{
    // Still one knot: settling, mixing and measuring each hand the worked sizes on to the next, and they lie beside one
    // another.
    private static readonly HashSet<string> Known =
    [
        "Krasis.Core.Working.Cost",
        "Krasis.Core.Working.Mixing",
        "Krasis.Core.Working.Nutrition",
        "Krasis.Core.Working.Scaling",
        "Krasis.Core.Working.Tasting",
    ];

    public static TheoryData<string> Projects =>
        [
            .. Directory
                .GetDirectories(Path.Combine(ReferenceTests.Root(), "src"), "Krasis.*")
                .Select(folder => Path.GetFileName(folder)!),
        ];

    [Theory]
    [MemberData(nameof(Projects))]
    public void No_folder_of_a_project_leads_back_to_itself(string project)
    {
        var uses = Uses(project);
        Assert.NotEmpty(uses);
        var knotted = uses.Keys.Where(folder => Reached(folder, uses).Contains(folder)).Except(Known);

        Assert.Empty(knotted);
    }

    [Fact]
    public void What_is_known_as_a_knot_still_is_one()
    {
        var uses = Uses("Krasis.Core");
        Assert.All(Known, folder => Assert.Contains(folder, Reached(folder, uses)));
    }

    // Each folder's namespace with those of the same project that its files name.
    private static Dictionary<string, HashSet<string>> Uses(string project)
    {
        var files = Directory
            .EnumerateFiles(Path.Combine(ReferenceTests.Root(), "src", project), "*.cs", SearchOption.AllDirectories)
            .Where(file =>
                !file.Contains("/obj/", StringComparison.Ordinal) && !file.Contains("/bin/", StringComparison.Ordinal)
            )
            .Select(File.ReadAllText)
            .Select(text => (Own: Namespace().Match(text).Groups[1].Value, Text: text))
            .Where(file => file.Own.Length > 0)
            .ToList();
        var folders = files.Select(file => file.Own).ToHashSet();
        return files
            .GroupBy(file => file.Own)
            .ToDictionary(
                folder => folder.Key,
                folder =>
                    folder
                        .SelectMany(file => Using().Matches(file.Text).Select(match => match.Groups[1].Value))
                        .Where(used => used != folder.Key && folders.Contains(used))
                        .ToHashSet()
            );
    }

    private static HashSet<string> Reached(string from, Dictionary<string, HashSet<string>> uses)
    {
        var reached = new HashSet<string>();
        var open = new Stack<string>(uses[from]);
        while (open.TryPop(out var folder))
        {
            if (reached.Add(folder))
            {
                foreach (var next in uses[folder])
                {
                    open.Push(next);
                }
            }
        }

        return reached;
    }

    [GeneratedRegex(@"^namespace ([\w.]+);", RegexOptions.Multiline)]
    private static partial Regex Namespace();

    [GeneratedRegex(@"^using (?:static )?([\w.]+);", RegexOptions.Multiline)]
    private static partial Regex Using();
}
