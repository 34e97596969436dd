namespace Krasis.Browser.Tests;

/// <summary>Everybody can use the library, the sheet and what belongs to a build.</summary>
public sealed class AccessOfBuildsTests(DemoHost server) : AccessTests(server)
{
    [Fact]
    public void Figures_are_all_of_one_width()
    {
        using var tab = new Tab(Server.Address);
        tab.Open("/");
        tab.Find("[data-test=build]");
        var widths =
            (IEnumerable<object>)
                tab.ScriptAsync(
                    """
                    const done = arguments[arguments.length - 1];
                    document.fonts.ready.then(() => done([...'0123456789'].map(figure => {
                      const span = document.body.appendChild(document.createElement('span'));
                      span.textContent = figure.repeat(20);
                      return span.getBoundingClientRect().width.toFixed(2);
                    })));
                    """
                )!;

        Assert.Single(widths.Distinct());
        Assert.True((bool)tab.Script("return document.fonts.check('16px \"Source Sans 3 Variable\"')")!);
    }

    protected override IEnumerable<(string Name, Action Open)> Pages(Tab tab)
    {
        yield return ("two sips, and what is wrong with it", () =>
        {
            tab.Open("/").UntilListed("Cardamom latte");
            tab.ClickText("Cardamom latte", "a.name");
            tab.Click("[data-test=taste]");
            tab.Until("the complaints of a hot drink", () => tab.All("[data-test=complaint]").Count == 12);
            tab.Click("[data-test=complaint]");
            tab.Find("[data-test=cause]");
        });
        yield return ("builds", () => tab.Open("/").Find("[data-test=build]"));
        yield return ("sheet", () =>
        {
            tab.Open("/").ClickText("Cherry coconut iced mocha", "a");
            tab.Until("the sheet", () => tab.Has("[data-test=finding]"));
        });
        yield return ("how a line goes in", () =>
        {
            tab.Open("/").ClickText("Ginger-pear tide", "a");
            tab.Click("button.what[data-name='Farm milk']");
            tab.Find("[aria-label='Technique of Farm milk']");
        });
        yield return ("advice", () =>
        {
            tab.Open("/").ClickText("Hazelnut iced latte", "a");
            tab.WorkIn("Sedge");
            tab.Click("[aria-label='Advise on Sedge']");
            tab.Find("[data-test=advice]");
            tab.UntilStill();
        });
        yield return ("a cup that is worked in, twenty minutes on, and an amount being typed", () =>
        {
            tab.Open("/").ClickText("Ginger-pear tide", "a");
            tab.Click("[data-size=Rush] [data-test=focus]");
            tab.Find("[data-test=layers]");
            tab.ClickText("+20 min");
            tab.Find("[data-test=at-moment]");
            tab.Type("input[data-cell='milk Rush']", "7 fl oz");
            tab.Find("[data-test=peek]");
        });
        foreach (
            var (name, button, there) in new[]
            {
                ("schools", "[data-test=compare-schools]", "[data-test=school]"),
                ("publish", "[data-test=move-standard]", "[data-test=state-reason]"),
            }
        )
        {
            yield return (name, () =>
            {
                tab.Open("/").ClickText("Cardamom latte", "a");
                tab.Click(button);
                tab.Find(there);
                tab.UntilStill();
            });
        }
        foreach (var (name, there) in new[] { ("variant", "[data-test=changes]"), ("history", "[data-test=entries]") })
        {
            yield return (name, () =>
            {
                tab.Open("/").ClickText("Cardamom latte", "a");
                tab.More(name);
                tab.Find(there);
                tab.UntilStill();
            });
        }
        yield return ("a standard as published", () =>
        {
            tab.Open("/").ClickText("Hazelnut iced latte", "a");
            tab.Click("[data-test=state-tag]");
            tab.Find("[data-test=standard]");
        });
        yield return ("a line that is worked on, and all that can be said of a build", () =>
        {
            tab.Open("/").ClickText("Hazelnut iced latte", "a");
            tab.WorkOn("Lock espresso");
            tab.Click("[data-test=about]");
            tab.Click("[data-test=notes]");
            tab.Find("[data-test=tags]");
            tab.UntilStill();
        });
        yield return ("compare", () =>
        {
            tab.Open("/");
            tab.Click("input[aria-label='Choose Black sesame latte']");
            tab.Click("input[aria-label='Choose Cardamom latte']");
            tab.Click("[data-test=compare]");
            tab.Find("[data-test=diff]");
        });
        yield return ("new build", () => tab.Open("/builds/new").Find("th[data-size]"));
    }
}
