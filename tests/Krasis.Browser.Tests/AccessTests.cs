using System.Runtime.CompilerServices;

namespace Krasis.Browser.Tests;

/// <summary>Everybody can use it: WCAG 2.2 AA by axe-core, light and dark, and no page wider than a narrow
/// window.</summary>
public sealed class AccessTests(DemoProcess server) : IClassFixture<DemoProcess>
{
    private static readonly int[] Narrow = [1024, 320]; // A tablet, and 1280 at 400 %.

    /// <summary>Every page is opened once, and then looked at in the light, in the dark and in narrow
    /// windows.</summary>
    [Fact]
    public void Axe_has_nothing_against_any_page_and_none_is_wider_than_its_window()
    {
        using var tab = new Tab(server.Address);
        var axe = Axe();
        List<string> wrong = [];
        foreach (var (name, open) in Pages(tab))
        {
            tab.Resize(1280, 800);
            tab.PreferDark(false);
            open();
            tab.UntilStill();
            wrong.AddRange(tab.Violations(axe).Select(violation => $"{name}, light: {violation}"));
            tab.PreferDark();
            tab.UntilStill();
            wrong.AddRange(tab.Violations(axe).Select(violation => $"{name}, dark: {violation}"));
            foreach (var width in Narrow)
            {
                tab.Resize(width, 800);
                if (
                    !(bool)
                        tab.Script(
                            "return document.documentElement.scrollWidth <= document.documentElement.clientWidth"
                        )!
                )
                {
                    wrong.Add($"{name} is wider than {width} px.");
                }
            }
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    [Fact]
    public void Figures_are_all_of_one_width()
    {
        using var tab = new Tab(server.Address);
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

    private static IEnumerable<(string Name, Action Open)> Pages(Tab tab)
    {
        yield return ("a recipe that was read", () =>
        {
            tab.Open("/read").Find("[data-test=paste]");
            tab.Script(
                "const box = document.querySelector('[data-test=paste]'); box.value = arguments[0]; box.dispatchEvent(new Event('input'))",
                "Otter\n3 pumps vanilla\n8 oz milk\n2 shots, 18 g in\nloved by all of us here"
            );
            tab.Click("[data-test=read]");
            tab.Find("[data-test=draft]");
        });
        yield return ("the files", () => tab.Open("/files").Find("[data-test=copies]"));
        yield return ("a file of another house", () =>
        {
            tab.Open("/files").Find("[data-test=copies]");
            tab.Attach(
                "[data-test=bundle]",
                Path.Combine(KrasisProcess.Root(), "tests", "reference", "bundles", "drinks-1.krasis")
            );
            tab.ChooseOption("[data-test=as]", "take it in beside ours");
            tab.Find("[data-test=guest]");
        });
        yield return ("the logbook of tastings", () => tab.Open("/tastings").Find("[data-test=entry]"));
        yield return ("what a tasting found", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000004").Find("[data-test=becomes]")
        );
        yield return ("a triangle that is over", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000002").Find("[data-test=choice]")
        );
        yield return ("a tray plan", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000001/tray").Find("[data-test=serving]")
        );
        yield return ("a tasting that is set up", () =>
        {
            tab.Open("/tastings").Click("[data-test=set-up]");
            tab.Type("[data-test=name]", "Either of two");
            tab.Click("[data-test=add-sample]");
            tab.Click("[data-test=add-sample]");
            tab.Find("[data-test=tray]");
            tab.Until("it can be opened", () => tab.Find("[data-test=open]").Enabled);
        });
        yield return ("a tasting that is open", () =>
        {
            tab.Click("[data-test=open]");
            tab.Find("[data-test=to-taste]");
        });
        yield return ("a taster's page", () =>
        {
            tab.Open(new Uri(tab.AttributeOf("[data-test=to-taste]", "href")!).AbsolutePath).Click("[data-test=begin]");
            tab.Find("[data-test=cup]");
        });
        yield return ("two sips, and what is wrong with it", () =>
        {
            tab.Open("/").UntilListed("Cardamom latte");
            tab.ClickText("Cardamom latte", "a.name");
            tab.Click("[data-test=taste]");
            tab.Until("the complaints", () => tab.All("[data-test=complaint]").Count == 14);
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
        yield return ("the board", () => tab.Open("/service").Find("[data-test=drink]"));
        yield return ("a drink at the bar", () =>
        {
            tab.Open("/service").Click("[data-test=drink][data-name='Orange peel mocha']");
            tab.Find("[data-test=no-top]");
        });
        yield return ("steps", () =>
        {
            tab.Click("[data-test=size]");
            tab.Click("[data-test=show]");
            tab.Find("[data-test=figure]");
        });
        yield return ("a make", () =>
        {
            tab.Click("[data-test=back]");
            tab.Click("[data-test=size]");
            tab.Click("[data-test=along]");
            tab.Click("[data-test=begin]");
            tab.Type("[data-test=typed]", "90");
            tab.Click("[data-test=step-on]");
            tab.Find("[data-test=rescue]");
        });
        yield return ("an order", () =>
        {
            tab.Click("[data-test=back]");
            tab.Click("[data-test=size]");
            tab.Click("[data-test=add]");
            tab.Click("[data-test=to-order]");
            tab.Find("[data-test=timeline]");
        });
        yield return ("the prep plan", () =>
        {
            tab.Open("/prep").Click("[data-test=bar]");
            tab.Find("[data-test=batch]");
        });
        yield return ("the day sheet", () => tab.Open("/prep/day").Find("[data-test=to-make]"));
        yield return ("a batch", () =>
        {
            tab.Click("[data-test=to-make] a");
            tab.Find("[data-test=into]");
        });
        yield return ("expected cups", () => tab.Open("/prep/expected").Find("[data-test=cups]"));
        yield return ("stock", () =>
        {
            tab.Open("/prep/stock").Click("[data-test=open-lot]");
            tab.Find("[data-test=lot-form]");
        });
        yield return ("labels", () => tab.Open("/prep/labels").Find("[data-test=label]"));
        yield return ("the order", () => tab.Open("/prep/order").Find("[data-test=row]"));
        yield return ("how the house prepares", () => tab.Open("/prep/settings").Find("[data-test=making]"));
        yield return ("what was poured", () => tab.Open("/poured").Find("[data-test=finding]"));
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
        yield return ("bar", () => tab.Open("/bar").Find(".tile"));
        foreach (
            var area in new[]
            {
                "cups/reed",
                "cups/new",
                "espresso/lock-double",
                "coffees/slipway-brew",
                "foams/swell",
                "pitchers/jug-small",
                "ice/canal-ice",
                "ingredients/hazelnut-syrup",
                "parts/tide-milk",
                "stations/kiosk",
                "house",
            }
        )
        {
            yield return (area, () =>
            {
                tab.Open($"/bar/{area}").Find(".bench");
                tab.Until("the trial", () => tab.TextOf("[data-test=effect] h3").Length > 0);
            });
        }

        yield return ("an odd stroke, and the scale", () =>
        {
            tab.Open("/bar/dispensers/pump-cardamom").Find("[data-test=next-stroke]");
            tab.Type("[data-test=next-stroke]", "9.7 9.8 97 9.6", OpenQA.Selenium.Keys.Enter);
            tab.Find("[data-test=odd]");
            tab.Click("[data-test=open-scale]");
            tab.Click("[data-test=scale-connect]");
        });
        yield return ("a card of lines", () => tab.Open("/bar/cups/reed/card").Find("[data-test=card]"));
    }

    private static string Axe([CallerFilePath] string here = "") =>
        File.ReadAllText(
            Path.Combine(
                Path.GetDirectoryName(here)!,
                "..",
                "..",
                "src",
                "krasis-ui",
                "node_modules",
                "axe-core",
                "axe.min.js"
            )
        );
}
