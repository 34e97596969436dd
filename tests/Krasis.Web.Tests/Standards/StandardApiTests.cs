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
        var published = await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            new { reason = "Tasted by three of us." },
            created.ETag
        );
        Assert.Equal((201, 1), (published.Status, (int)published.Json["number"]!));

        // The bar moves, and the build too.
        var espresso = (await server.Get("/api/bar")).Json["espresso"]![0]!;
        var changed = espresso["document"]!.DeepClone();
        changed["yieldGrams"] = 45;
        Assert.Equal(
            200,
            (
                await server.Put(
                    $"/api/bar/espresso/{espresso["id"]}",
                    changed.ToJsonString(),
                    (string)espresso["etag"]!
                )
            ).Status
        );
        var build = JsonNode.Parse(created.Text)!["document"]!;
        build["name"] = "Another name";
        Assert.Equal(412, (await server.Put($"/api/builds/{id}", build.ToJsonString(), created.ETag)).Status);
        var updated = await server.Put(
            $"/api/builds/{id}",
            build.ToJsonString(),
            (await server.Get($"/api/builds/{id}")).ETag
        );
        Assert.Equal(200, updated.Status);
        Assert.Equal(
            (1, true),
            ((int)updated.Json["standard"]!["number"]!, (bool)updated.Json["standard"]!["isChangedSince"]!)
        );

        var kept = await server.Get($"/api/builds/{id}/standards/1");
        Assert.True(JsonNode.DeepEquals(published.Json["sheet"], kept.Json["sheet"]));
        Assert.Equal("Standard trial", (string?)kept.Json["document"]!["name"]);
        Assert.Equal(39, (double)kept.Json["bar"]!["espresso"]![0]!["yieldGrams"]!);

        var next = (await server.Get($"/api/builds/{id}/standards/next")).Json;
        Assert.Equal(2, (int)next["number"]!);
        Assert.Contains(next["changes"]!.AsArray(), one =>
            (string?)one!["before"] == "Standard trial" && (string?)one["after"] == "Another name"
        );
        var second = await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            new { reason = "Tasted again." },
            updated.ETag
        );
        Assert.False((bool)(await server.Get($"/api/builds/{id}")).Json["standard"]!["isChangedSince"]!);
        Assert.Equal(2, (int)second.Json["number"]!);
        Assert.NotEqual(
            (double)kept.Json["sheet"]!["sizes"]![0]!["taste"]!["poured"]!["strength"]!,
            (double)second.Json["sheet"]!["sizes"]![0]!["taste"]!["poured"]!["strength"]!
        );
        Assert.Equal(
            [2, 1],
            (await server.Get($"/api/builds/{id}/standards"))
                .Json.AsArray()
                .Select(standard => (int)standard!["number"]!)
        );
    }

    // A fault refuses it, a warning wants a reason, and what was let be is neither.
    [Fact]
    public async Task What_is_open_is_told_and_held_against_it()
    {
        var whole = BuildApiTests.Build("Open trial");
        var milk = whole["lines"]!.AsArray().Single(line => (string?)line!["measure"] == "ml")!;
        milk["amount"] = 900;
        var created = await server.Post("/api/builds", whole.ToJsonString());
        var id = (string)created.Json["id"]!;
        var check = (await server.Get($"/api/builds/{id}/standards/next")).Json["check"]!;
        Assert.Contains("runs over", (string)check["faults"]![0]!["message"]!, StringComparison.Ordinal);
        var refused = await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            new { reason = "All the same." },
            created.ETag
        );
        Assert.Equal(409, refused.Status);
        Assert.Contains("runs over", (string)refused.Json["detail"]!, StringComparison.Ordinal);
        Assert.Empty((await server.Get($"/api/builds/{id}/standards")).Json.AsArray());

        // Into the reserve and not over the brim: a warning.
        var overfull = (await Warned(milk, whole, id, created.ETag!)).ETag;
        var silent = await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = " " }, overfull);
        Assert.Equal((422, "reason"), (silent.Status, silent.Fields[0]));
        Assert.Equal(
            201,
            (
                await server.Send(
                    HttpMethod.Post,
                    $"/api/builds/{id}/standards",
                    new { reason = "It is meant to be full." },
                    overfull
                )
            ).Status
        );
    }

    [Fact]
    public async Task What_is_not_there_or_stale_is_told()
    {
        var created = await server.Post("/api/builds", BuildApiTests.Build("Stale trial"));
        var id = (string)created.Json["id"]!;

        Assert.Equal(428, (await server.Post($"/api/builds/{id}/standards", new { reason = "x" })).Status);
        Assert.Equal(
            412,
            (await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", new { reason = "x" }, "\"7\"")).Status
        );
        Assert.Equal(
            404,
            (await server.Send(HttpMethod.Post, "/api/builds/nobody/standards", new { reason = "x" }, "\"1\"")).Status
        );
        Assert.Equal(404, (await server.Get($"/api/builds/{id}/standards/1")).Status);
        var answer = await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            new { reason = new string('x', 501) },
            created.ETag
        );
        Assert.Equal((422, "reason"), (answer.Status, answer.Fields[0]));
        Assert.Equal(404, (await server.Get("/api/builds/nobody/standards/next")).Status);
    }

    private async Task<Answer> Warned(JsonNode milk, JsonNode build, string id, string etag)
    {
        for (var ml = 50; ml < 900; ml += 5)
        {
            milk["amount"] = ml;
            var findings = (await server.Post("/api/mix", build.ToJsonString())).Json["findings"]!
                .AsArray()
                .Select(finding => (string)finding!["severity"]!)
                .ToList();
            if (findings.Contains("warning") && !findings.Contains("fault"))
            {
                return await server.Put($"/api/builds/{id}", build.ToJsonString(), etag);
            }
        }

        throw new InvalidOperationException("No amount of milk is a warning and no fault.");
    }
}
