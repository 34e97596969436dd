namespace Krasis.Browser.Tests;

/// <summary>The list of builds and the page of the bar.</summary>
public sealed class ListAndBarTests : IDisposable
{
    private readonly KrasisProcess server = new(demo: true);
    private readonly Tab tab;

    public ListAndBarTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void A_build_is_duplicated_deleted_and_brought_back()
    {
        tab.Open("/");
        tab.Click("button[aria-label='Duplicate Maple iced coffee']");
        tab.Until("the copy", () => tab.Find("#name").GetAttribute("value") == "Maple iced coffee (copy)");

        tab.ClickText("Delete");
        tab.Until("the list without it", () => tab.Path == "/" && tab.All("[data-test=build]").Count == 7);
        tab.Click("[data-test=notice-action]");
        tab.Until("the list with it", () => tab.All("[data-test=build]").Count == 8);

        tab.Click("button[aria-label='Delete Maple iced coffee (copy)']");
        tab.Until("the list without it", () => tab.All("[data-test=build]").Count == 7);
        tab.Reload();
        tab.Click("button[aria-label='Restore Maple iced coffee (copy)']");
        tab.Until("the list with it", () => tab.All("[data-test=build]").Count == 8);
    }

    [Fact]
    public void A_pump_of_nothing_a_stroke_is_refused_beside_the_box_and_a_true_one_moves_the_builds()
    {
        tab.Open("/bar");
        tab.Type("[data-kind=dispensers] [data-fact='Cardamom pump'] [data-field=strokeMl]", "0");
        tab.Click("[data-fact='Cardamom pump'] [data-test=keep]");
        tab.Until("the message", () => tab.Find("[data-fact='Cardamom pump'] .error").Text.Contains("0 ml a stroke is too little", StringComparison.Ordinal));
        Assert.Equal("0", tab.Find("[data-fact='Cardamom pump'] [data-field=strokeMl]").GetAttribute("value"));

        tab.Type("[data-kind=dispensers] [data-fact='Cardamom pump'] [data-field=strokeMl]", "ten");
        tab.Click("[data-fact='Cardamom pump'] [data-test=keep]");
        tab.Until("the message", () => tab.Find("[data-fact='Cardamom pump'] .error").Text.Contains("'ten' is not a number.", StringComparison.Ordinal));

        tab.Type("[data-kind=dispensers] [data-fact='Cardamom pump'] [data-field=strokeMl]", "10");
        tab.Click("[data-fact='Cardamom pump'] [data-test=keep]");
        tab.Until("the change", () => !tab.Has("[data-fact='Cardamom pump'] [data-test=keep]"));
        tab.Open("/");
        tab.ClickText("Cardamom latte", "a");
        tab.Until("the moved cell", () => tab.Has("[data-test=equivalent]") && tab.All("[data-test=line]")[0].Text.Contains("20 ml · 26 g", StringComparison.Ordinal));
    }

    [Fact]
    public void A_cup_narrower_than_nothing_is_refused_and_what_was_entered_stays()
    {
        tab.Open("/bar");
        tab.ClickText("Add a cup");
        foreach (var (field, text) in new[] { ("name", "Fen"), ("topDiameterMm", "-5"), ("bottomDiameterMm", "55"), ("heightMm", "100"), ("waterGrams", "355"), ("waterCelsius", "20") })
        {
            tab.Type($"[data-kind=cups] tr:last-child [data-field={field}]", text);
        }

        tab.Click("[data-kind=cups] tr:last-child [data-test=keep]");
        tab.Until("the message", () => tab.Has("[data-fact=Fen] .error") && tab.All("[data-fact=Fen] .error").Any(error => error.Text.Contains("-5 mm is too little", StringComparison.Ordinal)));
        Assert.Equal("355", tab.Find("[data-fact=Fen] [data-field=waterGrams]").GetAttribute("value"));

        tab.Type("[data-fact=Fen] [data-field=topDiameterMm]", "80");
        tab.Click("[data-fact=Fen] [data-test=keep]");
        tab.Until("the cup", () => tab.Find("[data-fact=Fen]").Text.Contains("holds 356 ml", StringComparison.Ordinal));
    }

    [Fact]
    public void A_stray_click_does_not_lose_what_was_entered()
    {
        tab.Open("/bar");
        tab.Type("[data-fact='Cherry pump'] [data-field=strokeMl]", "8.5");
        tab.ClickText("Builds", "nav a");
        tab.Until("the question", () => tab.Has("[role=dialog]"));
        tab.ClickText("Stay here");
        tab.Until("the answer", () => !tab.Has("[role=dialog]"));
        Assert.Equal("8.5", tab.Find("[data-fact='Cherry pump'] [data-field=strokeMl]").GetAttribute("value"));

        tab.Click("[data-fact='Cherry pump'] [data-test=keep]");
        tab.Until("the change", () => !tab.Has("[data-fact='Cherry pump'] [data-test=keep]"));
        tab.ClickText("Builds", "nav a");
        tab.Until("the list", () => tab.Path == "/");
    }

    [Fact]
    public void What_builds_need_is_not_removed_and_they_are_named()
    {
        tab.Open("/bar");
        tab.Click("button[aria-label='Remove Farm milk']");
        tab.Until("the refusal", () => tab.All("[data-fact='Farm milk'] .error").Any(error => error.Text.Contains("5 builds need this ingredient.", StringComparison.Ordinal)));
    }

    [Fact]
    public void An_address_that_leads_nowhere_says_so()
    {
        tab.Open("/builds/none");
        tab.Until("the message", () => tab.Find("h1").Text == "There is no such build.");
        tab.Open("/nowhere");
        tab.Until("the message", () => tab.Find("h1").Text == "There is no such page");
    }
}
