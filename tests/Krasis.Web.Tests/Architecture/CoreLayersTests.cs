using Krasis.Core.Judging;
using NetArchTest.Rules;

namespace Krasis.Web.Tests.Architecture;

/// <summary>The core's layers, the lowest first: each sees only those before it.</summary>
public class CoreLayersTests
{
    private static readonly string[] Layers =
    [
        "Input",
        "Quantities",
        "Physics",
        "Bar",
        "Builds",
        "Working",
        "Judging",
        "Changing",
        "Making",
        "Planning",
    ];

    public static TheoryData<string> Each => [.. Layers];

    [Theory]
    [MemberData(nameof(Each))]
    public void A_layer_sees_only_those_before_it(string layer)
    {
        var after = Layers.SkipWhile(other => other != layer).Skip(1).Select(other => $"Krasis.Core.{other}").ToArray();
        var types = Types
            .InAssembly(typeof(Mixer).Assembly)
            .That()
            .ResideInNamespaceMatching($@"^Krasis\.Core\.{layer}(\.|$)");
        Assert.NotEmpty(types.GetTypes());
        if (after.Length == 0)
        {
            return;
        }

        var result = types.ShouldNot().HaveDependencyOnAny(after).GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Every_type_is_in_a_layer_and_every_file_in_its_namespace_s_folder()
    {
        var strays = typeof(Mixer)
            .Assembly.GetTypes()
            .Where(type => type.Namespace?.StartsWith("Krasis.Core", StringComparison.Ordinal) == true)
            .Where(type => !Layers.Contains(type.Namespace!.Split('.').ElementAtOrDefault(2)))
            .Select(type => type.FullName);
        Assert.Empty(strays);

        var core = Path.Combine(ReferenceTests.Root(), "src", "Krasis.Core");
        foreach (
            var file in Directory
                .EnumerateFiles(core, "*.cs", SearchOption.AllDirectories)
                .Where(file => !file.Contains("/obj/", StringComparison.Ordinal))
        )
        {
            var expected =
                "Krasis.Core."
                + Path.GetRelativePath(core, Path.GetDirectoryName(file)!).Replace(Path.DirectorySeparatorChar, '.');
            Assert.Contains($"namespace {expected};", File.ReadAllText(file), StringComparison.Ordinal);
        }
    }
}
