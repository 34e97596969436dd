using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>What the core computes of a drink, as the sheet shows it and lets it be changed.</summary>
public sealed class FiguresTests : IDisposable
{
    private readonly KrasisHost server = new(demo: true);
    private readonly Tab tab;

    public FiguresTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public async Task The_band_shows_what_the_core_says_of_every_size()
    {
        Open("Hazelnut iced latte");
        using var http = new HttpClient { BaseAddress = server.Address };
        var builds = JsonNode
            .Parse(await http.GetStringAsync("/api/builds", TestContext.Current.CancellationToken))!
            .AsArray();
        var id = builds.Single(build => (string?)build!["name"] == "Hazelnut iced latte")!["id"];
        var document = JsonNode.Parse(
            await http.GetStringAsync($"/api/builds/{id}", TestContext.Current.CancellationToken)
        )!["document"]!.ToJsonString();
        using var mixed = await http.PostAsync(
            "/api/mix",
            new StringContent(document, System.Text.Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken
        );
        var sizes = JsonNode.Parse(await mixed.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))![
            "sizes"
        ]!.AsArray();

        for (var i = 0; i < sizes.Count; i++)
        {
            tab.WorkIn((string)sizes[i]!["name"]!);
            var served = sizes[i]!["life"]!["moments"]![0]!;
            Assert.Equal(
                $"{Number((double)served["temperature"]!, 0)} °C {Short((double)served["melt"]!)} g melted, {Number((double)served["strength"]!, 2)} % strong",
                Figure("At hand-over")
            );
            Assert.Contains("g melted", Figure("After 20 min"), StringComparison.Ordinal);
            Assert.Equal(
                $"{Number((double)sizes[i]!["inside"]!["nutrition"]!["caffeine"]!, 0)} mg {Number((double)sizes[i]!["inside"]!["nutrition"]!["caffeineFrom"]!, 0)} to {Number((double)sizes[i]!["inside"]!["nutrition"]!["caffeineTo"]!, 0)} mg",
                Figure("Caffeine")
            );
            Assert.StartsWith(
                $"{Number((double)sizes[i]!["cost"]!["total"]!, 2)} EUR",
                Figure("Cost"),
                StringComparison.Ordinal
            );
        }
    }

    [Fact]
    public void Advice_is_taken_and_undone()
    {
        Open("Hazelnut iced latte");
        tab.UntilCell(1, "Sedge", "1");
        tab.WorkIn("Sedge");
        tab.Click("[aria-label='Advise on Sedge']");
        tab.Until("the ways", () => tab.All("[data-test=advice]").Count >= 1);
        tab.Click("[data-test=take]");
        tab.Until("the pin", () => tab.Has("button[aria-label='Unpin Lock espresso in Sedge']"));
        tab.Click("button[aria-label=Undo]");
        tab.UntilCell(1, "Sedge", "1");
        Assert.Equal("Saved", tab.Status);
    }

    [Fact]
    public void Hot_espresso_on_the_ice_is_told_and_mended_with_one_press()
    {
        Open("Hazelnut iced latte");
        tab.Click("button.what[data-name='Lock espresso']");
        tab.ChooseOption("[aria-label='Technique of Lock espresso']", "poured in");
        tab.Until("the warning", () => tab.Has("[data-check=hot-on-the-ice]"));
        tab.UntilText("[data-check=hot-on-the-ice]", "watery");
        tab.Click("[data-check=hot-on-the-ice] [data-test=mend]");
        tab.Until("the mend", () => !tab.Has("[data-check=hot-on-the-ice]"));
        tab.Until("the words", () =>
            tab.All("[data-test=says]")[1].Text.Contains("cooled in a chilled jug", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_line_is_poured_to_a_printed_line_and_a_contradiction_is_objected_to()
    {
        Open("Hazelnut iced latte");
        tab.EnterCell(2, "Rush", "to the top line");
        foreach (var cup in new[] { "Sedge", "Reed", "Rush", "Willow" })
        {
            // The mark is the standard in every cup, each by its own printed line; the ice goes in later and is not
            // there yet.
            tab.UntilCell(2, cup, "to the top line");
            tab.Until($"the milk of {cup}", () =>
                tab.Find($"[data-cell$=' {cup}'][aria-label^='Farm milk']")
                    .GetAttribute("aria-label")!
                    .EndsWith("marked", StringComparison.Ordinal)
            );
        }

        // An amount takes the mark's place.
        tab.EnterCell(2, "Rush", "170");
        tab.UntilCell(2, "Reed", "115");

        tab.EnterCell(0, "Rush", "4 strokes = 100 ml");
        tab.Until("the objection", () =>
            tab.Script("return document.body.innerText")!
                .ToString()!
                .Contains("4 strokes are not 100 ml at this bar: they are 29.2 ml.", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task What_the_page_has_no_box_for_is_still_there_after_a_save()
    {
        Open("Orange peel mocha");
        tab.EnterCell(3, "Plover", "160");
        tab.UntilCell(3, "Plover", "160");
        tab.Save();
        using var http = new HttpClient { BaseAddress = server.Address };
        var kept = JsonNode.Parse(await http.GetStringAsync($"/api{tab.Path}", TestContext.Current.CancellationToken))![
            "document"
        ]!;

        Assert.Equal(160, (double)kept["lines"]![3]!["amount"]!);
        Assert.Equal(
            ("Stir while it is hot: the sauce melts.", "swell", "fixed", 3),
            (
                (string?)kept["lines"]![2]!["note"],
                (string?)kept["lines"]![3]!["foam"],
                (string?)kept["lines"]![5]!["scale"]!["by"],
                kept["prices"]!.AsArray().Count
            )
        );

        tab.Open("/bar/cups/plover");
        tab.Type("[data-field=waterGrams]", "392");
        tab.Click("[data-test=keep]");
        tab.Until("the change", () =>
            tab.All("[role=status]").Any(status => status.Text.Contains("is saved.", StringComparison.Ordinal))
        );
        var cup = JsonNode.Parse(await http.GetStringAsync("/api/bar", TestContext.Current.CancellationToken))![
            "cups"
        ]![1]!["document"]!;
        Assert.Equal((392, 390, 104), ((double)cup["waterGrams"]!, (double)cup["labelMl"]!, (double)cup["heightMm"]!));
    }

    private static string Short(double value) =>
        Number(value, value < 10 && Math.Abs(value - Math.Round(value)) >= 0.05 ? 1 : 0);

    private static string Number(double value, int decimals) =>
        value.ToString($"F{decimals}", System.Globalization.CultureInfo.InvariantCulture);

    private string Figure(string name) =>
        tab.Find($"[data-band='{name}'] dd").Text.Replace("\n", " ", StringComparison.Ordinal).Trim();

    private void Open(string name)
    {
        tab.Open("/");
        tab.ClickText(name, "a");
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
    }
}
