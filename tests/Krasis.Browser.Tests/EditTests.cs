using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>What the sheet does with pins, with entries that cannot be read, and with changes that are not
/// saved.</summary>
public sealed class EditTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void Another_size_is_pinned_visibly_and_unpinned()
    {
        Open("Cardamom latte");
        Tab.UntilCell(2, "Heron", "305");
        Tab.EnterCell(2, "Heron", "280");
        Tab.Until("the pin", () => Tab.Has("button[aria-label='Unpin Farm milk in Heron']"));

        // The reference moves the scaled size and leaves the pinned one.
        Tab.EnterCell(2, "Plover", "190");
        Tab.UntilCell(2, "Wren", "120");
        Assert.Equal("280", Tab.Cell(2, "Heron"));

        Tab.Click("button[aria-label='Unpin Farm milk in Heron']");
        Tab.UntilCell(2, "Heron", "275");
        Assert.False(Tab.Has("button[aria-label='Unpin Farm milk in Heron']"));
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
        Tab.EnterCell(2, "Plover", text);
        Tab.Until("the message", () =>
            Tab.Has(".cell .error") && Tab.TextOf(".cell .error").Contains(message, StringComparison.Ordinal)
        );

        Assert.Equal(text, Tab.Cell(2, "Plover"));
        Assert.Equal("true", Tab.CellsOf("Plover")[2].GetAttribute("aria-invalid"));
        Tab.Until("that it is nowhere but here", () =>
            Tab.TextOf("[data-test=status]").Contains("Not all read", StringComparison.Ordinal)
        );

        // The last good amount still stands in the sheet, and Escape brings it back into the cell.
        Tab.CellsOf("Plover")[2].Click();
        Tab.Press(Keys.Escape);
        Tab.UntilCell(2, "Plover", "210");
        Assert.False(Tab.Has(".cell .error"));
        Tab.Until("that all is saved", () =>
            Tab.TextOf("[data-test=status]").Contains("Saved", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_sheet_with_an_unreadable_cell_is_not_saved_and_loses_nothing()
    {
        Open("Cardamom latte");
        Tab.EnterCell(0, "Plover", "3");
        Tab.UntilCell(0, "Heron", "4");
        Tab.EnterCell(2, "Plover", "lots");
        Tab.Until("the message", () => Tab.Has(".cell .error"));
        Tab.Click("[data-test=save]");

        Tab.Until("the refusal", () => Tab.Has(".banner.fault"));
        Assert.Equal(("3", "lots"), (Tab.Cell(0, "Plover"), Tab.Cell(2, "Plover")));
        Assert.Equal("Not saved yet", Tab.Status);
    }

    [Fact]
    public void An_amount_is_taken_in_another_measure_and_a_line_is_said_in_another()
    {
        Open("Cardamom latte");
        Tab.EnterCell(2, "Plover", "8 fl oz");
        Tab.UntilCell(2, "Plover", "236.59");

        Tab.WorkOn("Cardamom syrup");
        Tab.ChooseOption("[aria-label='Measure of Cardamom syrup']", "g");
        Tab.UntilCell(0, "Plover", "19.52");
    }

    [Fact]
    public void What_the_bar_has_not_is_made_where_it_is_missing()
    {
        Open("Cardamom latte");
        Tab.Click("[data-test=add-line]");
        Tab.Find(".p-select-filter").SendKeys("Quince syrup");
        Tab.Click("[data-test=add-missing]");
        Tab.Until("what was looked for", () => Tab.AttributeOf("[data-test=missing-name]", "value") == "Quince syrup");
        Tab.Click("[data-test=missing-save]");
        Tab.Until("what is missing", () =>
            Tab.TextOf("[data-test=missing]").Contains("It is not said what it is like.", StringComparison.Ordinal)
        );
        Tab.ChooseOption("[data-test=missing-like]", "Plain syrup");
        Tab.Type("[data-test=missing-stroke]", "8");
        Tab.Click("[data-test=missing-save]");
        Tab.Until("its line", () => Tab.All("[data-test=line]").Count == 4);

        // It has a pump, so that it is poured in strokes: 2 of 8 ml.
        Tab.EnterCell(3, "Plover", "2");
        Tab.Until("its strokes", () =>
            Tab.All("[data-test=line]")[3].Text.Contains("strokes", StringComparison.Ordinal)
            && Tab.All("[data-test=line]")[3].Text.Contains("16 ml", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_wrong_reserve_and_a_missing_name_are_told_beside_their_boxes()
    {
        Open("Cardamom latte");
        Tab.Type("#reserve", "a finger", Keys.Enter);
        Tab.Until("the message", () =>
            Tab.TextOf("#reserve-error").Contains("'a finger' is not a number", StringComparison.Ordinal)
        );
        Tab.Type("#reserve", "90", Keys.Enter);
        Tab.Until("the message", () =>
            Tab.TextOf("#reserve-error").Contains("more than half of", StringComparison.Ordinal)
        );
        Assert.Equal("90", Tab.AttributeOf("#reserve", "value"));
        Tab.Type("#reserve", "12", Keys.Enter);

        Tab.Type("#name", "");
        Tab.Click("[data-test=save]");
        Tab.Until("the message", () =>
            Tab.TextOf("#name-error").Contains("The name is empty.", StringComparison.Ordinal)
        );
        Assert.Equal("Not saved yet", Tab.Status);
        Tab.Type("#name", "Cardamom latte, renamed");

        // A word that is typed is one step back, not one a letter.
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("the name before", () => Tab.AttributeOf("#name", "value") == "Cardamom latte");
        Tab.Click("button[aria-label=Redo]");
        Tab.Until("the new name", () => Tab.AttributeOf("#name", "value") == "Cardamom latte, renamed");
        Tab.Save();
        Tab.UntilListed("Cardamom latte, renamed");
    }

    [Theory]
    [InlineData(1280)]
    [InlineData(1024)]
    public void Nothing_at_the_head_moves_under_a_finger_when_a_draft_saves_itself(int width)
    {
        string PlaceOf(string name)
        {
            var box = Tab.Find($"button[aria-label={name}]");
            return $"{box.Location.X}, {box.Location.Y}";
        }

        Tab.Resize(width, 800);
        Open("Cardamom latte");
        Tab.Until("the save", () => Tab.Status == "Saved");
        var (undo, redo) = (PlaceOf("Undo"), PlaceOf("Redo"));
        Tab.Delay(TimeSpan.FromSeconds(2));
        Tab.Type("#reserve", "13", Keys.Enter);
        Tab.Until("a change", () => Tab.Status == "Not saved yet");
        Assert.Equal((undo, redo), (PlaceOf("Undo"), PlaceOf("Redo")));
        Tab.Click("[data-test=save]");
        Tab.Until("a save under way", () => Tab.Status == "Saving…");
        Assert.Equal((undo, redo), (PlaceOf("Undo"), PlaceOf("Redo")));
        Tab.Delay(TimeSpan.Zero);
        Tab.Until("the save", () => Tab.Status == "Saved");
        Assert.Equal((undo, redo), (PlaceOf("Undo"), PlaceOf("Redo")));
    }

    [Fact]
    public void The_band_says_how_far_each_size_tastes_from_the_reference()
    {
        Open("Cardamom latte");
        Tab.Until("the band", () => Tab.TextOf("[data-band=Strength]").Contains("−19 %", StringComparison.Ordinal));
        Tab.UntilText("[data-band=Strength] td:nth-of-type(2)", "reference");
        Tab.Until("1.22 %", () => Tab.TextOf("[data-band=Strength] td:nth-of-type(2) .value") == "1.22 %");
        Assert.Empty(Tab.All("[data-test=finding]:not(.note)"));

        // The same two shots in the larger cup: weaker than the house allows.
        Tab.EnterCell(1, "Heron", "2");
        Tab.Until("the finding", () =>
            Tab.All("[data-test=finding]")
                .Any(finding =>
                    finding.Text.Contains("Heron is", StringComparison.Ordinal)
                    && finding.Text.Contains("weaker", StringComparison.Ordinal)
                )
        );
        Tab.Until("the mark", () => Tab.Has("[data-band=Strength] .beyond"));
    }

    [Fact]
    public void Another_school_moves_every_other_size_and_is_kept()
    {
        Open("Cardamom latte");
        Tab.UntilCell(2, "Wren", "135");
        Tab.ChooseOption("[data-test=school]", "Hold the ratio");
        Tab.UntilCell(2, "Wren", "105");
        Tab.UntilCell(2, "Heron", "315");
        Assert.Equal("210", Tab.Cell(2, "Plover"));
        foreach (var size in new[] { "Wren", "Heron", "Plover" })
        {
            Tab.WorkIn(size);
            Tab.Until("the same ratio", () => Tab.TextOf("[data-band=Ratio] .value") == "1 : 5.6");
        }

        Tab.ChooseOption("[data-test=school]", "Same shot");
        Tab.UntilCell(1, "Heron", "2");
        Tab.Save();
        Tab.Reload();
        Tab.UntilCell(1, "Heron", "2");
        Tab.UntilText("[data-test=school]", "Same shot");
    }

    [Fact]
    public void Lines_are_moved_and_taken_out_and_undo_brings_them_back()
    {
        Open("Cardamom latte");
        Tab.UntilCell(0, "Plover", "2");
        Tab.WorkOn("Cardamom syrup");
        Tab.Click("button[aria-label='Pour Cardamom syrup later']");
        Tab.Until("the move", () =>
            Tab.All("[data-test=line]")[0].Text.Contains("Lock espresso", StringComparison.Ordinal)
        );
        Tab.WorkOn("Farm milk");
        Tab.Click("button[aria-label='Take Farm milk out']");
        Tab.Until("two lines", () => Tab.All("[data-test=line]").Count == 2);
        Tab.PressControl("z");
        Tab.PressControl("z");
        Tab.Until("all of it back", () =>
            Tab.All("[data-test=line]").Count == 3
            && Tab.All("[data-test=line]")[0].Text.Contains("Cardamom syrup", StringComparison.Ordinal)
        );
        Assert.Equal("Saved", Tab.Status);
    }

    [Fact]
    public void Another_size_becomes_the_reference_without_moving()
    {
        Open("Cardamom latte");
        Tab.UntilCell(2, "Heron", "305");
        Tab.WorkIn("Heron");
        Tab.Click("button[aria-label='Make reference: Heron']");
        Tab.Until("the new reference", () =>
            Tab.TextOf("th[data-size=Heron]").Contains("reference", StringComparison.Ordinal)
        );
        Tab.Until("its cells to be set", () =>
            Tab.CellsOf("Heron")[2].GetAttribute("aria-label")!.EndsWith("set", StringComparison.Ordinal)
        );

        Assert.Equal(["3", "3", "305"], Enumerable.Range(0, 3).Select(row => Tab.Cell(row, "Heron")));
        Tab.UntilCell(2, "Plover", "210");
    }

    [Fact]
    public void A_stray_click_does_not_lose_changes()
    {
        Open("Cardamom latte");
        Tab.EnterCell(0, "Plover", "4");
        Tab.UntilCell(0, "Heron", "6");
        Tab.ClickText("The bar");
        Tab.Until("the question", () => Tab.Has("[role=dialog]"));
        Tab.ClickText("Stay here");
        Tab.Until("the answer", () => !Tab.Has("[role=dialog]"));
        Assert.Equal("4", Tab.Cell(0, "Plover"));

        Tab.ClickText("The bar");
        Tab.Click("[data-test=save-and-leave]");
        Tab.Until("the bar", () => Tab.Path == "/bar");
        Open("Cardamom latte");
        Tab.UntilCell(0, "Plover", "4");

        Tab.EnterCell(0, "Plover", "5");
        Tab.UntilCell(0, "Heron", "7");
        Tab.ClickText("Builds");
        Tab.Click("[data-test=drop]");
        Tab.Until("the list", () => Tab.Path == "/");
        Open("Cardamom latte");
        Tab.UntilCell(0, "Plover", "4");
    }

    [Fact]
    public void A_closed_tab_brings_its_changes_back()
    {
        Open("Cardamom latte");
        Tab.EnterCell(0, "Plover", "4");
        Tab.UntilCell(0, "Heron", "6");
        Tab.Reload();

        Tab.UntilCell(0, "Plover", "4");
        Assert.Equal("Not saved yet", Tab.Status);
        Tab.ClickText("Drop them");
        Tab.UntilCell(0, "Plover", "2");
        Tab.Until("the drop", () => Tab.Status == "Saved");
    }

    [Fact]
    public void Two_people_on_one_build_do_not_overwrite_each_other()
    {
        Open("Cardamom latte");
        using var other = new Tab(Server.Address);
        other.Open(Tab.Path);
        other.EnterCell(0, "Plover", "3");
        other.UntilCell(0, "Heron", "4");
        other.Save();

        Tab.EnterCell(0, "Plover", "5");
        Tab.UntilCell(0, "Heron", "7");
        Tab.Click("[data-test=save]");
        Tab.Until("the refusal", () => Tab.Has("[data-test=save-problem]"));
        Tab.UntilText("[data-test=save-problem]", "has been changed since you opened it");
        Assert.Equal("5", Tab.Cell(0, "Plover"));

        Tab.Click("[data-test=save-copy]");
        Tab.Until("the copy", () => Tab.AttributeOf("#name", "value") == "Cardamom latte (my version)");
        Tab.UntilCell(0, "Plover", "5");
        Open("Cardamom latte");
        Tab.UntilCell(0, "Plover", "3");
    }

    [Fact]
    public void A_server_that_is_gone_is_told_and_the_changes_wait_for_it()
    {
        Open("Cardamom latte");
        Tab.EnterCell(0, "Plover", "4");
        Tab.UntilCell(0, "Heron", "6");
        Server.TakeDown();
        Tab.Click("[data-test=save]");
        Tab.Until("the message", () =>
            Tab.Has("[data-test=away]")
            && Tab.TextOf("[data-test=away]").Contains("Krasis does not answer.", StringComparison.Ordinal)
        );
        Assert.Equal("4", Tab.Cell(0, "Plover"));

        // The save that was asked for goes out by itself as soon as there is somebody to take it.
        Server.StartAgain();
        Tab.Until("the save", () => Tab.Status == "Saved" && !Tab.Has("[data-test=away]"));
        Tab.Reload();
        Tab.UntilCell(0, "Plover", "4");
    }

    [Fact]
    public void Arrows_and_Enter_walk_through_the_cells()
    {
        Open("Cardamom latte");
        Tab.UntilCell(2, "Plover", "210");
        Tab.CellsOf("Plover")[0].Click();
        Tab.Press("3" + Keys.Enter + "1" + Keys.ArrowDown + "250" + Keys.ArrowUp);
        Tab.UntilCell(0, "Plover", "3");
        Tab.UntilCell(1, "Plover", "1");
        Tab.UntilCell(2, "Plover", "250");
        Assert.Equal(
            "Lock espresso in Plover, shot, set",
            Tab.Script("return document.activeElement.getAttribute('aria-label')")
        );
    }
}
