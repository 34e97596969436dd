namespace Krasis.Browser.Tests;

/// <summary>Drafts that save themselves, a server that goes away, and two tabs on one build.</summary>
public sealed class NothingLostTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void A_new_build_saves_itself_and_undo_reaches_past_its_first_save()
    {
        Tab.Open("/builds/new");
        Tab.Type("#name", "Lantern latte");
        foreach (var step in new[] { "base-espresso", "serve-iced", "cup-reed", "cup-rush", "propose" })
        {
            Tab.Click($"[data-test={step}]");
        }

        Tab.Until("the save", () => Tab.Path != "/builds/new" && Tab.Status == "Saved");
        var path = Tab.Path;
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("nothing in it", () => Tab.All("[data-test=line]").Count == 0);
        Tab.Click("button[aria-label=Redo]");
        Tab.Until("all of it", () => Tab.All("[data-test=line]").Count >= 3 && Tab.Status == "Saved");

        // What is changed after that is there in another tab without a press on Save.
        Tab.EnterCell(0, "Reed", "1");
        Tab.UntilCell(0, "Reed", "1");
        Tab.Until("the save", () => Tab.Status == "Saved");
        using var other = new Tab(Server.Address);
        other.Open(path);
        other.UntilCell(0, "Reed", "1");

        // The page can be left at once: what is not saved yet is saved before it goes.
        Tab.EnterCell(0, "Reed", "2");
        Tab.ClickText("The bar");
        Tab.Until("the bar", () => Tab.Path == "/bar");
        Tab.Open(path);
        Tab.UntilCell(0, "Reed", "2");
    }

    [Fact]
    public void What_goes_back_to_the_kept_words_while_others_are_on_their_way_is_not_called_saved()
    {
        Tab.Watch();
        Open("Cardamom oat latte");
        Tab.Type("#name", "Cardamom oat latte, by the lock");
        Tab.Save();
        Tab.Delay(TimeSpan.FromSeconds(3));
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("the old name to be on its way by itself", () => Tab.IsSending);
        Tab.Click("button[aria-label=Redo]");
        Tab.Until("the new name", () => Tab.AttributeOf("#name", "value") == "Cardamom oat latte, by the lock");
        Assert.NotEqual("Saved", Tab.Status);

        Tab.Delay(TimeSpan.Zero);
        Tab.Save();
        Tab.UntilListed("Cardamom oat latte, by the lock");
    }

    [Fact]
    public void What_is_no_draft_is_saved_only_when_it_is_said()
    {
        Open("Black sesame latte");
        Tab.EnterCell(0, "Plover", "30");
        Tab.UntilCell(0, "Plover", "30");
        Tab.ClickText("Builds");
        Tab.Click("[data-test=drop]");
        Open("Cardamom oat latte");
        Tab.EnterCell(0, "Plover", "3");
        Tab.Until("the draft saved", () => Tab.Status == "Saved" && Tab.Cell(0, "Plover") == "3");
        Open("Black sesame latte");
        Tab.UntilCell(0, "Plover", "27");
    }

    [Fact]
    public void Without_its_server_the_sheet_goes_on_and_sends_when_it_is_back()
    {
        Open("Cardamom oat latte");
        Server.TakeDown();
        Tab.EnterCell(0, "Plover", "3");
        Tab.Until("the word", () =>
            Tab.Has("[data-test=away]")
            && Tab.TextOf("[data-test=away]").Contains("Go on working", StringComparison.Ordinal)
        );

        // What is typed stays in its cell and waits; what needs no reading goes on at once.
        Tab.Until("it waits", () => Tab.Has("[data-test=waits]") && Tab.Cell(0, "Plover") == "3");
        Tab.EnterCell(2, "Plover", "7 fl oz");
        Tab.Until("both wait", () => Tab.All("[data-test=waits]").Count == 2);
        Tab.Type("#name", "Cardamom oat latte, long");
        Tab.Until("kept", () => Tab.Status == "Kept in this browser");

        Server.StartAgain();
        Tab.Until("all of it sent", () =>
            !Tab.Has("[data-test=away]") && Tab.Status == "Saved" && !Tab.Has("[data-test=waits]")
        );
        Tab.UntilCell(0, "Heron", "4");
        Tab.Reload();
        Tab.UntilCell(0, "Plover", "3");

        // GNU units: 7 US fl oz are 207.01 ml.
        Tab.UntilCell(2, "Plover", "207.01");
        Assert.Equal("Cardamom oat latte, long", Tab.AttributeOf("#name", "value"));
    }

    [Fact]
    public void Even_a_tab_that_is_closed_while_the_server_is_gone_loses_nothing()
    {
        Open("Cardamom oat latte");
        var path = Tab.Path;
        Server.TakeDown();
        Tab.EnterCell(0, "Plover", "4");
        Tab.Until("it waits", () => Tab.Has("[data-test=waits]"));
        Tab.Type("#name", "Cardamom oat, closed");
        Tab.Until("kept", () => Tab.Status == "Kept in this browser");
        Tab.Open("about:blank");
        Server.StartAgain();

        Tab.Open(path);
        Tab.UntilCell(0, "Plover", "4");
        Tab.Until("it saved", () => Tab.Status == "Saved");
        Assert.Equal("Cardamom oat, closed", Tab.AttributeOf("#name", "value"));
    }

    [Fact]
    public void A_second_tab_is_told_and_takes_over_what_the_first_has_saved()
    {
        Open("Cardamom oat latte");
        Tab.SwitchToNewTab();
        Open("Cardamom oat latte");
        Tab.Until("the word", () => Tab.Has("[data-test=elsewhere]"));
        Tab.SwitchToTab(0);
        Assert.False(Tab.Has("[data-test=elsewhere]"));
        Tab.EnterCell(0, "Plover", "3");
        Tab.Until("the save", () => Tab.Status == "Saved" && Tab.Cell(0, "Plover") == "3");
        Tab.SwitchToTab(1);
        Tab.UntilCell(0, "Plover", "3");
    }

    [Fact]
    public void Two_tabs_lay_their_changes_on_one_another_or_go_their_own_ways()
    {
        // A standard saves nothing by itself, so that both can be changed before either is saved.
        Open("Black sesame latte");
        Tab.SwitchToNewTab();
        Open("Black sesame latte");
        Tab.EnterCell(0, "Plover", "30");
        Tab.UntilCell(0, "Plover", "30");
        Tab.SwitchToTab(0);
        Tab.EnterCell(2, "Plover", "190");
        Tab.EnterCell(0, "Plover", "25");
        Tab.UntilCell(0, "Plover", "25");
        Tab.Save();

        Tab.SwitchToTab(1);
        Tab.Until("the word", () => Tab.Has("[data-test=save-problem]"));
        Assert.Equal(("30", "200"), (Tab.Cell(0, "Plover"), Tab.Cell(2, "Plover")));
        Tab.Click("[data-test=merge]");
        Tab.UntilText("[data-test=clash]", "Black sesame sauce, amount");
        Assert.Equal("Theirs: 25 g", Tab.TextOf("[data-test=clash-theirs]"));
        Tab.Click("[data-test=clash-mine]");
        Tab.UntilCell(2, "Plover", "190");
        Assert.Equal("30", Tab.Cell(0, "Plover"));
        Assert.False(Tab.Has("[data-test=clashes]"));
        Tab.Save();

        // The first one, without changes of its own, has it too.
        Tab.SwitchToTab(0);
        Tab.UntilCell(0, "Plover", "30");
        Tab.EnterCell(1, "Plover", "3");
        Tab.SwitchToTab(1);
        Tab.EnterCell(1, "Plover", "1");
        Tab.UntilCell(1, "Plover", "1");
        Tab.Save();
        Tab.SwitchToTab(0);
        Tab.Until("the word", () => Tab.Has("[data-test=save-copy]"));
        Tab.Click("[data-test=save-copy]");
        Tab.Until("a build of its own", () => Tab.AttributeOf("#name", "value") == "Black sesame latte (my version)");
        Tab.UntilCell(1, "Plover", "3");
        Open("Black sesame latte");
        Tab.UntilCell(1, "Plover", "1");
    }
}
