using System.IO.Compression;
using System.Net.Http.Headers;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Files;

/// <summary>Bundles between the Plover Lock and other bars, each a program of its own.</summary>
public sealed class BundleApiTests : IAsyncLifetime
{
    private const string Sheets = "tables/standard_sheet.json";
    private readonly KrasisServer lockHouse = new();
    private readonly KrasisServer other = new();

    public async ValueTask InitializeAsync()
    {
        await lockHouse.InitializeAsync();
        await other.InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await lockHouse.DisposeAsync();
        await other.DisposeAsync();
    }

    [Fact]
    public async Task A_house_that_has_moved_writes_the_same_documents()
    {
        var house = await Bytes(lockHouse, "/api/files/house.krasis");
        var before = Documents(house);
        Assert.Equal(23 + 1, before.Count);
        var key = await Send(other, house);
        Assert.Equal("house", (string?)key["scope"]);

        var moved = await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());
        Assert.True(moved.Status == 200, moved.Text);
        var after = Documents(await Bytes(other, "/api/files/house.krasis"));
        foreach (var (path, text) in before.Where(pair => pair.Key != "manifest.json"))
        {
            Assert.Equal(text, after[path]);
        }

        // What it sells is worked out there as it was here, and is known by other names there.
        Assert.Equal(Untagged(await lockHouse.Get("/api/builds")), Untagged(await other.Get("/api/builds")));
        Assert.Equal(200, (await other.Get("/api/prep/plan")).Status);
    }

    [Fact]
    public async Task A_house_that_has_moved_in_is_undone_in_one_press()
    {
        var name = (string)(await other.Get("/api/builds")).Json.AsArray()[0]!["name"]!;
        var build = await other.Get($"/api/builds/{(await other.Get("/api/builds")).Json[0]!["id"]}");
        var renamed = build.Json["document"]!.DeepClone();
        renamed["name"] = "Towpath special";
        Assert.Equal(200, (await other.Put($"/api/builds/{build.Json["id"]}", renamed, build.ETag!)).Status);
        var before = Documents(await Bytes(other, "/api/files/house.krasis"));

        var key = await Send(other, await Bytes(lockHouse, "/api/files/house.krasis"));
        var moved = await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());
        Assert.Contains(name, (await other.Get("/api/builds")).Text, StringComparison.Ordinal);
        Assert.DoesNotContain("Towpath special", (await other.Get("/api/builds")).Text, StringComparison.Ordinal);

        var undone = await other.Post($"/api/files/taken/{moved.Json["id"]}/undo", new JsonObject());
        Assert.True(undone.Status == 200, undone.Text);
        // Larger than anything that is written, whatever it is.
        Assert.Equal(413, (await Post(other, new byte[51_000_000])).Status);
        var after = Documents(await Bytes(other, "/api/files/house.krasis"));
        Assert.All(before.Where(pair => pair.Key != "manifest.json"), pair =>
            Assert.Equal(pair.Value, after[pair.Key])
        );
        Assert.Equal(404, (await other.Post($"/api/files/taken/{moved.Json["id"]}/undo", new JsonObject())).Status);
    }

    [Fact]
    public async Task What_was_worked_out_of_a_house_is_not_taken_for_the_one_that_came_in_its_place()
    {
        // The same build in the same version, and yet another: once named so and once so.
        var house = await Bytes(other, "/api/files/house.krasis");
        foreach (var name in new[] { "Towpath special", "Weir special" })
        {
            var path = $"/api/builds/{await Drink(other, "Cardamom latte")}";
            var build = await other.Get(path);
            var renamed = build.Json["document"]!.DeepClone();
            renamed["name"] = name;
            Assert.Equal(200, (await other.Put(path, renamed, build.ETag!)).Status);
            Assert.Contains(name, (await other.Get("/api/builds")).Text, StringComparison.Ordinal);
            var key = await Send(other, house);
            Assert.Equal(200, (await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject())).Status);
            Assert.DoesNotContain(name, (await other.Get("/api/builds")).Text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_page_that_was_open_all_the_while_saves_over_nothing_of_the_house_that_came()
    {
        // Both houses have the build and the cup in the same version, each changed once from where they parted.
        var house = await Bytes(other, "/api/files/house.krasis");
        var paths = new[] { $"/api/builds/{await Drink(other, "Cardamom latte")}", "/api/bar/cups/wren" };
        foreach (var path in paths)
        {
            Assert.Equal(200, (await Renamed(path, "Towpath", await Tag(path))).Status);
        }

        var seen = new[] { await Tag(paths[0]), await Tag(paths[1]) };
        var key = await Send(other, house);
        Assert.Equal(200, (await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject())).Status);
        foreach (var (path, tag) in paths.Zip(seen))
        {
            Assert.Equal(200, (await Renamed(path, "Weir", await Tag(path))).Status);
            Assert.Equal(tag.Trim('"').Split('-')[0], (await Tag(path)).Trim('"').Split('-')[0]);
            Assert.Equal(412, (await Renamed(path, "Towpath", tag)).Status);
            Assert.Equal("Weir", (string?)(await Seen(path))["document"]!["name"]);
        }
    }

    [Fact]
    public async Task A_drink_goes_to_a_bar_with_another_pump_and_is_undone_there()
    {
        // There the cardamom pump gives half as much again, and hazelnut is not known at all.
        var pump = (await other.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(one => (string?)one!["id"] == "pump-cardamom")!;
        var document = pump["document"]!.DeepClone();
        document["strokesGrams"] = new JsonArray();
        document["weighedOn"] = null;
        document["nominalMl"] = null;
        document["strokeMl"] = 4;
        var weighed = await other.Put("/api/bar/dispensers/pump-cardamom", document, (string)pump["etag"]!);
        Assert.True(weighed.Status == 200, weighed.Text);
        var drink = await Drink(lockHouse, "Cardamom latte");
        var key = await Send(other, await Bytes(lockHouse, $"/api/files/drinks.krasis?build={drink}"));
        Assert.Equal(
            ("drinks", "Cardamom latte", "same"),
            ((string?)key["scope"], (string?)key["drinks"]![0]!["name"], (string?)key["drinks"]![0]!["standing"])
        );

        var look = await other.Post(
            $"/api/files/bundles/{key["key"]}/look",
            new JsonObject { ["drinks"] = new JsonArray(drink), ["choices"] = new JsonArray() }
        );
        Assert.True(look.Status == 200, look.Text);
        Assert.All(look.Json["facts"]!.AsArray(), fact => Assert.NotNull(fact!["choice"]!["own"]));
        var rows = look.Json["drinks"]![0]!["sizes"]!
            .AsArray()
            .SelectMany(size => size!["rows"]!.AsArray())
            .Where(row => (string?)row!["what"] == "Cardamom syrup")
            .ToList();
        Assert.All(rows, row => Assert.NotEqual((string?)row!["published"], (string?)row["now"]));

        var count = (await other.Get("/api/builds")).Json.AsArray().Count;
        var taken = await other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "beside" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        Assert.Contains(
            "Cardamom latte (from elsewhere)",
            (await other.Get("/api/builds")).Text,
            StringComparison.Ordinal
        );
        Assert.Equal(200, (await other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject())).Status);
        Assert.Equal(count, (await other.Get("/api/builds")).Json.AsArray().Count);
    }

    [Fact]
    public async Task A_drink_that_takes_another_s_place_is_that_drink_s_next_version()
    {
        var drink = await Drink(lockHouse, "Cardamom latte");
        var sent = await lockHouse.Get($"/api/builds/{drink}");
        var changed = sent.Json["document"]!.DeepClone();
        changed["reserveMm"] = 9;
        Assert.Equal(200, (await lockHouse.Put($"/api/builds/{drink}", changed, sent.ETag!)).Status);
        var key = await Send(other, await Bytes(lockHouse, $"/api/files/drinks.krasis?build={drink}"));
        var own = $"/api/builds/{await Drink(other, "Cardamom latte")}";
        var taken = await other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "replace" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        var replaced = await other.Get(own);
        Assert.Equal(9, (double)replaced.Json["document"]!["reserveMm"]!);

        // What somebody has made of it since is not lost by an undo.
        var since = replaced.Json["document"]!.DeepClone();
        since["reserveMm"] = 7;
        Assert.Equal(200, (await other.Put(own, since, replaced.ETag!)).Status);
        var late = await other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject());
        Assert.Equal(409, late.Status);
        Assert.Contains("has been changed since", late.Text, StringComparison.Ordinal);
        Assert.Equal(7, (double)(await other.Get(own)).Json["document"]!["reserveMm"]!);
    }

    [Fact]
    public async Task Two_drinks_do_not_take_the_place_of_one()
    {
        // Both are called as the one here is.
        var drink = await Drink(lockHouse, "Cardamom latte");
        var twin = (await lockHouse.Get($"/api/builds/{drink}")).Json["document"]!.DeepClone();
        var second = (string)(await lockHouse.Post("/api/builds", twin)).Json["id"]!;
        var key = await Send(other, await Bytes(lockHouse, $"/api/files/drinks.krasis?build={drink}&build={second}"));
        var own = $"/api/builds/{await Drink(other, "Cardamom latte")}";
        var before = await other.Get(own);

        var replaced = await Take("replace");
        Assert.Equal(409, replaced.Status);
        Assert.Contains("Two drinks cannot both", replaced.Text, StringComparison.Ordinal);
        Assert.Equal(before.Text, (await other.Get(own)).Text);

        // Beside it, each has a name of its own.
        Assert.Equal(200, (await Take("beside")).Status);
        var names = (await other.Get("/api/builds"))
            .Json.AsArray()
            .Select(build => (string)build!["name"]!)
            .Where(name => name.StartsWith("Cardamom latte", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(3, names.Distinct().Count());

        Task<Answer> Take(string how) =>
            other.Post(
                $"/api/files/bundles/{key["key"]}/take",
                new JsonObject
                {
                    ["drinks"] = new JsonArray([
                        .. new[] { drink, second }.Select(id => (JsonNode)new JsonObject { ["id"] = id, ["as"] = how }),
                    ]),
                    ["choices"] = new JsonArray(),
                }
            );
    }

    [Fact]
    public async Task A_drink_that_took_another_s_place_gives_it_back()
    {
        var drink = await Drink(lockHouse, "Cardamom latte");
        var key = await Send(other, await Bytes(lockHouse, $"/api/files/drinks.krasis?build={drink}"));
        var own = $"/api/builds/{await Drink(other, "Cardamom latte")}";
        var before = await other.Get(own);
        var taken = await other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "replace" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        Assert.Equal(200, (await other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject())).Status);
        Assert.Equal(before.Json["document"]!.ToJsonString(), (await other.Get(own)).Json["document"]!.ToJsonString());
    }

    [Fact]
    public async Task What_is_no_bundle_is_refused_with_a_sentence_and_nothing_is_changed()
    {
        var house = await Bytes(lockHouse, "/api/files/house.krasis");
        var before = Documents(await Bytes(other, "/api/files/house.krasis"));
        (byte[] File, string Says)[] bad =
        [
            ([], "no bundle"),
            ("PK but not really"u8.ToArray(), "no bundle"),
            (house[..(house.Length / 2)], "no bundle"),
            (Zip(("readme.txt", "hello")), "no manifest"),
            (Zip(("../../etc/passwd", "x"), ("manifest.json", "{}")), "no place in a bundle"),
            (Zip(("manifest.json", "{}")), "not one of Krasis"),
            (Zip(("manifest.json", "{")), "not JSON"),
            (
                Changed(house, "manifest.json", text =>
                    text.Replace("\"version\": 1", "\"version\": 2", StringComparison.Ordinal)
                ),
                "newer Krasis"
            ),
            (
                Changed(house, "tables/build.json", text =>
                    text.Replace("Cardamom", "Cardamon", StringComparison.Ordinal)
                ),
                "not as it was written"
            ),
            (Bomb(), "larger than"),
        ];
        foreach (var (file, says) in bad)
        {
            var answer = await Post(other, file);
            Assert.True(answer.Status == 422, $"{says}: {answer.Status} {answer.Text}");
            Assert.Contains(says, answer.Text, StringComparison.Ordinal);
        }

        var after = Documents(await Bytes(other, "/api/files/house.krasis"));
        Assert.All(before.Where(pair => pair.Key != "manifest.json"), pair =>
            Assert.Equal(pair.Value, after[pair.Key])
        );
    }

    [Theory]
    [InlineData("tables/build.json", "state", "null", "says no state")]
    [InlineData("tables/build.json", "state", "\"poured\"", "draft, trial, standard, retired")]
    [InlineData("tables/build.json", "id", "null", "says no id")]
    [InlineData("tables/build.json", "document", "null", "has no document")]
    [InlineData("tables/bar_fact.json", "document", "null", "has no document")]
    [InlineData("tables/bar_fact.json", "id", "null", "says no id")]
    public async Task A_house_of_which_a_row_is_not_whole_is_refused_with_a_sentence(
        string path,
        string field,
        string value,
        string says
    )
    {
        var answer = await Post(
            other,
            Sealed(await Bytes(lockHouse, "/api/files/house.krasis"), path, table =>
                table["rows"]![0]![field] = JsonNode.Parse(value)
            )
        );

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains(says, answer.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_house_that_this_program_could_not_show_does_not_move_in()
    {
        var file = Sealed(await Bytes(lockHouse, "/api/files/house.krasis"), "tables/bar_fact.json", table =>
            table["rows"]!.AsArray().Single(row => (string?)row!["id"] == "lock-cream")!["id"] = "\U0001F600"
        );
        var key = await Send(other, file);
        var answer = await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains("cannot be read", answer.Text, StringComparison.Ordinal);
        Assert.Equal(200, (await other.Get("/api/bar")).Status);
    }

    [Fact]
    public async Task An_older_house_has_the_sheets_of_its_standards_recorded_as_it_moves_in()
    {
        var house = await Bytes(lockHouse, "/api/files/house.krasis");
        var standards = Rows(house, "standard").Count;
        Assert.NotEqual(0, standards);
        var key = await Send(other, Sealed(house, Sheets, table => table["rows"] = new JsonArray()));
        var moved = await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(moved.Status == 200, moved.Text);
        Assert.Equal(standards, Rows(await Bytes(other, "/api/files/house.krasis"), "standard_sheet").Count);
    }

    [Theory]
    [InlineData("{}")]
    [InlineData("{\"sheet\": {\"sizes\": []}, \"plans\": {}}")]
    [InlineData("[1]")]
    public async Task A_house_whose_recorded_sheet_is_none_does_not_move_in(string sheet)
    {
        var house = await Bytes(lockHouse, "/api/files/house.krasis");
        var key = await Send(
            other,
            Sealed(house, Sheets, table => table["rows"]![0]!["sheet"] = JsonNode.Parse(sheet))
        );
        var moved = await other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(moved.Status == 422, moved.Text);
        Assert.Contains("cannot be read", moved.Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("bar.json", "bar", "dispensers")]
    [InlineData("bar.json", "bar", "ingredients")]
    [InlineData("bar.json", "bar", "cups")]
    [InlineData("", "build", "lines")]
    [InlineData("", "build", "sizes")]
    public async Task Drinks_in_whose_lists_nothing_stands_are_refused_with_a_sentence(
        string path,
        string part,
        string list
    )
    {
        var id = await Drink(lockHouse, "Cardamom latte");
        var bundle = await Bytes(lockHouse, $"/api/files/drinks.krasis?build={id}");
        var at = Documents(bundle)
            .Keys.Single(key => path.Length > 0 ? key == path : key.Contains(id, StringComparison.Ordinal));
        var answer = await Post(other, Sealed(bundle, at, document => document[part]![list]!.AsArray().Add(null)));

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains("There is nothing in a place of one of its lists", answer.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Every_document_says_its_schema_and_the_schema_is_there()
    {
        var drink = await Drink(lockHouse, "Cardamom latte");
        foreach (
            var bundle in new[]
            {
                await Bytes(lockHouse, "/api/files/house.krasis"),
                await Bytes(lockHouse, $"/api/files/drinks.krasis?build={drink}"),
            }
        )
        {
            foreach (var (path, text) in Documents(bundle))
            {
                var name = path == "manifest.json" ? "manifest-1" : (string)JsonNode.Parse(text)!["schema"]!;
                var schema = await lockHouse.Get($"/schemas/{name}.json");
                Assert.Equal(
                    (200, "https://json-schema.org/draft/2020-12/schema"),
                    (schema.Status, (string?)schema.Json["$schema"])
                );
            }
        }
    }

    private static JsonArray Rows(byte[] house, string table) =>
        JsonNode.Parse(Documents(house)[$"tables/{table}.json"])!["rows"]!.AsArray();

    private static async Task<byte[]> Bytes(KrasisServer server, string path)
    {
        using var answer = await server.Http.GetAsync(
            new Uri(path, UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Equal(200, (int)answer.StatusCode);
        return await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
    }

    private static async Task<Answer> Post(KrasisServer server, byte[] file)
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/files/bundles") { Content = content };

        // Whoever is told at the head that it is too large need not send it.
        request.Headers.ExpectContinue = file.Length > 50_000_000;
        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return new Answer(
            (int)answer.StatusCode,
            null,
            null,
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
    }

    private static async Task<JsonNode> Send(KrasisServer server, byte[] file)
    {
        var answer = await Post(server, file);
        Assert.True(answer.Status == 200, answer.Text);
        return answer.Json;
    }

    private static async Task<string> Drink(KrasisServer server, string name) =>
        (string)
            (await server.Get("/api/builds")).Json.AsArray().First(build => (string?)build!["name"] == name)!["id"]!;

    private static IEnumerable<string> Untagged(Answer list) =>
        list
            .Json.AsArray()
            .Select(row =>
            {
                row!["etag"] = null;
                return row.ToJsonString();
            });

    // A build is asked for by itself, and a fact with the bar.
    private async Task<JsonNode> Seen(string path) =>
        path.StartsWith("/api/builds", StringComparison.Ordinal)
            ? (await other.Get(path)).Json
            : (await other.Get("/api/bar")).Json["cups"]!
                .AsArray()
                .Single(cup => path.EndsWith((string)cup!["id"]!, StringComparison.Ordinal))!;

    private async Task<string> Tag(string path) => (string)(await Seen(path))["etag"]!;

    private async Task<Answer> Renamed(string path, string name, string tag)
    {
        var document = (await Seen(path))["document"]!.DeepClone();
        document["name"] = name;
        return await other.Put(path, document, tag);
    }

    private static Dictionary<string, string> Documents(byte[] bundle)
    {
        using var zip = new ZipArchive(new MemoryStream(bundle));
        return zip.Entries.ToDictionary(entry => entry.FullName, entry => new StreamReader(entry.Open()).ReadToEnd());
    }

    private static byte[] Changed(byte[] bundle, string path, Func<string, string> change) =>
        Zip([.. Documents(bundle).Select(pair => (pair.Key, pair.Key == path ? change(pair.Value) : pair.Value))]);

    // As somebody would write it who knows how.
    private static byte[] Sealed(byte[] bundle, string path, Action<JsonNode> change)
    {
        var document = JsonNode.Parse(Documents(bundle)[path])!;
        change(document);
        var text = document.ToJsonString();
        var resealed = Changed(bundle, path, _ => text);
        return Changed(resealed, "manifest.json", manifest =>
        {
            var read = JsonNode.Parse(manifest)!;
            read["documents"]!.AsArray().Single(one => (string?)one!["path"] == path)!["sha256"] =
                Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)));
            return read.ToJsonString();
        });
    }

    private static byte[] Zip(params (string Path, string Text)[] entries)
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (path, text) in entries)
            {
                using var entry = zip.CreateEntry(path).Open();
                entry.Write(Encoding.UTF8.GetBytes(text));
            }
        }

        return stream.ToArray();
    }

    // 300 MB of zeros, listed as a document.
    private static byte[] Bomb()
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            using (var entry = zip.CreateEntry("manifest.json").Open())
            {
                entry.Write(
                    """{"format":"krasis","version":1,"scope":"drinks","house":"x","writtenAt":"2026-11-27T00:00:00Z","tables":0,"documents":[{"path":"a.json","type":"build","sha256":""}]}"""u8
                );
            }

            using var large = zip.CreateEntry("a.json").Open();
            var zeros = new byte[1_000_000];
            for (var i = 0; i < 300; i++)
            {
                large.Write(zeros);
            }
        }

        return stream.ToArray();
    }
}
