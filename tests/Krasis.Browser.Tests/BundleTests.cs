using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>Files between the Plover Lock and another house, through the page.</summary>
public sealed class BundleTests(DemoHost server) : IClassFixture<DemoHost>
{
    [Fact]
    public void The_whole_house_moves_into_an_empty_one_and_is_the_same_there()
    {
        using var folder = new Folder();
        var house = folder.Save(server, "/api/files/house.krasis", "house.krasis");
        using var empty = new KrasisHost();
        using var tab = new Tab(empty.Address);
        tab.Open("/files").Find("[data-test=copies]");
        tab.Attach("[data-test=bundle]", house);
        tab.Find("[data-test=guest]");
        tab.Click("[data-test=move-in]");
        tab.Click("[data-test=move-in-now]");
        tab.Until("what was taken in", () => tab.Has("[data-test=taken]"));

        var moved = folder.Save(empty, "/api/files/house.krasis", "moved.krasis");
        Assert.Equal(Documents(house), Documents(moved));
        tab.UntilListed("Cardamom latte");

        // And back: the empty house is empty again.
        tab.Open("/files");
        tab.Click("[data-test=undo-taken]");
        tab.Click("[data-test=undo-taken-now]");
        tab.Until("the empty house", () => JsonNode.Parse(Get(empty, "/api/builds"))!.AsArray().Count == 0);
    }

    [Fact]
    public void A_drink_is_sent_to_a_bar_with_other_cups_and_pumps_mapped_and_poured_there()
    {
        using var folder = new Folder();
        using var there = new KrasisHost();
        using var tab = new Tab(there.Address);
        var id = JsonNode
            .Parse(Get(server, "/api/builds"))!
            .AsArray()
            .First(build => (string?)build!["name"] == "Cherry coconut iced mocha")!["id"];
        var file = folder.Save(server, $"/api/files/drinks.krasis?build={id}", "drink.krasis");

        tab.Open("/files").Find("[data-test=copies]");
        tab.Attach("[data-test=bundle]", file);
        tab.Until("what it becomes", () =>
            tab.Has("[data-test=guest]")
            && tab.TextOf("[data-test=guest]").Contains("Cherry syrup", StringComparison.Ordinal)
        );
        var before = tab.TextOf("[data-test=guest]");

        // What was guessed is decided: its chocolate sauce comes along, and is not the one of here.
        tab.ChooseOption("[aria-label='What Dark chocolate sauce is here']", "it comes along");
        tab.Until("the other sauce", () =>
            tab.TextOf("[data-test=guest]") != before
            && tab.TextOf("[data-test=guest]").Contains("Dark chocolate sauce", StringComparison.Ordinal)
        );
        tab.Click("[data-test=take]");
        tab.Until("what was taken in", () => tab.Has("[data-test=taken]"));

        tab.UntilListed("Cherry coconut iced mocha");
        tab.ClickText("Cherry coconut iced mocha", "[data-test=build] a.name");
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
        Assert.Contains(tab.All("[data-test=line]"), line =>
            line.Text.Contains("Dark chocolate sauce", StringComparison.Ordinal)
        );

        // What was decided is remembered for that house.
        tab.Open("/files").Find("[data-test=copies]");
        tab.Attach("[data-test=bundle]", file);
        tab.ChooseOption("[data-test=as]", "take it in beside ours");
        tab.Until("what was said before", () =>
            tab.Has("[data-test=facts]")
            && tab.TextOf("[data-test=facts]").Contains("As you said before", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Every_document_is_as_its_schema_says_by_a_second_validator_and_the_zip_by_another_program()
    {
        using var folder = new Folder();
        var house = folder.Save(server, "/api/files/house.krasis", "house.krasis");
        var ids = JsonNode.Parse(Get(server, "/api/builds"))!.AsArray().Select(build => $"build={build!["id"]}");
        var drinks = folder.Save(server, $"/api/files/drinks.krasis?{string.Join("&", ids)}", "drinks.krasis");
        foreach (var file in new[] { house, drinks })
        {
            Assert.Contains("No errors detected", Outside.Run("unzip", "-t", file), StringComparison.Ordinal);
        }

        var schemas = JsonNode.Parse(Get(server, "/schemas"))!.AsArray().Select(name => (string)name!).ToList();
        foreach (var name in schemas)
        {
            File.WriteAllText(Path.Combine(folder.Root, $"{name}.schema.json"), Get(server, $"/schemas/{name}.json"));
        }

        foreach (var file in new[] { house, drinks })
        {
            var into = file + ".d";
            ZipFile.ExtractToDirectory(file, into);
            var said = Outside.Run(
                "node",
                Path.Combine(KrasisProcess.Root(), "tests", "reference", "schemas.mjs"),
                folder.Root,
                into
            );
            Assert.Matches(
                @"^\d+ documents are as their schemas say, and a field that nobody knows is refused in each\n$",
                said
            );
        }
    }

    private static string Get(KrasisHost of, string path)
    {
        using var http = new HttpClient { BaseAddress = of.Address };
        return http.GetStringAsync(new Uri(path, UriKind.Relative)).GetAwaiter().GetResult();
    }

    private static Dictionary<string, string> Documents(string file)
    {
        using var zip = ZipFile.OpenRead(file);
        return zip
            .Entries.Where(entry => entry.FullName != "manifest.json")
            .ToDictionary(entry => entry.FullName, entry => new StreamReader(entry.Open()).ReadToEnd());
    }

    private sealed class Folder : IDisposable
    {
        public string Root { get; } = Directory.CreateTempSubdirectory("krasis-files-").FullName;

        public string Save(KrasisHost of, string path, string name)
        {
            using var http = new HttpClient { BaseAddress = of.Address };
            var file = Path.Combine(Root, name);
            File.WriteAllBytes(file, http.GetByteArrayAsync(new Uri(path, UriKind.Relative)).GetAwaiter().GetResult());
            return file;
        }

        public void Dispose() => Directory.Delete(Root, recursive: true);
    }
}
