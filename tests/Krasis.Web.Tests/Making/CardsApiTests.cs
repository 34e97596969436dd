using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Making;

/// <summary>What cards say, over HTTP.</summary>
public sealed class CardsApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_standard_s_cards_say_its_number_its_day_its_station_and_how_each_size_is_made()
    {
        var id = await Id("Hazelnut iced latte");
        var standard = (await server.Get($"/api/builds/{id}/standards/2")).Json;
        var cards = (await server.Get($"/api/builds/{id}/cards")).Json;

        Assert.Equal(
            ("Hazelnut iced latte", 2, true, "bar"),
            ((string?)cards["drink"], (int)cards["standard"]!, (bool)cards["isLast"]!, (string?)cards["station"])
        );
        Assert.Equal((string?)standard["publishedAt"], (string?)cards["at"]);
        Assert.Equal(["Bar", "Kiosk"], cards["stations"]!.AsArray().Select(station => (string?)station!["name"]));

        // What is poured is what the standard's own sheet says.
        foreach (var (plan, size) in cards["plans"]!.AsArray().Zip(standard["sheet"]!["sizes"]!.AsArray()))
        {
            Assert.Equal((string?)size!["name"], (string?)plan!["sizeName"]);
            Assert.Equal(
                size["lines"]!.AsArray().Select(line => (double)line!["mass"]!),
                plan["steps"]!
                    .AsArray()
                    .Where(step => step!["line"] is not null)
                    .Select(step => (double)step!["target"]!["grams"]!)
            );
        }
    }

    [Fact]
    public async Task An_earlier_standard_keeps_its_cards_and_says_that_there_is_a_later_one()
    {
        var id = await Id("Hazelnut iced latte");
        var (first, last) = (
            (await server.Get($"/api/builds/{id}/cards?standard=1")).Json,
            (await server.Get($"/api/builds/{id}/cards")).Json
        );

        Assert.Equal((1, false), ((int)first["standard"]!, (bool)first["isLast"]!));
        Assert.NotEqual((string?)Reference(first)["amount"], (string?)Reference(last)["amount"]);

        static JsonNode Reference(JsonNode cards) => cards["plans"]![2]!["steps"]![0]!;
    }

    [Fact]
    public async Task What_is_on_trial_says_so_and_what_is_being_written_has_no_cards()
    {
        var trial = (await server.Get($"/api/builds/{await Id("Ginger-pear tide")}/cards")).Json;
        Assert.Null(trial["standard"]);

        var draft = await server.Get($"/api/builds/{await Id("Cherry coconut iced mocha")}/cards");
        Assert.Equal(409, draft.Status);
        Assert.Contains("Put it on trial or publish it first", draft.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_kiosk_makes_it_with_its_own_recipe()
    {
        var id = await Id("Black sesame latte");
        var kiosk = await server.Get($"/api/builds/{id}/cards?station=kiosk");

        Assert.Equal("Kiosk", (string?)kiosk.Json["plans"]![0]!["station"]);
        Assert.Equal(
            "Kiosk double",
            (string?)
                kiosk.Json["plans"]![0]!["steps"]!.AsArray().First(step => step!["shot"] is not null)!["shot"]![
                    "recipe"
                ]
        );
        var nowhere = await server.Get($"/api/builds/{id}/cards?station=boat");
        Assert.Equal((422, "station"), (nowhere.Status, Assert.Single(nowhere.Fields)));
    }

    [Theory]
    [InlineData("nothing-such", "")]
    [InlineData(null, "?standard=99")]
    public async Task What_is_not_there_is_said_to_be_missing(string? id, string query) =>
        Assert.Equal(
            404,
            (await server.Get($"/api/builds/{id ?? await Id("Black sesame latte")}/cards{query}")).Status
        );

    private async Task<string> Id(string name) =>
        (string)
            (await server.Get("/api/builds")).Json.AsArray().Single(build => (string?)build!["name"] == name)!["id"]!;
}
