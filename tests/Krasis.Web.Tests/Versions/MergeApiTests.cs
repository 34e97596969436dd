using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Versions;

/// <summary>Two tabs on one build, and a draft that saves itself.</summary>
public sealed class MergeApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string Plum =
        """{"name":"Plum latte","reserveMm":12,"sizes":["wren","plover"],"referenceSize":"plover","lines":[{"id":"s","ingredient":"cardamom-syrup","measure":"stroke","amount":2},{"id":"m","ingredient":"farm-milk","measure":"ml","amount":200}]}""";

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
        Assert.Contains(merge.Json["taken"]!.AsArray(), one =>
            (string?)one!["where"] == "Plover, Farm milk" && (string?)one["after"] == "180 ml"
        );

        // Nothing is kept before it is saved.
        Assert.Equal(2, (double)(await server.Get($"/api/builds/{id}")).Json["document"]!["lines"]![0]!["amount"]!);
        var saved = await server.Send(
            HttpMethod.Put,
            $"/api/builds/{id}",
            merge.Json["document"]!.ToJsonString(),
            (string)merge.Json["etag"]!
        );
        Assert.Equal(200, saved.Status);
    }

    [Fact]
    public async Task What_both_have_changed_is_told()
    {
        var (id, etag) = await Keep("Two");
        var origin = Plum.Replace("Plum", "Two", StringComparison.Ordinal);
        await server.Send(
            HttpMethod.Put,
            $"/api/builds/{id}",
            origin.Replace("\"amount\":2}", "\"amount\":4}", StringComparison.Ordinal),
            etag
        );
        var merge = await server.Post(
            $"/api/builds/{id}/merge",
            $$"""{"origin":{{origin}},"mine":{{origin.Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal)}}}"""
        );

        var clash = Assert.Single(merge.Json["clashes"]!.AsArray())!;
        Assert.Equal(
            ("Cardamom syrup, amount", "4 strokes", "3 strokes"),
            ((string)clash["where"]!, (string)clash["theirs"]!, (string)clash["mine"]!)
        );

        // Nobody has chosen yet, so that it stands as mine; then as it is chosen.
        Assert.Equal(3, Strokes(merge));
        var chosen = await server.Post(
            $"/api/builds/{id}/merge",
            $$"""{"origin":{{origin}},"mine":{{origin.Replace("\"amount\":2}", "\"amount\":3}", StringComparison.Ordinal)}},"choices":{"{{(string)clash["key"]!}}":"theirs"} }"""
        );
        Assert.Equal(4, Strokes(chosen));

        static double Strokes(Answer answer) => (double)answer.Json["document"]!["lines"]![0]!["amount"]!;
    }

    [Fact]
    public async Task A_merged_build_is_saved_with_what_the_one_who_merged_had_in_the_history_before_it()
    {
        var (id, etag) = await Keep("Merged");
        var mine = Plum.Replace("Plum", "Mine", StringComparison.Ordinal);
        var both = Plum.Replace("Plum", "Both", StringComparison.Ordinal);
        Assert.Equal(
            428,
            (await server.Put($"/api/builds/{id}/merged", $$"""{"mine":{{mine}},"document":{{both}}}""", null)).Status
        );
        Assert.Equal(
            ["document"],
            (await server.Put($"/api/builds/{id}/merged", $$"""{"mine":{{mine}}}""", etag)).Fields
        );
        var saved = await server.Put($"/api/builds/{id}/merged", $$"""{"mine":{{mine}},"document":{{both}}}""", etag);
        Assert.Equal((200, "\"3\""), (saved.Status, saved.ETag));
        Assert.Equal(["v3", "v2", "v1"], await Saves(id));
        Assert.Equal("Mine latte", (string?)(await server.Get($"/api/builds/{id}/revisions/2")).Json["name"]);

        // Sent again because the answer was lost, it is kept once; another one is of an old version.
        var again = await server.Put($"/api/builds/{id}/merged", $$"""{"mine":{{mine}},"document":{{both}}}""", etag);
        Assert.Equal((200, "\"3\""), (again.Status, again.ETag));
        var late = await server.Put($"/api/builds/{id}/merged", $$"""{"mine":{{both}},"document":{{mine}}}""", etag);
        Assert.Equal(412, late.Status);
    }

    [Fact]
    public async Task Bad_merges_name_what_is_missing()
    {
        var (id, _) = await Keep("Three");
        Assert.Equal(["origin", "mine"], (await server.Post($"/api/builds/{id}/merge", "{}")).Fields);
        Assert.Equal(
            404,
            (await server.Post("/api/builds/none/merge", $$"""{"origin":{{Plum}},"mine":{{Plum}}}""")).Status
        );
    }

    [Fact]
    public async Task Of_saves_that_nobody_asked_for_the_history_keeps_the_last()
    {
        var (id, etag) = await Keep("Four");
        for (var strokes = 3; strokes < 6; strokes++)
        {
            var put = await server.Send(
                HttpMethod.Put,
                $"/api/builds/{id}?byItself=true&page=left",
                Plum.Replace("\"amount\":2}", $"\"amount\":{strokes}}}", StringComparison.Ordinal),
                etag
            );
            Assert.Equal(200, put.Status);
            etag = put.ETag!;
        }

        Assert.Equal(["v4", "v1"], await Saves(id));

        // One that was asked for stays, whatever comes after it.
        etag = (await server.Send(HttpMethod.Put, $"/api/builds/{id}", Plum, etag)).ETag!;
        etag = (
            await server.Send(
                HttpMethod.Put,
                $"/api/builds/{id}?byItself=true&page=left",
                Plum.Replace("200", "190", StringComparison.Ordinal),
                etag
            )
        ).ETag!;
        Assert.Equal(["v6", "v5", "v4", "v1"], await Saves(id));
        Assert.Equal("\"6\"", etag);

        // Nor does what another page saves take the place of it.
        await server.Send(
            HttpMethod.Put,
            $"/api/builds/{id}?byItself=true&page=right",
            Plum.Replace("200", "180", StringComparison.Ordinal),
            etag
        );
        Assert.Equal(["v7", "v6", "v5", "v4", "v1"], await Saves(id));
    }

    [Fact]
    public async Task A_quantity_says_what_the_bar_pours_nearest()
    {
        // 8 US fl oz are 236.588 ml (NIST Handbook 44); the house pours milk to 5 ml.
        var read = await server.Post(
            "/api/quantities/read",
            """{"text":"8 fl oz","ingredient":"farm-milk","measure":"ml"}"""
        );
        Assert.Equal((236.588, 235), (Math.Round((double)read.Json["amount"]!, 3), (double)read.Json["poured"]!));
    }

    [Fact]
    public async Task A_mark_is_kept_as_it_was_said_and_an_amount_as_an_amount()
    {
        var marked = await Edit("""{"typed":[{"line":"m","size":"plover","text":"to 62 mm"}]}""");

        Assert.Equal("to 62 mm", (string?)LineOf(marked.Json["build"]!["lines"]!, "id", "m")["to"]);
        Assert.Equal(
            "to 62 mm",
            (string?)LineOf(marked.Json["sheet"]!["sizes"]![0]!["lines"]!, "line", "m")["mark"]!["says"]
        );
        Assert.Null(
            LineOf(
                (await Edit("""{"typed":[{"line":"m","size":"plover","text":"180"}]}""")).Json["build"]!["lines"]!,
                "id",
                "m"
            )["to"]
        );
    }

    [Fact]
    public async Task A_fill_line_that_is_dragged_pours_until_the_drink_stands_so_high()
    {
        Assert.True(
            (double)
                LineOf(
                    (await Edit("""{"surface":{"line":"m","size":"plover","mm":70}}""")).Json["build"]!["lines"]!,
                    "id",
                    "m"
                )["amount"]! > 0
        );
        var high = await Edit("""{"surface":{"line":"m","size":"plover","mm":700}}""");
        Assert.Equal(
            (422, true),
            (high.Status, high.Json["errors"]!.ToJsonString().Contains("surfaceMm", StringComparison.Ordinal))
        );
    }

    [Fact]
    public async Task An_edit_brings_the_sheet_with_it_as_it_would_be_mixed()
    {
        var edited = await Edit("""{"typed":[{"line":"s","size":"plover","text":"3 pumps"}]}""");
        var mixed = await server.Post("/api/mix", edited.Json["build"]!.ToJsonString());

        Assert.Equal(3, (double)LineOf(edited.Json["build"]!["lines"]!, "id", "s")["amount"]!);
        Assert.Equal(mixed.Json["sizes"]!.ToJsonString(), edited.Json["sheet"]!["sizes"]!.ToJsonString());
        Assert.Equal(mixed.Json["findings"]!.ToJsonString(), edited.Json["sheet"]!["findings"]!.ToJsonString());

        // An amount that can be read in a build that cannot: the build alone.
        var broken = await server.Post(
            "/api/edit",
            $$"""{"build":{{Plum.Replace("farm-milk", "no-milk", StringComparison.Ordinal)}},"edit":{"typed":[{"line":"s","size":"plover","text":"3"}]} }"""
        );
        Assert.Equal(
            (200, 3.0),
            (broken.Status, (double)LineOf(broken.Json["build"]!["lines"]!, "id", "s")["amount"]!)
        );
        Assert.Null(broken.Json["sheet"]);
    }

    [Fact]
    public async Task What_cannot_be_read_in_a_cell_is_said_of_that_cell()
    {
        var edited = await Edit(
            """{"typed":[{"line":"s","size":"plover","text":"lots"},{"line":"m","size":"plover","text":"190"}]}"""
        );

        Assert.Equal(
            ("s", "plover", "lots"),
            (
                (string?)edited.Json["troubles"]![0]!["line"],
                (string?)edited.Json["troubles"]![0]!["size"],
                (string?)edited.Json["troubles"]![0]!["text"]
            )
        );
        Assert.Equal(190, (double)LineOf(edited.Json["build"]!["lines"]!, "id", "m")["amount"]!);
    }

    private Task<Answer> Edit(string edit) => server.Post("/api/edit", $$"""{"build":{{Plum}},"edit":{{edit}} }""");

    private static JsonNode LineOf(JsonNode lines, string key, string id) =>
        lines.AsArray().Single(line => (string?)line![key] == id)!;

    [Fact]
    public async Task A_standard_is_written_to_pour_as_it_did_unless_it_has_been_changed()
    {
        var (id, etag) = await Keep("Five");
        Assert.Null((await server.Get($"/api/builds/{id}/adjusted")).Json["pours"]);
        await server.Send(HttpMethod.Post, $"/api/builds/{id}/standards", """{"reason":"Good"}""", etag);
        Assert.Null((await server.Get($"/api/builds/{id}/adjusted")).Json["pours"]);

        // The pump gave 7.6 ml and gives 15.2 now: two strokes become one.
        var pump = (await server.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(one => (string?)one!["id"] == "pump-cardamom")!;
        var bigger = await server.Send(
            HttpMethod.Put,
            "/api/bar/dispensers/pump-cardamom",
            """{"name":"Cardamom pump","ingredient":"cardamom-syrup","strokeMl":15.2}""",
            (string)pump["etag"]!
        );
        Assert.Equal(200, bigger.Status);
        var adjusted = (await server.Get($"/api/builds/{id}/adjusted")).Json;
        Assert.Equal(1, (double)adjusted["document"]!["lines"]![0]!["amount"]!);
        var row = adjusted["pours"]!["sizes"]!.AsArray().Single(size => (string?)size!["name"] == "Plover")!["rows"]!
            .AsArray()
            .Single(one => (string?)one!["what"] == "Cardamom syrup")!;
        Assert.StartsWith("2 strokes, ", (string?)row["published"], StringComparison.Ordinal);
        Assert.StartsWith("2 strokes, ", (string?)row["now"], StringComparison.Ordinal);
        Assert.StartsWith("1 stroke, ", (string?)row["adjusted"], StringComparison.Ordinal);

        await server.Send(
            HttpMethod.Put,
            $"/api/builds/{id}",
            Plum.Replace("200", "190", StringComparison.Ordinal),
            (await server.Get($"/api/builds/{id}")).ETag
        );
        Assert.Null((await server.Get($"/api/builds/{id}/adjusted")).Json["pours"]);
        Assert.Equal(404, (await server.Get("/api/builds/none/adjusted")).Status);
    }

    private async Task<(string Id, string Etag)> Keep(string name)
    {
        var build = await server.Post("/api/builds", Plum.Replace("Plum", name, StringComparison.Ordinal));
        return ((string)build.Json["id"]!, build.ETag!);
    }

    private async Task<IEnumerable<string>> Saves(string id) =>
        (await server.Get($"/api/builds/{id}/history"))
            .Json.AsArray()
            .Where(entry => (string?)entry!["kind"] == "saved")
            .Select(entry => (string)entry!["place"]!);
}
