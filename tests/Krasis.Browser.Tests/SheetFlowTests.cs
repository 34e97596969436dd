using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>Writing a build by the keyboard, by a proposal, and from a spreadsheet.</summary>
public sealed class SheetFlowTests : IClassFixture<DemoProcess>, IDisposable
{
    private static readonly string[] Cold = ["Sedge", "Reed", "Rush", "Willow"];

    private readonly Copies copies;
    private readonly Tab tab;

    public SheetFlowTests(DemoProcess server)
    {
        copies = new Copies(server);
        tab = new Tab(server.Address);
    }

    public void Dispose()
    {
        tab.Dispose();
        copies.Dispose();
    }

    [Fact]
    public void A_proposal_begins_in_the_right_order_and_fits()
    {
        tab.Open("/builds/new");
        tab.Type("#name", "Slipway mocha");
        tab.Click("[data-test=base-chocolate]");
        tab.Click("[data-test=serve-iced]");
        tab.Click("[data-test=cup-reed]");
        tab.Click("[data-test=cup-rush]");
        tab.Click("[data-test=cup-willow]");
        tab.Click("[data-test=propose]");
        tab.Until("four lines", () => tab.All("[data-test=line]").Count == 4 && tab.CellsOf("Rush").Count == 4);
        Assert.Equal(["Dark chocolate sauce", "Lock espresso", "Farm milk", "Cubed ice"], tab.All("[data-test=line] th").Select(line => line.Text.Split('\n')[1].Trim()));
        Assert.Contains("of room left", tab.All("[data-test=state]")[1].Text, StringComparison.Ordinal);

        // The whole proposal is one step back, and forth again.
        tab.Click("button[aria-label=Undo]");
        tab.Until("nothing in it", () => tab.All("[data-test=line]").Count == 0 && tab.Has("[data-test=start]"));
        tab.Click("button[aria-label=Redo]");
        tab.Until("four lines", () => tab.All("[data-test=line]").Count == 4);
        tab.Save();
        Assert.Equal("Slipway mocha", tab.Find("#name").GetAttribute("value"));
    }

    [Fact]
    public void Lines_and_sizes_are_worked_by_the_keyboard_and_undone()
    {
        Open("Hazelnut iced latte");
        var first = tab.CellsOf("Rush")[0];
        first.Click();
        first.SendKeys(Keys.Alt + Keys.ArrowDown + Keys.Alt);
        tab.Until("the syrup second", () => tab.All("[data-test=line] th")[1].Text.Contains("Hazelnut syrup", StringComparison.Ordinal));
        tab.Until("the cursor still in it", () => (bool)tab.Script("return document.activeElement.dataset.cell === 'flavour Rush'")!);
        tab.PressControl(Keys.ArrowRight);
        tab.Until("the size beside it", () => (bool)tab.Script("return document.activeElement.dataset.cell === 'flavour Willow'")!);
        tab.Press("7" + Keys.Enter);
        tab.UntilCell(1, "Willow", "7");
        tab.CellsOf("Willow")[1].SendKeys(Keys.Alt + "p" + Keys.Alt);
        tab.Until("unpinned", () => tab.Cell(1, "Willow") != "7");

        tab.Click("h2");
        tab.Press("?");
        tab.Until("the keys", () => tab.Has("[data-test=keys]") && tab.All("[data-test=keys]").Any(keys => keys.Text.Contains("move the line up or down", StringComparison.Ordinal)));
        tab.Press(Keys.Escape);
        for (var i = 0; i < 3; i++)
        {
            tab.Click("button[aria-label=Undo]");
        }

        tab.Until("as it was", () => tab.Status == "Saved" && tab.All("[data-test=line] th")[0].Text.Contains("Hazelnut syrup", StringComparison.Ordinal));
    }

    [Fact]
    public void A_block_of_four_by_three_is_pasted_from_a_spreadsheet_and_one_undo_takes_it_back()
    {
        Open("Hazelnut iced latte");
        Paste(0, "Sedge", "2\t3\t4\n1\t2\t3\n90 ml\t140\t7 fl oz\n80\t100 g\ta bucket");
        tab.UntilCell(0, "Reed", "3");
        tab.UntilCell(1, "Reed", "2");
        tab.UntilCell(2, "Sedge", "90");
        // GNU units: 7 US fl oz are 207.01 ml.
        tab.Until("seven ounces", () => tab.Cell(2, "Rush").StartsWith("207.0", StringComparison.Ordinal));
        tab.UntilCell(3, "Reed", "100");
        // What cannot be read stays where it was put, and says so.
        Assert.Equal("a bucket", tab.Cell(3, "Rush"));
        tab.CellsOf("Rush")[3].Click();
        tab.Press(Keys.Escape);
        tab.Click("button[aria-label=Undo]");
        tab.Until("as it was", () => tab.Status == "Saved" && tab.Cell(0, "Rush") == "4" && tab.Cell(2, "Rush") == "215");
    }

    [Fact]
    public void Schools_are_compared_before_one_is_chosen()
    {
        Open("Hazelnut iced latte");
        tab.Click("[data-test=compare-schools]");
        tab.Until("all five", () => tab.All("[data-test=school]").Count >= 5);
        var same = tab.All("[data-test=school]").Single(school => school.Text.StartsWith("Same shot", StringComparison.Ordinal));
        Assert.Contains("strength", same.Text, StringComparison.Ordinal);
        tab.Click("[data-test=school-same-shot]");
        tab.Until("three shots in all", () => Cold.All(size => tab.Cell(1, size) == "3"));
        tab.Click("button[aria-label=Undo]");
        tab.Until("as it was", () => tab.Status == "Saved");
    }

    private void Open(string name)
    {
        tab.Open(copies.Path(name));
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
    }

    private void Paste(int row, string size, string block)
    {
        var box = tab.CellsOf(size)[row];
        box.Click();
        tab.Script(
            """
            const data = new DataTransfer();
            data.setData('text/plain', arguments[1]);
            arguments[0].dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            """,
            box,
            block);
    }
}
