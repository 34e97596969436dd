using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using MiniExcelLibs;

namespace Krasis.Web.Tests.Recipes;

/// <summary>Recipes in whatever they come in, over HTTP at the Plover Lock.</summary>
public sealed class RecipeApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const string Otter = "Otter\n3 pumps hazelnut\ndouble shot\n180 ml farm milk";

    [Fact]
    public async Task A_recipe_is_read_worked_out_and_kept_once()
    {
        var read = await server.Post("/api/recipes/read", new { text = Otter });
        Assert.True(read.Status == 200, read.Text);
        var recipe = Assert.Single(read.Json["recipes"]!.AsArray())!;
        Assert.Equal(
            ["Hazelnut syrup", "Lock espresso", "Farm milk"],
            recipe["lines"]!.AsArray().Select(line => (string)line!["name"]!)
        );
        Assert.Equal(3, recipe["lines"]![0]!["amounts"]!.AsArray().Count);
        Assert.Equal(0, (int)recipe["counts"]!["notUnderstood"]!);

        var asked = Guid.NewGuid();
        var keep = new JsonObject { ["draft"] = recipe["draft"]!.DeepClone(), ["parts"] = new JsonArray() };
        var kept = await server.Post($"/api/recipes/keep?asked={asked}", keep);
        var again = await server.Post($"/api/recipes/keep?asked={asked}", keep);
        Assert.Equal((201, 201, asked.ToString()), (kept.Status, again.Status, (string?)again.Json["id"]));
        Assert.Single((await server.Get("/api/builds")).Json.AsArray(), build =>
            ((string)build!["name"]!).StartsWith("Otter", StringComparison.Ordinal)
        );

        // Another of its name is beside it under a name of its own.
        var other = await server.Post("/api/recipes/keep", keep);
        Assert.Equal("Otter (from elsewhere)", (string?)other.Json["name"]);
        var build = await server.Get($"/api/builds/{asked}");
        Assert.Equal("draft", (string?)build.Json["state"]);
    }

    [Fact]
    public async Task A_part_in_a_recipe_is_kept_with_it_or_neither_is()
    {
        var read = await server.Post(
            "/api/recipes/read",
            new { text = "Grebe\n2 shots\n40 ml maple cream (1:3 maple syrup, farm milk)" }
        );
        var recipe = read.Json["recipes"]![0]!;
        var parts = (await server.Get("/api/bar")).Json["parts"]!.AsArray().Count;

        var broken = recipe["draft"]!.DeepClone();
        broken["name"] = "";
        var refused = await server.Post(
            "/api/recipes/keep",
            new JsonObject { ["draft"] = broken, ["parts"] = recipe["parts"]!.DeepClone() }
        );
        Assert.Equal((422, "draft.name"), (refused.Status, refused.Fields[0]));
        Assert.Equal(parts, (await server.Get("/api/bar")).Json["parts"]!.AsArray().Count);

        // The same part twice, one that makes itself, and one of what is not there.
        var twice = new JsonArray(recipe["parts"]![0]!.DeepClone(), recipe["parts"]![0]!.DeepClone());
        Assert.Equal(
            422,
            (
                await server.Post(
                    "/api/recipes/keep",
                    new JsonObject { ["draft"] = recipe["draft"]!.DeepClone(), ["parts"] = twice }
                )
            ).Status
        );
        foreach (var ingredient in new[] { (string)recipe["parts"]![0]!["id"]!, "nothing" })
        {
            var wrong = recipe["parts"]!.DeepClone();
            wrong[0]!["lines"]![0]!["ingredient"] = ingredient;
            Assert.Equal(
                422,
                (
                    await server.Post(
                        "/api/recipes/keep",
                        new JsonObject { ["draft"] = recipe["draft"]!.DeepClone(), ["parts"] = wrong }
                    )
                ).Status
            );
        }

        Assert.Equal(parts, (await server.Get("/api/bar")).Json["parts"]!.AsArray().Count);

        var kept = await server.Post(
            "/api/recipes/keep",
            new JsonObject { ["draft"] = recipe["draft"]!.DeepClone(), ["parts"] = recipe["parts"]!.DeepClone() }
        );
        Assert.True(kept.Status == 201, kept.Text);
        var now = (await server.Get("/api/bar")).Json["parts"]!.AsArray();
        Assert.Equal(parts + 1, now.Count);
        var part = Assert.Single(now, one => (string?)one!["document"]!["name"] == "Maple cream")!;
        Assert.Contains(
            (string)part["id"]!,
            (await server.Get($"/api/builds/{kept.Json["id"]}")).Text,
            StringComparison.Ordinal
        );
    }

    public static TheoryData<string, string> Sources =>
        new()
        {
            { "otter.txt", Otter },
            { "otter.md", "# Otter\n\n- 3 pumps hazelnut\n- double shot\n- 180 ml farm milk\n" },
            {
                "otter.csv",
                "Otter\ningredient,amount,unit\nHazelnut syrup,3,pumps\nLock espresso,2,shots\nFarm milk,180,ml\n"
            },
            {
                "otter.csv",
                "Otter\r\ningredient;amount;unit\r\n\"Hazelnut syrup\";3;pumps\r\nLock espresso;2;shots\r\nFarm milk;180;ml\r\n"
            },
            {
                "otter.jsonld",
                """{"@context":"https://schema.org","@type":"Recipe","name":"Otter","recipeYield":"1","recipeIngredient":["3 pumps hazelnut","double shot","180 ml farm milk"],"recipeInstructions":[{"@type":"HowToStep","text":"Pour the milk."}]}"""
            },
            {
                "otter.html",
                """<!DOCTYPE html><html><head><script>var a = 1 < 2;</script><script type="application/ld+json">{"@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Otter","recipeIngredient":["3 pumps hazelnut","double shot","180&nbsp;ml farm milk"],"recipeInstructions":"Pour the milk."}]}</script></head><body>Story of my life.</body></html>"""
            },
        };

    [Theory]
    [MemberData(nameof(Sources))]
    public async Task The_same_recipe_is_read_in_whatever_it_comes_in(string name, string text)
    {
        var recipe = await Sent(name, Encoding.UTF8.GetBytes(text));
        Assert.Equal("Otter", (string?)recipe["draft"]!["name"]);
        Assert.Equal(
            ["hazelnut-syrup 3 stroke", "lock-espresso 2 shot", "farm-milk 180 ml"],
            recipe["draft"]!["lines"]!
                .AsArray()
                .Select(line => $"{line!["ingredient"]} {line["amount"]} {line["measure"]}")
        );
    }

    [Theory]
    [InlineData("utf-16")]
    [InlineData("utf-16BE")]
    [InlineData("latin1")]
    public async Task A_text_of_an_old_program_is_read(string encoding)
    {
        var how = Encoding.GetEncoding(encoding);
        byte[] bytes = [.. how.GetPreamble(), .. how.GetBytes("Crème\n½ pump maple\nmilk steamed to 60 °C, 180 ml")];
        var recipe = await Sent("old.txt", bytes);
        Assert.Equal("Crème", (string?)recipe["draft"]!["name"]);
        Assert.Equal(0.5, (double)recipe["draft"]!["lines"]![0]!["amount"]!);
    }

    [Fact]
    public async Task A_workbook_has_a_recipe_a_sheet()
    {
        using var stream = new MemoryStream();
        MiniExcel.SaveAs(
            stream,
            new Dictionary<string, object>
            {
                ["Otter"] = new[]
                {
                    new
                    {
                        what = "Hazelnut syrup",
                        amount = 3.0,
                        unit = "pumps",
                    },
                    new
                    {
                        what = "Farm milk",
                        amount = 180.0,
                        unit = "ml",
                    },
                },
                ["Coot"] = new[]
                {
                    new
                    {
                        what = "Cherry syrup",
                        Wren = "1 pump",
                        Plover = "2 pumps",
                    },
                    new
                    {
                        what = "Lock espresso",
                        Wren = "1 shot",
                        Plover = "2 shots",
                    },
                },
            }
        );
        var text = await Told("book.xlsx", stream.ToArray());
        var read = (await server.Post("/api/recipes/read", new { text })).Json["recipes"]!.AsArray();
        Assert.Equal(["Otter", "Coot"], read.Select(recipe => (string)recipe!["draft"]!["name"]!));
        Assert.Equal(["wren", "plover"], read[1]!["draft"]!["sizes"]!.AsArray().Select(size => (string)size!));
        Assert.Equal(3, (double)read[0]!["draft"]!["lines"]![0]!["amount"]!);
    }

    [Fact]
    public async Task What_is_no_recipe_is_refused_with_a_sentence()
    {
        Assert.Equal(422, (await server.Post("/api/recipes/read", new { text = " \n " })).Status);
        Assert.Equal(422, (await server.Post("/api/recipes/read", new { text = (string?)null })).Status);
        Assert.Equal(422, (await server.Post("/api/recipes/read", new { text = "{\"@type\":\"Person\"}" })).Status);
        Assert.Equal(422, (await server.Post("/api/recipes/read", new { text = "{ no json" })).Status);
        Assert.Equal(
            422,
            (await server.Post("/api/recipes/read", new { text = "<html><body>Two pumps</body></html>" })).Status
        );
        Assert.Equal(422, (await server.Post("/api/recipes/read", new { text = new string('a', 200_001) })).Status);
        Assert.Equal(422, (await server.Post("/api/recipes/keep", "{}")).Status);
        Assert.Equal(422, (await Send("a.xlsx", [(byte)'P', (byte)'K', 3, 4, 9, 9, 9])).Status);
        Assert.Equal(422, (await Send("a.txt", [1, 0, 2, 0, 0])).Status);
        Assert.Equal(413, (await Send("a.txt", new byte[8_000_002])).Status);
        Assert.Equal(422, (await Send("bomb.xlsx", Bomb())).Status);

        // Deeper than anybody writes, and broken off.
        Assert.Equal(
            422,
            (
                await server.Post(
                    "/api/recipes/read",
                    new { text = string.Concat(Enumerable.Repeat("[{\"a\":", 5000)) }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_notebook_of_as_many_recipes_as_are_read_at_once_is_read()
    {
        var text = string.Join(
            "\n\n",
            Enumerable.Range(1, 250).Select(n => $"# Drink {n}\n{(n % 5) + 1} pumps hazelnut\n2 shots\nmilk to the top")
        );
        var read = await server.Post("/api/recipes/read", new { text });
        Assert.True(read.Status == 200, read.Text[..Math.Min(400, read.Text.Length)]);
        Assert.Equal(200, read.Json["recipes"]!.AsArray().Count);
    }

    // A workbook whose sheet unpacks to a hundred megabytes of nothing.
    private static byte[] Bomb()
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            using var sheet = zip.CreateEntry("xl/worksheets/sheet1.xml", CompressionLevel.SmallestSize).Open();
            var zeros = new byte[1_000_000];
            for (var i = 0; i < 100; i++)
            {
                sheet.Write(zeros);
            }
        }

        return stream.ToArray();
    }

    private async Task<JsonNode> Sent(string name, byte[] bytes) =>
        Assert.Single(
            (await server.Post("/api/recipes/read", new { text = await Told(name, bytes) })).Json["recipes"]!.AsArray()
        )!;

    private async Task<string> Told(string name, byte[] bytes)
    {
        var (status, text) = await Send(name, bytes);
        Assert.True(status == 200, text);
        return (string)JsonNode.Parse(text)!["text"]!;
    }

    private async Task<(int Status, string Text)> Send(string name, byte[] bytes)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/recipes/text?name={name}")
        {
            Content = new ByteArrayContent(bytes),
        };
        request.Content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");

        // What is too large is refused before it is sent, however long the server takes to say so.
        request.Headers.ExpectContinue = true;
        using var patient = new HttpClient(
            new SocketsHttpHandler { Expect100ContinueTimeout = TimeSpan.FromMinutes(1) }
        )
        {
            BaseAddress = server.Http.BaseAddress,
        };
        using var answer = await patient.SendAsync(request, TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }
}
