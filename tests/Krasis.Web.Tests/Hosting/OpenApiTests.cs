using System.Runtime.CompilerServices;
using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Hosting;

public sealed class OpenApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_committed_description_is_the_one_that_is_served()
    {
        var committed = await File.ReadAllTextAsync(
            Path.Combine(Root(), "src", "krasis-ui", "openapi.json"),
            TestContext.Current.CancellationToken
        );
        var served = (await server.Get("/openapi/v1.json")).Text;

        Assert.True(
            JsonNode.DeepEquals(JsonNode.Parse(committed), JsonNode.Parse(served)),
            "src/krasis-ui/openapi.json is stale; run tools/refresh-api."
        );
    }

    [Fact]
    public async Task A_measure_is_described_as_a_number_with_its_unit()
    {
        var size = (await server.Get("/openapi/v1.json")).Json["components"]!["schemas"]!["SizeFill"]!["properties"]!;

        Assert.Equal(
            ("number", "In mm."),
            ((string?)size["fillHeight"]!["type"], (string?)size["fillHeight"]!["description"])
        );
        Assert.Equal(
            "string",
            (string?)
                (await server.Get("/openapi/v1.json")).Json["components"]!["schemas"]!["SizeSheet"]!["properties"]![
                    "size"
                ]!["type"]
        );
    }

    [Fact]
    public async Task Health_says_how_many_builds_the_file_holds()
    {
        var health = await server.Get("/health");

        Assert.Equal((200, "ok", 13), (health.Status, (string?)health.Json["status"], (int)health.Json["builds"]!));
    }

    private static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", ".."));
}
