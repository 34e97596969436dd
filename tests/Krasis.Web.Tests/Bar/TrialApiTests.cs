namespace Krasis.Web.Tests.Bar;

/// <summary>Facts tried before they are kept, and readings worked out.</summary>
public sealed class TrialApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_half_entered_cup_says_what_it_has_and_what_it_lacks()
    {
        var trial = await server.Post(
            "/api/bar/cups/try",
            """{"waterGrams":355,"waterCelsius":20,"labelMl":400,"topDiameterMm":80}"""
        );

        Assert.Equal(200, trial.Status);
        Assert.InRange((double)trial.Json["measured"]!["brimCapacity"]!, 355.6, 355.7);
        Assert.True((bool)trial.Json["measured"]!["isLabelWrong"]!);
        Assert.Equal(
            ["name", "bottomDiameterMm", "heightMm"],
            trial.Json["problems"]!.AsArray().Select(problem => (string)problem!["field"]!)
        );
        Assert.Null(trial.Json["effect"]);
    }

    [Fact]
    public async Task A_recalibrated_pump_says_which_builds_it_would_move_and_keeps_nothing()
    {
        var before = (await server.Get("/api/bar")).Text;
        var trial = await server.Post(
            "/api/bar/dispensers/try?id=pump-hazelnut",
            """{"name":"Hazelnut pump","ingredient":"hazelnut-syrup","strokesGrams":[12.8,13.0,12.9]}"""
        );

        var moved = Assert.Single(trial.Json["effect"]!["moved"]!.AsArray())!;
        Assert.Equal("Hazelnut iced latte", (string?)moved["name"]);
        var rush = moved["sizes"]!.AsArray().Single(size => (string?)size!["name"] == "Rush")!;
        Assert.Contains(rush["moves"]!.AsArray(), move =>
            (string?)move!["what"] == "Hazelnut syrup"
            && ((string)move["after"]!).StartsWith("51.6", StringComparison.Ordinal)
        );
        Assert.Equal(["Hazelnut iced latte"], trial.Json["uses"]!.AsArray().Select(use => (string)use!));
        Assert.Equal(before, (await server.Get("/api/bar")).Text);
    }

    [Fact]
    public async Task The_same_fact_moves_nothing_and_one_that_is_gone_is_missing()
    {
        var reed = (await server.Get("/api/bar")).Json["cups"]!.AsArray().Single(cup => (string?)cup!["id"] == "reed")![
            "document"
        ]!;
        var trial = await server.Post("/api/bar/cups/try?id=reed", reed.ToJsonString());
        Assert.Empty(trial.Json["effect"]!["moved"]!.AsArray());
        Assert.Equal(7, trial.Json["uses"]!.AsArray().Count);
        Assert.Equal(404, (await server.Post("/api/bar/cups/try?id=none", reed.ToJsonString())).Status);
    }

    [Fact]
    public async Task A_ten_times_outlier_is_named_by_its_place_and_is_not_kept()
    {
        var document = """{"name":"Plum pump","ingredient":"slipway-coffee","strokesGrams":[9.7,9.8,97,9.6]}""";
        var answer = await server.Post("/api/bar/dispensers", document);
        Assert.Equal((422, "strokesGrams[2]"), (answer.Status, Assert.Single(answer.Fields)));

        var trial = await server.Post("/api/bar/dispensers/try", document);
        Assert.Equal(
            (2, true),
            (
                (int)trial.Json["measured"]!["odd"]![0]!["index"]!,
                (bool)trial.Json["measured"]!["odd"]![0]!["isRefused"]!
            )
        );
        Assert.Equal(9.7, (double)trial.Json["measured"]!["gramsPerStroke"]!, 1e-9);
    }

    [Fact]
    public async Task Two_people_calibrate_one_pump_and_the_second_is_told()
    {
        const string First = """{"name":"Maple pump","ingredient":"maple-syrup","strokesGrams":[9.9,10.0,9.9]}""";
        const string Second = """{"name":"Maple pump","ingredient":"maple-syrup","strokesGrams":[8.9,9.0,8.9]}""";
        Assert.Equal(200, (await server.Put("/api/bar/dispensers/pump-maple", First, "\"1\"")).Status);
        var stale = await server.Put("/api/bar/dispensers/pump-maple", Second, "\"1\"");

        Assert.Equal(412, stale.Status);
        var kept = (await server.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(pump => (string?)pump!["id"] == "pump-maple")!;
        Assert.Equal(9.9, (double)kept["document"]!["strokesGrams"]![0]!);
        // It was weighed today, which nobody had to say.
        Assert.Equal((string?)(await server.Get("/api/bar")).Json["today"], (string?)kept["document"]!["weighedOn"]);
        Assert.Equal(200, (await server.Put("/api/bar/dispensers/pump-maple", Second, (string)kept["etag"]!)).Status);
    }

    [Fact]
    public async Task A_part_of_itself_says_so_before_it_is_kept()
    {
        var trial = await server.Post(
            "/api/bar/parts/try?id=ginger-cordial",
            """{"name":"Ginger-pear cordial","kind":"syrup","colour":"#c9b24e","lines":[{"ingredient":"tide-milk","amount":1,"measure":"g"}]}"""
        );

        Assert.Equal("lines", (string?)trial.Json["problems"]![0]!["field"]);
        Assert.Contains("contains itself", (string?)trial.Json["problems"]![0]!["message"], StringComparison.Ordinal);
        Assert.Null(trial.Json["measured"]);
    }

    [Fact]
    public async Task Readings_are_worked_out_and_the_wrong_ones_named()
    {
        Assert.Equal(
            0.3335,
            (double)
                (
                    await server.Post(
                        "/api/bar/cups/heat-loss",
                        """{"iceBeforeGrams":120,"iceAfterGrams":96,"minutes":20,"roomCelsius":20}"""
                    )
                ).Json["heatLoss"]!,
            1e-9
        );
        Assert.Equal(
            ["toCelsius"],
            (
                await server.Post(
                    "/api/bar/cups/heat-loss",
                    """{"waterGrams":300,"fromCelsius":60,"toCelsius":70,"minutes":20,"roomCelsius":20}"""
                )
            ).Fields
        );
        Assert.Equal(
            18,
            (double)(await server.Post("/api/bar/ice/measure", """{"pieces":10,"piecesGrams":180}""")).Json["piece"]!
        );
        Assert.Equal(["pieces"], (await server.Post("/api/bar/ice/measure", """{"piecesGrams":180}""")).Fields);
        Assert.Equal(
            "Large jug",
            (string?)(await server.Get("/api/bar/pitchers/plan?ml=200")).Json["plan"]!["pitcher"]
        );
        Assert.Equal(["ml"], (await server.Get("/api/bar/pitchers/plan?ml=0")).Fields);
        Assert.Equal("Reed", (string?)(await server.Get("/api/bar/cups/reed/card")).Json["name"]);
        Assert.Equal(404, (await server.Get("/api/bar/cups/none/card")).Status);
    }

    [Fact]
    public async Task A_batch_of_a_part_that_is_not_kept_yet_is_made()
    {
        const string Part =
            """{"name":"Orange tide","kind":"syrup","colour":"#e0912f","ratio":"mass","lines":[{"ingredient":"ginger-cordial","amount":1},{"ingredient":"orange-syrup","amount":1}]}""";
        var batch = await server.Post("/api/bar/parts/batch", $$"""{"part":{{Part}},"amount":500,"measure":"g"}""");

        Assert.Equal(
            [250.0, 250.0],
            batch.Json["lines"]!.AsArray().Select(line => Math.Round((double)line!["mass"]!, 6))
        );
        Assert.Contains(batch.Json["bought"]!.AsArray(), line => (string?)line!["name"] == "Ginger juice");
        Assert.Equal(
            ["measure"],
            (await server.Post("/api/bar/parts/batch", $$"""{"part":{{Part}},"amount":500,"measure":"shot"}""")).Fields
        );
        Assert.Equal(
            ["part.lines"],
            (
                await server.Post(
                    "/api/bar/parts/batch",
                    """{"part":{"name":"X","kind":"syrup","colour":"#ffffff"},"amount":500,"measure":"g"}"""
                )
            ).Fields
        );
    }

    [Fact]
    public async Task A_build_says_how_it_is_poured_at_the_kiosk()
    {
        var build = (await server.Get("/api/builds"))
            .Json.AsArray()
            .Single(one => (string?)one!["name"] == "Cardamom latte")!;
        var document = (await server.Get($"/api/builds/{build["id"]}")).Json["document"]!;
        var kiosk = Assert.Single((await server.Post("/api/pour", document.ToJsonString())).Json.AsArray())!;

        Assert.Equal(("Kiosk", "Heron"), ((string?)kiosk["name"], (string?)kiosk["elsewhere"]![0]));
        var plover = kiosk["sizes"]!.AsArray().Single(size => (string?)size!["name"] == "Plover")!;
        // Two strokes of 7.6 ml are one and a half of 9.95 ml, and the kiosk gives whole ones.
        Assert.Equal((2.0, 2.0), ((double)plover["lines"]![0]!["amount"]!, (double)plover["lines"]![0]!["setAmount"]!));
        Assert.True((double)plover["drift"]!["sweetness"]! > 20);
        Assert.Equal(422, (await server.Post("/api/pour", """{"sizes":[],"lines":[]}""")).Status);
    }

    [Fact]
    public async Task House_units_are_in_every_cell()
    {
        var house = (await server.Get("/api/bar")).Json["house"]!;
        var rules = house["document"]!.DeepClone().AsObject();
        rules["units"] = "us";
        Assert.Equal(200, (await server.Put("/api/bar/house/house", rules, (string)house["etag"]!)).Status);
        var cell = (
            await server.Post(
                "/api/mix",
                """{"reserveMm":10,"sizes":["plover"],"referenceSize":"plover","lines":[{"id":"m","ingredient":"farm-milk","measure":"ml","amount":200}]}"""
            )
        ).Json["sizes"]![0]!["lines"]![0]!;
        // GNU units: 200 ml are 6.7628 US fl oz.
        Assert.Equal("6.76 fl oz · 206 g", (string?)cell["beside"]);
    }
}
