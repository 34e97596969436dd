using System.Runtime.CompilerServices;
using System.Xml.Linq;
using Krasis.Core.Judging;
using Krasis.Store;
using NetArchTest.Rules;

namespace Krasis.Web.Tests.Architecture;

public class ReferenceTests
{
    [Fact]
    public void The_core_sees_nothing_but_the_base_library() =>
        Assert.All(typeof(Mixer).Assembly.GetReferencedAssemblies(), reference =>
            Assert.StartsWith("System", reference.Name, StringComparison.Ordinal)
        );

    [Fact]
    public void The_core_has_no_packages()
    {
        var project = XDocument.Load(Path.Combine(Root(), "src", "Krasis.Core", "Krasis.Core.csproj"));

        Assert.DoesNotContain(project.Descendants(), element =>
            element.Name.LocalName is "PackageReference" or "ProjectReference" or "FrameworkReference"
        );
    }

    [Fact]
    public void The_core_does_no_input_or_output_and_has_no_clock() =>
        Holds(
            Types
                .InAssembly(typeof(Mixer).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny(
                    "System.IO",
                    "System.Net",
                    "System.Console",
                    "System.Data",
                    "System.DateTime",
                    "System.DateTimeOffset",
                    "System.TimeProvider",
                    "System.Random"
                )
        );

    [Fact]
    public void The_store_does_not_know_the_web() =>
        Holds(
            Types
                .InAssembly(typeof(KrasisFile).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny("Krasis.Web", "Microsoft.AspNetCore")
        );

    [Fact]
    public void The_exchange_knows_neither_the_store_nor_the_web() =>
        Holds(
            Types
                .InAssembly(typeof(Exchange.Pantry.PantryFile).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny("Krasis.Store", "Krasis.Web", "Microsoft.AspNetCore")
        );

    [Fact]
    public void Tastings_know_the_core_and_nothing_else_of_the_program_and_have_no_clock() =>
        Holds(
            Types
                .InAssembly(typeof(Krasis.Tasting.Holm).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny(
                    "Krasis.Store",
                    "Krasis.Exchange",
                    "Krasis.Web",
                    "Microsoft.AspNetCore",
                    "System.IO",
                    "System.Net",
                    "System.DateTime",
                    "System.DateTimeOffset",
                    "System.TimeProvider"
                )
        );

    [Fact]
    public void The_reader_of_recipes_knows_the_core_and_nothing_else_of_the_program_and_has_no_clock() =>
        Holds(
            Types
                .InAssembly(typeof(Krasis.Recipes.RecipeReader).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny(
                    "Krasis.Store",
                    "Krasis.Exchange",
                    "Krasis.Web",
                    "Microsoft.AspNetCore",
                    "System.IO",
                    "System.Net",
                    "System.DateTime",
                    "System.DateTimeOffset",
                    "System.TimeProvider"
                )
        );

    [Fact]
    public void The_use_cases_know_nothing_of_the_web_and_do_not_speak_to_the_database() =>
        Holds(
            Types
                .InAssembly(typeof(Krasis.App.Shared.IUseCase).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny("Krasis.Web", "Microsoft.AspNetCore", "Dapper", "Microsoft.Data.Sqlite", "DbUp")
        );

    [Fact]
    public void A_feature_is_called_the_same_on_every_side()
    {
        var app = Folders("src", "Krasis.App").ToHashSet(StringComparer.OrdinalIgnoreCase);

        // Health and devices are the host's own; so is what its tests look at as a whole.
        var web = Folders("src", "Krasis.Web", "Features").Except(["Health", "Devices"]);
        var tests = Folders("tests", "Krasis.Web.Tests")
            .Except(["Api", "Architecture", "Devices", "Hosting", "Outside"])
            .Concat(Folders("tests", "Krasis.App.Tests"));
        Assert.All([.. web, .. tests, .. Folders("src", "krasis-ui", "src", "features")], feature =>
            Assert.Contains(feature, app)
        );

        static IEnumerable<string> Folders(params string[] path) =>
            Directory
                .GetDirectories(Path.Combine([Root(), .. path]))
                .Select(folder => Path.GetFileName(folder)!)
                .Except(["bin", "obj"]);
    }

    [Fact]
    public void Only_the_store_speaks_to_the_database() =>
        Holds(
            Types
                .InAssembly(typeof(Web.Hosting.KrasisApp).Assembly)
                .ShouldNot()
                .HaveDependencyOnAny("Dapper", "Microsoft.Data.Sqlite", "DbUp")
        );

    private static void Holds(ConditionList rule)
    {
        var result = rule.GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    internal static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", ".."));
}
