using System.Net.Http.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>The whole way once: a build written from blank, overfilled, mended, saved, and found again after the server
/// was killed.</summary>
public sealed class WriteABuildTests : IDisposable
{
    private readonly KrasisProcess server = new();
    private readonly Tab tab;

    public WriteABuildTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public async Task An_iced_latte_is_written_from_blank_and_outlives_a_kill()
    {
        tab.Open("/").Click("[data-test=new-build]");
        tab.Type("#name", "Tamarind iced latte");
        tab.AddLine("Plain syrup", "Medium cup", "3");
        tab.AddLine("Espresso", "Medium cup", "2");
        tab.AddLine("Whole milk", "Medium cup", "180");
        tab.AddLine("Ice cubes", "Medium cup", "120 g");
        tab.UntilCell(3, "Medium cup", "120");

        await ThePageShowsWhatTheCoreSays();

        // Overflow, and the message names the size, by how much, and what to take out.
        tab.EnterCell(2, "Medium cup", "400 ml");
        tab.Until("the fault", () =>
            tab.All("[data-test=finding]")
                .Any(finding => finding.Text.Contains("Medium cup runs over", StringComparison.Ordinal))
        );
        var fault = tab.All("[data-test=finding]")
            .First(finding => finding.Text.Contains("Medium cup", StringComparison.Ordinal))
            .Text;
        Assert.Matches(@"(?s)spills \d+ ml.*Take out \d+ ml of Whole milk", fault);
        tab.UntilText("[data-size='Medium cup'] [data-test=state]", "runs over the brim");

        // Mend with one press, which undo takes back and redo brings again.
        tab.Click("[data-test=finding] [data-test=mend]");
        tab.Until("a drink that fits", () =>
            !tab.All("[data-check=overfull]")
                .Any(finding => finding.Text.Contains("Medium cup", StringComparison.Ordinal))
        );
        var mended = tab.Cell(2, "Medium cup");
        tab.Click("button[aria-label=Undo]");
        tab.UntilCell(2, "Medium cup", "400");
        tab.Click("button[aria-label=Redo]");
        tab.UntilCell(2, "Medium cup", mended);

        tab.EnterCell(2, "Medium cup", "180");
        tab.EnterCell(2, "Large cup", "290");
        tab.UntilCell(2, "Large cup", "290");
        tab.Until("the taste of every size", () => tab.All("[data-band=Strength] .value").Count == 3);
        tab.Save();
        tab.Until("its own address", () => tab.Path.Length > "/builds/".Length + 30);

        server.KillAndStartAgain();
        tab.Reload();

        tab.UntilCell(3, "Medium cup", "120");
        Assert.Equal("Tamarind iced latte", tab.AttributeOf("#name", "value"));
        Assert.Equal(["3", "2", "180", "120"], Enumerable.Range(0, 4).Select(row => tab.Cell(row, "Medium cup")));
        Assert.Equal("290", tab.Cell(2, "Large cup"));
        Assert.Single(tab.All("button[aria-label='Unpin Whole milk in Large cup']"));
        Assert.Equal("Saved", tab.Status);
        tab.Open("/");
        tab.UntilText("[data-test=build]", "Tamarind iced latte");
    }

    [Fact]
    public void A_cup_shows_how_high_it_is_filled_and_reads_its_content_aloud()
    {
        tab.Open("/builds/new");
        tab.AddLine("Whole milk", "Medium cup", "200");
        var cup = tab.Find("[data-size='Medium cup'] svg [role=img]");
        tab.Until("the drawing", () =>
            cup.GetAttribute("aria-label")!.Contains("200 ml Whole milk", StringComparison.Ordinal)
        );

        Assert.Matches(
            @"^Medium cup, 481 ml to the brim: 200 ml Whole milk\. Filled to \d+ mm of 112 mm, \d+ ml of room left\.$",
            cup.GetAttribute("aria-label")
        );
        Assert.Matches(@"\d+ mm", cup.FindElement(By.CssSelector(".fill text")).Text);
    }

    /// <summary>Sends the same build to the core over HTTP and compares every number on the page with its
    /// answer.</summary>
    private async Task ThePageShowsWhatTheCoreSays()
    {
        using var http = new HttpClient { BaseAddress = server.Address };
        var line = (string ingredient, string measure, double amount) =>
            new
            {
                id = ingredient,
                ingredient,
                measure,
                amount,
            };
        var build = new
        {
            reserveMm = 10,
            sizes = new[] { "small", "medium", "large" },
            referenceSize = "medium",
            lines = new[]
            {
                line("plain-syrup", "stroke", 3),
                line("espresso", "shot", 2),
                line("whole-milk", "ml", 180),
                line("ice", "g", 120),
            },
        };
        using var answer = await http.PostAsJsonAsync("/api/mix", build, TestContext.Current.CancellationToken);
        var sheet = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        foreach (var size in sheet["sizes"]!.AsArray())
        {
            var name = (string)size!["name"]!;
            foreach (var (cell, row) in size["lines"]!.AsArray().Select((cell, row) => (cell!, row)))
            {
                tab.UntilCell(row, name, Text((double)cell["amount"]!));
            }

            tab.Until($"the room left in {name}", () =>
                tab.Find($"[data-size='{name}'] [data-test=state]")
                    .Text.Contains($"{Reading((double)size["fill"]!["roomLeft"]!)} ml", StringComparison.Ordinal)
            );
            tab.WorkIn(name);
            tab.Until($"what is in {name}", () =>
                tab.TextOf("[data-test=occupied]")
                    .StartsWith(
                        $"{Reading((double)size["fill"]!["occupiedVolume"]!)} ml in the cup",
                        StringComparison.Ordinal
                    )
            );
        }
    }

    private static string Text(double amount) =>
        amount.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture);

    private static string Reading(double value) =>
        value.ToString(Math.Abs(value) < 9.95 ? "0.#" : "0", System.Globalization.CultureInfo.InvariantCulture);
}
