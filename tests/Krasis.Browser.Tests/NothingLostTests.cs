namespace Krasis.Browser.Tests;

/// <summary>Drafts that save themselves, a server that goes away, and two tabs on one build.</summary>
public sealed class NothingLostTests : IClassFixture<DemoProcess>, IDisposable
{
    private readonly DemoProcess server;
    private readonly Copies copies;
    private readonly Tab tab;

    public NothingLostTests(DemoProcess server)
    {
        this.server = server;
        copies = new Copies(server);
        tab = new Tab(server.Address);
    }

    public void Dispose()
    {
        tab.Dispose();
        copies.Dispose();
    }

    [Fact]
    public void A_new_build_saves_itself_and_undo_reaches_past_its_first_save()
    {
        tab.Open("/builds/new");
        tab.Type("#name", "Lantern latte");
        foreach (var step in new[] { "base-espresso", "serve-iced", "cup-reed", "cup-rush", "propose" })
        {
            tab.Click($"[data-test={step}]");
        }

        tab.Until("the save", () => tab.Path != "/builds/new" && tab.Status == "Saved");
        var path = tab.Path;
        tab.Click("button[aria-label=Undo]");
        tab.Until("nothing in it", () => tab.All("[data-test=line]").Count == 0);
        tab.Click("button[aria-label=Redo]");
        tab.Until("all of it", () => tab.All("[data-test=line]").Count >= 3 && tab.Status == "Saved");

        // What is changed after that is there in another tab without a press on Save.
        tab.EnterCell(0, "Reed", "1");
        tab.UntilCell(0, "Reed", "1");
        tab.Until("the save", () => tab.Status == "Saved");
        using var other = new Tab(server.Address);
        other.Open(path);
        other.UntilCell(0, "Reed", "1");

        // The page can be left at once: what is not saved yet is saved before it goes.
        tab.EnterCell(0, "Reed", "2");
        tab.ClickText("The bar");
        tab.Until("the bar", () => tab.Path == "/bar");
        tab.Open(path);
        tab.UntilCell(0, "Reed", "2");
    }

    [Fact]
    public void What_is_no_draft_is_saved_only_when_it_is_said()
    {
        Open("Black sesame latte");
        tab.EnterCell(0, "Plover", "30");
        tab.UntilCell(0, "Plover", "30");
        Open("Cardamom oat latte", leave: true);
        tab.EnterCell(0, "Plover", "3");
        tab.Until("the draft saved", () => tab.Status == "Saved" && tab.Cell(0, "Plover") == "3");
        Open("Black sesame latte");
        tab.UntilCell(0, "Plover", "27");
    }

    [Fact]
    public void Without_its_server_the_sheet_goes_on_and_sends_when_it_is_back()
    {
        Open("Cardamom oat latte");
        server.Kill();
        tab.EnterCell(0, "Plover", "3");
        tab.Until("the word", () => tab.Has("[data-test=away]") && tab.Find("[data-test=away]").Text.Contains("Go on working", StringComparison.Ordinal));

        // What is typed stays in its cell and waits; what needs no reading goes on at once.
        tab.Until("it waits", () => tab.Has("[data-test=waits]") && tab.Cell(0, "Plover") == "3");
        tab.EnterCell(2, "Plover", "7 fl oz");
        tab.Until("both wait", () => tab.All("[data-test=waits]").Count == 2);
        tab.Type("#name", "Cardamom oat latte, long");
        tab.Until("kept", () => tab.Status == "Kept in this browser");

        server.StartAgain();
        tab.Until("all of it sent", () => !tab.Has("[data-test=away]") && tab.Status == "Saved" && !tab.Has("[data-test=waits]"));
        tab.UntilCell(0, "Heron", "4");
        tab.Reload();
        tab.UntilCell(0, "Plover", "3");

        // GNU units: 7 US fl oz are 207.01 ml.
        tab.UntilCell(2, "Plover", "207.01");
        Assert.Equal("Cardamom oat latte, long", tab.Find("#name").GetAttribute("value"));
    }

    [Fact]
    public void Even_a_tab_that_is_closed_while_the_server_is_gone_loses_nothing()
    {
        Open("Cardamom oat latte");
        var path = tab.Path;
        server.Kill();
        tab.EnterCell(0, "Plover", "4");
        tab.Until("it waits", () => tab.Has("[data-test=waits]"));
        tab.Type("#name", "Cardamom oat, closed");
        tab.Until("kept", () => tab.Status == "Kept in this browser");
        tab.Open("about:blank");
        server.StartAgain();

        tab.Open(path);
        tab.UntilCell(0, "Plover", "4");
        tab.Until("it saved", () => tab.Status == "Saved");
        Assert.Equal("Cardamom oat, closed", tab.Find("#name").GetAttribute("value"));
    }

    [Fact]
    public void A_second_tab_is_told_and_takes_over_what_the_first_has_saved()
    {
        Open("Cardamom oat latte");
        tab.SwitchToNewTab();
        Open("Cardamom oat latte");
        tab.Until("the word", () => tab.Has("[data-test=elsewhere]"));
        tab.SwitchToTab(0);
        Assert.False(tab.Has("[data-test=elsewhere]"));
        tab.EnterCell(0, "Plover", "3");
        tab.Until("the save", () => tab.Status == "Saved" && tab.Cell(0, "Plover") == "3");
        tab.SwitchToTab(1);
        tab.UntilCell(0, "Plover", "3");
    }

    [Fact]
    public void Two_tabs_lay_their_changes_on_one_another_or_go_their_own_ways()
    {
        // A standard saves nothing by itself, so that both can be changed before either is saved.
        Open("Black sesame latte");
        tab.SwitchToNewTab();
        Open("Black sesame latte");
        tab.EnterCell(0, "Plover", "30");
        tab.UntilCell(0, "Plover", "30");
        tab.SwitchToTab(0);
        tab.EnterCell(2, "Plover", "190");
        tab.EnterCell(0, "Plover", "25");
        tab.UntilCell(0, "Plover", "25");
        tab.Save();

        tab.SwitchToTab(1);
        tab.Until("the word", () => tab.Has("[data-test=save-problem]"));
        Assert.Equal(("30", "200"), (tab.Cell(0, "Plover"), tab.Cell(2, "Plover")));
        tab.Click("[data-test=merge]");
        tab.UntilCell(2, "Plover", "190");
        Assert.Equal("30", tab.Cell(0, "Plover"));
        Assert.Contains("Black sesame sauce, amount (theirs 25, yours 30)", tab.Find("[data-test=merged]").Text, StringComparison.Ordinal);
        tab.Save();

        // The first one, without changes of its own, has it too.
        tab.SwitchToTab(0);
        tab.UntilCell(0, "Plover", "30");
        tab.EnterCell(1, "Plover", "3");
        tab.SwitchToTab(1);
        tab.EnterCell(1, "Plover", "1");
        tab.UntilCell(1, "Plover", "1");
        tab.Save();
        tab.SwitchToTab(0);
        tab.Until("the word", () => tab.Has("[data-test=save-copy]"));
        tab.Click("[data-test=save-copy]");
        tab.Until("a build of its own", () => tab.Find("#name").GetAttribute("value") == "Black sesame latte (my version)");
        tab.UntilCell(1, "Plover", "3");
        Open("Black sesame latte");
        tab.UntilCell(1, "Plover", "1");
    }

    private void Open(string name, bool leave = false)
    {
        if (leave)
        {
            tab.ClickText("Builds");
            tab.Click("[data-test=drop]");
        }

        tab.Open(copies.Path(name));
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]") && tab.CellsOf("Plover").Count == 3);
    }
}
