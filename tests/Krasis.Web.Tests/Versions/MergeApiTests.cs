namespace Krasis.Web.Tests.Versions;

/// <summary>Two tabs on one build, and a draft that saves itself.</summary>
public sealed class MergeApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string Plum = """{"name":"Plum latte","reserveMm":12,"sizes":["wren","plover"],"referenceSize":"plover","lines":[{"id":"s","ingredient":"cardamom-syrup","measure":"stroke","amount":2},{"id":"m","ingredient":"farm-milk","measure":"ml","amount":200}]}""";

    [Fact]
    public async Task Changes_made_beside_each_other_are_laid_on_one_another_and_kept_by_the_next_save()
    {
        var (id, etag) = await Keep("One");
        var origin = Plum.Replace("Plum", "One", StringComparison.Ordinal);
        var theirs = origin.Replace("\"amount\":200", "\"amount\":180", StringComparison.Ordinal);
        var mine = origin.Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal);
        await server.Send(HttpMethod.Put, $"/api/builds/{id}", theirs, etag);
        Assert.Equal(412, (await server.Send(HttpMethod.Put, $"/api/builds/{id}", mine, etag)).Status);

        var merge = await server.Post($"/api/builds/{id}/merge", $$"""{"origin":{{origin}},"mine":{{mine}}}""");
        Assert.Equal(200, merge.Status);
        Assert.Equal([3, 180], merge.Json["document"]!["lines"]!.AsArray().Select(line => (double)line!["amount"]!));
        Assert.Empty(merge.Json["clashes"]!.AsArray());
        Assert.Contains(merge.Json["taken"]!.AsArray(), one => (string?)one!["where"] == "Plover, Farm milk" && (string?)one["after"] == "180 ml");

        // Nothing is kept before it is saved.
        Assert.Equal(2, (double)(await server.Get($"/api/builds/{id}")).Json["document"]!["lines"]![0]!["amount"]!);
        var saved = await server.Send(HttpMethod.Put, $"/api/builds/{id}", merge.Json["document"]!.ToJsonString(), (string)merge.Json["etag"]!);
        Assert.Equal(200, saved.Status);
    }

    [Fact]
    public async Task What_both_have_changed_is_told()
    {
        var (id, etag) = await Keep("Two");
        var origin = Plum.Replace("Plum", "Two", StringComparison.Ordinal);
        await server.Send(HttpMethod.Put, $"/api/builds/{id}", origin.Replace("\"amount\":2}", "\"amount\":4}", StringComparison.Ordinal), etag);
        var merge = await server.Post($"/api/builds/{id}/merge", $$"""{"origin":{{origin}},"mine":{{origin.Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal)}}}""");

        var clash = Assert.Single(merge.Json["clashes"]!.AsArray())!;
        Assert.Equal(("Cardamom syrup, amount", "4", "3"), ((string)clash["where"]!, (string)clash["before"]!, (string)clash["after"]!));
    }

    [Fact]
    public async Task Bad_merges_name_what_is_missing()
    {
        var (id, _) = await Keep("Three");
        Assert.Equal(["origin", "mine"], (await server.Post($"/api/builds/{id}/merge", "{}")).Fields);
        Assert.Equal(404, (await server.Post("/api/builds/none/merge", $$"""{"origin":{{Plum}},"mine":{{Plum}}}""")).Status);
    }

    [Fact]
    public async Task Of_saves_that_nobody_asked_for_the_history_keeps_the_last()
    {
        var (id, etag) = await Keep("Four");
        for (var strokes = 3; strokes < 6; strokes++)
        {
            var put = await server.Send(HttpMethod.Put, $"/api/builds/{id}?byItself=true", Plum.Replace("\"amount\":2}", $"\"amount\":{strokes}}}", StringComparison.Ordinal), etag);
            Assert.Equal(200, put.Status);
            etag = put.ETag!;
        }

        Assert.Equal(["v4", "v1"], await Saves(id));

        // One that was asked for stays, whatever comes after it.
        etag = (await server.Send(HttpMethod.Put, $"/api/builds/{id}", Plum, etag)).ETag!;
        etag = (await server.Send(HttpMethod.Put, $"/api/builds/{id}?byItself=true", Plum.Replace("200", "190", StringComparison.Ordinal), etag)).ETag!;
        Assert.Equal(["v6", "v5", "v4", "v1"], await Saves(id));
        Assert.Equal("\"6\"", etag);
    }

    [Fact]
    public async Task A_quantity_says_what_the_bar_pours_nearest()
    {
        // 8 US fl oz are 236.588 ml (NIST Handbook 44); the house pours milk to 5 ml.
        var read = await server.Post("/api/quantities/read", """{"text":"8 fl oz","ingredient":"farm-milk","measure":"ml"}""");
        Assert.Equal((236.588, 235), (Math.Round((double)read.Json["amount"]!, 3), (double)read.Json["poured"]!));
    }

    [Fact]
    public async Task A_mark_is_kept_as_it_was_said_and_an_amount_as_an_amount()
    {
        const string Request = """{"text":"to 62 mm","ingredient":"farm-milk","measure":"ml","size":"plover","line":"m","mix":true,"build":""" + Plum + "}";
        var read = await server.Post("/api/quantities/read", Request);

        Assert.Equal("to 62 mm", (string?)read.Json["to"]);
        Assert.Equal("to 62 mm", (string?)read.Json["sheet"]!["sizes"]![0]!["lines"]!.AsArray().Single(line => (string?)line!["line"] == "m")!["mark"]!["says"]);
        Assert.Null((await server.Post("/api/quantities/read", Request.Replace("to 62 mm", "180", StringComparison.Ordinal))).Json["to"]);
    }

    [Fact]
    public async Task A_fill_line_that_is_dragged_says_how_much_of_its_line_stands_so_high()
    {
        const string Request = """{"surfaceMm":70,"ingredient":"farm-milk","measure":"ml","size":"plover","line":"m","build":""" + Plum + "}";
        var read = await server.Post("/api/quantities/read", Request);
        Assert.True((double)read.Json["amount"]! > 0);
        Assert.Null(read.Json["to"]);

        var high = await server.Post("/api/quantities/read", Request.Replace("70", "700", StringComparison.Ordinal));
        Assert.Equal((422, true), (high.Status, high.Json["errors"]!.ToJsonString().Contains("surfaceMm", StringComparison.Ordinal)));
    }

    [Fact]
    public async Task A_quantity_brings_the_sheet_with_it_when_that_is_asked_for()
    {
        const string Request = """{"text":"3 strokes","ingredient":"cardamom-syrup","measure":"stroke","size":"plover","line":"s","mix":true,"build":""" + Plum + "}";
        var read = await server.Post("/api/quantities/read", Request);
        var mixed = await server.Post("/api/mix", Plum.Replace("Plum latte", "", StringComparison.Ordinal).Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal));

        Assert.Equal(mixed.Json["sizes"]!.ToJsonString(), read.Json["sheet"]!["sizes"]!.ToJsonString());
        Assert.Null((await server.Post("/api/quantities/read", Request.Replace(",\"mix\":true", "", StringComparison.Ordinal))).Json["sheet"]);

        // A quantity that can be read in a build that cannot: the quantity alone.
        var broken = await server.Post("/api/quantities/read", Request.Replace("farm-milk", "no-milk", StringComparison.Ordinal));
        Assert.Equal(3, (double)broken.Json["amount"]!);
        Assert.Null(broken.Json["sheet"]);
    }

    [Fact]
    public async Task A_standard_is_written_to_pour_as_it_did_unless_it_has_been_changed()
    {
        var (id, etag) = await Keep("Five");
        Assert.Empty((await server.Get($"/api/builds/{id}/adjusted")).Json["changes"]!.AsArray());
        await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", """{"reason":"Good"}""", etag);
        Assert.Empty((await server.Get($"/api/builds/{id}/adjusted")).Json["changes"]!.AsArray());

        // The pump gave 7.6 ml and gives 15.2 now: two strokes become one.
        var pump = (await server.Get("/api/bar")).Json["dispensers"]!.AsArray().Single(one => (string?)one!["id"] == "pump-cardamom")!;
        var bigger = await server.Send(HttpMethod.Put, "/api/bar/dispensers/pump-cardamom", """{"name":"Cardamom pump","ingredient":"cardamom-syrup","strokeMl":15.2}""", (string)pump["etag"]!);
        Assert.Equal(200, bigger.Status);
        var adjusted = (await server.Get($"/api/builds/{id}/adjusted")).Json;
        Assert.Equal(1, (double)adjusted["document"]!["lines"]![0]!["amount"]!);
        Assert.Contains(adjusted["changes"]!.AsArray(), one => (string?)one!["where"] == "Plover, Cardamom syrup" && (string?)one["after"] == "1 stroke");

        await server.Send(HttpMethod.Put, $"/api/builds/{id}", Plum.Replace("200", "190", StringComparison.Ordinal), etag);
        Assert.Empty((await server.Get($"/api/builds/{id}/adjusted")).Json["changes"]!.AsArray());
        Assert.Equal(404, (await server.Get("/api/builds/none/adjusted")).Status);
    }

    private async Task<(string Id, string Etag)> Keep(string name)
    {
        var build = await server.Post("/api/builds", Plum.Replace("Plum", name, StringComparison.Ordinal));
        return ((string)build.Json["id"]!, build.ETag!);
    }

    private async Task<IEnumerable<string>> Saves(string id) =>
        (await server.Get($"/api/builds/{id}/history")).Json.AsArray().Where(entry => (string?)entry!["kind"] == "saved").Select(entry => (string)entry!["place"]!);
}
