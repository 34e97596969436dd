using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Files;

/// <summary>A whole house that moves to another bar.</summary>
public sealed class HouseBundleApiTests : BundleApiTests
{
    [Fact]
    public async Task A_house_that_has_moved_writes_the_same_documents()
    {
        var house = await Bytes(LockHouse, "/api/files/house.krasis");
        var before = Documents(house);
        Assert.Equal(24 + 1, before.Count);
        var key = await Send(Other, house);
        Assert.Equal("house", (string?)key["scope"]);

        var moved = await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());
        Assert.True(moved.Status == 200, moved.Text);
        var after = Documents(await Bytes(Other, "/api/files/house.krasis"));
        foreach (var (path, text) in before.Where(pair => pair.Key != "manifest.json"))
        {
            Assert.Equal(text, after[path]);
        }

        // What it sells is worked out there as it was here, and is known by Other names there.
        Assert.Equal(Untagged(await LockHouse.Get("/api/builds")), Untagged(await Other.Get("/api/builds")));
        Assert.Equal(200, (await Other.Get("/api/prep/plan")).Status);
    }

    [Fact]
    public async Task A_house_that_has_moved_in_is_undone_in_one_press()
    {
        var name = (string)(await Other.Get("/api/builds")).Json.AsArray()[0]!["name"]!;
        var build = await Other.Get($"/api/builds/{(await Other.Get("/api/builds")).Json[0]!["id"]}");
        var renamed = build.Json["document"]!.DeepClone();
        renamed["name"] = "Towpath special";
        Assert.Equal(200, (await Other.Put($"/api/builds/{build.Json["id"]}", renamed, build.ETag!)).Status);
        var before = Documents(await Bytes(Other, "/api/files/house.krasis"));

        var key = await Send(Other, await Bytes(LockHouse, "/api/files/house.krasis"));
        var moved = await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());
        Assert.Contains(name, (await Other.Get("/api/builds")).Text, StringComparison.Ordinal);
        Assert.DoesNotContain("Towpath special", (await Other.Get("/api/builds")).Text, StringComparison.Ordinal);

        var undone = await Other.Post($"/api/files/taken/{moved.Json["id"]}/undo", new JsonObject());
        Assert.True(undone.Status == 200, undone.Text);
        // Larger than anything that is written, whatever it is.
        Assert.Equal(413, (await Post(Other, new byte[51_000_000])).Status);
        var after = Documents(await Bytes(Other, "/api/files/house.krasis"));
        Assert.All(before.Where(pair => pair.Key != "manifest.json"), pair =>
            Assert.Equal(pair.Value, after[pair.Key])
        );
        Assert.Equal(404, (await Other.Post($"/api/files/taken/{moved.Json["id"]}/undo", new JsonObject())).Status);
    }

    [Fact]
    public async Task What_was_worked_out_of_a_house_is_not_taken_for_the_one_that_came_in_its_place()
    {
        // The same build in the same version, and yet another: once named so and once so.
        var house = await Bytes(Other, "/api/files/house.krasis");
        foreach (var name in new[] { "Towpath special", "Weir special" })
        {
            var path = $"/api/builds/{await Drink(Other, "Cardamom latte")}";
            var build = await Other.Get(path);
            var renamed = build.Json["document"]!.DeepClone();
            renamed["name"] = name;
            Assert.Equal(200, (await Other.Put(path, renamed, build.ETag!)).Status);
            Assert.Contains(name, (await Other.Get("/api/builds")).Text, StringComparison.Ordinal);
            var key = await Send(Other, house);
            Assert.Equal(200, (await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject())).Status);
            Assert.DoesNotContain(name, (await Other.Get("/api/builds")).Text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_page_that_was_open_all_the_while_saves_over_nothing_of_the_house_that_came()
    {
        // Both houses have the build and the cup in the same version, each changed once from where they parted.
        var house = await Bytes(Other, "/api/files/house.krasis");
        var paths = new[] { $"/api/builds/{await Drink(Other, "Cardamom latte")}", "/api/bar/cups/wren" };
        foreach (var path in paths)
        {
            Assert.Equal(200, (await Renamed(path, "Towpath", await Tag(path))).Status);
        }

        var seen = new[] { await Tag(paths[0]), await Tag(paths[1]) };
        var key = await Send(Other, house);
        Assert.Equal(200, (await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject())).Status);
        foreach (var (path, tag) in paths.Zip(seen))
        {
            Assert.Equal(200, (await Renamed(path, "Weir", await Tag(path))).Status);
            Assert.Equal(tag.Trim('"').Split('-')[0], (await Tag(path)).Trim('"').Split('-')[0]);
            Assert.Equal(412, (await Renamed(path, "Towpath", tag)).Status);
            Assert.Equal("Weir", (string?)(await Seen(path))["document"]!["name"]);
        }
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
            Other,
            Sealed(await Bytes(LockHouse, "/api/files/house.krasis"), path, table =>
                table["rows"]![0]![field] = JsonNode.Parse(value)
            )
        );

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains(says, answer.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_house_that_this_program_could_not_show_does_not_move_in()
    {
        var file = Sealed(await Bytes(LockHouse, "/api/files/house.krasis"), "tables/bar_fact.json", table =>
            table["rows"]!.AsArray().Single(row => (string?)row!["id"] == "lock-cream")!["id"] = "\U0001F600"
        );
        var key = await Send(Other, file);
        var answer = await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains("cannot be read", answer.Text, StringComparison.Ordinal);
        Assert.Equal(200, (await Other.Get("/api/bar")).Status);
    }

    [Fact]
    public async Task An_older_house_has_the_sheets_of_its_standards_recorded_as_it_moves_in()
    {
        var house = await Bytes(LockHouse, "/api/files/house.krasis");
        var standards = Rows(house, "standard").Count;
        Assert.NotEqual(0, standards);
        var key = await Send(Other, Sealed(house, Sheets, table => table["rows"] = new JsonArray()));
        var moved = await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(moved.Status == 200, moved.Text);
        Assert.Equal(standards, Rows(await Bytes(Other, "/api/files/house.krasis"), "standard_sheet").Count);
    }

    [Theory]
    [InlineData("{}")]
    [InlineData("{\"sheet\": {\"sizes\": []}, \"plans\": {}}")]
    [InlineData("[1]")]
    public async Task A_house_whose_recorded_sheet_is_none_does_not_move_in(string sheet)
    {
        var house = await Bytes(LockHouse, "/api/files/house.krasis");
        var key = await Send(
            Other,
            Sealed(house, Sheets, table => table["rows"]![0]!["sheet"] = JsonNode.Parse(sheet))
        );
        var moved = await Other.Post($"/api/files/bundles/{key["key"]}/house", new JsonObject());

        Assert.True(moved.Status == 422, moved.Text);
        Assert.Contains("cannot be read", moved.Text, StringComparison.Ordinal);
    }

    // A build is asked for by itself, and a fact with the bar.
    private async Task<JsonNode> Seen(string path) =>
        path.StartsWith("/api/builds", StringComparison.Ordinal)
            ? (await Other.Get(path)).Json
            : (await Other.Get("/api/bar")).Json["cups"]!
                .AsArray()
                .Single(cup => path.EndsWith((string)cup!["id"]!, StringComparison.Ordinal))!;

    private async Task<string> Tag(string path) => (string)(await Seen(path))["etag"]!;

    private async Task<Answer> Renamed(string path, string name, string tag)
    {
        var document = (await Seen(path))["document"]!.DeepClone();
        document["name"] = name;
        return await Other.Put(path, document, tag);
    }
}
