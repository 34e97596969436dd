using System.Text.Json.Nodes;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Web.Tests.Builds;

namespace Krasis.Web.Tests.Bar;

public sealed class BarApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_cup_is_added_changed_and_removed()
    {
        var created = await server.Post("/api/bar/cups", BuildApiTests.Cup("Fen"));
        Assert.Equal(201, created.Status);
        var path = $"/api/bar/cups/{created.Json["id"]}";

        var changed = BuildApiTests.Cup("Fen, tall");
        changed["heightMm"] = 104;
        Assert.Equal((200, "\"2\""), await StatusAndTag(server.Put(path, changed, "\"1\"")));
        Assert.Equal(412, (await server.Put(path, changed, "\"1\"")).Status);
        Assert.Equal(428, (await server.Put(path, changed, null)).Status);

        var cup = (await server.Get("/api/bar")).Json["cups"]!
            .AsArray()
            .Single(cup => (string?)cup!["document"]!["name"] == "Fen, tall")!;
        // 355 g of water at 20 °C by the published 0.9982 g/ml.
        Assert.Equal(355.64, (double)cup["measured"]!["brimCapacity"]!, 0.02);

        Assert.Equal(204, (await server.Delete(path, "\"2\"")).Status);
        Assert.Equal(404, (await server.Delete(path, "\"2\"")).Status);
        await ComesBack(path);
    }

    private async Task ComesBack(string path)
    {
        var removed = (await server.Get("/api/bar/removed"))
            .Json.AsArray()
            .Single(fact => path.EndsWith((string)fact!["id"]!, StringComparison.Ordinal))!;
        Assert.Equal(
            ("cups", "cup", "Fen, tall"),
            ((string?)removed["kind"], (string?)removed["what"], (string?)removed["name"])
        );

        // Somebody has given its name away in the meantime: it is told, and nothing is changed.
        var other = await server.Post("/api/bar/cups", BuildApiTests.Cup("Fen, tall"));
        Assert.Equal(422, (await server.Post($"{path}/restore", "")).Status);
        await server.Delete($"/api/bar/cups/{other.Json["id"]}", "\"1\"");

        var back = await server.Post($"{path}/restore", "");
        Assert.Equal((200, "\"4\"", "Fen, tall"), (back.Status, back.ETag, (string?)back.Json["document"]!["name"]));
        Assert.Equal(404, (await server.Post($"{path}/restore", "")).Status);

        var history = (await server.Get($"{path}/history")).Json.AsArray();
        Assert.Equal([4, 3, 2, 1], history.Select(version => (int)version!["version"]!));
        Assert.Null(history[1]!["document"]);
        Assert.Equal(
            ["name: Fen → Fen, tall", "height in mm: 100 → 104"],
            history[2]!["changes"]!
                .AsArray()
                .Select(change => $"{change!["where"]}: {change["before"]} → {change["after"]}")
        );
        Assert.Empty(history[0]!["changes"]!.AsArray());
        Assert.Equal(404, (await server.Get("/api/bar/cups/none/history")).Status);
        Assert.NotEmpty((await server.Get("/api/bar/house/house/history")).Json.AsArray());
    }

    [Fact]
    public async Task The_words_that_can_be_chosen_are_the_core_s()
    {
        var words = (await server.Get("/api/bar")).Json["words"]!;

        Assert.Equal(
            Techniques.All.Select(technique => (technique.Code, technique.Words)),
            words["techniques"]!.AsArray().Select(one => ((string)one!["code"]!, (string)one["name"]!))
        );
        Assert.Equal(
            ["noAddedSugar", "withoutMilk"],
            words["claims"]!.AsArray().Select(claim => (string)claim!["code"]!).Order()
        );
        Assert.Equal(Enum.GetValues<Allergen>().Length, words["allergens"]!.AsArray().Count);
        Assert.Equal(
            ScalingWords.All.Select(rule => rule.Words),
            words["rules"]!.AsArray().Select(rule => (string)rule!["name"]!)
        );
    }

    public static TheoryData<string, string, string> Wrong() =>
        new()
        {
            {
                "cups",
                """{"name":"X","topDiameterMm":-1,"bottomDiameterMm":55,"heightMm":100,"waterGrams":355,"waterCelsius":20}""",
                "topDiameterMm"
            },
            {
                "cups",
                """{"name":"X","topDiameterMm":80,"bottomDiameterMm":55,"heightMm":100,"waterGrams":480,"waterCelsius":20}""",
                "waterGrams"
            },
            {
                "cups",
                """{"name":"Wren","topDiameterMm":80,"bottomDiameterMm":55,"heightMm":100,"waterGrams":355,"waterCelsius":20}""",
                "name"
            },
            { "dispensers", """{"name":"X","ingredient":"sesame-sauce","strokeMl":0}""", "strokeMl" },
            { "dispensers", """{"name":"X","ingredient":"moonlight","strokeMl":5}""", "ingredient" },
            { "dispensers", """{"name":"X","ingredient":"maple-syrup","strokeMl":5}""", "ingredient" },
            { "ingredients", """{"name":"X","kind":"plasma","densityGramsPerMl":1,"colour":"#ffffff"}""", "kind" },
            {
                "ingredients",
                """{"name":"X","kind":"milk","densityGramsPerMl":0,"colour":"#ffffff"}""",
                "densityGramsPerMl"
            },
            {
                "espresso",
                """{"name":"X","ingredient":"farm-milk","doseGrams":18,"yieldGrams":36,"shotsPerPull":2}""",
                "ingredient"
            },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task A_wrong_field_is_named_as_it_was_sent(string kind, string body, string field)
    {
        var before = (await server.Get("/api/bar")).Json[kind]!.AsArray().Count;
        var answer = await server.Post($"/api/bar/{kind}", body);

        Assert.Equal(422, answer.Status);
        Assert.Equal([field], answer.Fields);
        Assert.Equal(before, (await server.Get("/api/bar")).Json[kind]!.AsArray().Count);
    }

    [Fact]
    public async Task What_builds_need_cannot_be_removed_and_they_are_named()
    {
        var milk = await server.Delete("/api/bar/ingredients/farm-milk", "\"1\"");
        Assert.Equal(409, milk.Status);
        Assert.Contains("7 builds need this ingredient", milk.Text, StringComparison.Ordinal);
        Assert.Contains("'Cardamom latte'", (string?)milk.Json["detail"], StringComparison.Ordinal);

        var pump = await server.Delete("/api/bar/dispensers/pump-cardamom", "\"1\"");
        Assert.Equal(409, pump.Status);

        var syrup = await server.Delete("/api/bar/ingredients/ginger-pear-syrup", "\"1\"");
        Assert.Equal(409, syrup.Status);
        Assert.Contains("One build needs this ingredient", syrup.Text, StringComparison.Ordinal);
        Assert.Contains("'Ginger-pear cordial'", syrup.Json["detail"]!.ToString(), StringComparison.Ordinal);
        Assert.Contains("'Ginger-pear pump'", syrup.Json["detail"]!.ToString(), StringComparison.Ordinal);

        var kiosk = await server.Delete("/api/bar/stations/kiosk", "\"1\"");
        Assert.Equal(409, kiosk.Status);
        Assert.Contains("'Kiosk double'", kiosk.Json["detail"]!.ToString(), StringComparison.Ordinal);
        Assert.Equal(22, (await server.Get("/api/bar")).Json["ingredients"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_measured_pump_moves_the_builds_that_use_it()
    {
        var pump = """{"name":"Cherry pump","ingredient":"cherry-syrup","strokeMl":10}""";
        Assert.Equal(200, (await server.Put("/api/bar/dispensers/pump-cherry", pump, "\"1\"")).Status);

        var build = (await server.Get("/api/builds"))
            .Json.AsArray()
            .Single(build => (string?)build!["name"] == "Cherry coconut iced mocha")!;
        var document = (await server.Get($"/api/builds/{build["id"]}")).Json["document"]!;
        var cell = (await server.Post("/api/mix", document.ToJsonString())).Json["sizes"]![1]!["lines"]![1]!;
        Assert.Equal((2, 20), ((double)cell["amount"]!, (double)cell["volume"]!));
    }

    [Fact]
    public async Task House_rules_are_changed_as_one()
    {
        var rules = new JsonObject
        {
            ["reserveMm"] = 9,
            ["liquidStepMl"] = 10,
            ["iceStepGrams"] = 5,
            ["weighingStepGrams"] = 1,
            ["strengthDriftPercent"] = 12,
            ["sweetnessDriftPercent"] = 12,
        };
        Assert.Equal(200, (await server.Put("/api/bar/house/house", rules, "\"1\"")).Status);
        Assert.Equal(9, (double)(await server.Get("/api/builds/blank")).Json["reserveMm"]!);

        rules["liquidStepMl"] = 0;
        var refused = await server.Put("/api/bar/house/house", rules, "\"2\"");
        Assert.Equal(422, refused.Status);
        Assert.Equal(["liquidStepMl"], refused.Fields);
    }

    private static async Task<(int, string?)> StatusAndTag(Task<Answer> answer) =>
        ((await answer).Status, (await answer).ETag);
}
