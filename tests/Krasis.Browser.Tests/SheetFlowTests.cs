using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>Writing a build by the keyboard, by a proposal, and from a spreadsheet.</summary>
public sealed class SheetFlowTests(DemoHost server) : DemoTests(server)
{
    private static readonly string[] Cold = ["Sedge", "Reed", "Rush", "Willow"];

    [Fact]
    public void A_proposal_begins_in_the_right_order_and_fits()
    {
        Tab.Open("/builds/new");
        Tab.Type("#name", "Slipway mocha");
        Tab.Click("[data-test=base-chocolate]");
        Tab.Click("[data-test=serve-iced]");
        Tab.Click("[data-test=cup-reed]");
        Tab.Click("[data-test=cup-rush]");
        Tab.Click("[data-test=cup-willow]");
        Tab.Click("[data-test=propose]");
        Tab.Until("four lines", () => Tab.All("[data-test=line]").Count == 4 && Tab.CellsOf("Rush").Count == 4);
        Assert.Equal(
            ["Dark chocolate sauce", "Lock espresso", "Farm milk", "Cubed ice"],
            Tab.All("[data-test=line-name]").Select(name => name.Text.Trim())
        );
        Assert.Contains("of room left", Tab.All("[data-test=state]")[1].Text, StringComparison.Ordinal);

        // The whole proposal is one step back, and forth again.
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("nothing in it", () => Tab.All("[data-test=line]").Count == 0 && Tab.Has("[data-test=start]"));
        Tab.Click("button[aria-label=Redo]");
        Tab.Until("four lines", () => Tab.All("[data-test=line]").Count == 4);
        Tab.Save();
        Assert.Equal("Slipway mocha", Tab.AttributeOf("#name", "value"));
    }

    // What a lead looks at is there without scrolling, and the first amount is two keys away.
    [Fact]
    public void All_of_a_sheet_is_seen_at_once()
    {
        Open("Hazelnut iced latte");
        Tab.UntilStill();
        foreach (
            var css in new[]
            {
                "#name",
                "[data-test=state-tag]",
                "[data-size=Willow] svg",
                "[data-band=Strength]",
                "[data-band=Sweetness]",
                "[data-test=line]:last-child",
                "[data-test=finding]",
            }
        )
        {
            Assert.True(
                (bool)
                    Tab.Script(
                        "const box = document.querySelector(arguments[0]).getBoundingClientRect(); return box.top >= 0 && box.bottom <= innerHeight",
                        css
                    )!,
                css
            );
        }

        Assert.True(
            (bool)
                Tab.Script(
                    "return [...document.querySelectorAll('[data-test=line]')].every(row => row.getBoundingClientRect().height <= 52.5)"
                )!
        );
        Tab.Press(Keys.Tab + Keys.Enter);
        Tab.Until("the first amount", () =>
            (bool)Tab.Script("return document.activeElement.dataset.cell === 'flavour Rush'")!
        );

        // Its tools stand below it, and below no other line.
        Tab.UntilText("[data-test=tools]", "Hazelnut syrup");
        Tab.Press(Keys.Enter);
        Tab.Until("the tools of the next", () =>
            Assert.Single(Tab.All("[data-test=tools]")).Text.Contains("Lock espresso", StringComparison.Ordinal)
        );
    }

    // Six lines in six sizes take more than a window: which cups they are, whether they fit and how they taste stays on
    // screen.
    [Fact]
    public void The_heads_stay_while_the_lines_roll()
    {
        Open("Cherry coconut mocha, blended");
        Tab.Resize(1280, 500);
        Tab.Script(
            "window.scrollTo(0, scrollY + document.querySelector('[data-size=Willow] svg').getBoundingClientRect().bottom + 100)"
        );
        foreach (
            var css in new[]
            {
                "th[data-size=Willow] [data-test=state]",
                "[data-band=Strength]",
                "[data-band=Sweetness]",
            }
        )
        {
            Tab.Until($"{css} on screen", () =>
                (bool)
                    Tab.Script(
                        "const box = document.querySelector(arguments[0]).getBoundingClientRect(); return box.top >= 0 && box.bottom <= innerHeight",
                        css
                    )!
            );
        }

        Assert.True(
            (bool)
                Tab.Script(
                    "return document.querySelector('[data-size=Willow] svg').getBoundingClientRect().bottom <= 1"
                )!
        );
    }

    [Fact]
    public void On_a_phone_one_size_is_shown_at_a_time()
    {
        Open("Hazelnut iced latte");
        Tab.Resize(390, 844);
        Tab.Until("one size", () =>
            Tab.All("td input[data-cell]")
                .Where(cell => cell.Displayed)
                .All(cell => cell.GetAttribute("data-cell")!.EndsWith(" Rush", StringComparison.Ordinal))
        );
        Tab.ClickText("Sedge", ".sizes button");
        Tab.Until("the other", () =>
            Tab.All("td input[data-cell]")
                .Where(cell => cell.Displayed)
                .All(cell => cell.GetAttribute("data-cell")!.EndsWith(" Sedge", StringComparison.Ordinal))
        );
        Assert.True((bool)Tab.Script("return document.documentElement.scrollWidth <= innerWidth")!);
        Assert.False(Tab.Has("[data-test=school]"));
        Tab.Click("[data-test=settings]");
        Tab.Until("the settings", () => Tab.Has("[data-test=school]"));
    }

    [Fact]
    public void Lines_and_sizes_are_worked_by_the_keyboard_and_undone()
    {
        Open("Hazelnut iced latte");
        var first = Tab.CellsOf("Rush")[0];
        first.Click();
        first.SendKeys(Keys.Alt + Keys.ArrowDown + Keys.Alt);
        Tab.Until("the syrup second", () =>
            Tab.All("[data-test=line] th")[1].Text.Contains("Hazelnut syrup", StringComparison.Ordinal)
        );
        Tab.Until("the cursor still in it", () =>
            (bool)Tab.Script("return document.activeElement.dataset.cell === 'flavour Rush'")!
        );
        Tab.PressControl(Keys.ArrowRight);
        Tab.Until("the size beside it", () =>
            (bool)Tab.Script("return document.activeElement.dataset.cell === 'flavour Willow'")!
        );
        Tab.Press("7" + Keys.Enter);
        Tab.UntilCell(1, "Willow", "7");
        Tab.CellsOf("Willow")[1].SendKeys(Keys.Alt + "p" + Keys.Alt);
        Tab.Until("unpinned", () => Tab.Cell(1, "Willow") != "7");

        Tab.Click("[data-test=size-panel] h2");
        Tab.Press("?");
        Tab.Until("the keys", () =>
            Tab.Has("[data-test=keys]")
            && Tab.All("[data-test=keys]")
                .Any(keys => keys.Text.Contains("move the line up or down", StringComparison.Ordinal))
        );
        Tab.Press(Keys.Escape);
        for (var i = 0; i < 3; i++)
        {
            Tab.Click("button[aria-label=Undo]");
        }

        Tab.Until("as it was", () =>
            Tab.Status == "Saved"
            && Tab.All("[data-test=line] th")[0].Text.Contains("Hazelnut syrup", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_block_of_four_by_three_is_pasted_from_a_spreadsheet_and_one_undo_takes_it_back()
    {
        Open("Hazelnut iced latte");
        Paste(0, "Sedge", "2\t3\t4\n1\t2\t3\n90 ml\t140\t7 fl oz\n80\t100 g\ta bucket");
        Tab.UntilCell(0, "Reed", "3");
        Tab.UntilCell(1, "Reed", "2");
        Tab.UntilCell(2, "Sedge", "90");
        // GNU units: 7 US fl oz are 207.01 ml.
        Tab.Until("seven ounces", () => Tab.Cell(2, "Rush").StartsWith("207.0", StringComparison.Ordinal));
        Tab.UntilCell(3, "Reed", "100");
        // What cannot be read stays where it was put, and says so.
        Assert.Equal("a bucket", Tab.Cell(3, "Rush"));
        Tab.CellsOf("Rush")[3].Click();
        Tab.Press(Keys.Escape);
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("as it was", () =>
            Tab.Status == "Saved" && Tab.Cell(0, "Rush") == "4" && Tab.Cell(2, "Rush") == "170"
        );
    }

    [Fact]
    public void A_mark_is_kept_in_every_size_a_claim_is_held_against_what_goes_in_and_a_real_cup_s_colour_is_taken()
    {
        Open("Hazelnut iced latte");
        Tab.EnterCell(2, "Rush", "to the milk line");
        Tab.Until("the mark in every size", () => Cold.All(size => Tab.Cell(2, size) == "to the milk line"));

        Tab.Click("[data-test=about]");
        Tab.Click("[data-test=claims]");
        Tab.ClickText("no added sugar", "li[role=option]");
        Tab.Press(Keys.Escape);
        Tab.Until("the claim to be judged", () =>
            Tab.Says.Contains("\"no added sugar\" is not so: Hazelnut syrup brings sugar.", StringComparison.Ordinal)
        );

        Tab.Script(
            "const seen = document.querySelector('[data-test=seen]'); seen.value = '#8a5a3c'; seen.dispatchEvent(new Event('change', { bubbles: true }))"
        );
        Tab.Until("the colour to be taken", () => Tab.Has("button[aria-label='Forget the colour of a real cup']"));
        Tab.Click("button[aria-label='Forget the colour of a real cup']");
        Tab.Until("the colour to be worked out again", () =>
            Tab.Says.Contains("as worked out", StringComparison.Ordinal)
        );
        for (var i = 0; i < 4; i++)
        {
            Tab.Click("button[aria-label=Undo]");
        }

        Tab.Until("as it was", () => Tab.Status == "Saved" && Tab.Cell(2, "Rush") == "170");
    }

    [Fact]
    public void Schools_are_compared_before_one_is_chosen()
    {
        Open("Hazelnut iced latte");
        Tab.Click("[data-test=compare-schools]");
        Tab.Until("all five", () => Tab.All("[data-test=school]").Count >= 5);
        var same = Tab.All("[data-test=school]")
            .Single(school => school.Text.StartsWith("Same shot", StringComparison.Ordinal));
        Assert.Contains("strength", same.Text, StringComparison.Ordinal);
        Tab.Click("[data-test=school-same-shot]");
        Tab.Until("three shots in all", () => Cold.All(size => Tab.Cell(1, size) == "3"));
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("as it was", () => Tab.Status == "Saved");
    }

    private void Paste(int row, string size, string block)
    {
        var box = Tab.CellsOf(size)[row];
        box.Click();
        Tab.Script(
            """
            const data = new DataTransfer();
            data.setData('text/plain', arguments[1]);
            arguments[0].dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            """,
            box,
            block
        );
    }
}
