namespace Krasis.Web.Tests.Bar;

public sealed class MoreFactsApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    public static TheoryData<string, string> Good =>
        new()
        {
            {
                "coffees",
                """{"name":"Lock cold brew","ingredient":"towpath-coffee-2","method":"coldBrew","coffeeGrams":80,"waterGrams":1000,"extractionPercent":20}"""
            },
            { "foams", """{"name":"Froth","overrunPercent":50,"fromCelsius":4,"toCelsius":60}""" },
            { "pitchers", """{"name":"Tall jug","spoutMl":600,"leastMl":250}""" },
            {
                "parts",
                """{"name":"Orange cordial","kind":"syrup","colour":"#e0912f","ratio":"volume","lines":[{"ingredient":"orange-syrup","amount":2},{"ingredient":"lock-water","amount":1}]}"""
            },
            {
                "cups",
                """{"name":"Teal","topDiameterMm":80,"bottomDiameterMm":55,"heightMm":100,"waterGrams":361,"waterCelsius":20,"labelMl":360,"printedLines":[{"label":"milk","heightMm":60}],"lidClearanceMm":5,"heatLossWattsPerKelvin":0.6,"price":0.12}"""
            },
        };

    [Theory]
    [MemberData(nameof(Good))]
    public async Task Each_kind_is_kept_read_changed_and_removed(string kind, string document)
    {
        if (kind == "coffees")
        {
            var coffee = await server.Post(
                "/api/bar/ingredients",
                """{"name":"Lock cold brew","kind":"coffee","densityGramsPerMl":1,"colour":"#4a2c18"}"""
            );
            document = document.Replace("towpath-coffee-2", (string?)coffee.Json["id"], StringComparison.Ordinal);
        }

        var created = await server.Post($"/api/bar/{kind}", document);
        Assert.Equal(201, created.Status);
        var id = (string)created.Json["id"]!;
        Assert.Contains((await server.Get("/api/bar")).Json[kind]!.AsArray(), fact => (string?)fact!["id"] == id);
        var changed = await server.Put(
            $"/api/bar/{kind}/{id}",
            document.Replace("\"name\":\"", "\"name\":\"New ", StringComparison.Ordinal),
            created.ETag
        );
        Assert.Equal(200, changed.Status);
        Assert.Equal(412, (await server.Put($"/api/bar/{kind}/{id}", document, created.ETag)).Status);
        Assert.Equal(204, (await server.Delete($"/api/bar/{kind}/{id}", changed.ETag)).Status);
    }

    public static TheoryData<string, string, string> Bad =>
        new()
        {
            { "ingredients", """{"name":"X","kind":"syrup","brix":120,"colour":"#ffffff"}""", "brix" },
            {
                "ingredients",
                """{"name":"X","kind":"milk","densityGramsPerMl":1,"colour":"#ffffff","per100g":{"fat":60,"carbohydrate":60}}""",
                "per100g"
            },
            {
                "ingredients",
                """{"name":"X","kind":"milk","densityGramsPerMl":1,"colour":"#ffffff","allergens":{"contains":["pollen",null]}}""",
                "allergens.contains[0]"
            },
            { "dispensers", """{"name":"X","ingredient":"ginger","strokesGrams":[0]}""", "strokesGrams[0]" },
            {
                "cups",
                """{"name":"X","topDiameterMm":80,"bottomDiameterMm":55,"heightMm":100,"waterGrams":471,"waterCelsius":20}""",
                "waterGrams"
            },
            {
                "cups",
                """{"name":"X","topDiameterMm":80,"bottomDiameterMm":55,"heightMm":100,"waterGrams":361,"waterCelsius":20,"printedLines":[null]}""",
                "printedLines[0].label"
            },
            { "foams", """{"name":"X","overrunPercent":-1,"toCelsius":60}""", "overrunPercent" },
            { "pitchers", """{"name":"X","spoutMl":100,"leastMl":200}""", "leastMl" },
            {
                "coffees",
                """{"name":"X","ingredient":"towpath-coffee","method":"magic","coffeeGrams":1,"waterGrams":10}""",
                "method"
            },
            {
                "coffees",
                """{"name":"X","ingredient":"farm-milk","method":"batch","coffeeGrams":60,"waterGrams":1000}""",
                "ingredient"
            },
            {
                "espresso",
                """{"name":"X","ingredient":"lock-espresso","doseGrams":18,"yieldGrams":36,"shotsPerPull":2,"basketFromGrams":19}""",
                "doseGrams"
            },
            {
                "parts",
                """{"name":"X","kind":"syrup","colour":"#ffffff","lines":[{"ingredient":"moonlight","amount":1,"measure":"g"}]}""",
                "lines[0].ingredient"
            },
            { "parts", """{"name":"X","kind":"syrup","colour":"#ffffff","lines":[]}""", "lines" },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public async Task What_cannot_be_is_refused_with_the_field_and_nothing_is_kept(
        string kind,
        string document,
        string field
    )
    {
        var before = (await server.Get("/api/bar")).Json[kind]!.AsArray().Count;
        var answer = await server.Post($"/api/bar/{kind}", document);

        Assert.Equal(422, answer.Status);
        Assert.Contains(field, answer.Fields);
        Assert.Equal(before, (await server.Get("/api/bar")).Json[kind]!.AsArray().Count);
    }

    [Fact]
    public async Task A_part_that_comes_to_contain_itself_through_three_others_is_refused_with_the_path()
    {
        var inner = "ginger-cordial";
        foreach (var name in new[] { "One", "Two", "Three" })
        {
            inner = (string)
                (
                    await server.Post(
                        "/api/bar/parts",
                        $$"""{"name":"{{name}}","kind":"syrup","colour":"#ffffff","lines":[{"ingredient":"{{inner}}","amount":1,"measure":"g"}]}"""
                    )
                ).Json["id"]!;
        }

        var cordial = (await server.Get("/api/bar")).Json["parts"]!
            .AsArray()
            .Single(part => (string?)part!["id"] == "ginger-cordial")!;
        var document = cordial["document"]!.DeepClone();
        document["lines"]!
            .AsArray()
            .Add(System.Text.Json.Nodes.JsonNode.Parse($$"""{"ingredient":"{{inner}}","amount":1,"measure":"g"}"""));
        var answer = await server.Put(
            "/api/bar/parts/ginger-cordial",
            document.ToJsonString(),
            (string)cordial["etag"]!
        );

        Assert.Equal(422, answer.Status);
        Assert.Equal("lines", Assert.Single(answer.Fields));
        Assert.Contains(
            "Ginger-pear cordial → Three → Two → One → Ginger-pear cordial",
            answer.Text.Replace("\\u2192", "→", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_part_is_read_with_what_comes_of_it()
    {
        var cordial = (await server.Get("/api/bar")).Json["parts"]!
            .AsArray()
            .Single(part => (string?)part!["id"] == "ginger-cordial")!;

        Assert.InRange((double)cordial["measured"]!["density"]!, 1.1, 1.3);
        Assert.InRange((double)cordial["measured"]!["sweetness"]!, 40, 60);
        Assert.NotNull((double?)cordial["measured"]!["pricePerGram"]);
    }

    [Fact]
    public async Task A_pull_gets_its_verdict()
    {
        var verdict = await server.Post("/api/bar/espresso/lock-double/verdict", new { grams = 39, seconds = 20 });
        Assert.Equal((200, false), (verdict.Status, (bool)verdict.Json["isGood"]!));
        Assert.Equal(
            404,
            (await server.Post("/api/bar/espresso/nobody/verdict", new { grams = 39, seconds = 20 })).Status
        );
        Assert.Equal(
            ["grams", "seconds"],
            (await server.Post("/api/bar/espresso/lock-double/verdict", new { grams = -1 })).Fields
        );
    }

    [Fact]
    public async Task The_starter_pantry_is_there_with_its_sources() =>
        Assert.All((await server.Get("/api/pantry")).Json.AsArray(), ingredient =>
            Assert.NotEqual("", (string?)ingredient!["source"] ?? "")
        );
}
