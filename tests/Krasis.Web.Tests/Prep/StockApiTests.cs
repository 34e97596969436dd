using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Prep;

/// <summary>The book of stock over HTTP. It is Wednesday, 25 November 2026, nine o'clock.</summary>
public sealed class StockApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task Stock_comes_is_counted_opened_and_thrown_away_and_the_book_is_only_added_to()
    {
        var came = (
            await Stock(
                new
                {
                    move = "bought",
                    item = "ingredient:dark-sauce",
                    amount = 1500,
                    useBy = "2026-12-20",
                    who = "TO",
                }
            )
        ).Json;
        var lot = came["lots"]!
            .AsArray()
            .First(each => (string?)each!["item"] == "ingredient:dark-sauce" && (double)each["left"]! == 1500)!;
        var id = (string)lot["lot"]!;
        Assert.StartsWith("261125-", id, StringComparison.Ordinal);

        Assert.Equal(
            ["amount"],
            (
                await Stock(
                    new
                    {
                        move = "bought",
                        item = "ingredient:dark-sauce",
                        amount = -5,
                    }
                )
            ).Fields
        );
        Assert.Equal(
            ["packs"],
            (
                await Stock(
                    new
                    {
                        move = "bought",
                        item = "ground:slipway-coffee",
                        packs = 2,
                    }
                )
            ).Fields
        );
        Assert.Equal(
            ["item"],
            (
                await Stock(
                    new
                    {
                        move = "bought",
                        item = "ingredient:nothing",
                        amount = 5,
                    }
                )
            ).Fields
        );
        Assert.Equal(
            ["useBy"],
            (
                await Stock(
                    new
                    {
                        move = "bought",
                        item = "ingredient:dark-sauce",
                        amount = 5,
                        useBy = "2026-11-24",
                    }
                )
            ).Fields
        );
        Assert.Equal(
            ["reason"],
            (
                await Stock(
                    new
                    {
                        move = "thrown",
                        lot = id,
                        amount = 100,
                    }
                )
            ).Fields
        );
        Assert.Equal(
            ["amount"],
            (
                await Stock(
                    new
                    {
                        move = "thrown",
                        lot = id,
                        amount = 1501,
                        reason = "Spilled",
                    }
                )
            ).Fields
        );
        Assert.Equal(["move"], (await Stock(new { move = "eaten", lot = id })).Fields);
        Assert.Equal(
            404,
            (
                await Stock(
                    new
                    {
                        move = "thrown",
                        lot = "000000-00",
                        amount = 1,
                        reason = "Spilled",
                    }
                )
            ).Status
        );

        var thrown = (
            await Stock(
                new
                {
                    move = "thrown",
                    lot = id,
                    amount = 200,
                    reason = "Spilled",
                    who = "TO",
                }
            )
        ).Json;
        Assert.Equal(
            ("Spilled", 200.0),
            ((string?)thrown["thrown"]![0]!["reason"], (double)thrown["thrown"]![0]!["amount"]!)
        );

        // 15.40 for 2000 g, of which 96 % reach the cups.
        Assert.Equal(200 * 15.4 / 1920, (double)thrown["thrown"]![0]!["cost"]!, 6);
        var counted = (
            await Stock(
                new
                {
                    move = "counted",
                    lot = id,
                    amount = 1290,
                }
            )
        ).Json;
        Assert.Equal(1290, (double)counted["lots"]!.AsArray().First(each => (string?)each!["lot"] == id)!["left"]!, 6);

        // What was thrown away by mistake is counted back: a further line, and not a line less.
        await Stock(
            new
            {
                move = "thrown",
                lot = id,
                reason = "By mistake",
            }
        );
        Assert.DoesNotContain((await server.Get("/api/prep/stock")).Json["lots"]!.AsArray(), each =>
            (string?)each!["lot"] == id
        );
        var back = (
            await Stock(
                new
                {
                    move = "counted",
                    lot = id,
                    amount = 1290,
                    reason = "It was not",
                }
            )
        ).Json;
        Assert.Equal(1290, (double)back["lots"]!.AsArray().First(each => (string?)each!["lot"] == id)!["left"]!, 6);
        Assert.Equal(5, (await server.Get($"/api/prep/lots/{id}")).Json["moves"]!.AsArray().Count);
        Assert.Equal(["useBy"], (await Stock(new { move = "opened", lot = id })).Fields);
        var opened = (
            await Stock(
                new
                {
                    move = "opened",
                    lot = id,
                    useBy = "2026-12-01",
                }
            )
        ).Json;
        Assert.Equal(("2026-12-01", "2026-11-25"), (F(opened, id, "useBy"), F(opened, id, "openedOn")));

        using var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={server.DataFile}");
        connection.Open();
        foreach (var sql in new[] { "UPDATE lot_entry SET amount = 1", "DELETE FROM lot_entry" })
        {
            using var command = connection.CreateCommand();
            command.CommandText = sql;
            Assert.Contains(
                "only added to",
                Assert.Throws<Microsoft.Data.Sqlite.SqliteException>(() => command.ExecuteNonQuery()).Message,
                StringComparison.Ordinal
            );
        }

        static string? F(JsonNode stock, string lot, string field) =>
            (string?)stock["lots"]!.AsArray().First(each => (string?)each!["lot"] == lot)![field];
    }

    private async Task<JsonNode> Plan() => (await server.Get("/api/prep/plan")).Json;

    private async Task<Answer> Stock(object line)
    {
        var body = JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(line))!;
        body["id"] = Guid.NewGuid().ToString();
        return await server.Post("/api/prep/stock", body);
    }
}
