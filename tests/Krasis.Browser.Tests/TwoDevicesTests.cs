using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>Two people on two devices with one draft.</summary>
public sealed class TwoDevicesTests(DemoHost server) : DemoTests(server)
{
    [Theory]
    [InlineData("theirs", "230")]
    [InlineData("mine", "190")]
    public void What_both_changed_is_named_and_asked_about_until_it_is_answered(string choice, string kept)
    {
        Open("Cardamom oat latte");
        using var other = new Tab(Server.Address);
        other.Open(Tab.Path);
        other.Until("the sheet", () => other.Has("[data-band=Cost]"));
        Tab.EnterCell(2, "Plover", "230");
        Tab.Until("the save", () => Tab.Status == "Saved" && Tab.Cell(2, "Plover") == "230");

        other.EnterCell(2, "Plover", "190");
        other.Until("the word", () => other.Has("[data-test=save-problem]"));
        other.Click("[data-test=merge]");
        other.UntilText("[data-test=clash]", "Oat drink, amount");
        Assert.Equal(
            ("Theirs: 230 ml", "Mine: 190 ml"),
            (other.TextOf("[data-test=clash-theirs]"), other.TextOf("[data-test=clash-mine]"))
        );

        // A draft saves itself, but not around a question; nor does loading the page again answer it.
        other.EnterCell(0, "Plover", "3");
        other.UntilCell(0, "Plover", "3");
        Assert.True(other.Has("[data-test=clash]"));
        other.Reload();
        other.Click("[data-test=merge]");
        other.Click($"[data-test=clash-{choice}]");
        other.Until("the save", () => !other.Has("[data-test=save-problem]") && other.Status == "Saved");
        other.UntilCell(2, "Plover", kept);
        other.UntilCell(0, "Plover", "3");

        // Both stand in the history, whichever was chosen.
        var amounts = Amounts();
        Assert.Contains(230, amounts);
        Assert.Contains(190, amounts);
    }

    private List<double> Amounts()
    {
        using var http = new HttpClient { BaseAddress = Server.Address };
        var build = $"/api{Tab.Path}";
        return
        [
            .. Read($"{build}/history")
                .AsArray()
                .Where(entry => (string?)entry!["kind"] == "saved")
                .Select(entry => Read($"{build}/revisions/{((string)entry!["place"]!)[1..]}"))
                .Select(document => (double)document["lines"]![2]!["amount"]!),
        ];

        JsonNode Read(string address) => JsonNode.Parse(http.GetStringAsync(address).GetAwaiter().GetResult())!;
    }
}
