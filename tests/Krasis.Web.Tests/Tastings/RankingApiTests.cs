using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Tastings;

/// <summary>Tastings in which drinks are ranked, over HTTP.</summary>
public sealed class RankingApiTests(KrasisServer server) : TastingSteps(server), IClassFixture<KrasisServer>
{
    // Tasters prefer the first version to a much sweeter one, and find that one too sweet. Both lead to a proposal.
    [Fact]
    public async Task A_ranking_asks_scales_and_leads_to_a_proposal()
    {
        var build = await Copy("Black sesame latte", "Sesame, ranked");
        var before = await Server.Get($"/api/builds/{build}");
        var sweeter = before.Json["document"]!.DeepClone();
        var syrup = sweeter["lines"]!
            .AsArray()
            .First(line =>
                (string?)line!["measure"] == "stroke"
                || (string?)line["ingredient"] is { } of && of.Contains("sesame", StringComparison.Ordinal)
            )!;
        syrup["amount"] = (double)syrup["amount"]! * 2;
        await Good(Server.Put($"/api/builds/{build}", sweeter, before.ETag));
        var ranking = Suits(build, "plover", 24);
        ranking["question"] = "best";
        ranking["samples"] = new JsonArray(
            new JsonObject
            {
                ["build"] = build,
                ["size"] = "plover",
                ["place"] = "v1",
            },
            new JsonObject { ["build"] = build, ["size"] = "plover" }
        );
        var id = await Opened(ranking);
        await Good(
            Server.Post(
                $"/api/tastings/{id}/practise",
                new
                {
                    tasters = 24,
                    scale = "sweetness",
                    percent = 0,
                }
            )
        );
        await Close(id);

        var read = (await Server.Get($"/api/tastings/{id}/results")).Json;
        Assert.EndsWith("act on it.", (string)Scale(read, 1, "sweetness")["says"]!, StringComparison.Ordinal);
        Assert.Contains(read["ways"]!.AsArray(), ways =>
            (int)ways!["sample"]! == 1 && (string?)ways["scale"] == "sweetness" && ways["ways"]!.AsArray().Count > 0
        );
        var favourite = read["favourite"]!;
        Assert.Equal((0, null), ((int)favourite["sample"]!, (string?)favourite["trouble"]));
        Assert.StartsWith("Tasters prefer ", (string)favourite["says"]!, StringComparison.Ordinal);
        Assert.NotEmpty(favourite["differs"]!.AsArray());

        // The other one is not what they liked better.
        var other = await Server.Post($"/api/tastings/{id}/decide", new { sample = 1, take = true });
        Assert.Equal(409, other.Status);
        var decided = (
            await Good(
                Server.Post(
                    $"/api/tastings/{id}/decide",
                    new
                    {
                        sample = 0,
                        take = true,
                        who = "IN",
                    }
                )
            )
        ).Json["decision"]!;
        Assert.StartsWith("Back to ", (string)decided["says"]!, StringComparison.Ordinal);
        Assert.Equal(
            before.Json["document"]!["lines"]!.ToJsonString(),
            (await Server.Get($"/api/builds/{build}")).Json["document"]!["lines"]!.ToJsonString()
        );

        // Sent twice, it is kept once; and there is nothing left to take.
        await Good(
            Server.Post(
                $"/api/tastings/{id}/decide",
                new
                {
                    sample = 0,
                    take = true,
                    who = "IN",
                }
            )
        );
        Assert.Equal(
            "The build is like this already.",
            (string?)(await Server.Get($"/api/tastings/{id}/results")).Json["favourite"]!["trouble"]
        );
    }
}
