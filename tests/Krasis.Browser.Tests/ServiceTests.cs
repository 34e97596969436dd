using System.Globalization;
using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>The board at the bar: drinks chosen and made by taps alone and by keys alone, as a guest asks for them, and
/// when the server has gone.</summary>
public sealed class ServiceTests : BenchTests
{
    [Fact]
    public void A_drink_is_chosen_and_made_by_taps_alone()
    {
        Choose("Black sesame latte", 1);
        Tab.Click("[data-test=show]");
        Tab.Until("the first step", () => Figure == "27 g");

        // Both halves of the page are keys.
        Tap(0.75);
        Tab.Until("the second step", () => Figure == "2 shots");
        Tab.UntilText("[data-test=shot-says]", "26 to 32 s");
        Tap(0.25);
        Tab.Until("the first step again", () => Figure == "27 g");
        for (var i = 0; i < 4; i++)
        {
            Tab.Click("[data-test=step-on]");
        }

        UntilText("[data-test=step]", "Hand it over");
        Assert.False(Tab.Find("[data-test=step-on]").Enabled);
    }

    [Fact]
    public void A_drink_is_chosen_and_made_by_keys_alone()
    {
        Tab.Open("/service").Find("[data-test=drink]");
        Tab.TabTo("[data-test=find]");
        Tab.Press("sesame");
        Tab.Until("the one drink", () => Tab.All("[data-test=drink]").Count == 1);
        Tab.Press(Keys.Tab + Keys.Enter);
        Tab.Find("[data-test=size]");
        Tab.TabTo("[data-test=size]");
        Tab.Press(Keys.Space);
        Tab.TabTo("[data-test=show]");
        Tab.Press(Keys.Enter);
        Tab.Find("[data-test=figure]");
        Tab.Press(Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight);
        UntilText("[data-test=step]", "Hand it over");
        Tab.Press(Keys.Home);
        UntilText("[data-test=step]", "Step 1 of");
    }

    [Fact]
    public void Figures_are_large_enough_to_be_read_from_two_metres_and_all_steps_stand_together_when_asked_for()
    {
        Choose("Orange peel mocha", 1);
        Tab.Click("[data-test=show]");
        Tab.Find("[data-test=figure]");
        foreach (var (width, height, least) in new[] { (1280, 800, 60), (1024, 768, 60), (390, 844, 60) })
        {
            Tab.Resize(width, height);
            Assert.True(
                double.Parse(
                    Tab.Find("[data-test=figure]").GetCssValue("font-size").TrimEnd('p', 'x'),
                    CultureInfo.InvariantCulture
                ) >= least,
                $"{width}"
            );
            Assert.True(
                (bool)Tab.Script("return document.documentElement.scrollWidth <= innerWidth")!,
                $"{width} px: it scrolls sideways"
            );
        }

        Tab.Click("[data-test=all]");
        Assert.Equal(8, Tab.All("[data-test=all-step]").Count);
    }

    [Fact]
    public void What_a_guest_asks_for_is_told_on_the_steps_and_given_up_again()
    {
        Choose("Orange peel mocha", 1);
        Tab.Click("[data-test=milk-oat-drink]");
        Tab.Click("[data-test=shots-1]");
        Tab.Click("[data-test=no-top]");
        UntilText("[data-test=changes]", "Farm milk → Oat drink");
        UntilText("[data-test=changes]", "1 shot more");
        Tab.Click("[data-test=no-top]");
        Tab.Until("the top again", () =>
            !Tab.TextOf("[data-test=changes]").Contains("is left out", StringComparison.Ordinal)
        );
        Tab.Click("[data-test=show]");
        Tab.Find("[data-test=figure]");
        Tab.Click("[data-test=step-on]");
        Tab.Click("[data-test=step-on]");
        Tab.Until("three shots", () => Figure == "3 shots");
        UntilText("[data-test=changes]", "Oat drink");
    }

    [Fact]
    public void The_tablet_goes_on_when_the_server_is_dead_and_says_how_old_the_board_is()
    {
        Tab.Open("/service").Find("[data-test=drink]");
        Tab.Until("the service worker", () =>
            (bool)
                Tab.ScriptAsync(
                    "const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(({ active }) => done(active.state === 'activated'))"
                )!
        );

        // The page that was there before it is loaded once through it, and so is all that is on the board.
        Tab.Reload();
        Tab.Find("[data-test=drink]");
        Tab.Until("the drinks", () =>
            (bool)
                Tab.ScriptAsync(
                    "const done = arguments[arguments.length - 1]; caches.open('board').then(cache => cache.keys()).then(keys => done(keys.filter(({ url }) => url.includes('/cards')).length >= document.querySelectorAll('[data-test=drink]').length))"
                )!
        );
        Server.TakeDown();
        Tab.Reload();
        Tab.Find("[data-test=drink]");
        UntilText("[data-test=stale]", "The server does not answer. This is the board as it was");
        Tab.Click("[data-test=drink][data-name='Black sesame latte']");
        Tab.Until("the cups", () => Tab.All("[data-test=size]").Count == 3);
        Tab.All("[data-test=size]")[1].Click();
        Tab.Click("[data-test=show]");
        Tab.Until("the first step", () => Figure == "27 g");
    }

    [Fact]
    public void An_order_of_four_drinks_is_planned_and_made_shorter()
    {
        foreach (
            var (drink, size) in new[]
            {
                ("Orange peel mocha", 1),
                ("Hazelnut iced latte", 1),
                ("Black sesame latte", 1),
                ("Maple iced coffee", 0),
            }
        )
        {
            Choose(drink, size);
            Tab.Click("[data-test=add]");
        }

        Tab.Click("[data-test=to-order]");
        Tab.Until("the plan", () => Tab.All("[data-test=sequence] li").Count == 4);
        Assert.Matches(@"^\d:\d\d$", Tab.TextOf("[data-test=total]"));
        UntilText("[data-test=shares]", "Farm milk to");
        Assert.True(Tab.All("[data-test=timeline] .task").Count > 10);

        Tab.Click("[aria-label^='Take Black sesame latte']");
        Tab.Until("three drinks", () => Tab.All("[data-test=sequence] li").Count == 3);
        Tab.Reload();
        Tab.Until("they are kept", () => Tab.All("[data-test=sequence] li").Count == 3);
        Tab.Click("[data-test=clear]");
        Tab.Find("[data-test=empty]");
    }

    [Fact]
    public void A_bar_that_has_published_nothing_says_so_everywhere()
    {
        using var empty = new KrasisHost();
        using var tab = new Tab(empty.Address);
        foreach (
            var (path, test, says) in new[]
            {
                ("/service", "no-drinks", "Nothing is on the board here yet."),
                ("/booklet", "nothing", "Nothing is on the board here yet"),
                ("/poured", "nothing-poured", "Nothing has been made with scale and timer yet."),
                ("/service/order", "empty", "Nothing is in the order."),
            }
        )
        {
            tab.Open(path);
            tab.Until(path, () =>
                tab.Has($"[data-test={test}]")
                && tab.Find($"[data-test={test}]").Text.Contains(says, StringComparison.Ordinal)
            );
        }
    }

    [Fact]
    public void What_is_not_there_is_said_in_words()
    {
        Tab.Open("/service/nothing-such");
        UntilText("[data-test=gone]", "There is no such build.");
        Choose("Maple iced coffee", 0);
        Tab.Open($"{Tab.Path}/wren");
        UntilText("[data-test=no-size]", "is not made in that cup here");
    }

    private string Figure => Tab.TextOf("[data-test=figure]");

    private void Choose(string drink, int size)
    {
        Tab.Open("/service").Click($"[data-test=drink][data-name='{drink}']");
        Tab.Until("the cups", () => Tab.All("[data-test=size]").Count > size);
        Tab.All("[data-test=size]")[size].Click();
        Tab.Until("the cup", () => Tab.All("[data-test=size]")[size].GetAttribute("aria-checked") == "true");
    }

    private void Tap(double across) =>
        Tab.Script(
            "document.elementFromPoint(innerWidth * arguments[0], innerHeight * 0.72).dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: innerWidth * arguments[0], clientY: innerHeight * 0.72 }))",
            across
        );
}
