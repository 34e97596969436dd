using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>What a lead does from beginning to end.</summary>
public sealed class FlowTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void A_hot_flavoured_latte_is_written_and_published_without_a_mouse()
    {
        Tab.Open("/");
        Tab.Until("the list", () => Tab.Has("[data-test=build]"));
        PressOn("[data-test=new-build]");
        Tab.Until("the start", () => Tab.Has("[data-test=base-espresso]"));
        Tab.TabTo("#name");
        Tab.Press("Weir hazelnut latte");
        foreach (var step in new[] { "base-espresso", "serve-hot", "cup-wren", "cup-plover", "cup-heron", "propose" })
        {
            PressOn($"[data-test={step}]");
        }

        Tab.Until("the proposal", () => Tab.All("[data-test=line]").Count >= 2 && Tab.CellsOf("Plover").Count >= 2);
        var lines = Tab.All("[data-test=line]").Count;
        if (!Names().Contains("Hazelnut syrup"))
        {
            Tab.TabTo("[data-test=add-line] [role=combobox], [role=combobox][aria-label='Add a line']");
            Tab.Press(Keys.Enter);
            Tab.Until("the search", () => Tab.Has(".p-select-filter"));
            Tab.Press("hazelnut");
            Tab.Until("what is found", () => Tab.All("li[role=option]").Count == 1);
            Tab.Press(Keys.ArrowDown + Keys.Enter);
            Tab.Until("the line with the cursor in it", () =>
                Tab.All("[data-test=line]").Count == lines + 1
                && (bool)Tab.Script("return document.activeElement.dataset.cell?.endsWith(' Plover') ?? false")!
            );
            Tab.Press("3 strokes" + Keys.Enter);
            Tab.UntilCell(lines, "Plover", "3");
            for (var up = lines; up > 0; up--)
            {
                Tab.PressAlt(Keys.ArrowUp);
                Tab.Until("the move", () => Names().ElementAt(up - 1) == "Hazelnut syrup");
            }
        }

        // It is a draft, and saves itself; as soon as it is kept it has an address of its own.
        Tab.Until("the save", () => Tab.Status == "Saved" && Tab.Path != "/builds/new");
        PressOn("[data-test=move-standard]");
        Tab.Until("the question", () => Tab.Has("[data-test=state-reason]"));
        Tab.TabTo("[data-test=state-reason]");
        Tab.Press("Guests asked for it");
        PressOn("[data-test=state-go]");
        Tab.Until("the standard", () =>
            Tab.Says.Contains("'Weir hazelnut latte' is published.", StringComparison.Ordinal)
        );
        Tab.Until("its state", () => Tab.Says.Contains("Publish again…", StringComparison.Ordinal));
    }

    [Fact]
    public void Milk_before_the_shot_is_told_mended_and_the_mend_undone()
    {
        Tab.Open("/builds/new");
        Tab.Type("#name", "Cherry slip mocha");
        foreach (var step in new[] { "base-chocolate", "serve-hot", "cup-wren", "cup-plover", "cup-heron", "propose" })
        {
            Tab.Click($"[data-test={step}]");
        }

        Tab.Until("the proposal", () => Tab.CellsOf("Plover").Count == 3);
        Assert.Equal(["Dark chocolate sauce", "Lock espresso", "Farm milk"], Names());
        Assert.False(Tab.Has("[data-check=sauce-on-the-bottom]"));

        Tab.CellsOf("Plover")[2].Click();
        Tab.PressAlt(Keys.ArrowUp);
        Tab.Until("the warning", () => Tab.Has("[data-check=sauce-on-the-bottom]"));
        Assert.Equal(["Dark chocolate sauce", "Farm milk", "Lock espresso"], Names());
        Tab.Click("[data-check=sauce-on-the-bottom] [data-test=mend]");
        Tab.Until("the mend", () =>
            Names().SequenceEqual(["Dark chocolate sauce", "Lock espresso", "Farm milk"])
            && !Tab.Has("[data-check=sauce-on-the-bottom]")
        );
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("it back", () =>
            Names().SequenceEqual(["Dark chocolate sauce", "Farm milk", "Lock espresso"])
            && Tab.Has("[data-check=sauce-on-the-bottom]")
        );
    }

    [Fact]
    public void A_bigger_cup_with_the_same_shot_is_weak_and_is_mended_by_the_ratio_or_by_advice()
    {
        Open("Cardamom latte");
        Tab.ChooseOption("[data-test=school]", "Same shot");
        Tab.UntilCell(1, "Heron", "2");
        Tab.Until("the warning", () => Finding("Heron is", "weaker"));

        Tab.ChooseOption("[data-test=school]", "Hold the ratio");
        Tab.Until("the same taste", () => !Finding("Heron is", "weaker") && Tab.Cell(1, "Heron") == "3");

        Tab.Click("button[aria-label=Undo]");
        Tab.Until("the warning again", () => Finding("Heron is", "weaker"));
        Tab.WorkIn("Heron");
        Tab.Click("[aria-label='Advise on Heron']");
        Tab.Until("the ways", () => Tab.All("[data-test=advice]").Count > 1);
        var second = Tab.All("[data-test=advice]")[1].FindElement(By.CssSelector(".reason")).Text;
        Tab.Until("the second taken", () =>
        {
            Tab.All("[data-test=advice]")[1].FindElement(By.CssSelector("[data-test=take]")).Click();
            return true;
        });
        Tab.Until("what it said", () => !Tab.Has("[data-test=advice]") && !Finding("Heron is", "weaker"));
        Assert.All(Enumerable.Range(0, 3).Select(row => Tab.Cell(row, "Heron")), amount =>
            Assert.Contains(amount, second, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void One_thing_changes_in_every_size_after_all_of_them_were_shown()
    {
        Open("Black sesame latte");
        Tab.Click("[data-test=line] [data-test=line-name]");
        Tab.Click("[data-test=tools] [data-test=every-size]");
        Tab.Until("the sizes", () => Tab.All("[data-test=every-sizes] tbody tr").Count == 3);
        var before = SizeNames.Select(size => Tab.Cell(0, size)).ToList();
        var shown = SizeNames
            .Select(size => Tab.TextOf($"[data-test=every-sizes] [data-size={size}] .amount strong").Split(' ')[0])
            .ToList();
        Assert.All(before.Zip(shown), size => Assert.NotEqual(size.First, size.Second));

        Tab.Click("[data-test=every-take]");
        Tab.Until("all of them", () => SizeNames.Select(size => Tab.Cell(0, size)).SequenceEqual(shown));
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("them as before", () => SizeNames.Select(size => Tab.Cell(0, size)).SequenceEqual(before));
    }

    private void PressOn(string css)
    {
        Tab.TabTo(css);
        Tab.Press(Keys.Enter);
    }

    private static string[] SizeNames => ["Wren", "Plover", "Heron"];

    private bool Finding(params string[] words) =>
        Tab.All("[data-test=finding]")
            .Any(finding => words.All(word => finding.Text.Contains(word, StringComparison.Ordinal)));

    private IEnumerable<string> Names() =>
        (
            (IEnumerable<object>)
                Tab.Script(
                    "return [...document.querySelectorAll('[data-test=line-name]')].map(label => label.textContent.trim())"
                )!
        ).Cast<string>();
}
