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

        Assert.Equal("number", (string?)size["fillHeight"]!["type"]);
        Assert.EndsWith(" In mm.", (string?)size["fillHeight"]!["description"], StringComparison.Ordinal);
        Assert.Equal(
            "string",
            (string?)
                (await server.Get("/openapi/v1.json")).Json["components"]!["schemas"]!["SizeSheet"]!["properties"]![
                    "size"
                ]!["type"]
        );
    }

    [Fact]
    public async Task Every_operation_has_a_name_of_its_own_and_says_what_each_parameter_is()
    {
        var operations = (await server.Get("/openapi/v1.json")).Json["paths"]!
            .AsObject()
            .SelectMany(path =>
                path.Value!.AsObject().Select(method => (path.Key, Verb: method.Key, Says: method.Value!))
            )
            .ToList();

        Assert.True(operations.Count > 190, $"{operations.Count}");
        Assert.Equal(
            operations.Count,
            operations.Select(each => (string?)each.Says["operationId"]).OfType<string>().Distinct().Count()
        );
        Assert.Empty(
            from each in operations
            from parameter in each.Says["parameters"]?.AsArray() ?? []
            where string.IsNullOrEmpty((string?)parameter!["description"])
            select $"{each.Verb} {each.Key}: {parameter["name"]}"
        );

        // What changes a version says so, and what any request can meet stands at each.
        Assert.All(operations, each => Assert.NotNull(each.Says["responses"]!["503"]));
        Assert.All(operations.Where(each => each.Says["responses"]!["428"] is not null), each =>
            Assert.Contains(each.Says["parameters"]!.AsArray(), one => (string?)one!["name"] == "If-Match")
        );
    }

    // At least nine in ten: what is left are the fields of documents that say themselves what they are.
    [Fact]
    public async Task Properties_are_described_by_the_comments_of_the_code()
    {
        var properties = (await server.Get("/openapi/v1.json")).Json["components"]!["schemas"]!
            .AsObject()
            .SelectMany(schema => schema.Value!["properties"]?.AsObject().Select(property => property.Value!) ?? [])
            .ToList();
        var described = properties.Count(property => property["description"] is not null);

        Assert.True(described >= properties.Count * 0.9, $"{described} of {properties.Count}");
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
