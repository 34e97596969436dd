using System.Text.Json.Nodes;
using Krasis.Web.Tests.Builds;

namespace Krasis.Web.Tests.Standards;

public sealed class StandardApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_standard_keeps_the_build_and_the_facts_of_its_day()
    {
        var created = await server.Post("/api/builds", BuildApiTests.Build("Standard trial"));
        var id = (string)created.Json["id"]!;
        var published = await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = "Tasted by three of us." }, created.ETag);
        Assert.Equal((201, 1), (published.Status, (int)published.Json["number"]!));

        // The bar moves, and the build too.
        var espresso = (await server.Get("/api/bar")).Json["espresso"]![0]!;
        var changed = espresso["document"]!.DeepClone();
        changed["yieldGrams"] = 45;
        Assert.Equal(200, (await server.Put($"/api/bar/espresso/{espresso["id"]}", changed.ToJsonString(), (string)espresso["etag"]!)).Status);
        var build = JsonNode.Parse(created.Text)!["document"]!;
        build["name"] = "Another name";
        var updated = await server.Put($"/api/builds/{id}", build.ToJsonString(), created.ETag);
        Assert.Equal(200, updated.Status);

        var kept = await server.Get($"/api/builds/{id}/standards/1");
        Assert.True(JsonNode.DeepEquals(published.Json["sheet"], kept.Json["sheet"]));
        Assert.Equal("Standard trial", (string?)kept.Json["document"]!["name"]);
        Assert.Equal(39, (double)kept.Json["bar"]!["espresso"]![0]!["yieldGrams"]!);

        var second = await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = "" }, updated.ETag);
        Assert.Equal(2, (int)second.Json["number"]!);
        Assert.NotEqual((double)kept.Json["sheet"]!["sizes"]![0]!["taste"]!["poured"]!["strength"]!, (double)second.Json["sheet"]!["sizes"]![0]!["taste"]!["poured"]!["strength"]!);
        Assert.Equal([2, 1], (await server.Get($"/api/builds/{id}/standards")).Json.AsArray().Select(standard => (int)standard!["number"]!));
    }

    [Fact]
    public async Task What_is_not_there_or_stale_is_told()
    {
        var created = await server.Post("/api/builds", BuildApiTests.Build("Stale trial"));
        var id = (string)created.Json["id"]!;

        Assert.Equal(428, (await server.Post($"/api/builds/{id}/standards", new { reason = "x" })).Status);
        Assert.Equal(412, (await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = "x" }, "\"7\"")).Status);
        Assert.Equal(404, (await server.Send(HttpMethod.Post, "/api/builds/nobody/standards", new { reason = "x" }, "\"1\"")).Status);
        Assert.Equal(404, (await server.Get($"/api/builds/{id}/standards/1")).Status);
        var answer = await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = new string('x', 501) }, created.ETag);
        Assert.Equal((422, "reason"), (answer.Status, answer.Fields[0]));
    }
}
