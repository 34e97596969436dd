namespace Krasis.Browser.Tests;

/// <summary>From draft to retired: publishing, comparing, bringing back, letting be, making variants, looking through
/// the library.</summary>
public sealed class VersionTests : IDisposable
{
    private readonly KrasisHost server = new(demo: true);
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
        tab.More("history");
        UntilText("[data-test=entries]", "Published as standard 1");
        UntilText("[data-test=entries]", "“Tasted with the team”");
        UntilText("[data-test=diff]", "Plover, Cardamom syrup 2 strokes → 3 strokes");

        // As it was published it is opened, only to be read.
        var path = tab.Path;
        tab.Click("[data-test=open-s1]");
        UntilText("h1", "Cardamom latte, standard 1");
        UntilText("[data-test=published]", "“Tasted with the team”");
        UntilText("[data-test=standard]", "2 strokes");
        Assert.Empty(tab.All("main input"));
        tab.Click("[data-test=open-build]");
        tab.Until("the sheet", () => tab.Path == path);
        tab.UntilCell(0, "Plover", "3");
        tab.More("history");

        tab.Click("[data-test=restore-s1]");
        tab.UntilCell(0, "Plover", "2");
        Assert.Equal("Not saved yet", tab.Status);
        tab.Save();

        // The season: it comes back next year.
        tab.Click("[data-test=about]");
        tab.Type("[data-test=season-from]", "05-01");
        tab.Type("[data-test=season-to]", "05-32", OpenQA.Selenium.Keys.Enter);
        UntilText("[role=alert]", "'05-32' is not a day of the year.");
        tab.Type("[data-test=season-to]", "09-30", OpenQA.Selenium.Keys.Enter);
        tab.Until("no message", () => !tab.Has(".facts [role=alert]"));
        tab.Save();

        Move("retired", "Out of season");
        UntilText("[data-test=state-tag]", "Retired");
        tab.Open("/");
        tab.Until("the list without it", () => tab.Listed == 11);
        tab.ChooseOption("[data-test=state-filter]", "Retired");
        tab.Until("it among the retired", () => tab.Listed == 2);
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
        UntilText("[role=status]", "is saved.");

        tab.Open("/");
        UntilText("[data-test=moved-standards]", "The bar has moved 1 standard since they were published");
        tab.Click("[data-test=moved-standard] summary");

        // The list of what moved stands there only until it is laid side by side.
        UntilText("[data-test=pours] [data-size=Plover]", "2 strokes, 19.5 g");
        UntilText("[data-test=pours] [data-size=Plover]", "2 strokes, 24 g");
        tab.Click("[data-test=accept]");

        // What stands against it is told before it is done.
        UntilText("[data-test=publish-changes]", "Plover, Cardamom syrup 2 strokes of 19.5 g → 2 strokes of 24 g");
        Assert.Equal("Accepted as the bar now pours it.", tab.AttributeOf("[data-test=state-reason]", "value"));
        tab.Click("[data-test=state-go]");
        UntilText("[role=status]", "is published.");
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
        UntilText("[role=status]", "is saved.");
        tab.Open("/");
        UntilText("[data-test=moved-standards]", "The bar has moved 2 standards");
        tab.ClickText("Maple iced coffee", "[data-test=moved-standard] summary strong");
        tab.Until("the way to the sheet", () =>
        {
            tab.All("[data-test=moved-standard] .adjust").First(link => link.Displayed).Click();
            return true;
        });
        UntilText(
            "[data-test=adjust-banner]",
            "Adjusted, it tastes and fills its cups as it did, within what the house allows."
        );
        tab.Click("[data-test=adjust-banner] summary");
        UntilText("[data-test=pours] [data-size=Rush]", "3 strokes, 28.2 g");
        UntilText("[data-test=pours] [data-size=Rush]", "3 strokes, 18.6 g");
        UntilText("[data-test=pours] [data-size=Rush]", "5 strokes, 31 g");
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

    // What is open is told before it is published: a warning wants a reason, a fault refuses it; and the standard says
    // that it was changed.
    [Fact]
    public void Publishing_tells_what_is_open_and_what_changes()
    {
        Open("Hazelnut iced latte");
        UntilText("[data-test=state-tag]", "Standard 2");
        tab.EnterCell(0, "Rush", "5");
        UntilText("[data-test=state-tag]", "Standard 2, changed since");
        tab.Click("[data-test=move-standard]");
        UntilText("[data-test=publish-changes]", "Rush, Hazelnut syrup 4 strokes → 5 strokes");
        UntilText("[data-test=publish-warnings]", "Sedge is");
        Assert.False(tab.Find("[data-test=state-go]").Enabled);
        tab.Type("[data-test=state-reason]", "Sweeter, after the tasting.");
        tab.Click("[data-test=state-go]");
        UntilText("[data-test=state-tag]", "Standard 3");
        tab.Until("not changed", () => tab.TextOf("[data-test=state-tag]") == "Standard 3");

        // And the page goes on: what comes next is saved on top of it.
        tab.EnterCell(2, "Rush", "400");
        tab.Save();
        tab.Click("[data-test=move-standard]");
        UntilText("[data-test=publish-faults]", "runs over");
        Assert.False(tab.Find("[data-test=state-go]").Enabled);
    }

    [Fact]
    public void A_finding_is_let_be_with_a_reason_that_is_kept()
    {
        Open("Cherry coconut iced mocha");
        tab.Click("[data-test=notes]");
        var before = tab.All("[data-test=finding]").Count;
        tab.Click("[data-test=waive]");
        tab.Type("[data-test=waive-reason]", "The festival cup is meant to be full.");
        tab.Click("[data-test=waive-go]");
        tab.Until("one finding less", () =>
            tab.All("[data-test=finding]").Count == before - 1 && tab.Has("[data-test=waived]")
        );
        tab.Save();
        tab.Reload();
        tab.Click("[data-test=notes]");
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
        tab.More("variant");
        UntilText(
            "[data-test=changes]",
            "Lock espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink."
        );
        UntilText("[data-test=changes]", "Ice takes that room, and melts into the drink.");
        tab.Type("[data-test=variant-name]", "Cardamom over ice");
        tab.Click("[data-test=keep-variant]");
        tab.Until("the variant", () => tab.Has("#name") && tab.AttributeOf("#name", "value") == "Cardamom over ice");
        UntilText("[data-test=parent]", "Made of Cardamom latte: served iced.");
        Assert.All(tab.All("[data-test=state]"), state =>
            Assert.Contains("of room left", state.Text, StringComparison.Ordinal)
        );
        var variant = tab.Path;

        // And on from there: blended.
        tab.More("variant");
        tab.ChooseOption("[data-test=transform-serve]", "blended");
        UntilText("[data-test=changes]", "tastes more dilute");
        tab.ClickText("Not now");
        tab.Until("it closed", () => !tab.Has("[role=dialog]"));

        Open("Cardamom latte");
        tab.EnterCell(0, "Plover", "3");
        tab.UntilCell(0, "Heron", "4");
        tab.Save();

        tab.Open("/");
        tab.Until("the note in the list", () =>
            tab.All("[data-test=build]")
                .Any(row => row.Text.Contains("what it was made of has changed", StringComparison.Ordinal))
        );
        tab.Open(variant);
        UntilText("[data-test=parent]", "That has been changed since.");
        tab.ClickText("What changed?");
        UntilText("[data-test=diff]", "Plover, Cardamom syrup 2 strokes → 3 strokes");
        tab.Click("[data-test=anew]");
        tab.UntilCell(0, "Plover", "3");
        tab.Save();
        Assert.Equal("Cardamom over ice", tab.AttributeOf("#name", "value"));
        tab.Until("nothing to offer", () =>
            !tab.TextOf("[data-test=parent]").Contains("changed since", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Dairy_free_and_less_sweet_say_what_they_change()
    {
        Open("Cardamom latte");
        tab.More("variant");
        UntilText("[data-test=side-facts]", "Allergens: milk");
        tab.ChooseOption("[data-test=transform-to]", "dairy-free");
        UntilText("[data-test=changes]", "Farm milk");
        tab.Until("no milk in it", () =>
            !tab.All("[data-test=side-facts]")[1].Text.Contains("Allergens: milk", StringComparison.Ordinal)
        );

        // By the labels: 4.8 g in 100 g of the milk, and less in what it is swapped for or more; never the same.
        Assert.NotEqual(Carbohydrate(0), Carbohydrate(1));
        tab.ChooseOption("[data-test=transform-to]", "less sweet");
        UntilText("[data-test=changes]", "Cardamom syrup: 2 strokes → ");
    }

    [Fact]
    public void The_library_is_searched_sorted_tagged_and_retired_together()
    {
        Open("Maple iced coffee");
        tab.Click("[data-test=about]");
        tab.Type("[data-test=tags]", "iced, canal fair", OpenQA.Selenium.Keys.Enter);
        tab.Save();
        tab.Open("/");
        UntilText("[data-test=glance]", "12 builds");
        tab.Type("[data-test=seek]", "sesame");
        tab.Until("what has sesame in it first, and why", () =>
            tab.All("[data-test=build]") is [var first, ..]
            && first.Text.Contains("Contains sesame: Black sesame sauce.", StringComparison.Ordinal)
        );
        tab.Type("[data-test=seek]", "tree nuts");
        tab.Until("what has nuts in it first", () =>
            tab.All("[data-test=build]") is [var first, ..]
            && first.Text.Contains("Contains tree nuts: Hazelnut syrup.", StringComparison.Ordinal)
        );
        tab.Type("[data-test=seek]", "without nuts oat");
        tab.Until("what no label lists nuts of", () =>
            tab.All("[data-test=build]") is [var first, ..]
            && first.Text.Contains("Cardamom oat latte", StringComparison.Ordinal)
        );
        tab.Type("[data-test=seek]", "canal fair");
        tab.Until("what is tagged", () =>
            tab.Listed == 1 && tab.TextOf("[data-test=build]").Contains("Maple iced coffee", StringComparison.Ordinal)
        );
        tab.Type("[data-test=seek]", "nothing of the kind");
        tab.Until("none", () => tab.Has("[data-test=none-found]"));
        tab.Type("[data-test=seek]", "");
        tab.ChooseOption("[data-test=sort]", "most findings first");
        tab.Until("the worst first", () =>
            tab.TextOf("[data-test=build]").Contains("Cherry coconut iced mocha", StringComparison.Ordinal)
        );

        tab.Click("input[aria-label='Choose Maple iced coffee']");
        tab.Click("input[aria-label='Choose Ginger-pear tide']");
        tab.ClickText("Retire 2");
        tab.Until("ten", () => tab.Listed == 10);
        tab.Click("[data-test=notice-action]");
        tab.Until("twelve again", () => tab.Listed == 12);
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
        tab.Until("the other size", () =>
            tab.All("[data-test=compared] strong").Select(name => name.Text).SequenceEqual(["Wren", "Heron"])
        );
        UntilText("[data-row=Strength]", "Strength 0.99 % ≠ 1.25 %");
        Assert.Equal(["Wren", "Heron"], tab.All("[data-test=compared] strong").Select(name => name.Text));

        // A third, in the version that it was published in.
        tab.Click("[data-test=compare-more]");
        tab.ChooseOption("[data-test=compare-build-2]", "Hazelnut iced latte");
        tab.Until("three", () => tab.All("[data-test=compared]").Count == 3);
        tab.Click("[data-test=compare-version-2]");
        tab.Until("its versions", () =>
            tab.All("li[role=option]").Count(option => option.Text.StartsWith("standard", StringComparison.Ordinal))
            == 2
        );
        tab.Press(OpenQA.Selenium.Keys.Escape);
        UntilText("[data-row='Hazelnut syrup']", "Hazelnut syrup not in it not in it ≠ 4 strokes");
        tab.Reload();
        tab.Until("three again", () => tab.All("[data-test=compared]").Count == 3);

        // Six stand beside each other, and no more.
        for (var i = 4; i <= 6; i++)
        {
            tab.Click("[data-test=compare-more]");
            tab.Until($"{i}", () => tab.All("[data-test=compared]").Count == i);
        }

        Assert.False(tab.Has("[data-test=compare-more]"));
        Assert.True(
            (bool)tab.Script("return document.documentElement.scrollWidth <= document.documentElement.clientWidth")!
        );
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
        if (state == "standard")
        {
            tab.Click("[data-test=move-standard]");
        }
        else
        {
            tab.More($"move-{state}");
        }

        // One can begin to type why at once.
        tab.Until("the reason to have the focus", () =>
            (bool)tab.Script("return document.activeElement?.matches('[data-test=state-reason]')")!
        );
        if (reason.Length > 0)
        {
            tab.Type("[data-test=state-reason]", reason);
        }

        tab.Click("[data-test=state-go]");
        tab.Until("the dialog gone", () => !tab.Has("[role=dialog]"));
    }

    private void UntilText(string css, string text) => tab.UntilText(css, text);
}
