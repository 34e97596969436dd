using System.Text.Json.Nodes;
using MiniExcelLibs;

namespace Krasis.Web.Tests.Prep;

/// <summary>What is expected, and what was sold, over HTTP. It is Wednesday, 25 November 2026.</summary>
public sealed class SalesApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task What_somebody_says_stands_over_what_was_sold_until_it_is_taken_back()
    {
        var grid = (await server.Get("/api/prep/expected")).Json;
        var row = grid["rows"]![0]!;
        var learned = (double)row["cells"]![1]!["cups"]!;
        Assert.False((bool)row["cells"]![1]!["isTyped"]!);
        Assert.True((double)row["cells"]![1]!["low"]! <= learned && learned <= (double)row["cells"]![1]!["high"]!);
        var said = (await Say(row, "2026-11-26", 40)).Json["rows"]![0]!["cells"]![1]!;
        Assert.Equal((40.0, true), ((double)said["cups"]!, (bool)said["isTyped"]!));
        Assert.Equal(learned, (double)(await Say(row, "2026-11-26", null)).Json["rows"]![0]!["cells"]![1]!["cups"]!);
        Assert.Equal(["cells[0].cups"], (await Say(row, "2026-11-26", -1)).Fields);
        Assert.Equal(["cells[0].cups"], (await Say(row, "2026-11-26", 1_000_000)).Fields);
        Assert.Equal(["cells[0].day"], (await Say(row, "2026-02-30", 4)).Fields);
        Assert.Equal(422, (await server.Get("/api/prep/expected?days=29")).Status);
        Assert.Equal(["from"], (await server.Get("/api/prep/expected?from=9999-12-31")).Fields);
        Assert.Equal(["cells[0].day"], (await server.Put("/api/prep/expected", """{"cells":[null]}""", null)).Fields);
    }

    [Fact]
    public async Task A_hot_day_sells_a_quarter_more_and_an_unknown_sort_of_day_is_refused()
    {
        var before = Total(await Grid(), 5);
        Assert.Equal(204, (await server.Put("/api/prep/days/2026-11-30", new { kind = "hot" }, null)).Status);
        Assert.Equal(before * 1.25, Total(await Grid(), 5), 0.06 * 20);
        Assert.Equal(["kind"], (await server.Put("/api/prep/days/2026-11-30", new { kind = "rainy" }, null)).Fields);
        Assert.Equal(204, (await server.Put("/api/prep/days/2026-11-30", new { kind = (string?)null }, null)).Status);
        Assert.Equal(before, Total(await Grid(), 5));

        static double Total(JsonNode grid, int day) =>
            grid["rows"]!.AsArray().Sum(row => (double?)row!["cells"]![day]!["cups"] ?? 0);
    }

    [Fact]
    public async Task Bad_rows_are_named_unknown_drinks_asked_for_once_and_nothing_is_half_taken_in()
    {
        const string Text =
            "Date;Product;Size;Till;Qty\n24.11.2026;Hazelnut iced latte;Rush;Bar;30\n24.11.2026;Hazelnut iced latte;Reed;Bar;12,5\n24.11.2026;Hazelnut iced latte;Reed;Bar;-3\n"
            + "31.11.2026;Hazelnut iced latte;Reed;Bar;3\n26.11.2026;Hazelnut iced latte;Reed;Bar;3\n24.11.2026;Hazelnut iced latte;Rush;Bar;30\n24.11.2026;House cookie;;Bar;9\n24.11.2026;Sesame big;;Kiosk;4\n24.11.2026;Maple iced coffee;Rush;Roof;4\n";
        var view = (await Sales("check", Text)).Json;
        Assert.Equal([3, 4, 5, 6, 10], view["problems"]!.AsArray().Select(problem => (int)problem!["line"]!).Order());
        Assert.Equal([7], view["twins"]!.AsArray().Select(line => (int)line!));
        Assert.Equal(
            ["House cookie", "Sesame big"],
            view["unknown"]!.AsArray().Select(each => (string)each!["words"]!).Order()
        );
        Assert.Equal(30, (double)view["cups"]!);

        var before = await Past();
        Assert.Equal(422, (await Sales("import", Text)).Status);
        Assert.Equal(before, await Past());

        // Said once, what the till calls them is kept.
        const string Good =
            "Date;Product;Size;Till;Qty\n24.11.2026;Hazelnut iced latte;Rush;Bar;30\n24.11.2026;House cookie;;Bar;9\n24.11.2026;Sesame big;;Kiosk;4\n";
        var grid = await Grid();
        var sesame = grid["rows"]!
            .AsArray()
            .First(row => (string?)row!["name"] == "Black sesame latte" && (string?)row["sizeName"] == "Plover")!;
        var names = new object[]
        {
            new
            {
                words = "House cookie",
                build = (string?)null,
                size = (string?)null,
            },
            new
            {
                words = "Sesame big",
                build = (string)sesame["build"]!,
                size = (string)sesame["size"]!,
            },
        };
        var kept = (await Sales("import", Good, names)).Json;
        Assert.Equal((1, 34.0, 0), ((int)kept["days"]!, (double)kept["cups"]!, (int)kept["leftOut"]!));
        Assert.NotEqual(before, await Past());
        var again = (await Sales("check", Good)).Json;
        Assert.Empty(again["unknown"]!.AsArray());
        Assert.True((bool)again["isRemembered"]!);

        // The day took the place of what was known of it; taken in again it is not doubled.
        var day = (await server.Get("/api/prep/past"))
            .Json.AsArray()
            .First(each => (string?)each!["day"] == "2026-11-24")!;
        Assert.Equal(34, (double)day["sold"]!);
        await Sales("import", Good);
        Assert.Equal(
            34,
            (double)
                (await server.Get("/api/prep/past"))
                    .Json.AsArray()
                    .First(each => (string?)each!["day"] == "2026-11-24")!["sold"]!
        );
    }

    [Fact]
    public async Task What_was_sold_leaves_the_stock_and_comes_back_when_the_day_is_taken_in_anew()
    {
        const string Head = "day,drink,size,station,cups\n";
        await Sales("import", $"{Head}2026-11-24,Hazelnut iced latte,Rush,Bar,0\n");
        var before = await Milk();
        await Sales("import", $"{Head}2026-11-24,Hazelnut iced latte,Rush,Bar,20\n");
        var twenty = await Milk();
        await Sales("import", $"{Head}2026-11-24,Hazelnut iced latte,Rush,Bar,10\n");
        var ten = await Milk();
        Assert.True(twenty < before);
        Assert.Equal((before - twenty) / 2, before - ten, 3);

        async Task<double> Milk() =>
            (await server.Get("/api/prep/stock")).Json["lots"]!
                .AsArray()
                .Where(lot => (string?)lot!["item"] == "ingredient:farm-milk")
                .Sum(lot => (double)lot!["left"]!);
    }

    [Fact]
    public async Task A_workbook_is_read_like_text_and_what_is_none_is_refused()
    {
        using var stream = new MemoryStream();
        MiniExcel.SaveAs(
            stream,
            new[]
            {
                new
                {
                    day = new DateTime(2026, 11, 23),
                    drink = "Maple iced coffee",
                    size = "Rush",
                    station = "Kiosk",
                    cups = 17,
                },
            }
        );
        var view = (
            await server.Post(
                "/api/prep/sales/check",
                new { workbook = Convert.ToBase64String(stream.ToArray()), leaveOutBad = false }
            )
        ).Json;
        Assert.Equal((17.0, 1, 0), ((double)view["cups"]!, (int)view["days"]!, view["problems"]!.AsArray().Count));
        foreach (var bad in new[] { "UEsDBAAAAAAAAAAAAAAAAAAA", "bm90IGEgem1w", "%%%" })
        {
            Assert.Equal(
                422,
                (await server.Post("/api/prep/sales/check", new { workbook = bad, leaveOutBad = false })).Status
            );
        }

        Assert.Equal(422, (await server.Post("/api/prep/sales/check", new { text = "", leaveOutBad = false })).Status);
        var nowhere = (
            await server.Post(
                "/api/prep/sales/check",
                new
                {
                    text = "day,drink,cups\n2026-11-24,Foo,3\n",
                    leaveOutBad = false,
                    columns = new
                    {
                        day = -1,
                        drink = 1,
                        cups = 7,
                        size = -1,
                        station = 2,
                        order = "dmy",
                    },
                }
            )
        ).Json;
        Assert.Equal(
            ["day", "number of cups"],
            nowhere["problems"]!.AsArray().Select(problem => (string)problem!["column"]!).Order()
        );
    }

    private async Task<JsonNode> Grid() => (await server.Get("/api/prep/expected")).Json;

    private async Task<string> Past() => (await server.Get("/api/prep/past")).Text;

    private Task<Answer> Sales(string what, string text, object[]? names = null) =>
        server.Post(
            $"/api/prep/sales/{what}",
            new
            {
                text,
                names,
                leaveOutBad = false,
            }
        );

    private Task<Answer> Say(JsonNode row, string day, double? cups) =>
        server.Put(
            "/api/prep/expected",
            new
            {
                days = 7,
                cells = new[]
                {
                    new
                    {
                        day,
                        station = (string)row["station"]!,
                        build = (string)row["build"]!,
                        size = (string)row["size"]!,
                        cups,
                    },
                },
            },
            null
        );
}
