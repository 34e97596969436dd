namespace Krasis.Browser.Tests;

/// <summary>From draft to retired: publishing, comparing, bringing back, letting be, making variants, looking through the library.</summary>
public sealed class VersionTests : IDisposable
{
    private readonly KrasisProcess server = new(demo: true);
    private readonly Tab tab;

    public VersionTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void A_build_is_published_edited_compared_brought_back_retired_and_comes_on_again()
    {
        Open("Cardamom latte");
        Move("standard", "Tasted with the team");
        UntilText("[data-test=state-tag]", "Standard");

        tab.EnterCell(0, "Plover", "3");
        tab.UntilCell(0, "Heron", "4");
        tab.Save();
        tab.Click("[data-test=history]");
        UntilText("[data-test=entries]", "Published as standard 1");
        UntilText("[data-test=entries]", "“Tasted with the team”");
        UntilText("[data-test=diff]", "Plover, Cardamom syrup 2 strokes → 3 strokes");

        tab.Click("[data-test=restore-s1]");
        tab.UntilCell(0, "Plover", "2");
        Assert.Equal("Not saved yet", tab.Status);
        tab.Save();

        // The season: it comes back next year.
        tab.Type("[data-test=season-from]", "05-01");
        tab.Type("[data-test=season-to]", "05-32", OpenQA.Selenium.Keys.Enter);
        UntilText("[role=alert]", "'05-32' is not a day of the year.");
        tab.Type("[data-test=season-to]", "09-30", OpenQA.Selenium.Keys.Enter);
        tab.Until("no message", () => !tab.Has(".about [role=alert]"));
        tab.Save();

        Move("retired", "Out of season");
        UntilText("[data-test=state-tag]", "Retired");
        tab.Open("/");
        tab.Until("the list without it", () => tab.All("[data-test=build]").Count == 11);
        tab.ChooseOption("[data-test=state-filter]", "Retired");
        tab.Until("it among the retired", () => tab.All("[data-test=build]").Count == 2);
        tab.ClickText("Cardamom latte", "a");
        Move("draft", "The season begins again");
        UntilText("[data-test=state-tag]", "Draft");
    }

    [Fact]
    public void A_recalibrated_pump_lists_the_standard_and_it_is_accepted()
    {
        Open("Cardamom latte");
        Move("standard", "");
        tab.Open("/bar/dispensers/pump-cardamom");
        tab.Type("[data-test=next-stroke]", "12.0 12.1 11.9 12.0", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=effect]", "Would move 2 builds");
        tab.Click("[data-test=keep]");
        UntilText("[role=status]", "is kept.");

        tab.Open("/");
        UntilText("[data-test=moved-standards]", "The bar has moved 1 standard since they were published");
        tab.Click("[data-test=moved-standard] summary");
        UntilText("[data-test=moved-standard]", "Cardamom syrup 19.5 g → 24 g");
        tab.Click("[data-test=accept]");
        UntilText("[role=status]", "is published as the bar now pours it.");
        tab.Until("nothing moved", () => !tab.Has("[data-test=moved-standards]"));
    }

    [Fact]
    public void A_standard_that_the_bar_has_moved_is_adjusted_to_pour_as_it_did()
    {
        // The maple pump gave 9.4 g and gives 6.2 now: three strokes of then are 28.2 g, which is 4.5 of now.
        tab.Open("/bar/dispensers/pump-maple");
        tab.ClickText("Weigh it anew");
        tab.Type("[data-test=next-stroke]", "6.2 6.3 6.1 6.2", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=effect]", "Maple iced coffee");
        tab.Click("[data-test=keep]");
        UntilText("[role=status]", "is kept.");
        tab.Open("/");
        UntilText("[data-test=moved-standards]", "The bar has moved 2 standards");
        tab.ClickText("Maple iced coffee", "[data-test=moved-standard] summary strong");
        tab.Until("the way to the sheet", () =>
        {
            tab.All("[data-test=moved-standard] .adjust").First(link => link.Displayed).Click();
            return true;
        });
        UntilText("[data-test=adjust-banner]", "Rush, Maple syrup 3 strokes → 5 strokes");
        tab.Click("[data-test=adjust]");
        tab.UntilCell(0, "Rush", "5");
        tab.Click("button[aria-label=Undo]");
        tab.UntilCell(0, "Rush", "3");
        tab.Click("button[aria-label=Redo]");
        tab.UntilCell(0, "Rush", "5");
        Move("standard", "The pump was weighed anew");
        tab.Open("/");
        UntilText("[data-test=moved-standards]", "The bar has moved 1 standard since");
    }

    [Fact]
    public void A_finding_is_let_be_with_a_reason_that_is_kept()
    {
        Open("Cherry coconut iced mocha");
        var before = tab.All("[data-test=finding]").Count;
        tab.Click("[data-test=waive]");
        tab.Type("[data-test=waive-reason]", "The festival cup is meant to be full.");
        tab.Click("[data-test=waive-go]");
        tab.Until("one finding less", () => tab.All("[data-test=finding]").Count == before - 1 && tab.Has("[data-test=waived]"));
        tab.Save();
        tab.Reload();
        tab.Click("[data-test=waived] summary");
        UntilText("[data-test=waived]", "“The festival cup is meant to be full.”");

        tab.Click("[data-test=unwaive]");
        tab.Until("it again", () => tab.All("[data-test=finding]").Count == before);
        tab.Click("button[aria-label=Undo]");
        tab.Until("let be again", () => tab.All("[data-test=finding]").Count == before - 1);
    }

    [Fact]
    public void Hot_becomes_iced_with_the_reasons_and_the_variant_is_offered_what_its_parent_changes()
    {
        Open("Cardamom latte");
        tab.Click("[data-test=variant]");
        UntilText("[data-test=changes]", "Lock espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.");
        UntilText("[data-test=changes]", "Ice takes that room, and melts into the drink.");
        tab.Type("[data-test=variant-name]", "Cardamom over ice");
        tab.Click("[data-test=keep-variant]");
        tab.Until("the variant", () => tab.Has("#name") && tab.Find("#name").GetAttribute("value") == "Cardamom over ice");
        UntilText("[data-test=parent]", "Made of Cardamom latte: served iced.");
        Assert.All(tab.All("[data-test=state]"), state => Assert.Contains("of room left", state.Text, StringComparison.Ordinal));
        var variant = tab.Path;

        // And on from there: blended.
        tab.Click("[data-test=variant]");
        tab.ChooseOption("[data-test=transform-serve]", "blended");
        UntilText("[data-test=changes]", "tastes more dilute");
        tab.ClickText("Not now");
        tab.Until("it closed", () => !tab.Has("[role=dialog]"));

        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "3");
        tab.UntilCell(0, "Heron", "4");
        tab.Save();

        tab.Open("/");
        tab.Until("the note in the list", () => tab.All("[data-test=build]").Any(row => row.Text.Contains("what it was made of has changed", StringComparison.Ordinal)));
        tab.Open(variant);
        UntilText("[data-test=parent]", "That has been changed since.");
        tab.ClickText("What changed?");
        UntilText("[data-test=diff]", "Plover, Cardamom syrup 2 strokes → 3 strokes");
        tab.Click("[data-test=anew]");
        tab.UntilCell(0, "Plover", "3");
        tab.Save();
        Assert.Equal("Cardamom over ice", tab.Find("#name").GetAttribute("value"));
        tab.Until("nothing to offer", () => !tab.Find("[data-test=parent]").Text.Contains("changed since", StringComparison.Ordinal));
    }

    [Fact]
    public void Dairy_free_and_less_sweet_say_what_they_change()
    {
        Open("Cardamom latte");
        tab.Click("[data-test=variant]");
        UntilText("[data-test=side-facts]", "allergens: milk");
        tab.ChooseOption("[data-test=transform-to]", "dairy-free");
        UntilText("[data-test=changes]", "Farm milk");
        tab.Until("no milk in it", () => !tab.All("[data-test=side-facts]")[1].Text.Contains("allergens: milk", StringComparison.Ordinal));

        // By the labels: 4.8 g in 100 g of the milk, and less in what it is swapped for or more; never the same.
        Assert.NotEqual(Carbohydrate(0), Carbohydrate(1));
        tab.ChooseOption("[data-test=transform-to]", "less sweet");
        UntilText("[data-test=changes]", "Cardamom syrup: 2 strokes → 1 stroke");
    }

    [Fact]
    public void The_library_is_searched_sorted_tagged_and_retired_together()
    {
        Open("Maple iced coffee");
        tab.Type("[data-test=tags]", "iced, canal fair", OpenQA.Selenium.Keys.Enter);
        tab.Save();
        tab.Open("/");
        UntilText("[data-test=glance]", "12 on the menu");
        tab.Type("[data-test=seek]", "sesame");
        tab.Until("one build", () => tab.All("[data-test=build]").Count == 1);
        tab.Type("[data-test=seek]", "tree nuts");
        tab.Until("what has nuts in it", () => tab.All("[data-test=build]").Count == 1 && tab.Find("[data-test=build]").Text.Contains("Hazelnut iced latte", StringComparison.Ordinal));
        tab.Type("[data-test=seek]", "canal fair");
        tab.Until("what is tagged", () => tab.All("[data-test=build]").Count == 1 && tab.Find("[data-test=build]").Text.Contains("Maple iced coffee", StringComparison.Ordinal));
        tab.Type("[data-test=seek]", "nothing of the kind");
        tab.Until("none", () => tab.Has("[data-test=none-found]"));
        tab.Type("[data-test=seek]", "");
        tab.ChooseOption("[data-test=sort]", "most findings first");
        tab.Until("the worst first", () => tab.Find("[data-test=build]").Text.Contains("Cherry coconut iced mocha", StringComparison.Ordinal));

        tab.Click("input[aria-label='Choose Maple iced coffee']");
        tab.Click("input[aria-label='Choose Ginger-pear tide']");
        tab.ClickText("Retire 2");
        tab.Until("ten", () => tab.All("[data-test=build]").Count == 10);
        tab.Click("[data-test=notice-action]");
        tab.Until("twelve again", () => tab.All("[data-test=build]").Count == 12);
    }

    [Fact]
    public void Two_builds_are_compared_with_their_cups_and_what_differs()
    {
        tab.Open("/");
        tab.Click("input[aria-label='Choose Black sesame latte']");
        tab.Click("input[aria-label='Choose Cardamom latte']");
        tab.Click("[data-test=compare]");
        tab.Until("both shelves", () => tab.All("[data-test=compared]").Count == 2 && tab.Path == "/compare");
        UntilText("[data-test=diff]", "Name Black sesame latte → Cardamom latte");
        UntilText("[data-test=diff]", "Cardamom syrup not in it → in it");
        tab.Reload();
        UntilText("[data-test=diff]", "Name Black sesame latte → Cardamom latte");

        // Two sizes of one build: the numbers, with what differs marked.
        tab.ChooseOption("[data-test=compare-build-0]", "Cardamom latte");
        tab.ChooseOption("[data-test=compare-size-0]", "Wren");
        tab.ChooseOption("[data-test=compare-size-1]", "Heron");
        UntilText("[data-row=Strength]", "Strength 0.99 % ≠ 1.25 %");
        Assert.Equal(["Wren", "Heron"], tab.All("[data-test=compared] strong").Select(name => name.Text));

        // A third, in the version that it was published in.
        tab.Click("[data-test=compare-third]");
        tab.ChooseOption("[data-test=compare-build-2]", "Hazelnut iced latte");
        tab.Until("three", () => tab.All("[data-test=compared]").Count == 3);
        tab.Click("[data-test=compare-version-2]");
        tab.Until("its versions", () => tab.All("li[role=option]").Count(option => option.Text.StartsWith("standard", StringComparison.Ordinal)) == 2);
        tab.Press(OpenQA.Selenium.Keys.Escape);
        UntilText("[data-row='Hazelnut syrup']", "Hazelnut syrup not in it not in it ≠ 4 strokes");
        tab.Reload();
        tab.Until("three again", () => tab.All("[data-test=compared]").Count == 3);
    }

    private string Carbohydrate(int side) => tab.All("[data-test=side-facts]")[side].Text.Split('·')[0];

    private void Open(string name)
    {
        tab.Open("/");
        tab.ClickText(name, "a");
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
    }

    private void Move(string state, string reason)
    {
        tab.Click($"[data-test=move-{state}]");
        if (reason.Length > 0)
        {
            tab.Type("[data-test=state-reason]", reason);
        }

        tab.Click("[data-test=state-go]");
        tab.Until("the dialog gone", () => !tab.Has("[role=dialog]"));
    }

    private void UntilText(string css, string text) => tab.Until($"'{text}' in {css}", () => tab.All(css).Any(element => element.Text.Replace("\n", " ", StringComparison.Ordinal).Contains(text, StringComparison.Ordinal)));
}
