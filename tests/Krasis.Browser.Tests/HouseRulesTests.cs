using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>What the house says once for all its drinks.</summary>
public sealed class HouseRulesTests : BenchTests
{
    [Fact]
    public async Task House_rules_are_taken_back_left_and_told_of_a_conflict()
    {
        Tab.Open("/bar/house");
        var was = Value("strengthDriftPercent");
        Tab.Type("[data-field=strengthDriftPercent]", "33");
        Tab.Click("[data-test=take-back]");
        Tab.Until("the rule as it was", () => Value("strengthDriftPercent") == was);

        // Somebody else changes the rules in the meantime: that is shown, and nothing is overwritten.
        Tab.Type("[data-field=strengthDriftPercent]", "34");
        using var http = new HttpClient { BaseAddress = Server.Address };
        var house = JsonNode.Parse(await http.GetStringAsync("/api/bar", TestContext.Current.CancellationToken))![
            "house"
        ]!;
        var rules = house["document"]!;
        rules["sweetnessDriftPercent"] = 27;
        using var request = new HttpRequestMessage(HttpMethod.Put, $"/api/bar/house/{house["id"]}")
        {
            Content = new StringContent(rules.ToJsonString(), System.Text.Encoding.UTF8, "application/json"),
        };
        request.Headers.TryAddWithoutValidation("If-Match", (string)house["etag"]!);
        Assert.Equal(200, (int)(await http.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode);
        Tab.Click("[data-test=keep]");
        Tab.Until("what the other has kept", () => Tab.Has("[data-test=theirs]"));
        Tab.ClickText("Take theirs", "button");
        Tab.Until("the other's rule", () =>
            Value("sweetnessDriftPercent") == "27" && Value("strengthDriftPercent") == was
        );
        Tab.ClickText("Builds", "a");
        Tab.Until("the library", () => Tab.Path == "/");
    }

    [Fact]
    public void The_house_says_its_strokes_once_and_what_follows_them_moves_with_them()
    {
        Tab.Open("/bar/house");
        foreach (var (cup, strokes) in new[] { ("wren", "1"), ("plover", "2"), ("heron", "4") })
        {
            Tab.Type($"[data-field='flavours.syrup.{cup}']", strokes);
        }

        Tab.Click("[data-test=keep]");
        UntilText("[role=status]", "are saved.");
        UntilText("[data-test=unlike-the-house]", "builds are poured otherwise");
        Tab.Click("[data-test=unlike-the-house] summary");
        UntilText(
            "[data-test=unlike-the-house]",
            "Heron: 3 strokes of Cardamom syrup, and the house pours 4 strokes of a syrup into this cup."
        );

        // On the sheet the line is let follow.
        Tab.ClickText("Cardamom latte", "a");
        Tab.UntilCell(0, "Heron", "3");
        Tab.WorkOn("Cardamom syrup");
        Tab.ChooseOption("[aria-label='What Cardamom syrup follows']", "as the house pours it");
        Tab.UntilCell(0, "Heron", "4");
        UntilText("[data-test=line]", "as the house pours it");
        Tab.Save();

        // And a change of the house is seen before it is saved.
        Tab.Open("/bar/house");
        Tab.Type("[data-field='flavours.syrup.plover']", "3");
        UntilText("[data-test=effect]", "Cardamom latte");
        UntilText("[data-test=effect]", "Cardamom syrup 2 strokes → 3 strokes");
    }
}
