using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Tastings;

/// <summary>A tasting from setting up to the kept next version and its retest, over HTTP.</summary>
public sealed class TastingApiTests(KrasisServer server) : TastingSteps(server), IClassFixture<KrasisServer>
{
    [Fact]
    public async Task From_setting_up_to_the_retest_that_shows_the_mend()
    {
        var build = await Copy("Black sesame latte", "Sesame, tasted");
        var id = await Opened(Suits(build, "plover", 24));

        // A panel that would have it a quarter less sweet.
        await Good(
            Server.Post(
                $"/api/tastings/{id}/practise",
                new
                {
                    tasters = 24,
                    scale = "sweetness",
                    percent = -25,
                }
            )
        );
        await Close(id);
        var read = (await Server.Get($"/api/tastings/{id}/results")).Json;
        var sweetness = Scale(read, 0, "sweetness");
        Assert.EndsWith("act on it.", (string)sweetness["says"]!, StringComparison.Ordinal);
        Assert.Contains("of 24 found it too sweet", (string)sweetness["says"]!, StringComparison.Ordinal);
        Assert.Equal(24, (int)read["simulated"]!);
        var ways = Assert.Single(read["ways"]!.AsArray(), ways => (string?)ways!["scale"] == "sweetness")!;
        var way = ways["ways"]![0]!;
        Assert.True((double)way["byPercent"]! < 0);

        // The change is kept as the next version, and the draft goes on trial.
        var before = await Server.Get($"/api/builds/{build}");
        var decided = (
            await Good(
                Server.Post(
                    $"/api/tastings/{id}/decide",
                    new
                    {
                        sample = 0,
                        scale = "sweetness",
                        line = (string?)way["line"],
                        who = "IN",
                        why = "They all said so.",
                    }
                )
            )
        ).Json["decision"]!;
        var after = await Server.Get($"/api/builds/{build}");
        Assert.Equal(("draft", "trial"), ((string?)before.Json["state"], (string?)after.Json["state"]));
        Assert.Equal(way["build"]!["lines"]!.ToJsonString(), after.Json["document"]!["lines"]!.ToJsonString());
        Assert.Contains("found it too sweet", (string)decided["found"]!, StringComparison.Ordinal);
        Assert.Contains("(simulated tasters)", (string)decided["found"]!, StringComparison.Ordinal);

        // Why stands in the build's history for good.
        var history = (await Server.Get($"/api/builds/{build}/history")).Json.AsArray();
        var entry = Assert.Single(history, entry => (string?)entry!["kind"] == "tasted")!;
        Assert.StartsWith(
            "Sweetness set after the tasting of 25 Nov",
            (string)entry["reason"]!,
            StringComparison.Ordinal
        );
        Assert.EndsWith("They all said so.", (string)entry["reason"]!, StringComparison.Ordinal);

        // Tasted again, old against new, by the same panel.
        var next = Guid.NewGuid().ToString();
        var again = (
            await Good(Server.Post($"/api/tastings/{id}/again", new Dictionary<string, string> { ["as"] = next }))
        ).Json;
        Assert.Equal(2, again["samples"]!.AsArray().Count);
        Assert.Equal(next, (string?)(await Server.Get($"/api/tastings/{id}")).Json["retest"]);
        await Open(next);
        await Good(
            Server.Post(
                $"/api/tastings/{next}/practise",
                new
                {
                    tasters = 24,
                    scale = "sweetness",
                    percent = -25,
                }
            )
        );
        var mended = (await Server.Get($"/api/tastings/{next}/results")).Json;
        Assert.EndsWith("act on it.", (string)Scale(mended, 0, "sweetness")["says"]!, StringComparison.Ordinal);
        Assert.False(
            ((string)Scale(mended, 1, "sweetness")["says"]!).Contains("too sweet", StringComparison.Ordinal)
                && ((string)Scale(mended, 1, "sweetness")["says"]!).EndsWith("act on it.", StringComparison.Ordinal)
        );
        Assert.True(
            (double)mended["result"]!["samples"]![1]!["liking"]! > (double)mended["result"]!["samples"]![0]!["liking"]!
        );
        Assert.Contains(mended["result"]!["order"]!["says"]!.AsArray(), line =>
            ((string)line!).Contains("is liked better than", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task The_demo_has_four_finished_tastings_one_of_them_undecided_and_all_simulated()
    {
        var log = (await Server.Get("/api/tastings"))
            .Json.AsArray()
            .Where(entry => ((string)entry!["id"]!).StartsWith("00000000-0000-0000-0000", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(4, log.Count);
        Assert.All(log, entry =>
            Assert.Equal(("closed", (int)entry!["answered"]!), ((string?)entry["state"], (int)entry["simulated"]!))
        );
        Assert.Single(log, entry => entry!["decided"] is null);
        foreach (var entry in log)
        {
            var read = await Server.Get($"/api/tastings/{entry!["id"]}/results");
            Assert.True(read.Status == 200, read.Text);
        }

        // The one that is not decided yet has something to decide.
        var open = log.Single(entry => entry!["decided"] is null)!;
        Assert.NotEmpty((await Server.Get($"/api/tastings/{open["id"]}/results")).Json["ways"]!.AsArray());
    }

    [Fact]
    public async Task A_taster_sees_codes_and_nothing_else()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        var (asked, seat) = (await Server.Get($"/api/taste/{id}"), await Sit(id, out _));
        foreach (var text in new[] { asked.Text, seat.Text })
        {
            Assert.DoesNotContain("azelnut", text, StringComparison.Ordinal);
            Assert.DoesNotContain("ush", text, StringComparison.Ordinal);
            Assert.DoesNotContain("sample\"", text, StringComparison.Ordinal);
        }

        Assert.Equal(3, ((string)seat.Json["cups"]![0]!["code"]!).Length);
    }

    [Fact]
    public async Task A_seat_answers_once_however_often_it_sends()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        var seat = await Sit(id, out var device);
        var answer = Liked(seat, 7);
        await Good(Server.Put($"/api/taste/{id}/answers/{device}", answer, null));
        await Good(Server.Put($"/api/taste/{id}/answers/{device}", answer, null));
        Assert.Equal(409, (await Server.Put($"/api/taste/{id}/answers/{device}", Liked(seat, 2), null)).Status);
        Assert.Equal((1, 1), await Counts(id));

        // The same device has the same seat.
        Assert.Equal(
            (int)seat.Json["seat"]!,
            (int)(await Server.Put($"/api/taste/{id}/seats/{device}", new { }, null)).Json["seat"]!
        );
    }

    [Fact]
    public async Task What_comes_after_closing_is_kept_and_counts_when_the_lead_says_so()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        var seat = await Sit(id, out var device);
        await Close(id);
        var late = await Good(Server.Put($"/api/taste/{id}/answers/{device}", Liked(seat, 7), null));
        Assert.False((bool)late.Json["isCounted"]!);
        Assert.Equal(
            (0, 1),
            (
                (int)(await Server.Get($"/api/tastings/{id}")).Json["answered"]!,
                (int)(await Server.Get($"/api/tastings/{id}")).Json["late"]!
            )
        );
        await Good(Server.Post($"/api/tastings/{id}/late"));
        Assert.Equal(
            (1, 0),
            (
                (int)(await Server.Get($"/api/tastings/{id}")).Json["answered"]!,
                (int)(await Server.Get($"/api/tastings/{id}")).Json["late"]!
            )
        );

        // And nobody sits down any more.
        Assert.Equal(409, (await Server.Put($"/api/taste/{id}/seats/{Guid.NewGuid()}", new { }, null)).Status);
    }

    [Fact]
    public async Task A_code_typed_wrong_is_named_with_those_that_there_are()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        await Sit(id, out var device);
        var answer = await Server.Put(
            $"/api/taste/{id}/answers/{device}",
            new { cups = new[] { new { code = "000", liking = 5 } } },
            null
        );
        Assert.Equal((422, "cups[0].code"), (answer.Status, Assert.Single(answer.Fields)));
        Assert.Contains("No cup before this taster says '000'.", answer.Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(10_000, 200)]
    [InlineData(10_001, 422)]
    public async Task A_comment_may_be_long_and_hold_anything(int length, int status)
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        await Sit(id, out var device);
        var comment = "<script>alert(1)</script>".PadRight(length, '!');
        Assert.Equal(status, (await Server.Put($"/api/taste/{id}/answers/{device}", new { comment }, null)).Status);
        if (status == 200)
        {
            Assert.Equal(
                comment,
                (string?)(await Server.Get($"/api/tastings/{id}/results")).Json["result"]!["comments"]![0]
            );
        }
    }

    [Fact]
    public async Task A_build_that_is_deleted_takes_nothing_of_its_tasting_away()
    {
        var build = await Copy("Cardamom latte", "Soon gone");
        var id = await Opened(Suits(build, "plover", 24));
        await Good(
            Server.Post(
                $"/api/tastings/{id}/practise",
                new
                {
                    tasters = 24,
                    scale = "sweetness",
                    percent = -25,
                }
            )
        );
        await Close(id);
        Assert.Equal(
            204,
            (await Server.Delete($"/api/builds/{build}", (await Server.Get($"/api/builds/{build}")).ETag)).Status
        );

        var read = await Good(Server.Get($"/api/tastings/{id}/results"));
        var ways = Assert.Single(read.Json["ways"]!.AsArray())!;
        Assert.Equal("Soon gone has been deleted since.", (string?)ways["trouble"]);
        Assert.Equal(
            "Soon gone, Plover",
            (string?)(await Server.Get($"/api/tastings/{id}")).Json["samples"]![0]!["name"]
        );
        Assert.Equal(
            409,
            (
                await Server.Post(
                    $"/api/tastings/{id}/decide",
                    new
                    {
                        sample = 0,
                        scale = "sweetness",
                        line = "syrup",
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task Every_answer_leaves_as_csv_and_no_comment_is_a_formula()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        var seat = await Sit(id, out var device);
        var answer = Liked(seat, 7);
        answer["comment"] = "=cmd|' /C calc'!A0";
        await Good(Server.Put($"/api/taste/{id}/answers/{device}", answer, null));
        var csv = await Server.Get($"/api/tastings/{id}/answers.csv");
        var lines = csv.Text.Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal("text/csv", csv.ContentType);
        Assert.Equal(
            "taster,answered,simulated,counted,place,code,sample,liking,Coffee,Sweetness,Flavour beside the coffee,rank,chosen,right,comment",
            lines[0]
        );
        Assert.Contains(",no,yes,1,", lines[1], StringComparison.Ordinal);
        Assert.EndsWith(",'=cmd|' /C calc'!A0", lines[1], StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_has_been_opened_stays_as_it_is()
    {
        var document = Suits(await Id("Hazelnut iced latte"), "rush", 6);
        var id = await Opened(document);
        document["name"] = "Otherwise";
        Assert.Equal(
            409,
            (await Server.Put($"/api/tastings/{id}", document, (await Server.Get($"/api/tastings/{id}")).ETag)).Status
        );
        Assert.Equal(
            409,
            (await Server.Delete($"/api/tastings/{id}", (await Server.Get($"/api/tastings/{id}")).ETag)).Status
        );
    }

    [Fact]
    public async Task Two_who_set_it_up_at_once_do_not_overwrite_one_another()
    {
        var (id, document) = (Guid.NewGuid().ToString(), Suits(await Id("Hazelnut iced latte"), "rush", 6));
        var kept = await Good(Server.Put($"/api/tastings/{id}", document, null));
        document["tasters"] = 9;
        await Good(Server.Put($"/api/tastings/{id}", document, kept.ETag));
        document["tasters"] = 10;
        Assert.Equal(412, (await Server.Put($"/api/tastings/{id}", document, kept.ETag)).Status);
        Assert.Equal(428, (await Server.Put($"/api/tastings/{id}", document, null)).Status);
    }

    [Fact]
    public async Task Half_a_tasting_is_kept_and_not_opened()
    {
        var id = Guid.NewGuid().ToString();
        var kept = await Good(
            Server.Put(
                $"/api/tastings/{id}",
                new { question = "triangle", samples = new[] { new { words = "The drink across the bridge" } } },
                null
            )
        );
        Assert.Equal(
            ["name", "samples"],
            kept.Json["problems"]!.AsArray().Select(problem => (string)problem!["field"]!)
        );
        var opened = await Server.Send(HttpMethod.Post, $"/api/tastings/{id}/open", null, kept.ETag);
        Assert.Equal((422, "name"), (opened.Status, opened.Fields[0]));
    }

    [Fact]
    public async Task The_tray_says_when_to_hand_over_so_that_all_are_as_warm()
    {
        var (cardamom, sesame) = (await Id("Cardamom latte"), await Id("Black sesame latte"));
        var view = await Good(
            Server.Post(
                "/api/tastings/try",
                new
                {
                    name = "Two hot ones",
                    question = "preference",
                    tasters = 10,
                    grams = 50,
                    celsius = 57,
                    samples = new[] { new { build = cardamom, size = "wren" }, new { build = sesame, size = "heron" } },
                }
            )
        );
        var tray = view.Json["tray"]!.AsArray();
        Assert.All(tray, sample =>
        {
            Assert.Equal(57, (double)sample!["then"]!["temperature"]!, 1);
            Assert.Equal(500, (double)sample["grams"]!);
            Assert.True((double)sample["before"]! > 0);
        });

        // The large cup keeps warm longer: it is handed over first.
        Assert.True((double)tray[1]!["before"]! > (double)tray[0]!["before"]!);
    }

    [Fact]
    public async Task A_note_is_kept_once_and_found_again()
    {
        var (id, build) = (Guid.NewGuid().ToString(), await Id("Black sesame latte"));
        var note = new
        {
            build,
            size = "plover",
            liking = 8,
            words = "Nutty, and not too sweet.",
            who = "IN",
        };
        await Good(Server.Put($"/api/notes/{id}", note, null));
        await Good(Server.Put($"/api/notes/{id}", note, null));
        var found = (await Server.Get("/api/tastings?text=nutty+sesame")).Json.AsArray();
        Assert.Equal(
            ("note", 8, "Plover"),
            ((string?)found.Single()!["kind"], (int)found[0]!["liking"]!, (string?)found[0]!["sizeName"])
        );
        Assert.Equal(
            422,
            (await Server.Put($"/api/notes/{Guid.NewGuid()}", new { build, size = "plover" }, null)).Status
        );
        Assert.Equal(
            422,
            (
                await Server.Put(
                    $"/api/notes/{Guid.NewGuid()}",
                    new
                    {
                        build,
                        size = "reed",
                        liking = 3,
                    },
                    null
                )
            ).Status
        );
        Assert.Contains((await Server.Get($"/api/tastings?build={build}")).Json.AsArray(), entry =>
            (string?)entry!["id"] == id
        );
    }

    [Fact]
    public async Task Nothing_at_all_is_said_to_be_empty()
    {
        var answer = await Server.Send(HttpMethod.Put, $"/api/tastings/{Guid.NewGuid()}", "null");
        Assert.Equal((400, "It is empty. Send JSON."), (answer.Status, (string?)answer.Json["detail"]));
    }

    [Fact]
    public async Task The_last_sample_is_not_withdrawn()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        Assert.Equal(409, (await Server.Post($"/api/tastings/{id}/withdraw", new { sample = 0 })).Status);
    }

    [Fact]
    public async Task Five_hundred_answers_are_read_and_the_next_taster_is_told_that_there_is_no_room()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 500));
        await Good(Server.Post($"/api/tastings/{id}/practise", new { tasters = 500 }));
        Assert.Equal(500, (int)(await Good(Server.Get($"/api/tastings/{id}/results"))).Json["result"]!["tasters"]!);
        Assert.Equal(409, (await Server.Put($"/api/taste/{id}/seats/{Guid.NewGuid()}", new { }, null)).Status);
    }

    [Fact]
    public async Task A_complaint_is_answered_by_what_the_bar_really_pours()
    {
        // The demo's grinder runs fast.
        var build = (await Server.Get($"/api/builds/{await Id("Black sesame latte")}")).Json["document"]!;
        var causes = (
            await Good(
                Server.Post(
                    "/api/complaints",
                    new
                    {
                        build,
                        size = "plover",
                        complaint = "sour",
                    }
                )
            )
        ).Json["causes"]!.AsArray();
        Assert.Equal("pulls-run-fast", (string?)causes[0]!["code"]);

        // A hot drink has no layers and is not to be cold; a build that cannot be read may have everything.
        var offered = (await Good(Server.Post("/api/complaints/offered", new { build }))).Json.AsArray();
        Assert.DoesNotContain(offered, each => (string?)each!["complaint"] is "notCold" or "layersRanTogether");
        Assert.Equal(12, offered.Count);
        var nothing = new { build = new { } };
        Assert.Equal(14, (await Good(Server.Post("/api/complaints/offered", nothing))).Json.AsArray().Count);
        Assert.Equal(
            "complaint",
            Assert.Single(
                (
                    await Server.Post(
                        "/api/complaints",
                        new
                        {
                            build,
                            size = "plover",
                            complaint = "odd",
                        }
                    )
                ).Fields
            )
        );
        Assert.Equal(
            "size",
            Assert.Single(
                (
                    await Server.Post(
                        "/api/complaints",
                        new
                        {
                            build,
                            size = "rush",
                            complaint = "sour",
                        }
                    )
                ).Fields
            )
        );
    }

    [Fact]
    public async Task The_simulated_never_sit_with_the_real()
    {
        var id = await Opened(Suits(await Id("Hazelnut iced latte"), "rush", 6));
        await Sit(id, out _);
        Assert.Equal(409, (await Server.Post($"/api/tastings/{id}/practise", new { tasters = 5 })).Status);
    }

    [Fact]
    public async Task A_sample_that_is_withdrawn_is_neither_served_nor_compared()
    {
        var document = Suits(await Id("Hazelnut iced latte"), "rush", 12);
        document["samples"]!.AsArray().Add(new JsonObject { ["words"] = "The one across the bridge" });
        document["samples"]!
            .AsArray()
            .Add(new JsonObject { ["build"] = await Id("Maple iced coffee"), ["size"] = "rush" });
        var id = await Opened(document);
        await Good(Server.Post($"/api/tastings/{id}/withdraw", new { sample = 1 }));
        var seat = await Sit(id, out var device);
        Assert.Equal(2, seat.Json["cups"]!.AsArray().Count);
        await Good(Server.Put($"/api/taste/{id}/answers/{device}", Liked(seat, 6), null));
        Assert.Contains(
            "The one across the bridge was withdrawn and is not compared.",
            (await Server.Get($"/api/tastings/{id}/results")).Json["result"]!["warnings"]!
                .AsArray()
                .Select(line => (string?)line)
        );
    }
}
