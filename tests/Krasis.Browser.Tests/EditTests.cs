using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>What the sheet does with pins, with entries that cannot be read, and with changes that are not saved.</summary>
public sealed class EditTests : IClassFixture<DemoProcess>, IDisposable
{
    private readonly DemoProcess server;
    private readonly Copies copies;
    private readonly Tab tab;

    public EditTests(DemoProcess server)
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
    public void Another_size_is_pinned_visibly_and_unpinned()
    {
        Open("Cardamom latte");
        tab.UntilCell(2, "Heron", "305");
        tab.EnterCell(2, "Heron", "280");
        tab.Until("the pin", () => tab.Has("button[aria-label='Unpin Farm milk in Heron']"));

        // The reference moves the scaled size and leaves the pinned one.
        tab.EnterCell(2, "Plover", "190");
        tab.UntilCell(2, "Wren", "120");
        Assert.Equal("280", tab.Cell(2, "Heron"));

        tab.Click("button[aria-label='Unpin Farm milk in Heron']");
        tab.UntilCell(2, "Heron", "275");
        Assert.False(tab.Has("button[aria-label='Unpin Farm milk in Heron']"));
    }

    [Theory]
    [InlineData("-5", "'-5' is less than nothing.")]
    [InlineData("NaN", "'NaN' is not a quantity.")]
    [InlineData("lots", "'lots' is not a quantity.")]
    [InlineData("3 cubits", "'cubits' is not a measure this bar knows.")]
    [InlineData("999999", "'999999' is more than any cup takes.")]
    [InlineData("", "Nothing is entered.")]
    public void What_cannot_be_read_is_told_beside_the_cell_and_stays_there(string text, string message)
    {
        Open("Cardamom latte");
        tab.EnterCell(2, "Plover", text);
        tab.Until("the message", () => tab.Has(".cell .error") && tab.Find(".cell .error").Text.Contains(message, StringComparison.Ordinal));

        Assert.Equal(text, tab.Cell(2, "Plover"));
        Assert.Equal("true", tab.CellsOf("Plover")[2].GetAttribute("aria-invalid"));

        // The last good amount still stands in the sheet, and Escape brings it back into the cell.
        tab.CellsOf("Plover")[2].Click();
        tab.Press(Keys.Escape);
        tab.UntilCell(2, "Plover", "210");
        Assert.False(tab.Has(".cell .error"));
    }

    [Fact]
    public void A_sheet_with_an_unreadable_cell_is_not_saved_and_loses_nothing()
    {
        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "3");
        tab.UntilCell(0, "Heron", "4");
        tab.EnterCell(2, "Plover", "lots");
        tab.Until("the message", () => tab.Has(".cell .error"));
        tab.Click("[data-test=save]");

        tab.Until("the refusal", () => tab.Has(".banner.fault"));
        Assert.Equal(("3", "lots"), (tab.Cell(0, "Plover"), tab.Cell(2, "Plover")));
        Assert.Equal("Not saved yet", tab.Status);
    }

    [Fact]
    public void An_amount_is_taken_in_another_measure_and_a_line_is_said_in_another()
    {
        Open("Cardamom latte");
        tab.EnterCell(2, "Plover", "8 fl oz");
        tab.UntilCell(2, "Plover", "236.59");

        tab.ChooseOption("[aria-label='Measure of Cardamom syrup']", "g");
        tab.UntilCell(0, "Plover", "19.52");
    }

    [Fact]
    public void A_wrong_reserve_and_a_missing_name_are_told_beside_their_boxes()
    {
        Open("Cardamom latte");
        tab.Type("#reserve", "a finger", Keys.Enter);
        tab.Until("the message", () => tab.Find("#reserve-error").Text.Contains("'a finger' is not a number", StringComparison.Ordinal));
        tab.Type("#reserve", "90", Keys.Enter);
        tab.Until("the message", () => tab.Find("#reserve-error").Text.Contains("more than half of", StringComparison.Ordinal));
        Assert.Equal("90", tab.Find("#reserve").GetAttribute("value"));
        tab.Type("#reserve", "12", Keys.Enter);

        tab.Type("#name", "");
        tab.Click("[data-test=save]");
        tab.Until("the message", () => tab.Find("#name-error").Text.Contains("The name is empty.", StringComparison.Ordinal));
        Assert.Equal("Not saved yet", tab.Status);
        tab.Type("#name", "Cardamom latte, renamed");

        // A word that is typed is one step back, not one a letter.
        tab.Click("button[aria-label=Undo]");
        tab.Until("the name before", () => tab.Find("#name").GetAttribute("value") == "Cardamom latte");
        tab.Click("button[aria-label=Redo]");
        tab.Until("the new name", () => tab.Find("#name").GetAttribute("value") == "Cardamom latte, renamed");
        tab.Save();
        tab.Open("/");
        tab.Until("the new name", () => tab.All("[data-test=build]").Any(build => build.Text.Contains("Cardamom latte, renamed", StringComparison.Ordinal)));
    }

    [Fact]
    public void The_band_says_how_far_each_size_tastes_from_the_reference()
    {
        Open("Cardamom latte");
        tab.Until("the band", () => tab.Find("[data-band=Strength]").Text.Contains("−19 %", StringComparison.Ordinal));
        Assert.Contains("the reference", tab.Find("[data-band=Strength] td:nth-of-type(2)").Text, StringComparison.Ordinal);
        Assert.Equal("1.22 %", tab.Find("[data-band=Strength] td:nth-of-type(2) .value").Text);
        Assert.Empty(tab.All("[data-test=finding]:not(.note)"));

        // The same two shots in the larger cup: weaker than the house allows.
        tab.EnterCell(1, "Heron", "2");
        tab.Until("the finding", () => tab.All("[data-test=finding]").Any(finding => finding.Text.Contains("Heron is", StringComparison.Ordinal) && finding.Text.Contains("weaker", StringComparison.Ordinal)));
        tab.Until("the mark", () => tab.Has("[data-band=Strength] .beyond"));
    }

    [Fact]
    public void Another_school_moves_every_other_size_and_is_kept()
    {
        Open("Cardamom latte");
        tab.UntilCell(2, "Wren", "135");
        tab.ChooseOption("[data-test=school]", "Hold the ratio");
        tab.UntilCell(2, "Wren", "105");
        tab.UntilCell(2, "Heron", "315");
        Assert.Equal("210", tab.Cell(2, "Plover"));
        tab.Until("the same ratio", () => tab.All("[data-band=Ratio] .value").All(value => value.Text == "1 : 5.6"));

        tab.ChooseOption("[data-test=school]", "Same shot");
        tab.UntilCell(1, "Heron", "2");
        tab.Save();
        tab.Reload();
        tab.UntilCell(1, "Heron", "2");
        Assert.Contains("Same shot", tab.Find("[data-test=school]").Text, StringComparison.Ordinal);
    }

    [Fact]
    public void Lines_are_moved_and_taken_out_and_undo_brings_them_back()
    {
        Open("Cardamom latte");
        tab.UntilCell(0, "Plover", "2");
        tab.Click("button[aria-label='Pour Cardamom syrup later']");
        tab.Until("the move", () => tab.All("[data-test=line]")[0].Text.Contains("Lock espresso", StringComparison.Ordinal));
        tab.Click("button[aria-label='Take Farm milk out']");
        tab.Until("two lines", () => tab.All("[data-test=line]").Count == 2);
        tab.PressControl("z");
        tab.PressControl("z");
        tab.Until("all of it back", () => tab.All("[data-test=line]").Count == 3 && tab.All("[data-test=line]")[0].Text.Contains("Cardamom syrup", StringComparison.Ordinal));
        Assert.Equal("Saved", tab.Status);
    }

    [Fact]
    public void Another_size_becomes_the_reference_without_moving()
    {
        Open("Cardamom latte");
        tab.UntilCell(2, "Heron", "305");
        tab.Click("button[aria-label='Make reference: Heron']");
        tab.Until("the new reference", () => tab.Find("th[data-size=Heron]").Text.Contains("Reference", StringComparison.Ordinal));
        tab.Until("its cells to be set", () => tab.CellsOf("Heron")[2].GetAttribute("aria-label")!.EndsWith("set", StringComparison.Ordinal));

        Assert.Equal(["3", "3", "305"], Enumerable.Range(0, 3).Select(row => tab.Cell(row, "Heron")));
        tab.UntilCell(2, "Plover", "210");
    }

    [Fact]
    public void A_stray_click_does_not_lose_changes()
    {
        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "4");
        tab.UntilCell(0, "Heron", "6");
        tab.ClickText("The bar");
        tab.Until("the question", () => tab.Has("[role=dialog]"));
        tab.ClickText("Stay here");
        tab.Until("the answer", () => !tab.Has("[role=dialog]"));
        Assert.Equal("4", tab.Cell(0, "Plover"));

        tab.ClickText("The bar");
        tab.Click("[data-test=save-and-leave]");
        tab.Until("the bar", () => tab.Path == "/bar");
        Open("Cardamom latte");
        tab.UntilCell(0, "Plover", "4");

        tab.EnterCell(0, "Plover", "5");
        tab.UntilCell(0, "Heron", "7");
        tab.ClickText("Builds");
        tab.Click("[data-test=drop]");
        tab.Until("the list", () => tab.Path == "/");
        Open("Cardamom latte");
        tab.UntilCell(0, "Plover", "4");
    }

    [Fact]
    public void A_closed_tab_brings_its_changes_back()
    {
        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "4");
        tab.UntilCell(0, "Heron", "6");
        tab.Reload();

        tab.UntilCell(0, "Plover", "4");
        Assert.Equal("Not saved yet", tab.Status);
        tab.ClickText("Drop them");
        tab.UntilCell(0, "Plover", "2");
        tab.Until("the drop", () => tab.Status == "Saved");
    }

    [Fact]
    public void Two_people_on_one_build_do_not_overwrite_each_other()
    {
        Open("Cardamom latte");
        using var other = new Tab(server.Address);
        other.Open(tab.Path);
        other.EnterCell(0, "Plover", "3");
        other.UntilCell(0, "Heron", "4");
        other.Save();

        tab.EnterCell(0, "Plover", "5");
        tab.UntilCell(0, "Heron", "7");
        tab.Click("[data-test=save]");
        tab.Until("the refusal", () => tab.Has("[data-test=save-problem]"));
        Assert.Contains("has been changed since you opened it", tab.Find("[data-test=save-problem]").Text, StringComparison.Ordinal);
        Assert.Equal("5", tab.Cell(0, "Plover"));

        tab.Click("[data-test=save-copy]");
        tab.Until("the copy", () => tab.Find("#name").GetAttribute("value") == "Cardamom latte (my version)");
        tab.UntilCell(0, "Plover", "5");
        Open("Cardamom latte");
        tab.UntilCell(0, "Plover", "3");
    }

    [Fact]
    public void A_server_that_is_gone_is_told_and_the_changes_wait_for_it()
    {
        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "4");
        tab.UntilCell(0, "Heron", "6");
        server.Kill();
        tab.Click("[data-test=save]");
        tab.Until("the message", () => tab.Has("[data-test=away]") && tab.Find("[data-test=away]").Text.Contains("Krasis does not answer.", StringComparison.Ordinal));
        Assert.Equal("4", tab.Cell(0, "Plover"));

        // The save that was asked for goes out by itself as soon as there is somebody to take it.
        server.StartAgain();
        tab.Until("the save", () => tab.Status == "Saved" && !tab.Has("[data-test=away]"));
        tab.Reload();
        tab.UntilCell(0, "Plover", "4");
    }

    [Fact]
    public void Arrows_and_Enter_walk_through_the_cells()
    {
        Open("Cardamom latte");
        tab.UntilCell(2, "Plover", "210");
        tab.CellsOf("Plover")[0].Click();
        tab.Press("3" + Keys.Enter + "1" + Keys.ArrowDown + "250" + Keys.ArrowUp);
        tab.UntilCell(0, "Plover", "3");
        tab.UntilCell(1, "Plover", "1");
        tab.UntilCell(2, "Plover", "250");
        Assert.Equal("Lock espresso in Plover, shot, set", tab.Script("return document.activeElement.getAttribute('aria-label')"));
    }

    private void Open(string name)
    {
        tab.Open(copies.Path(name));
        tab.Until("the sheet", () => tab.Has("[data-test=line]") && tab.CellsOf("Plover").Count == 3);
    }
}
