using System.IO.Compression;
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
    public async Task A_change_must_say_what_it_changes(string? ifMatch, int status)
    {
        var path = await Create("Conditional");

        Assert.Equal(status, (await server.Put(path, Build("Changed"), ifMatch)).Status);
        Assert.Equal(status, (await server.Delete(path, ifMatch)).Status);
    }

    // RFC 9110, 13.1.1: an asterisk matches whatever is there, and a list any of its tags.
    [Theory]
    [InlineData("*")]
    [InlineData("\"7\", \"1\"")]
    public async Task A_change_may_name_several_versions_or_any(string ifMatch)
    {
        var path = await Create("Of any version");

        Assert.Equal(200, (await server.Put(path, Build("Changed"), ifMatch)).Status);
        Assert.Equal(412, (await server.Put(path, Build("Again"), "\"7\", \"1\"")).Status);
        Assert.Equal(404, (await server.Put("/api/builds/none", Build("Nowhere"), "*")).Status);
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
        Assert.Equal(
            ["name", "reserveMm", "lines[0].ingredient", "lines[1].measure", "lines[2].amount"],
            answer.Fields
        );
        Assert.Equal("moonlight", (string?)answer.Json["errors"]![2]!["value"]);
        Assert.All(answer.Json["errors"]!.AsArray(), error => Assert.NotEqual("", (string?)error!["accepted"]));
        Assert.Equal(before, (await server.Get("/api/builds")).Json.AsArray().Count);
    }

    [Fact]
    public async Task A_build_is_listed_with_what_its_row_shows()
    {
        var path = await Create("Aardvark's own");
        var first = (await server.Get("/api/builds")).Json[0]!;
        var sheet = (await server.Post("/api/mix", (await server.Get(path)).Json["document"]!.ToJsonString())).Json;
        var reference = sheet["sizes"]!.AsArray().Single(size => (bool)size!["isReference"]!)!;

        Assert.Equal("Aardvark's own", (string?)first["name"]);
        Assert.Equal(
            sheet["sizes"]!.AsArray().Select(size => (string?)size!["name"]),
            first["sizes"]!.AsArray().Select(size => (string?)size)
        );
        Assert.Equal(
            reference["lines"]!.AsArray().Select(line => (string?)line!["ingredientName"]),
            first["holds"]!.AsArray().Select(line => (string?)line)
        );
        Assert.Equal(
            sheet["findings"]!.AsArray().Count(finding => (string?)finding!["severity"] == "warning"),
            (int)first["warnings"]!
        );
        Assert.Equal(Math.Round((double)reference["cup"]!["height"]!, 1), (double)first["cup"]!["height"]!);
        Assert.NotEmpty(first["cup"]!["layers"]!.AsArray());
        Assert.Null(first["trouble"]);
    }

    // The answer is lost on its way and the page asks again: one build, and no conflict with one's own change.
    [Fact]
    public async Task What_is_asked_twice_is_kept_once()
    {
        var path = $"/api/builds?asked={Guid.NewGuid()}";
        var before = (await server.Get("/api/builds")).Json.AsArray().Count;
        var first = await server.Post(path, Build("Twice asked"));
        var again = await server.Post(path, Build("Twice asked"));

        Assert.Equal((201, 201), (first.Status, again.Status));
        Assert.Equal(((string?)first.Json["id"], first.ETag), ((string?)again.Json["id"], again.ETag));
        Assert.Equal(before + 1, (await server.Get("/api/builds")).Json.AsArray().Count);
        Assert.Equal(409, (await server.Post(path, Build("Another"))).Status);

        var own = $"/api/builds/{first.Json["id"]}";
        var changed = Build("Twice asked, changed");
        var kept = await server.Put(own, changed, first.ETag);
        var lost = await server.Put(own, changed, first.ETag);
        Assert.Equal((200, 200, kept.ETag), (kept.Status, lost.Status, lost.ETag));
        Assert.Equal(412, (await server.Put(own, Build("Something else"), first.ETag)).Status);

        Assert.Equal(204, (await server.Delete(own, kept.ETag)).Status);
        Assert.Equal(409, (await server.Post(path, Build("Twice asked"))).Status);
    }

    // What was worked out stays as long as nothing changes: a build, a fact, a standard or the day.
    [Fact]
    public async Task A_list_that_has_not_changed_is_not_sent_again()
    {
        var path = await Create("Beaver's own");
        var (tag, first, _) = await Asked(null);
        Assert.Equal((304, ""), ((await Asked(tag)).Status, (await Asked(tag)).Text));

        var kept = await server.Get(path);
        var document = kept.Json["document"]!;
        document["name"] = "Beaver's other";
        Assert.Equal(200, (await server.Put(path, document, kept.ETag)).Status);
        var (next, changed, status) = await Asked(tag);
        Assert.Equal(200, status);
        Assert.NotEqual(tag, next);
        Assert.Contains("Beaver's other", changed, StringComparison.Ordinal);
        Assert.DoesNotContain("Beaver's own", changed, StringComparison.Ordinal);
        Assert.Contains("Beaver's own", first, StringComparison.Ordinal);

        var cup = await server.Post("/api/bar/cups", Cup("Beaver cup"));
        Assert.Equal(201, cup.Status);
        Assert.Equal(200, (await Asked(next)).Status);

        Task<(string? Tag, string Text, int Status)> Asked(string? known) => Listed(server, known);
    }

    [Fact]
    public async Task The_list_of_one_house_is_not_taken_for_that_of_another_at_its_address()
    {
        // Two fresh demos have seen as many changes as each other, and not a build in common.
        await using var one = new KrasisServer();
        await one.InitializeAsync();
        await using var other = new KrasisServer();
        await other.InitializeAsync();
        var (tag, _, _) = await Listed(one, null);
        Assert.Equal(304, (await Listed(one, tag)).Status);
        Assert.Equal(200, (await Listed(other, tag)).Status);
    }

    private static async Task<(string? Tag, string Text, int Status)> Listed(KrasisServer server, string? known)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/builds");
        if (known is not null)
        {
            request.Headers.TryAddWithoutValidation("If-None-Match", known);
        }

        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return (
            answer.Headers.ETag?.Tag,
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            (int)answer.StatusCode
        );
    }

    [Theory]
    [InlineData("br")]
    [InlineData("gzip")]
    public async Task Answers_and_pages_are_sent_compressed(string how)
    {
        foreach (var path in new[] { "/api/builds", "/api/bar" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, path);
            request.Headers.TryAddWithoutValidation("Accept-Encoding", how);
            using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);

            Assert.Equal([how], answer.Content.Headers.ContentEncoding);
        }
    }

    [Theory]
    [InlineData("br, gzip", "br")]
    [InlineData("gzip", "gzip")]
    [InlineData("br;q=0, gzip", "gzip")]
    [InlineData("identity", null)]
    public async Task The_list_says_the_same_however_it_is_sent_before_and_after_a_change(string asked, string? sent)
    {
        await Check();
        var path = await Create("Beaver's own");
        await Check();
        Assert.Equal(204, (await server.Delete(path, (await server.Get(path)).ETag!)).Status);
        await Check();

        async Task Check()
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, "/api/builds");
            request.Headers.TryAddWithoutValidation("Accept-Encoding", asked);
            using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal(sent is null ? [] : [sent], answer.Content.Headers.ContentEncoding);
            var bytes = await answer.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken);
            using var plain = new StreamReader(
                sent switch
                {
                    "br" => new BrotliStream(bytes, CompressionMode.Decompress),
                    "gzip" => new GZipStream(bytes, CompressionMode.Decompress),
                    _ => bytes,
                }
            );
            var text = await plain.ReadToEndAsync(TestContext.Current.CancellationToken);
            Assert.Equal((await server.Get("/api/builds")).Text, text);
            Assert.Contains("Black sesame latte", text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task Builds_are_found_by_what_they_contain_and_what_no_label_lists()
    {
        var with = (await server.Get("/api/builds/search?text=nuts")).Json.AsArray();
        var without = (await server.Get("/api/builds/search?text=without%20nuts")).Json.AsArray();

        Assert.Contains(with, found =>
            ((string?)found!["why"])!.StartsWith("Contains tree nuts", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(without, found =>
            with.Any(other => (string?)other!["id"] == (string?)found!["id"] && (bool)other["isKnown"]!)
        );
        Assert.All(without, found =>
            Assert.DoesNotContain("free", (string?)found!["why"], StringComparison.OrdinalIgnoreCase)
        );
        Assert.Equal(
            (await server.Get("/api/builds")).Json.AsArray().Count,
            (await server.Get("/api/builds/search")).Json.AsArray().Count
        );
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

        // Its cup cannot come back with it: another is called so now.
        Assert.Equal(201, (await server.Post("/api/bar/cups", Cup("Passing cup"))).Status);

        var answer = await server.Post($"{path}/restore");

        Assert.Equal(409, answer.Status);
        Assert.Contains("'Passing' cannot be restored", answer.Text, StringComparison.Ordinal);
        Assert.Contains("Passing", (await server.Get("/api/builds/deleted")).Text, StringComparison.Ordinal);
    }

    internal static JsonObject Build(string name) =>
        new()
        {
            ["name"] = name,
            ["reserveMm"] = 10,
            ["sizes"] = new JsonArray("wren", "plover", "heron"),
            ["referenceSize"] = "plover",
            ["lines"] = new JsonArray(
                Line("cherry-syrup", "stroke", 2),
                Line("lock-espresso", "shot", 2),
                Line("farm-milk", "ml", 250)
            ),
        };

    internal static JsonObject Cup(string name) =>
        new()
        {
            ["name"] = name,
            ["topDiameterMm"] = 80,
            ["bottomDiameterMm"] = 55,
            ["heightMm"] = 100,
            ["waterGrams"] = 355,
            ["waterCelsius"] = 20,
        };

    private static JsonObject Line(string ingredient, string measure, double amount) =>
        new()
        {
            ["id"] = ingredient,
            ["ingredient"] = ingredient,
            ["measure"] = measure,
            ["amount"] = amount,
        };

    private async Task<string> Create(string name) =>
        $"/api/builds/{(await server.Post("/api/builds", Build(name))).Json["id"]}";
}
