using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>What a lead does from beginning to end.</summary>
public sealed class FlowTests : IClassFixture<DemoProcess>, IDisposable
{
    private readonly Copies copies;
    private readonly Tab tab;

    public FlowTests(DemoProcess server)
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
    public void A_hot_flavoured_latte_is_written_and_published_without_a_mouse()
    {
        tab.Open("/");
        tab.Until("the list", () => tab.Has("[data-test=build]"));
        PressOn("[data-test=new-build]");
        tab.Until("the start", () => tab.Has("[data-test=base-espresso]"));
        tab.TabTo("#name");
        tab.Press("Weir hazelnut latte");
        foreach (var step in new[] { "base-espresso", "serve-hot", "cup-wren", "cup-plover", "cup-heron", "propose" })
        {
            PressOn($"[data-test={step}]");
        }

        tab.Until("the proposal", () => tab.All("[data-test=line]").Count >= 2 && tab.CellsOf("Plover").Count >= 2);
        var lines = tab.All("[data-test=line]").Count;
        if (!Names().Contains("Hazelnut syrup"))
        {
            tab.TabTo("[data-test=add-line] [role=combobox], [role=combobox][aria-label='Add a line']");
            tab.Press(Keys.Enter);
            tab.Until("the search", () => tab.Has(".p-select-filter"));
            tab.Press("hazelnut");
            tab.Until("what is found", () => tab.All("li[role=option]").Count == 1);
            tab.Press(Keys.ArrowDown + Keys.Enter);
            tab.Until("the line with the cursor in it", () => tab.All("[data-test=line]").Count == lines + 1 && (bool)tab.Script("return document.activeElement.dataset.cell?.endsWith(' Plover') ?? false")!);
            tab.Press("3 strokes" + Keys.Enter);
            tab.UntilCell(lines, "Plover", "3");
            for (var up = lines; up > 0; up--)
            {
                tab.PressAlt(Keys.ArrowUp);
                tab.Until("the move", () => Names().ElementAt(up - 1) == "Hazelnut syrup");
            }
        }

        // It is a draft, and saves itself; as soon as it is kept it has an address of its own.
        tab.Until("the save", () => tab.Status == "Saved" && tab.Path != "/builds/new");
        PressOn("[data-test=move-standard]");
        tab.Until("the question", () => tab.Has("[data-test=state-reason]"));
        tab.TabTo("[data-test=state-reason]");
        tab.Press("Guests asked for it");
        PressOn("[data-test=state-go]");
        tab.Until("the standard", () => tab.Says.Contains("'Weir hazelnut latte' is published.", StringComparison.Ordinal));
        tab.Until("its state", () => tab.Says.Contains("Publish again…", StringComparison.Ordinal));
    }

    [Fact]
    public void Milk_before_the_shot_is_told_mended_and_the_mend_undone()
    {
        tab.Open("/builds/new");
        tab.Type("#name", "Cherry slip mocha");
        foreach (var step in new[] { "base-chocolate", "serve-hot", "cup-wren", "cup-plover", "cup-heron", "propose" })
        {
            tab.Click($"[data-test={step}]");
        }

        tab.Until("the proposal", () => tab.CellsOf("Plover").Count == 3);
        Assert.Equal(["Dark chocolate sauce", "Lock espresso", "Farm milk"], Names());
        Assert.False(tab.Has("[data-check=sauce-on-the-bottom]"));

        tab.CellsOf("Plover")[2].Click();
        tab.PressAlt(Keys.ArrowUp);
        tab.Until("the warning", () => tab.Has("[data-check=sauce-on-the-bottom]"));
        Assert.Equal(["Dark chocolate sauce", "Farm milk", "Lock espresso"], Names());
        tab.Click("[data-check=sauce-on-the-bottom] [data-test=mend]");
        tab.Until("the mend", () => Names().SequenceEqual(["Dark chocolate sauce", "Lock espresso", "Farm milk"]) && !tab.Has("[data-check=sauce-on-the-bottom]"));
        tab.Click("button[aria-label=Undo]");
        tab.Until("it back", () => Names().SequenceEqual(["Dark chocolate sauce", "Farm milk", "Lock espresso"]) && tab.Has("[data-check=sauce-on-the-bottom]"));
    }

    [Fact]
    public void A_bigger_cup_with_the_same_shot_is_weak_and_is_mended_by_the_ratio_or_by_advice()
    {
        Open("Cardamom latte");
        tab.ChooseOption("[data-test=school]", "Same shot");
        tab.UntilCell(1, "Heron", "2");
        tab.Until("the warning", () => Finding("Heron is", "weaker"));

        tab.ChooseOption("[data-test=school]", "Hold the ratio");
        tab.Until("the same taste", () => !Finding("Heron is", "weaker") && tab.Cell(1, "Heron") == "3");

        tab.Click("button[aria-label=Undo]");
        tab.Until("the warning again", () => Finding("Heron is", "weaker"));
        tab.Click("[aria-label='Advise on Heron']");
        tab.Until("the ways", () => tab.All("[data-test=advice]").Count > 1);
        var second = tab.All("[data-test=advice]")[1].FindElement(By.CssSelector("strong")).Text;
        tab.Until("the second taken", () =>
        {
            tab.All("[data-test=advice]")[1].FindElement(By.CssSelector("[data-test=take]")).Click();
            return true;
        });
        tab.Until("what it said", () => !tab.Has("[data-test=advice]") && !Finding("Heron is", "weaker"));
        Assert.All(Enumerable.Range(0, 3).Select(row => tab.Cell(row, "Heron")), amount => Assert.Contains(amount, second, StringComparison.Ordinal));
    }

    private void PressOn(string css)
    {
        tab.TabTo(css);
        tab.Press(Keys.Enter);
    }

    private bool Finding(params string[] words) =>
        tab.All("[data-test=finding]").Any(finding => words.All(word => finding.Text.Contains(word, StringComparison.Ordinal)));

    private IEnumerable<string> Names() =>
        ((IEnumerable<object>)tab.Script("return [...document.querySelectorAll('[data-test=line] .ingredient .p-select-label')].map(label => label.textContent.trim())")!).Cast<string>();

    private void Open(string name)
    {
        tab.Open(copies.Path(name));
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
    }
}
