using System.Runtime.CompilerServices;

namespace Krasis.Browser.Tests;

/// <summary>Everybody can use it: WCAG 2.2 AA by axe-core, light and dark, and no page wider than a narrow window.</summary>
public sealed class AccessTests : IDisposable
{
    private readonly KrasisProcess server = new(demo: true);

    public void Dispose() => server.Dispose();

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Axe_has_nothing_against_any_page(bool dark)
    {
        using var tab = new Tab(server.Address);
        if (dark)
        {
            tab.PreferDark();
        }

        foreach (var (name, open) in Pages(tab))
        {
            open();
            var violations = tab.Violations(Axe());
            Assert.True(violations.Count == 0, $"{name}: {string.Join("\n", violations)}");
        }
    }

    [Theory]
    [InlineData(1024)]
    [InlineData(320)] // 1280 at 400 %
    public void No_page_is_wider_than_its_window(int width)
    {
        using var tab = new Tab(server.Address, width, 800);
        foreach (var (name, open) in Pages(tab))
        {
            open();
            Assert.True((bool)tab.Script("return document.documentElement.scrollWidth <= document.documentElement.clientWidth")!, $"{name} at {width} px");
        }
    }

    [Fact]
    public void Figures_are_all_of_one_width()
    {
        using var tab = new Tab(server.Address);
        tab.Open("/");
        tab.Find("[data-test=build]");
        var widths = (IEnumerable<object>)tab.ScriptAsync(
            """
            const done = arguments[arguments.length - 1];
            document.fonts.ready.then(() => done([...'0123456789'].map(figure => {
              const span = document.body.appendChild(document.createElement('span'));
              span.textContent = figure.repeat(20);
              return span.getBoundingClientRect().width.toFixed(2);
            })));
            """)!;

        Assert.Single(widths.Distinct());
        Assert.True((bool)tab.Script("return document.fonts.check('16px \"Source Sans 3 Variable\"')")!);
    }

    private static IEnumerable<(string Name, Action Open)> Pages(Tab tab)
    {
        yield return ("builds", () => tab.Open("/").Find("[data-test=build]"));
        yield return ("sheet", () =>
        {
            tab.Open("/").ClickText("Cherry coconut iced mocha", "a");
            tab.Until("the sheet", () => tab.Has("[data-test=finding]"));
        }
        );
        yield return ("how a line goes in", () =>
        {
            tab.Open("/").ClickText("Ginger-pear tide", "a");
            tab.Click("button[aria-label^='How Farm milk goes in']");
            tab.Find("[aria-label='Technique of Farm milk']");
        }
        );
        yield return ("advice", () =>
        {
            tab.Open("/").ClickText("Hazelnut iced latte", "a");
            tab.Click("[aria-label='Advise on Sedge']");
            tab.Find("[data-test=advice]");
            tab.Until("the dialog to stand still", () => (bool)tab.Script("return document.getAnimations().every(animation => animation.playState !== 'running')")!);
        }
        );
        foreach (var (name, button, there) in new[] { ("variant", "[data-test=variant]", "[data-test=changes]"), ("history", "[data-test=history]", "[data-test=entries]"), ("schools", "[data-test=compare-schools]", "[data-test=school]"), ("publish", "[data-test=move-standard]", "[data-test=state-reason]") })
        {
            yield return (name, () =>
            {
                tab.Open("/").ClickText("Cardamom latte", "a");
                tab.Click(button);
                tab.Find(there);
                tab.Until("the dialog to stand still", () => (bool)tab.Script("return document.getAnimations().every(animation => animation.playState !== 'running')")!);
            }
            );
        }

        yield return ("compare", () =>
        {
            tab.Open("/");
            tab.Click("input[aria-label='Choose Black sesame latte']");
            tab.Click("input[aria-label='Choose Cardamom latte']");
            tab.Click("[data-test=compare]");
            tab.Find("[data-test=diff]");
        }
        );
        yield return ("new build", () => tab.Open("/builds/new").Find("th[data-size]"));
        yield return ("bar", () => tab.Open("/bar").Find(".tile"));
        foreach (var area in new[] { "cups/reed", "cups/new", "espresso/lock-double", "coffees/slipway-brew", "foams/swell", "pitchers/jug-small", "ice/canal-ice", "ingredients/hazelnut-syrup", "parts/tide-milk", "stations/kiosk", "house" })
        {
            yield return (area, () =>
            {
                tab.Open($"/bar/{area}").Find(".bench");
                tab.Until("the trial", () => tab.Find("[data-test=effect] h3").Text.Length > 0);
            }
            );
        }

        yield return ("an odd stroke, and the scale", () =>
        {
            tab.Open("/bar/dispensers/pump-cardamom").Find("[data-test=next-stroke]");
            tab.Type("[data-test=next-stroke]", "9.7 9.8 97 9.6", OpenQA.Selenium.Keys.Enter);
            tab.Find("[data-test=odd]");
            tab.Click("[data-test=open-scale]");
            tab.Click("[data-test=scale-connect]");
        }
        );
        yield return ("a card of lines", () => tab.Open("/bar/cups/reed/card").Find("[data-test=card]"));
    }

    private static string Axe([CallerFilePath] string here = "") =>
        File.ReadAllText(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "src", "krasis-ui", "node_modules", "axe-core", "axe.min.js"));
}
