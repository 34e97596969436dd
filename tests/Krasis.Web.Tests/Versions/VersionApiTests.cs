using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Versions;

/// <summary>From draft to retired, with every save kept.</summary>
public sealed class VersionApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string Quince =
        """{"name":"Quince latte","reserveMm":12,"sizes":["wren","plover"],"referenceSize":"plover","lines":[{"id":"s","ingredient":"cardamom-syrup","measure":"stroke","amount":2},{"id":"m","ingredient":"farm-milk","measure":"ml","amount":200}]}""";

    [Fact]
    public async Task A_build_goes_from_draft_to_trial_to_standard_to_retired_with_reasons()
    {
        var build = await server.Post("/api/builds", Quince);
        var (id, etag) = ((string)build.Json["id"]!, build.ETag!);
        Assert.Equal("draft", (string?)build.Json["state"]);

        Assert.Equal("trial", (string?)(await Move(id, etag, "trial", "Ready to taste")).Json["state"]);
        // Every move is a version: who has not seen it changes nothing, and least of all a page that saves by itself.
        Assert.Equal(412, (await Move(id, etag, "retired", "")).Status);
        Assert.Equal(412, (await server.Put($"/api/builds/{id}?byItself=true", Quince, await Now())).Status);
        Assert.Equal(
            201,
            (
                await server.Send(
                    HttpMethod.Post,
                    $"/api/builds/{id}/standards",
                    """{"reason":"Good","who":"Ida"}""",
                    await Now()
                )
            ).Status
        );
        Assert.Equal("standard", (string?)(await server.Get($"/api/builds/{id}")).Json["state"]);
        Assert.Equal(412, (await server.Put($"/api/builds/{id}?byItself=true", Quince, await Now())).Status);
        Assert.Equal(409, (await Move(id, await Now(), "draft", "")).Status);
        Assert.Equal("retired", (string?)(await Move(id, await Now(), "retired", "Quinces are over")).Json["state"]);
        var again = await Move(id, await Now(), "retired", "");
        Assert.Equal(
            (409, "'Quince latte' is retired and cannot become retired."),
            (again.Status, (string?)again.Json["title"])
        );
        Assert.Equal(
            ["draft", "trial"],
            (await server.Get($"/api/builds/{id}")).Json["moves"]!.AsArray().Select(move => (string)move!)
        );

        // Nor is it published past its life.
        Assert.Equal(
            409,
            (
                await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", """{"reason":"Good"}""", await Now())
            ).Status
        );

        // A version that was a move is the build as it was saved before.
        Assert.Equal("Quince latte", (string?)(await server.Get($"/api/builds/{id}/revisions/2")).Json["name"]);

        async Task<string> Now() => (await server.Get($"/api/builds/{id}")).ETag!;

        var history = (await server.Get($"/api/builds/{id}/history")).Json.AsArray();
        Assert.Equal(
            ["moved retired", "published standard", "moved trial", "saved "],
            history.Select(entry => $"{entry!["kind"]} {entry["state"]}")
        );
        Assert.Equal("Quinces are over", (string?)history[0]!["reason"]);
    }

    [Fact]
    public async Task Bad_moves_are_refused()
    {
        var build = await server.Post(
            "/api/builds",
            Quince.Replace("Quince latte", "Fig latte", StringComparison.Ordinal)
        );
        var id = (string)build.Json["id"]!;

        Assert.Equal(["state"], (await Move(id, build.ETag!, "standard", "")).Fields);
        Assert.Equal(["state"], (await Move(id, build.ETag!, "famous", "")).Fields);
        Assert.Equal(412, (await Move(id, "\"7\"", "trial", "")).Status);
        Assert.Equal(428, (await server.Post($"/api/builds/{id}/state", """{"state":"trial"}""")).Status);
        Assert.Equal(404, (await server.Get("/api/builds/none/history")).Status);
    }

    [Fact]
    public async Task Two_saves_are_compared_and_an_old_one_is_still_there()
    {
        var build = await server.Post(
            "/api/builds",
            Quince.Replace("Quince latte", "Pear latte", StringComparison.Ordinal)
        );
        var id = (string)build.Json["id"]!;
        await server.Put(
            $"/api/builds/{id}",
            Quince
                .Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal)
                .Replace("Quince latte", "Pear latte", StringComparison.Ordinal),
            build.ETag
        );

        var diff = (await server.Get($"/api/diff?from={id}@v1&to={id}@now")).Json["differences"]!.AsArray();
        Assert.Contains(diff, one =>
            (string?)one!["where"] == "Plover, Cardamom syrup"
            && (string?)one["before"] == "2 strokes"
            && (string?)one["after"] == "3 strokes"
        );
        Assert.Equal(2, (double)(await server.Get($"/api/builds/{id}/revisions/1")).Json["lines"]![0]!["amount"]!);
        Assert.Equal(404, (await server.Get($"/api/builds/{id}/revisions/9")).Status);
        Assert.Equal(404, (await server.Get($"/api/diff?from={id}@v9&to={id}@now")).Status);
        Assert.Equal(404, (await server.Get($"/api/diff?from={id}@x&to=none@now")).Status);

        // Side by side: two to six, each in a size of its own.
        string Sides(int count) =>
            string.Join('&', Enumerable.Range(0, count).Select(i => $"side={id}@{(i == 0 ? "v1" : "now")}"));
        foreach (var (count, status) in new[] { (1, 422), (2, 200), (6, 200), (7, 422) })
        {
            Assert.Equal(status, (await server.Get($"/api/compare?{Sides(count)}")).Status);
        }

        Assert.Equal(404, (await server.Get($"/api/compare?side={id}@now&side=none@now")).Status);
        var beside = (await server.Get($"/api/compare?{Sides(2)}")).Json;
        Assert.Empty(beside["sides"]![0]!["differences"]!.AsArray());
        Assert.Equal(diff.ToJsonString(), beside["sides"]![1]!["differences"]!.ToJsonString());
        Assert.Equal(
            beside["rows"]!.AsArray().Select(row => (double)row!["apart"]!).OrderDescending(),
            beside["rows"]!.AsArray().Select(row => (double)row!["apart"]!)
        );
    }

    [Fact]
    public async Task A_pump_that_moved_lists_the_standard_until_it_is_accepted()
    {
        var build = await server.Post(
            "/api/builds",
            """{"name":"Cherry milk","reserveMm":12,"sizes":["plover"],"referenceSize":"plover","lines":[{"id":"s","ingredient":"cherry-syrup","measure":"stroke","amount":2},{"id":"m","ingredient":"farm-milk","measure":"ml","amount":200,"technique":"stir"}]}"""
        );
        var id = (string)build.Json["id"]!;
        await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", """{"reason":""}""", build.ETag);
        Assert.DoesNotContain((await server.Get("/api/standards/moved")).Json.AsArray(), one =>
            (string?)one!["build"] == id
        );

        var pump = (await server.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(one => (string?)one!["id"] == "pump-cherry")!;
        await server.Put(
            "/api/bar/dispensers/pump-cherry",
            """{"name":"Cherry pump","ingredient":"cherry-syrup","strokesGrams":[12.0,12.1,11.9]}""",
            (string)pump["etag"]!
        );
        var moved = (await server.Get("/api/standards/moved"))
            .Json.AsArray()
            .Single(one => (string?)one!["build"] == id)!;
        Assert.Contains(moved["sizes"]![0]!["moves"]!.AsArray(), move =>
            (string?)move!["what"] == "Cherry syrup" && (string?)move["after"] == "24 g"
        );
        Assert.False((bool)moved["isChanged"]!);

        await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            """{"reason":"Accepted"}""",
            (string)moved["etag"]!
        );
        Assert.DoesNotContain((await server.Get("/api/standards/moved")).Json.AsArray(), one =>
            (string?)one!["build"] == id
        );
    }

    [Fact]
    public async Task The_list_says_state_tags_board_and_a_parent_that_was_saved_since()
    {
        var parent = await server.Post(
            "/api/builds",
            Quince.Replace("Quince latte", "Plum latte", StringComparison.Ordinal)
        );
        var id = (string)parent.Json["id"]!;
        var variant = JsonNode.Parse(Quince)!;
        (variant["name"], variant["tags"]) = ("Iced plum latte", new JsonArray("iced"));
        variant["season"] = new JsonObject { ["from"] = "05-01", ["to"] = "09-30" };
        variant["parent"] = new JsonObject
        {
            ["build"] = id,
            ["version"] = 1,
            ["how"] = "Served iced",
        };
        await server.Post("/api/builds", variant.ToJsonString());

        JsonNode Listed(JsonNode list) => list.AsArray().Single(one => (string?)one!["name"] == "Iced plum latte")!;
        var listed = Listed((await server.Get("/api/builds")).Json);
        Assert.Equal(
            ("iced", id, false),
            ((string?)listed["tags"]![0], (string?)listed["parent"], (bool)listed["hasNewerParent"]!)
        );
        Assert.True((int)listed["board"]!["inDays"]! > 0);

        await server.Put(
            $"/api/builds/{id}",
            Quince.Replace("Quince latte", "Plum latte", StringComparison.Ordinal),
            parent.ETag
        );
        Assert.True((bool)Listed((await server.Get("/api/builds")).Json)["hasNewerParent"]!);
    }

    private Task<Answer> Move(string id, string etag, string state, string reason) =>
        server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/state",
            new
            {
                state,
                reason,
                who = "Ida",
            },
            etag
        );
}
