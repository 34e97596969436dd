using System.Text.RegularExpressions;

namespace Krasis.Web.Tests.Architecture;

/// <summary>Neither a project nor the front end has a cycle between its folders: whoever reads one folder needs to know
/// only those that it uses, and none of them needs to know it.</summary>
public partial class KnotsTests
{
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

        Assert.DoesNotContain(uses.Keys, folder => Reached(folder, uses).Contains(folder));
    }

    /// <summary>The front end's files are held by a lint rule; its folders are held here.</summary>
    [Fact]
    public void No_folder_of_the_front_end_leads_back_to_itself()
    {
        var uses = UsesInFrontEnd();
        Assert.True(uses.Count > 20, $"Only {uses.Count} folders were found.");

        Assert.DoesNotContain(uses.Keys, folder => Reached(folder, uses).Contains(folder));
    }

    // Each folder's namespace with those of the same project that its files name. What lies in a folder above needs no
    // using, and is found by its types' names.
    private static Dictionary<string, HashSet<string>> Uses(string project)
    {
        var files = Directory
            .EnumerateFiles(Path.Combine(ReferenceTests.Root(), "src", project), "*.cs", SearchOption.AllDirectories)
            .Where(file =>
                !file.Contains("/obj/", StringComparison.Ordinal) && !file.Contains("/bin/", StringComparison.Ordinal)
            )
            .Select(file => Comment().Replace(File.ReadAllText(file), ""))
            .Select(text => (Own: Namespace().Match(text).Groups[1].Value, Text: text))
            .Where(file => file.Own.Length > 0)
            .ToList();
        var types = files
            .GroupBy(file => file.Own)
            .ToDictionary(
                folder => folder.Key,
                folder =>
                    folder
                        .SelectMany(file => Type().Matches(file.Text).Select(match => match.Groups[1].Value))
                        .ToHashSet()
            );
        return files
            .GroupBy(file => file.Own)
            .ToDictionary(
                folder => folder.Key,
                folder =>
                    folder.SelectMany(file => Named(file.Own, file.Text)).Where(used => used != folder.Key).ToHashSet()
            );

        IEnumerable<string> Named(string own, string text)
        {
            var words = Word().Matches(text).Select(match => match.Value).ToHashSet();
            return Using()
                .Matches(text)
                .Select(match => match.Groups[1].Value)
                .Where(types.ContainsKey)
                .Concat(Above(own).Where(above => types.TryGetValue(above, out var there) && there.Overlaps(words)));
        }
    }

    private static IEnumerable<string> Above(string folder)
    {
        for (var end = folder.LastIndexOf('.'); end > 0; end = folder.LastIndexOf('.', end - 1))
        {
            yield return folder[..end];
        }
    }

    // Each folder of the front end with those from which its files import something.
    private static Dictionary<string, HashSet<string>> UsesInFrontEnd()
    {
        var root = Path.Combine(ReferenceTests.Root(), "src", "krasis-ui", "src");
        string Folder(string path) => Path.GetRelativePath(root, Path.GetDirectoryName(path)!);
        string Target(string file, string import) =>
            import.StartsWith("@/", StringComparison.Ordinal)
                ? Path.Combine(root, import[2..])
                : Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, import));

        return Directory
            .EnumerateFiles(root, "*.*", SearchOption.AllDirectories)
            .Where(file => Path.GetExtension(file) is ".ts" or ".vue")
            .GroupBy(Folder)
            .ToDictionary(
                folder => folder.Key,
                folder =>
                    folder
                        .SelectMany(file =>
                            Import()
                                .Matches(File.ReadAllText(file))
                                .Select(match => Target(file, match.Groups[1].Value))
                        )
                        .Select(Folder)
                        .Where(used => used != folder.Key)
                        .ToHashSet()
            );
    }

    private static HashSet<string> Reached(string from, Dictionary<string, HashSet<string>> uses)
    {
        var reached = new HashSet<string>();
        var open = new Stack<string>(uses[from]);
        while (open.TryPop(out var folder))
        {
            if (reached.Add(folder) && uses.TryGetValue(folder, out var further))
            {
                foreach (var next in further)
                {
                    open.Push(next);
                }
            }
        }

        return reached;
    }

    [GeneratedRegex(@"^namespace ([\w.]+);", RegexOptions.Multiline)]
    private static partial Regex Namespace();

    // A word that stands by itself: what follows a dot is a member of something.
    [GeneratedRegex(@"(?<![\w.])[A-Z]\w*")]
    private static partial Regex Word();

    [GeneratedRegex(
        @"^(?:public|internal) (?:static |sealed |readonly |abstract |partial )*(?:class|record struct|record|struct|enum|interface) (\w+)",
        RegexOptions.Multiline
    )]
    private static partial Regex Type();

    [GeneratedRegex(@"^\s*//.*$", RegexOptions.Multiline)]
    private static partial Regex Comment();

    [GeneratedRegex(@"^using (?:static )?([\w.]+);", RegexOptions.Multiline)]
    private static partial Regex Using();

    [GeneratedRegex(@"(?:from |import\()'([@.]+/[^']+)'")]
    private static partial Regex Import();
}
