using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Hosting;

/// <summary>A data file that goes while the program runs. With a server of its own: its neighbours need
/// theirs.</summary>
public sealed class DataFileApiTests : IAsyncLifetime
{
    private readonly KrasisServer server = new();

    public ValueTask InitializeAsync() => server.InitializeAsync();

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task What_cannot_be_kept_is_not_acknowledged_and_is_kept_when_the_file_is_back()
    {
        var row = (await server.Get("/api/builds")).Json.AsArray()[0]!;
        var path = $"/api/builds/{row["id"]}";
        var build = await server.Get(path);
        var changed = build.Json["document"]!.DeepClone();
        changed["name"] = "Quayside latte";
        Assert.Equal(200, (await server.Get("/health")).Status);
        var away = server.DataFile + ".away";
        File.Move(server.DataFile, away);

        var refused = await server.Put(path, changed, build.ETag!);
        Assert.Equal((503, "urn:krasis:problem:data-file"), (refused.Status, (string?)refused.Json["type"]));
        Assert.Contains("is not there any more", (string)refused.Json["detail"]!, StringComparison.Ordinal);
        Assert.Equal(503, (await server.Get("/health")).Status);
        Assert.Equal(503, (await server.Get("/api/files/copy")).Status);

        File.Move(away, server.DataFile);
        Assert.Equal(200, (await server.Get("/health")).Status);
        Assert.Equal(200, (await server.Put(path, changed, build.ETag!)).Status);
        Assert.Equal("Quayside latte", (string?)(await server.Get(path)).Json["document"]!["name"]);
    }

    [Fact]
    public async Task A_deleted_build_comes_back_with_the_ingredient_that_was_deleted_after_it()
    {
        var bar = (await server.Get("/api/bar")).Json;
        var syrup = bar["ingredients"]!.AsArray()[0]!["document"]!.DeepClone();
        syrup["name"] = "Rhubarb syrup";
        syrup["kind"] = "syrup";
        var added = await server.Post("/api/bar/ingredients", syrup);
        Assert.True(added.Status == 201, added.Text);
        var id = (string)added.Json["id"]!;
        var cup = (string)bar["cups"]![0]!["id"]!;
        var build = await server.Post(
            "/api/builds",
            new JsonObject
            {
                ["name"] = "Rhubarb dock",
                ["reserveMm"] = 10,
                ["sizes"] = new JsonArray(cup),
                ["referenceSize"] = cup,
                ["lines"] = new JsonArray(
                    new JsonObject
                    {
                        ["id"] = "a",
                        ["ingredient"] = id,
                        ["measure"] = "ml",
                        ["amount"] = 20,
                    }
                ),
            }
        );
        Assert.True(build.Status == 201, build.Text);
        var path = $"/api/builds/{build.Json["id"]}";
        Assert.Equal(204, (await server.Send(HttpMethod.Delete, path, ifMatch: build.ETag)).Status);
        Assert.Equal(
            204,
            (await server.Send(HttpMethod.Delete, $"/api/bar/ingredients/{id}", ifMatch: added.ETag)).Status
        );

        var restored = await server.Send(HttpMethod.Post, $"{path}/restore");
        Assert.True(restored.Status == 200, restored.Text);
        Assert.Equal(["Rhubarb syrup"], restored.Json["back"]!.AsArray().Select(name => (string)name!));
        Assert.Contains((await server.Get("/api/bar")).Json["ingredients"]!.AsArray(), one =>
            (string?)one!["id"] == id
        );
        Assert.Equal("Rhubarb dock", (string?)(await server.Get(path)).Json["document"]!["name"]);
    }
}
