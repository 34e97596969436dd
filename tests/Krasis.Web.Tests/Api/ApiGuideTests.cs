using System.Runtime.CompilerServices;
using Krasis.Web.Tests.Outside;

namespace Krasis.Web.Tests.Api;

/// <summary>The client of the API's guide does what the guide says.</summary>
public sealed class ApiGuideTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_example_client_reads_edits_meets_another_change_and_merges()
    {
        var (code, said) = OutsideProgram.Run(
            "node",
            Path.Combine(Root(), "docs", "api", "client.mjs"),
            server.Http.BaseAddress!.ToString().TrimEnd('/'),
            "Cardamom oat latte"
        );

        Assert.True(code == 0, said);
        Assert.Equal(
            """
            Cardamom oat latte, version "1"
            412: This build has been changed since you opened it.
            200: 3 and "Pour slowly.", 0 clashes

            """,
            said
        );

        // What it saved is signed with the name that it gave.
        var builds = (await server.Get("/api/builds")).Json.AsArray();
        var id = builds.First(build => (string?)build!["name"] == "Cardamom oat latte")!["id"];
        var history = (await server.Get($"/api/builds/{id}/history")).Json.AsArray();
        Assert.Equal("The example client", (string?)history[0]!["who"]);
    }

    private static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", ".."));
}
