using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Prep;

/// <summary>The plan, its batches, stock, calendar and order over HTTP. It is Wednesday, 25 November 2026, nine
/// o'clock.</summary>
public sealed class PrepApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_festival_needs_more_cold_brew_than_one_bucket_makes_and_what_would_help_does()
    {
        Assert.Equal(48, (int)(await Plan())["days"]![0]!["week"]!);
        var conflict = Assert.Single((await Plan())["conflicts"]!.AsArray())!;
        Assert.Equal("noRoom", (string?)conflict["kind"]);
        Assert.Contains(
            "of Slipway cold brew, needed by Saturday 28 November, 08:00, cannot be ready in time.",
            (string)conflict["says"]!,
            StringComparison.Ordinal
        );
        var would = conflict["would"]!.AsArray().Select(way => (string)way!).ToList();
        Assert.Contains("One more steeping bucket", would);
        Assert.Contains("Leave Lockside cold brew off the board on Saturday 28 November", would);

        // The promise is kept.
        await Settings(document =>
            document["equipment"]!.AsArray().First(each => (string?)each!["id"] == "bucket")!["count"] = 2
        );
        Assert.Empty((await Plan())["conflicts"]!.AsArray());
        await Settings(document =>
            document["equipment"]!.AsArray().First(each => (string?)each!["id"] == "bucket")!["count"] = 1
        );
    }

    [Fact]
    public async Task A_batch_is_moved_begun_and_ticked_off_once()
    {
        var batch = (await Plan())["batches"]!
            .AsArray()
            .First(each => (string?)each!["item"] == "ingredient:coffee-ice" && !(bool)each["isBegun"]!)!;
        var path = $"/api/prep/batches/{Uri.EscapeDataString((string)batch["key"]!)}";

        // Where it cannot be moved.
        Assert.Equal(["day"], (await server.Put(path, new { day = "2026-12-24", time = "08:00" }, null)).Fields);
        Assert.Equal(["time"], (await server.Put(path, new { day = "2026-11-25", time = "08:59" }, null)).Fields);
        Assert.Equal(["time"], (await server.Put(path, new { day = "2026-11-26", time = "24:30" }, null)).Fields);
        Assert.Contains(
            "Nobody works at 02:30 on",
            (await server.Put(path, new { day = "2026-11-26", time = "02:30" }, null)).Text,
            StringComparison.Ordinal
        );

        // It is offered only the days on which it can be in time, and on which it keeps long enough.
        var days = batch["moveDays"]!.AsArray().Select(day => (string)day!).ToList();
        Assert.Contains((string)batch["beginDay"]!, days);
        Assert.All(days, day => Assert.True(string.CompareOrdinal(day, (string)batch["from"]!) <= 0));
        Assert.Equal(
            404,
            (
                await server.Put(
                    "/api/prep/batches/nothing@2026-11-26-1",
                    new { day = "2026-11-26", time = "08:00" },
                    null
                )
            ).Status
        );

        var moved = (await server.Put(path, new { day = (string)batch["beginDay"]!, time = "11:15" }, null)).Json[
            "batches"
        ]!
            .AsArray()
            .First(each => (string?)each!["key"] == (string?)batch["key"])!;
        Assert.Equal(("11:15", true), ((string?)moved["beginTime"], (bool)moved["isSet"]!));
        Assert.Equal(("11:15", true), await Begin((string)batch["key"]!));
        Assert.Equal(200, (await server.Delete(path, null)).Status);
        Assert.NotEqual(("11:15", true), await Begin((string)batch["key"]!));

        // Half of it is half of everything.
        var whole = (await server.Get(path)).Json;
        var half = (
            await server.Get(
                $"{path}?grams={((double)whole["grams"]! / 2).ToString(System.Globalization.CultureInfo.InvariantCulture)}"
            )
        ).Json;
        Assert.Equal((double)whole["lines"]![0]!["grams"]! / 2, (double)half["lines"]![0]!["grams"]!, 6);
        Assert.Equal(422, (await server.Get($"{path}?grams=-1")).Status);

        Assert.Equal(409, (await server.Get($"{path}/cooling")).Status);
        Assert.Equal(409, (await Cooling(new { celsius = 4 })).Status);
        await server.Post($"{path}/begin", new { who = "IN", grams = (double?)null });
        Assert.Contains((await Plan())["batches"]!.AsArray(), each =>
            (string?)each!["key"] == (string?)batch["key"] && (bool)each["isBegun"]!
        );
        Assert.Equal(409, (await server.Put(path, new { day = "2026-11-26", time = "08:00" }, null)).Status);

        // Cooling is judged by what was measured, from when it left the heat.
        Assert.True((bool)(await server.Get($"{path}/cooling")).Json["isSinceBegun"]!);
        Assert.False((bool)(await Cooling(new { leftTheHeat = true, who = "IN" })).Json["isSinceBegun"]!);
        Assert.Equal("firstStage", (string?)(await Cooling(new { celsius = 50 })).Json["verdict"]);
        Assert.Equal(["celsius"], (await Cooling(new { celsius = 500 })).Fields);
        Assert.Equal(["celsius"], (await Cooling(new { celsius = (double?)null })).Fields);
        Assert.Equal(["who"], (await Cooling(new { celsius = 40, who = new string('x', 81) })).Fields);
        Assert.Equal("cold", (string?)(await Cooling(new { celsius = 4 })).Json["verdict"]);
        Assert.Equal(
            [null, 50.0, 4.0],
            (await server.Get($"{path}/cooling")).Json["readings"]!.AsArray().Select(one => (double?)one!["celsius"])
        );
        Assert.NotNull((await server.Get(path)).Json["timers"]![0]!["endsAt"]);

        // It was not made after all, and then it is.
        Assert.Equal(200, (await server.Delete(path, null)).Status);
        Assert.DoesNotContain((await Plan())["batches"]!.AsArray(), each => (bool)each!["isBegun"]!);
        await server.Post($"{path}/begin", new { who = "IN", grams = (double?)null });

        // What really came of it is in stock, and what went into it is not any more; sent twice it is there once.
        var before = await InStock("ingredient:towpath-coffee");
        var done = new
        {
            id = "00000000000000000000abcd",
            grams = 1200.0,
            who = "IN",
        };
        var lot = (await server.Post($"{path}/done", done)).Json;
        Assert.Equal((string)lot["lot"]!, (string)(await server.Post($"{path}/done", done)).Json["lot"]!);
        Assert.Equal((1200.0, "2026-12-08", "IN"), ((double)lot["left"]!, (string?)lot["useBy"], (string?)lot["who"]));
        Assert.Equal(before - 1200, await InStock("ingredient:towpath-coffee"), 3);
        var history = (await server.Get($"/api/prep/lots/{lot["lot"]}")).Json;
        Assert.Equal("made", (string?)Assert.Single(history["moves"]!.AsArray())!["move"]);

        // Another tablet may still show the batch; its answer says that somebody was first.
        var gone = await server.Get(path);
        Assert.Equal((404, "This batch was made already."), (gone.Status, (string?)gone.Json["title"]));

        Task<Answer> Cooling(object note) => server.Post($"{path}/cooling", note);
    }

    [Fact]
    public async Task A_standard_that_lacks_something_is_said_until_it_comes()
    {
        var shortOf = (await server.Get("/api/prep/short")).Json.AsArray();
        var lacks = Assert.Single(shortOf, each => (string?)each!["item"] == "ingredient:sesame-sauce")!;
        Assert.Equal(("Black sesame sauce is out", false), ((string?)lacks["says"], (bool)lacks["isOver"]!));
        var came = (
            await Stock(
                new
                {
                    move = "bought",
                    item = "ingredient:sesame-sauce",
                    packs = 2,
                }
            )
        ).Json;

        // Two packs of 900 g, of which 94 % reach the cups.
        Assert.Contains(came["lots"]!.AsArray(), lot =>
            (string?)lot!["item"] == "ingredient:sesame-sauce" && Math.Abs((double)lot["left"]! - 1692) < 1e-6
        );
        Assert.DoesNotContain((await server.Get("/api/prep/short")).Json.AsArray(), each =>
            (string?)each!["item"] == "ingredient:sesame-sauce"
        );
    }

    [Fact]
    public async Task The_order_goes_out_as_text_and_as_a_workbook()
    {
        var order = (await server.Get("/api/prep/order")).Json;
        var milk = order["rows"]!.AsArray().First(row => (string?)row!["item"]!["id"] == "farm-milk")!;
        var packs = Math.Ceiling(
            (((double)milk["needed"]! + (double)milk["par"]! - (double)milk["inStock"]!) / (double)milk["pack"]!) - 1e-9
        );
        Assert.Equal(packs, (double)milk["packs"]!);
        var csv = (await server.Get("/api/prep/order.csv")).Text;
        Assert.StartsWith("what,pack,packs,cost,order_by,needed,in_stock,par,unit\r\n", csv, StringComparison.Ordinal);
        Assert.Contains($"Farm milk,1000 ml,{packs},", csv, StringComparison.Ordinal);

        // A workbook is a zip with a sheet in it, here read by nothing of its writer's.
        var bytes = await server.Http.GetByteArrayAsync("/api/prep/order.xlsx", TestContext.Current.CancellationToken);
        using var zip = new System.IO.Compression.ZipArchive(new MemoryStream(bytes));
        using var reader = new StreamReader(
            zip.Entries.First(entry => entry.FullName.EndsWith("sheet1.xml", StringComparison.Ordinal)).Open()
        );
        Assert.Contains(
            "Farm milk",
            await reader.ReadToEndAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_if_compares_and_keeps_nothing()
    {
        var before = (await server.Get("/api/prep/plan")).Text;
        var more = (await server.Post("/api/prep/what-if", new { cupsPercent = 120 })).Json;
        Assert.Equal((double)more["now"]!["cups"]! * 1.2, (double)more["then"]!["cups"]!, 6);
        var down = (await server.Post("/api/prep/what-if", new { without = "brewer" })).Json;
        Assert.True(down["thenConflicts"]!.AsArray().Count > down["nowConflicts"]!.AsArray().Count);
        var builds = (await server.Get("/api/builds")).Json.AsArray();
        string Id(string name) => (string)builds.First(build => (string?)build!["name"] == name)!["id"]!;
        var menu = (
            await server.Post(
                "/api/prep/what-if",
                new { off = new[] { Id("Maple iced coffee") }, instead = new[] { Id("Ginger-pear tide") } }
            )
        ).Json;
        Assert.True((int)menu["then"]!["batches"]! > 0);
        Assert.NotEqual((double)menu["now"]!["cost"]!, (double)menu["then"]!["cost"]!);
        Assert.Equal(["cupsPercent"], (await server.Post("/api/prep/what-if", new { cupsPercent = -1 })).Fields);
        Assert.Equal(["without"], (await server.Post("/api/prep/what-if", new { without = "oven" })).Fields);
        Assert.Equal(["off[0]"], (await server.Post("/api/prep/what-if", """{"off":["nothing"]}""")).Fields);
        Assert.Equal(before, (await server.Get("/api/prep/plan")).Text);
    }

    [Fact]
    public async Task How_the_house_prepares_is_saved_by_its_version_and_bad_values_by_their_fields()
    {
        var settings = (await server.Get("/api/prep/settings")).Json;
        var document = settings["document"]!;
        Assert.Equal(428, (await server.Put("/api/prep/settings", document, null)).Status);
        Assert.Equal(412, (await server.Put("/api/prep/settings", document, "\"99\"")).Status);
        var bad = JsonNode.Parse(document.ToJsonString())!;
        bad["equipment"]![0]!["count"] = 0;
        bad["hours"]![0]!["opens"] = "25:00";
        var refused = await server.Put("/api/prep/settings", bad, (string)settings["etag"]!);
        Assert.Equal(["equipment[0].count", "hours[0].opens"], refused.Fields.Order());

        // Festivals of the demo sold 1.7 times as much.
        var festival = settings["learned"]!.AsArray().First(each => (string?)each!["kind"] == "festival")!;
        Assert.InRange((double)festival["percent"]!, 140, 210);
        Assert.Equal(2, (int)festival["days"]!);
    }

    [Fact]
    public async Task The_calendar_keeps_its_names_and_counts_its_changes()
    {
        var first = Events((await server.Get("/api/prep/calendar.ics")).Text);
        Assert.Equal(first, Events((await server.Get("/api/prep/calendar.ics")).Text));
        Assert.All(first.Values, each => Assert.Equal(("0", "CONFIRMED"), (each["SEQUENCE"], each["STATUS"])));
        var batch = (await Plan())["batches"]!
            .AsArray()
            .Last(each => (string?)each!["item"] == "ingredient:slipway-coffee" && each["begin"] is not null)!;
        var key = (string)batch["key"]!;
        var uid = $"{key.Replace('@', '-')}@prep.krasis";
        Assert.Contains(uid, first.Keys);
        await server.Put(
            $"/api/prep/batches/{Uri.EscapeDataString(key)}",
            new { day = (string)batch["beginDay"]!, time = "10:20" },
            null
        );
        var then = Events((await server.Get("/api/prep/calendar.ics")).Text);
        Assert.Equal("1", then[uid]["SEQUENCE"]);
        Assert.NotEqual(first[uid]["DTSTART"], then[uid]["DTSTART"]);
        await server.Delete($"/api/prep/batches/{Uri.EscapeDataString(key)}", null);
        Assert.Equal(
            ("2", first[uid]["DTSTART"]),
            (Events((await server.Get("/api/prep/calendar.ics")).Text)[uid]["SEQUENCE"], first[uid]["DTSTART"])
        );
    }

    // Read by hand: folded lines put together, and what stands in each event by its name.
    private static Dictionary<string, Dictionary<string, string>> Events(string calendar) =>
        calendar
            .Replace("\r\n ", "", StringComparison.Ordinal)
            .Split("BEGIN:VEVENT\r\n")
            .Skip(1)
            .Select(text =>
                text.Split("BEGIN:VALARM")[0]
                    .Split("\r\n", StringSplitOptions.RemoveEmptyEntries)
                    .Where(line => line.Contains(':', StringComparison.Ordinal))
                    .GroupBy(line => line.Split(':', ';')[0])
                    .ToDictionary(
                        group => group.Key,
                        group => group.First()[(group.First().IndexOf(':', StringComparison.Ordinal) + 1)..]
                    )
            )
            .ToDictionary(each => each["UID"]);

    private async Task<JsonNode> Plan() => (await server.Get("/api/prep/plan")).Json;

    private async Task<(string?, bool)> Begin(string key)
    {
        var batch = (await Plan())["batches"]!.AsArray().First(each => (string?)each!["key"] == key)!;
        return ((string?)batch["beginTime"], (bool)batch["isSet"]!);
    }

    private async Task<double> InStock(string item) =>
        (await server.Get("/api/prep/stock")).Json["lots"]!
            .AsArray()
            .Where(lot => (string?)lot!["item"] == item)
            .Sum(lot => (double)lot!["left"]!);

    private async Task<Answer> Stock(object line)
    {
        var body = JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(line))!;
        body["id"] = Guid.NewGuid().ToString();
        return await server.Post("/api/prep/stock", body);
    }

    private async Task Settings(Action<JsonNode> change)
    {
        var settings = (await server.Get("/api/prep/settings")).Json;
        var document = settings["document"]!;
        change(document);
        Assert.Equal(200, (await server.Put("/api/prep/settings", document, (string)settings["etag"]!)).Status);
    }
}
