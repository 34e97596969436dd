using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Builds;

public sealed class BuildApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_build_is_kept_read_changed_deleted_and_restored()
    {
        var created = await server.Post("/api/builds", Build("Cherry latte"));
        Assert.Equal((201, "\"1\""), (created.Status, created.ETag));
        var path = $"/api/builds/{created.Json["id"]}";

        var read = await server.Get(path);
        Assert.Equal((200, "\"1\"", "Cherry latte"), (read.Status, read.ETag, (string?)read.Json["document"]!["name"]));

        var changed = await server.Put(path, Build("Sour cherry latte"), read.ETag);
        Assert.Equal((200, "\"2\""), (changed.Status, changed.ETag));

        Assert.Equal(204, (await server.Delete(path, "\"2\"")).Status);
        Assert.Equal(404, (await server.Get(path)).Status);
        Assert.Contains("Sour cherry latte", (await server.Get("/api/builds/deleted")).Text, StringComparison.Ordinal);

        Assert.Equal(200, (await server.Post($"{path}/restore")).Status);
        Assert.Equal("Sour cherry latte", (string?)(await server.Get(path)).Json["document"]!["name"]);
        Assert.Equal(404, (await server.Post($"{path}/restore")).Status);
    }

    [Fact]
    public async Task A_stale_change_is_refused_with_412_and_changes_nothing()
    {
        var path = await Create("Two tabs");
        Assert.Equal(200, (await server.Put(path, Build("First tab"), "\"1\"")).Status);

        var stale = await server.Put(path, Build("Second tab"), "\"1\"");

        Assert.Equal((412, "application/problem+json"), (stale.Status, stale.ContentType));
        Assert.Contains("has been changed since you opened it", stale.Text, StringComparison.Ordinal);
        Assert.Equal(412, (await server.Delete(path, "\"1\"")).Status);
        Assert.Equal("First tab", (string?)(await server.Get(path)).Json["document"]!["name"]);
    }

    [Theory]
    [InlineData(null, 428)]
    [InlineData("nonsense", 412)]
    [InlineData("W/\"1\"", 412)]
    [InlineData("\"abc\"", 412)]
    [InlineData("*", 412)]
    public async Task A_change_must_say_what_it_changes(string? ifMatch, int status)
    {
        var path = await Create("Conditional");

        Assert.Equal(status, (await server.Put(path, Build("Changed"), ifMatch)).Status);
        Assert.Equal(status, (await server.Delete(path, ifMatch)).Status);
    }

    [Fact]
    public async Task What_is_not_there_is_404()
    {
        Assert.Equal(404, (await server.Get("/api/builds/none")).Status);
        Assert.Equal(404, (await server.Put("/api/builds/none", Build("x"), "\"1\"")).Status);
        Assert.Equal(404, (await server.Delete("/api/builds/none", "\"1\"")).Status);
        Assert.Equal((404, "application/problem+json"), await Kind("/api/nothing"));

        async Task<(int, string?)> Kind(string path)
        {
            var answer = await server.Get(path);
            return (answer.Status, answer.ContentType);
        }
    }

    [Fact]
    public async Task Every_wrong_field_is_named_and_nothing_is_kept()
    {
        var build = Build(new string('n', 10_000));
        build["reserveMm"] = -1;
        build["lines"]![0]!["ingredient"] = "moonlight";
        build["lines"]![1]!["measure"] = "furlong";
        build["lines"]![2]!["amount"] = -180;
        var before = (await server.Get("/api/builds")).Json.AsArray().Count;

        var answer = await server.Post("/api/builds", build);

        Assert.Equal((422, "application/problem+json"), (answer.Status, answer.ContentType));
        Assert.Equal(["name", "reserveMm", "lines[0].ingredient", "lines[1].measure", "lines[2].amount"], answer.Fields);
        Assert.Equal("moonlight", (string?)answer.Json["errors"]![2]!["value"]);
        Assert.All(answer.Json["errors"]!.AsArray(), error => Assert.NotEqual("", (string?)error!["accepted"]));
        Assert.Equal(before, (await server.Get("/api/builds")).Json.AsArray().Count);
    }

    [Fact]
    public async Task A_build_is_listed_with_its_sheet()
    {
        await Create("Aardvark's own");
        var first = (await server.Get("/api/builds")).Json[0]!;

        Assert.Equal("Aardvark's own", (string?)first["name"]);
        Assert.Equal(3, first["sheet"]!["sizes"]!.AsArray().Count);
        Assert.Null(first["trouble"]);
    }

    [Fact]
    public async Task A_restored_build_must_still_be_poured_by_this_bar()
    {
        var cup = (await server.Post("/api/bar/cups", Cup("Passing cup"))).Json;
        var build = Build("Passing");
        build["sizes"] = new JsonArray((string)cup["id"]!);
        build["referenceSize"] = (string)cup["id"]!;
        var path = $"/api/builds/{(await server.Post("/api/builds", build)).Json["id"]}";
        Assert.Equal(409, (await server.Delete($"/api/bar/cups/{cup["id"]}", "\"1\"")).Status);
        Assert.Equal(204, (await server.Delete(path, "\"1\"")).Status);
        Assert.Equal(204, (await server.Delete($"/api/bar/cups/{cup["id"]}", "\"1\"")).Status);

        var answer = await server.Post($"{path}/restore");

        Assert.Equal(409, answer.Status);
        Assert.Contains("'Passing' cannot be restored", answer.Text, StringComparison.Ordinal);
        Assert.Contains("Passing", (await server.Get("/api/builds/deleted")).Text, StringComparison.Ordinal);
    }

    internal static JsonObject Build(string name) => new()
    {
        ["name"] = name,
        ["reserveMm"] = 10,
        ["sizes"] = new JsonArray("wren", "plover", "heron"),
        ["referenceSize"] = "plover",
        ["lines"] = new JsonArray(Line("cherry-syrup", "stroke", 2), Line("lock-espresso", "shot", 2), Line("farm-milk", "ml", 250)),
    };

    internal static JsonObject Cup(string name) => new()
    {
        ["name"] = name,
        ["topDiameterMm"] = 80,
        ["bottomDiameterMm"] = 55,
        ["heightMm"] = 100,
        ["waterGrams"] = 355,
        ["waterCelsius"] = 20,
    };

    private static JsonObject Line(string ingredient, string measure, double amount) => new()
    {
        ["id"] = ingredient,
        ["ingredient"] = ingredient,
        ["measure"] = measure,
        ["amount"] = amount,
    };

    private async Task<string> Create(string name) => $"/api/builds/{(await server.Post("/api/builds", Build(name))).Json["id"]}";
}
