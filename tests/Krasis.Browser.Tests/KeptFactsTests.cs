namespace Krasis.Browser.Tests;

/// <summary>The life of a fact of the bar: two people on one, what is left unsaved, removed, needed and brought
/// back.</summary>
public sealed class KeptFactsTests : BenchTests
{
    [Fact]
    public void What_was_removed_from_the_bar_is_brought_back_by_one_press()
    {
        Tab.Open("/bar/pitchers/jug-small");
        Tab.Click("[data-test=remove]");
        UntilText("[role=status]", "Small jug is removed.");

        // What was removed is listed, and comes back with its life.
        Tab.Open("/bar");
        Tab.Click("[data-test=removed] summary");
        Tab.Click("[aria-label='Bring back Small jug']");
        UntilText("[role=status]", "Small jug is back.");
        Tab.Until("its page", () => Tab.Path == "/bar/pitchers/jug-small");
        Tab.Click("[data-test=fact-history]");
        UntilText("[data-test=fact-versions]", "Removed");
        Tab.Press(OpenQA.Selenium.Keys.Escape);
        Tab.Until("the dialog closed", () => !Tab.Has("[data-test=fact-versions]"));

        // And what it was before comes back onto the page, to be saved or not.
        Tab.Type("[data-field=spoutMl]", "210");
        Keep();
        Tab.Until("it saved", () => !Tab.Find("[data-test=keep]").Enabled);
        Tab.Click("[data-test=fact-history]");
        UntilText("[data-test=fact-versions]", "spout in ml: 190 → 210");
        Tab.Click("[data-test=bring-back-3]");
        Tab.Until("what it was", () => Value("spoutMl") == "190" && Tab.Find("[data-test=keep]").Enabled);
        Keep();
        Tab.Until("it saved", () => !Tab.Find("[data-test=keep]").Enabled);
        Tab.Click("[data-test=remove]");
        UntilText("[role=status]", "Small jug is removed.");
        Tab.Until("it gone", () =>
            !Tab.All("li a").Any(link => link.Text.Contains("Small jug", StringComparison.Ordinal))
        );
        Tab.Click("[data-test=notice-action]");
        Tab.Until("it back", () =>
            Tab.Path.StartsWith("/bar/pitchers/", StringComparison.Ordinal)
            && Tab.Has("[data-field=spoutMl]")
            && Tab.AttributeOf("[data-field=spoutMl]", "value") == "190"
        );
        UntilText("[role=status]", "Small jug is back.");
    }

    [Fact]
    public void What_is_brought_back_opens_on_its_own_page()
    {
        // Ice is an ingredient too, with another page.
        Tab.Open("/bar/ingredients/hazelnut-syrup");
        Tab.Click("[data-test=duplicate-fact]");
        Tab.Until("the copy", () =>
            Tab.Path.EndsWith("/new", StringComparison.Ordinal) && Value("name") == "Hazelnut syrup (copy)"
        );
        Keep();
        Tab.Until("its own page", () => !Tab.Path.EndsWith("/new", StringComparison.Ordinal));
        var path = Tab.Path;
        Tab.Click("[data-test=remove]");
        UntilText("[role=status]", "is removed.");
        Tab.Open("/bar");
        Tab.Click("[data-test=removed] summary");
        Tab.Click("[aria-label='Bring back Hazelnut syrup (copy)']");
        Tab.Until("its page", () => Tab.Path == path && Value("name") == "Hazelnut syrup (copy)");
    }

    [Fact]
    public void Two_people_calibrate_one_pump_and_neither_loses_what_was_weighed()
    {
        Tab.Open("/bar/dispensers/pump-cherry");
        Tab.Type("[data-test=next-stroke]", "9.1 9.2 9.1", OpenQA.Selenium.Keys.Enter);
        Tab.Until("three strokes", () => Tab.All("[data-test=stroke]").Count == 3);
        Tab.ScriptAsync(
            """
            const done = arguments[arguments.length - 1];
            fetch('/api/bar').then(answer => answer.json()).then(bar => {
              const pump = bar.dispensers.find(one => one.id === 'pump-cherry');
              return fetch('/api/bar/dispensers/pump-cherry', { method: 'PUT', headers: { 'Content-Type': 'application/json', 'If-Match': pump.etag },
                body: JSON.stringify({ ...pump.document, strokeMl: 8 }) });
            }).then(answer => done(answer.status));
            """
        );
        Tab.Click("[data-test=keep]");
        UntilText("[data-test=theirs]", "Somebody else has saved another measurement of Cherry pump");
        UntilText("[data-test=theirs]", "8 ml a stroke");
        Assert.Equal(3, Tab.All("[data-test=stroke]").Count);
        Tab.ClickText("Save mine instead");
        Tab.Until("mine", () =>
            !Tab.Has("[data-test=theirs]")
            && Tab.All("li a.here").Any(link => link.Text.Contains("7.13 ml a stroke", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void A_syrup_that_builds_and_a_pump_need_is_not_removed_and_they_are_named()
    {
        Tab.Open("/bar/ingredients/farm-milk");
        Tab.Click("[data-test=remove]");
        UntilText("[data-test=trouble]", "7 builds need this ingredient. 'Black sesame latte', 'Cardamom latte'");
        UntilText("[data-test=trouble]", "'Tide milk'");
        UntilText("[data-test=trouble]", "Nothing was changed.");
    }

    [Fact]
    public void A_stray_click_and_a_closed_tab_lose_nothing()
    {
        Tab.Open("/bar/dispensers/pump-cherry");
        Tab.Type("[data-field=strokeMl]", "8.5");
        Tab.ClickText("Builds", "nav a");
        Tab.Until("the question", () => Tab.Has("[role=dialog]"));
        Tab.ClickText("Stay here");
        Tab.Until("the answer", () => !Tab.Has("[role=dialog]"));
        Assert.Equal("8.5", Value("strokeMl"));

        Tab.Reload();
        UntilText(".bench", "has been brought back");
        Assert.Equal("8.5", Value("strokeMl"));
        Keep();
        Tab.ClickText("Builds", "nav a");
        Tab.Until("the list", () => Tab.Path == "/");
    }
}
