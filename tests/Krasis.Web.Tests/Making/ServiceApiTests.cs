using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Making;

/// <summary>What stands on the board, what guests ask for, orders and rescues, over HTTP.</summary>
public sealed class ServiceApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_board_has_the_published_standards_of_the_day_and_nothing_else()
    {
        var board = (await server.Get("/api/service")).Json;

        Assert.Equal(("bar", 6), ((string?)board["station"], (int)board["mostDrinks"]!));
        var names = board["drinks"]!.AsArray().Select(drink => (string)drink!["name"]!).ToList();
        Assert.Contains("Hazelnut iced latte", names);
        // On trial, and being written.
        Assert.DoesNotContain("Ginger-pear tide", names);
        Assert.DoesNotContain("Cherry coconut iced mocha", names);
        Assert.Equal(names.Order(StringComparer.OrdinalIgnoreCase), names);
    }

    [Fact]
    public async Task What_can_be_asked_for_stands_with_the_drink_a_trial_s_too()
    {
        var mocha = (await server.Get($"/api/builds/{await Id("Orange peel mocha")}/cards")).Json["wishes"]!;
        Assert.Equal(["Oat drink", "Coconut drink"], mocha["milks"]!.AsArray().Select(milk => (string?)milk!["name"]));
        Assert.Equal([75.0, 50, 25], mocha["sweet"]!.AsArray().Select(share => (double)share!));
        Assert.Equal((3, true, true), ((int)mocha["shots"]!, (bool)mocha["decaf"]!, (bool)mocha["noTop"]!));

        var brew = (await server.Get($"/api/builds/{await Id("Lockside cold brew")}/cards")).Json["wishes"]!;
        Assert.Equal((0, false, false), ((int)brew["shots"]!, (bool)brew["decaf"]!, (bool)brew["noTop"]!));
        Assert.Equal(
            3,
            (int)(await server.Get($"/api/builds/{await Id("Ginger-pear tide")}/cards")).Json["wishes"]!["shots"]!
        );
    }

    [Fact]
    public async Task The_kiosk_s_board_has_only_the_cups_that_it_has()
    {
        var kiosk = (await server.Get("/api/service?station=kiosk")).Json;

        Assert.DoesNotContain(kiosk["drinks"]!.AsArray().SelectMany(drink => drink!["sizes"]!.AsArray()), size =>
            (string?)size!["id"] is "heron" or "willow"
        );
        Assert.Equal("station", Assert.Single((await server.Get("/api/service?station=boat")).Fields));
    }

    [Fact]
    public async Task What_a_guest_asks_for_stands_on_the_steps_and_in_the_changes()
    {
        var cards = (
            await server.Get(
                $"/api/builds/{await Id("Orange peel mocha")}/cards?milk=oat-drink&shots=1&decaf=true&noTop=true&sweet=50"
            )
        ).Json;
        var steps = cards["plans"]![1]!["steps"]!.AsArray();

        Assert.Equal(
            [
                "Dark chocolate sauce",
                "Orange peel syrup",
                "Lock decaf",
                "Wipe and purge the wand",
                "Oat drink",
                "Hand it over",
            ],
            steps.Select(step => (string?)step!["title"])
        );
        Assert.Equal("3 shots", (string?)steps[2]!["amount"]);
        Assert.Contains(cards["changes"]!.AsArray(), change =>
            ((string?)change!["what"])!.Contains("Farm milk → Oat drink", StringComparison.Ordinal)
        );

        // The standard itself has not changed.
        Assert.Empty(
            (await server.Get($"/api/builds/{await Id("Orange peel mocha")}/cards")).Json["changes"]!.AsArray()
        );
    }

    [Theory]
    [InlineData("Black sesame latte", "heat=kids&shots=-1", "Farm milk: steamed to 48 °C.")]
    [InlineData("Black sesame latte", "halfCaf=true", "Decaf: ")]
    [InlineData("Black sesame latte", "biggerCup=true", "One cup larger: ")]
    [InlineData("Hazelnut iced latte", "ice=light&strokes=-1", "Hazelnut syrup: 1 stroke less.")]
    [InlineData("Hazelnut iced latte", "syrup=maple-syrup", "Maple syrup")]
    public async Task What_is_asked_for_more_seldom_is_granted_too(string drink, string query, string says)
    {
        var cards = (await server.Get($"/api/builds/{await Id(drink)}/cards?{query}")).Json;
        Assert.Contains(cards["changes"]!.AsArray(), change =>
            ((string?)change!["what"])!.Contains(says, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("milk=tea", "milk")]
    [InlineData("sweet=33", "sweet")]
    [InlineData("shots=9", "shots")]
    [InlineData("noTop=true", "noTop")]
    [InlineData("shots=-3", "shots")]
    [InlineData("strokes=2", "strokes")]
    [InlineData("syrup=tea", "syrup")]
    [InlineData("ice=none", "ice")]
    [InlineData("ice=some", "ice")]
    [InlineData("heat=boiling", "heat")]
    [InlineData("decaf=true&halfCaf=true", "halfCaf")]
    public async Task A_wish_that_cannot_be_granted_is_said_at_its_place(string query, string field) =>
        Assert.Equal(
            field,
            Assert.Single((await server.Get($"/api/builds/{await Id("Black sesame latte")}/cards?{query}")).Fields)
        );

    [Fact]
    public async Task An_order_of_four_drinks_is_planned_whole()
    {
        var drinks = new[]
        {
            await Drink("Orange peel mocha", "plover"),
            await Drink("Hazelnut iced latte", "reed"),
            await Drink("Black sesame latte", "plover"),
            await Drink("Maple iced coffee", "reed"),
        };
        var plan = await server.Post("/api/order", new JsonObject { ["drinks"] = new JsonArray([.. drinks]) });

        Assert.Equal(200, plan.Status);
        Assert.Equal([0, 1, 2, 3], plan.Json["sequence"]!.AsArray().Select(i => (int)i!).Order());
        Assert.True((double)plan.Json["seconds"]! > 60);
        Assert.NotEmpty(plan.Json["pitchers"]!.AsArray());
    }

    [Fact]
    public async Task An_order_that_cannot_be_made_is_said_to_be_so()
    {
        Assert.Equal("drinks", Assert.Single((await server.Post("/api/order", new JsonObject())).Fields));
        var seven = new JsonArray();
        for (var i = 0; i < 7; i++)
        {
            seven.Add(await Drink("Maple iced coffee", "reed"));
        }

        Assert.Equal(
            "drinks",
            Assert.Single((await server.Post("/api/order", new JsonObject { ["drinks"] = seven })).Fields)
        );
        var cup = await server.Post(
            "/api/order",
            new JsonObject { ["drinks"] = new JsonArray(await Drink("Maple iced coffee", "wren")) }
        );
        Assert.Equal("drinks[0].size", Assert.Single(cup.Fields));
        Assert.Equal(
            404,
            (
                await server.Post(
                    "/api/order",
                    new JsonObject
                    {
                        ["drinks"] = new JsonArray(new JsonObject { ["build"] = "none", ["size"] = "reed" }),
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_fifth_too_much_sauce_is_rescued_and_what_the_server_says_of_it_is_kept()
    {
        var drink = await Drink("Orange peel mocha", "plover");
        var plan = (await server.Get($"/api/builds/{await Id("Orange peel mocha")}/cards")).Json["plans"]![1]!;
        var sauce = plan["steps"]![0]!;
        var poured = new JsonArray(
            new JsonObject { ["line"] = (string?)sauce["line"], ["grams"] = (double)sauce["target"]!["grams"]! * 1.4 }
        );
        var rescue = (await server.Post("/api/rescue", new JsonObject { ["drink"] = drink, ["poured"] = poured })).Json;

        Assert.NotEqual("startAgain", (string?)rescue["kind"]);
        Assert.NotNull(rescue["plan"]);
        Assert.NotEqual("", (string?)rescue["says"]);
    }

    [Theory]
    [InlineData(-5.0, "poured[0].grams")]
    [InlineData(5001.0, "poured[0].grams")]
    [InlineData(null, "poured[0].grams")]
    public async Task Weights_that_cannot_be_are_said_at_their_place(double? grams, string field)
    {
        var poured = new JsonArray(new JsonObject { ["line"] = "coffee", ["grams"] = grams });
        var answer = await server.Post(
            "/api/rescue",
            new JsonObject { ["drink"] = await Drink("Orange peel mocha", "plover"), ["poured"] = poured }
        );

        Assert.Equal((422, field), (answer.Status, Assert.Single(answer.Fields)));
    }

    [Fact]
    public async Task Nothing_at_a_place_and_far_too_many_pours_are_said_to_be_so()
    {
        var drink = await Drink("Orange peel mocha", "plover");
        Assert.Equal(
            "poured[0]",
            Assert.Single(
                (
                    await server.Post(
                        "/api/rescue",
                        new JsonObject { ["drink"] = drink.DeepClone(), ["poured"] = new JsonArray((JsonNode?)null) }
                    )
                ).Fields
            )
        );
        Assert.Equal(
            "drinks",
            Assert.Single(
                (await server.Post("/api/order", new JsonObject { ["drinks"] = new JsonArray((JsonNode?)null) })).Fields
            )
        );

        foreach (var (count, status) in new[] { (200, 200), (201, 422) })
        {
            var poured = new JsonArray([
                .. Enumerable.Range(0, count).Select(_ => new JsonObject { ["line"] = "coffee", ["grams"] = 0.1 }),
            ]);
            Assert.Equal(
                status,
                (
                    await server.Post(
                        "/api/rescue",
                        new JsonObject { ["drink"] = drink.DeepClone(), ["poured"] = poured }
                    )
                ).Status
            );
        }
    }

    [Theory]
    [InlineData("/api/poured?days=soon", "days")]
    [InlineData("/api/builds/x/cards?shots=many", "shots")]
    [InlineData("/api/builds/x/cards?decaf=maybe", "decaf")]
    public async Task What_cannot_be_read_in_an_address_is_named(string path, string field)
    {
        var answer = await server.Get(path);

        Assert.Equal((400, field), (answer.Status, Assert.Single(answer.Fields)));
    }

    [Theory]
    [InlineData(39, 28, true)]
    [InlineData(39, 18, false)]
    public async Task A_shot_is_judged_by_the_recipe_of_its_station(double grams, double seconds, bool isGood)
    {
        var answer = await server.Post(
            "/api/shot",
            new JsonObject
            {
                ["drink"] = await Drink("Orange peel mocha", "plover"),
                ["line"] = "coffee",
                ["grams"] = grams,
                ["seconds"] = seconds,
            }
        );

        Assert.Equal(isGood, (bool)answer.Json["isGood"]!);
    }

    private async Task<JsonObject> Drink(string name, string size) =>
        new() { ["build"] = await Id(name), ["size"] = size };

    private async Task<string> Id(string name) =>
        (string)
            (await server.Get("/api/builds")).Json.AsArray().Single(build => (string?)build!["name"] == name)!["id"]!;
}
