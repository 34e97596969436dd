using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Tastings;

/// <summary>The steps of a tasting over HTTP.</summary>
public abstract class TastingSteps(KrasisServer server)
{
    protected KrasisServer Server { get; } = server;

    protected static JsonNode Scale(JsonNode read, int sample, string code) =>
        read["result"]!["samples"]![sample]!["scales"]!
            .AsArray()
            .Single(scale => (string?)scale!["scale"]!["code"] == code)!;

    protected static JsonObject Liked(Answer seat, int points) =>
        new()
        {
            ["cups"] = new JsonArray([
                .. seat.Json["cups"]!
                    .AsArray()
                    .Select(cup =>
                        (JsonNode)
                            new JsonObject
                            {
                                ["code"] = (string?)cup!["code"],
                                ["liking"] = points,
                                ["scales"] = new JsonArray(new JsonObject { ["scale"] = "sweetness", ["said"] = 1 }),
                            }
                    ),
            ]),
        };

    protected static JsonObject Suits(string build, string size, int tasters) =>
        new()
        {
            ["name"] = "Does it suit?",
            ["question"] = "suits",
            ["samples"] = new JsonArray(new JsonObject { ["build"] = build, ["size"] = size }),
            ["scales"] = new JsonArray("strength", "sweetness", "flavour"),
            ["tasters"] = tasters,
        };

    protected Task<Answer> Sit(string id, out string device)
    {
        device = Guid.NewGuid().ToString();
        return Good(Server.Put($"/api/taste/{id}/seats/{device}", new { }, null));
    }

    protected async Task<(int Came, int Answered)> Counts(string id)
    {
        var view = (await Server.Get($"/api/tastings/{id}")).Json;
        return ((int)view["came"]!, (int)view["answered"]!);
    }

    protected async Task<string> Opened(JsonObject document)
    {
        var id = Guid.NewGuid().ToString();
        await Good(Server.Put($"/api/tastings/{id}", document, null));
        await Open(id);
        return id;
    }

    protected async Task Open(string id) =>
        await Good(
            Server.Send(
                HttpMethod.Post,
                $"/api/tastings/{id}/open",
                null,
                (await Server.Get($"/api/tastings/{id}")).ETag
            )
        );

    protected async Task Close(string id) =>
        await Good(
            Server.Send(
                HttpMethod.Post,
                $"/api/tastings/{id}/close",
                null,
                (await Server.Get($"/api/tastings/{id}")).ETag
            )
        );

    protected static async Task<Answer> Good(Task<Answer> answer)
    {
        var got = await answer;
        Assert.True(got.Status == 200, got.Text);
        return got;
    }

    protected async Task<string> Id(string name) =>
        (string)
            (await Server.Get("/api/builds")).Json.AsArray().Single(build => (string?)build!["name"] == name)!["id"]!;

    protected async Task<string> Copy(string name, string copy)
    {
        var document = (await Server.Get($"/api/builds/{await Id(name)}")).Json["document"]!;
        document["name"] = copy;
        document["parent"] = null;
        return (string)(await Server.Post("/api/builds", document)).Json["id"]!;
    }
}
