using System.Text.Json.Nodes;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.Web.Tests.Pantry;

/// <summary>The pantry, out to files and in from them.</summary>
public sealed class PantryFileTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string TwoBad =
        "name,kind,brix,colour,packAmount,packMeasure,packPrice\r\n"
        + "Quince syrup,syrup,62,#d8b24a,700,ml,8.2\r\n"
        + "Plum syrup,syrup,120,#7a2d4a,700,ml,8.0\r\n"
        + "\"Fig, dried, syrup\",syrup,sixty,#6a4a5a,700,ml,8.4\r\n"
        + "Rhubarb syrup,syrup,58,#c86a7a,700,ml,\r\n";

    [Theory]
    [InlineData("/api/pantry/export.csv", "text/csv")]
    [InlineData("/api/pantry/export.json", "application/json")]
    public async Task What_goes_out_comes_in_as_the_same(string path, string type)
    {
        var file = await server.Get(path);
        Assert.Equal((200, type), (file.Status, file.ContentType));

        var check = await Check(file.Text);
        Assert.Equal((await Ingredients()).Count, check["rows"]!.AsArray().Count);
        Assert.All(check["rows"]!.AsArray(), row => Assert.Equal("same", (string?)row!["state"]));
        Assert.Empty(check["moved"]!.AsArray());
    }

    [Fact]
    public async Task A_file_has_a_column_for_everything_that_is_known_of_an_ingredient()
    {
        var header = (await server.Get("/api/pantry/export.csv")).Text.Split('\n')[0].Trim().Split(',');

        // That a label names none is told as "none" in what it contains.
        Assert.Equal(
            Columns(typeof(IngredientDocument), "").Where(name => name != "allergens.namesNone").Order(),
            header.Order()
        );

        static IEnumerable<string> Columns(Type document, string before) =>
            document
                .GetProperties()
                .Where(property => property.CanWrite)
                .SelectMany(property =>
                {
                    var name = before + char.ToLowerInvariant(property.Name[0]) + property.Name[1..];
                    return property.PropertyType.Name.EndsWith("Document", StringComparison.Ordinal)
                        ? Columns(property.PropertyType, $"{name}.")
                        : [name];
                });
    }

    [Fact]
    public async Task What_sweetens_and_what_the_roast_has_comes_in_from_a_file()
    {
        const string File =
            "name,kind,densityGramsPerMl,colour,per100g.sugars,per100g.sweeteners.sucralose,roastCaffeinePercent\r\nQuiet coffee,coffee,1,#4a2a1a,0,0.1,1.1\r\n";
        Assert.Equal(1, (int)(await Import(File, leaveOutBad: false)).Json["added"]!);
        var kept = (await Ingredients())["Quiet coffee"];

        Assert.Equal(
            (0.1, 1.1),
            ((double)kept["per100g"]!["sweeteners"]!["sucralose"]!, (double)kept["roastCaffeinePercent"]!)
        );
    }

    [Fact]
    public async Task Bad_rows_are_named_by_line_and_column_and_the_good_ones_are_not_lost()
    {
        var check = await Check(TwoBad);
        Assert.Equal(["new", "bad", "bad", "bad"], check["rows"]!.AsArray().Select(row => (string)row!["state"]!));
        var problems = check["rows"]!
            .AsArray()
            .SelectMany(row => row!["problems"]!.AsArray())
            .Select(problem => ((int)problem!["line"]!, (string)problem["column"]!))
            .ToList();
        Assert.Equal([(3, "brix"), (4, "brix"), (5, "packPrice")], problems);

        var all = await Import(TwoBad, leaveOutBad: false);
        Assert.Equal(422, all.Status);
        Assert.Contains("line 3, brix", all.Fields);
        Assert.DoesNotContain((await Ingredients()).Keys, name => name == "Quince syrup");

        var good = await Import(TwoBad, leaveOutBad: true);
        Assert.Equal((200, 1, 3), (good.Status, (int)good.Json["added"]!, (int)good.Json["leftOut"]!));
        var kept = await Ingredients();
        Assert.True(kept.ContainsKey("Quince syrup"));
        Assert.False(kept.ContainsKey("Plum syrup"));

        // The bad rows come back as a file with the reason behind each; mended, they are taken, and the reasons are
        // skipped.
        var back = (string)check["badRows"]!;
        Assert.StartsWith(
            "name,kind,brix,colour,packAmount,packMeasure,packPrice,problem\r\n",
            back,
            StringComparison.Ordinal
        );
        var mended = back.Replace("syrup,120,", "syrup,60,", StringComparison.Ordinal)
            .Replace(",sixty,", ",60,", StringComparison.Ordinal)
            .Replace("700,ml,,", "700,ml,7,", StringComparison.Ordinal);
        Assert.Equal(3, (int)(await Import(mended, leaveOutBad: false)).Json["added"]!);
        Assert.True((await Ingredients()).ContainsKey("Fig, dried, syrup"));
    }

    [Fact]
    public async Task A_column_that_is_not_there_leaves_what_is_known_and_an_empty_cell_does_not()
    {
        Assert.Equal(
            1,
            (int)(await Import("name;packPrice;per100g.caffeineMg\nMaple syrup;12,5;\n", false)).Json["changed"]!
        );
        var maple = (await Ingredients())["Maple syrup"];

        Assert.Equal((12.5, 1.325), ((double)maple["packPrice"]!, (double)maple["densityGramsPerMl"]!));
        Assert.Null(maple["per100g"]!["caffeineMg"]);
        Assert.Equal(62, (double)maple["per100g"]!["sucrose"]!);
    }

    [Fact]
    public async Task None_is_a_label_that_was_read_and_nothing_is_one_that_was_not()
    {
        await Import(
            "name,kind,densityGramsPerMl,colour,allergens.contains\nSage syrup,syrup,1.29,#8aa06a,none\nThyme syrup,syrup,1.29,#8aa06b,\nOat cream,milk,1.01,#e8dcc2,gluten soya\n",
            false
        );
        var kept = await Ingredients();

        Assert.Empty(kept["Sage syrup"]["allergens"]!["contains"]!.AsArray());
        Assert.Null(kept["Thyme syrup"]["allergens"]);
        Assert.Equal(
            ["gluten", "soya"],
            kept["Oat cream"]["allergens"]!["contains"]!.AsArray().Select(word => (string)word!)
        );
    }

    [Theory]
    [InlineData("", 1, "")]
    [InlineData("name,flavour\nX,Y\n", 1, "flavour")]
    [InlineData("kind\nsyrup\n", 1, "name")]
    [InlineData("name,name\nX,Y\n", 1, "name")]
    [InlineData("{\"ingredients\":[", 1, "")]
    [InlineData("{\"version\":7,\"ingredients\":[{}]}", 1, "version")]
    [InlineData("{\"pantry\":[]}", 1, "ingredients")]
    public async Task A_file_that_is_none_is_refused_whole(string text, int line, string column)
    {
        var check = await Check(text);

        Assert.Equal((line, column), ((int)check["problems"]![0]!["line"]!, (string)check["problems"]![0]!["column"]!));
        Assert.Empty(check["rows"]!.AsArray());
        Assert.Equal(422, (await Import(text, leaveOutBad: true)).Status);
    }

    [Fact]
    public async Task A_row_that_is_short_and_one_that_is_twice_there_are_named()
    {
        var check = await Check(
            "name,kind,densityGramsPerMl,colour\nX,syrup,1.3,#aabbcc\nY,syrup\nx,syrup,1.3,#aabbcc\n"
        );
        Assert.Contains(
            "2 cells, and the first line names 4",
            (string?)check["rows"]![1]!["problems"]![0]!["message"],
            StringComparison.Ordinal
        );
        Assert.Contains(
            "Line 2 already has that name",
            (string?)check["rows"]![2]!["problems"]![0]!["message"],
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_field_in_JSON_is_named_by_its_line()
    {
        const string File = """
            {
              "format": "krasis-pantry",
              "version": 1,
              "ingredients": [
                { "name": "Quince cordial", "kind": "syrup", "brix": 40, "colour": "#d8b24a" },
                { "name": "Medlar cordial",
                  "kind": "syrup",
                  "brix": 140, "colour": "#d8b24a" },
                { "name": "Sloe cordial", "kind": "syrup",
                  "brx": 40, "colour": "#d8b24a" }
              ]
            }
            """;
        var check = await Check(File);

        Assert.Equal(["new", "bad", "bad"], check["rows"]!.AsArray().Select(row => (string)row!["state"]!));
        Assert.Equal(
            (8, "brix"),
            ((int)check["rows"]![1]!["problems"]![0]!["line"]!, (string)check["rows"]![1]!["problems"]![0]!["column"]!)
        );
        Assert.Equal(10, (int)check["rows"]![2]!["problems"]![0]!["line"]!);
    }

    [Fact]
    public async Task A_file_that_would_take_what_builds_need_is_kept_not_even_in_part()
    {
        // Cherry syrup as ice: the pump that holds it, and a build's strokes, could not be.
        const string Text =
            "name,kind,densityGramsPerMl,pieceGrams,colour\nElder syrup,syrup,1.29,,#7a6a8a\nCherry syrup,ice,,18,#9b2d3c\n";
        Assert.NotNull((await Check(Text))["conflict"]);
        Assert.Equal(409, (await Import(Text, leaveOutBad: false)).Status);
        Assert.False((await Ingredients()).ContainsKey("Elder syrup"));
    }

    private async Task<JsonNode> Check(string text)
    {
        var answer = await server.Post("/api/pantry/check", new { text });
        Assert.Equal(200, answer.Status);
        return answer.Json;
    }

    private Task<Answer> Import(string text, bool leaveOutBad) =>
        server.Post("/api/pantry/import", new { text, leaveOutBad });

    private async Task<Dictionary<string, JsonNode>> Ingredients() =>
        (await server.Get("/api/bar")).Json["ingredients"]!
            .AsArray()
            .ToDictionary(fact => (string)fact!["document"]!["name"]!, fact => fact!["document"]!);
}
