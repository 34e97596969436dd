using System.Globalization;

namespace Krasis.Browser.Tests;

/// <summary>Drinks made with the scale and the timer: weighed, rescued, interrupted, and looked at
/// afterwards.</summary>
public sealed class AlongTests : BenchTests
{
    [Fact]
    public void A_drink_is_made_with_the_scale_and_goes_on_by_itself_when_the_weight_is_right()
    {
        Begin("Black sesame latte");
        Connect();
        Tab.UntilText("[data-test=weight-says]", "27 g more.");

        // Only the last is within what is right: on a slow machine it may be at rest after each.
        Lay(1, 1, 1, 1, 1, 1, 1, 10, 10);

        // At rest within what is right for a while, it is in; and the scale is tared for the shot.
        Tab.Until("the shot", () => Figure == "2 shots");
        Tab.Until("nothing of it", () => Math.Abs(Weight) < 0.15);
    }

    [Fact]
    public void A_fifth_too_much_is_told_and_made_to_the_end()
    {
        // 32.4 g of sauce for 27; the house lets a squeeze be a tenth more.
        Begin("Black sesame latte");
        Enter("32.4");
        Tab.UntilText("[data-test=weight-says]", "5.4 g too much.");
        Tab.Click("[data-test=rescue-take]");
        Tab.Until("the shot", () => Figure == "2 shots");
        Finish();
        UntilText("[data-test=made]", "That is as the house wants it.");
        Tab.UntilText("[data-test=made-taste]", "sweeter");
    }

    [Fact]
    public void What_is_far_too_much_is_rescued_and_the_rescue_is_what_is_made_then()
    {
        Begin("Orange peel mocha");
        Assert.Equal("2 strokes", Figure);
        var step = Tab.TextOf("[data-test=weight-says]");

        // Half as much again as what is right: 52 g for 37.
        Enter("52");
        UntilText("[data-test=rescue]", "It can be rescued");
        var says = Tab.TextOf("[data-test=rescue-says]");
        Assert.Contains("Then it is", says, StringComparison.Ordinal);
        Tab.Click("[data-test=rescue-take]");
        UntilText("[data-test=rescued]", says);
        Assert.Contains("is right", step, StringComparison.Ordinal);

        // To the end, as planned from here on.
        Finish();
        UntilText("[data-test=made]", "That is as the house wants it.");
    }

    [Fact]
    public void What_cannot_be_rescued_is_begun_again_and_stands_in_the_book_as_given_up()
    {
        Begin("Black sesame latte");
        Enter("140");
        UntilText("[data-test=rescue]", "Start again");
        Tab.Click("[data-test=rescue-again]");
        Tab.Until("the first step anew", () => Figure == "27 g" && !Tab.Has("[data-test=rescue]"));
        Tab.Open("/poured");
        UntilText("[data-test=last-make]", "given up");
    }

    [Fact]
    public void The_scale_pulled_out_loses_nothing()
    {
        Begin("Black sesame latte");
        Connect();
        Lay(10, 1, 1);
        Tab.Until("12 g", () => Math.Abs(Weight - 12) < 0.15 && Tab.TextOf("[data-test=scale-says]") == "At rest");
        Tab.Click("[data-test=scale-drop]");
        UntilText("[data-test=scale-trouble]", "The scale is gone. What is in is kept");
        Tab.Click("[data-test=scale-connect]");

        // It shows nothing of what stands on it now; what was in of the step is in still.
        Tab.Until("12 g still", () => Math.Abs(Weight - 12) < 0.25);
        Lay(10, 1, 1, 1, 1, 1);
        Tab.Until("the shot", () => Figure == "2 shots");
    }

    [Fact]
    public void A_cup_that_is_lifted_another_that_is_put_on_and_too_much_for_the_scale_are_told()
    {
        Open("Black sesame latte");
        Tab.Find("[data-test=begin]");
        Tab.Click("[data-test=scale-open]");
        Tab.Click("[data-test=scale-connect]");
        Lay(100, 100, 100);
        AtRest("300");
        Tab.Click("[data-test=begin]");
        Tab.Until("the cup counts for nothing", () => Math.Abs(Weight) < 0.15);
        AtRest("300");
        Tab.ClickText("Take all off");
        UntilText("[data-test=scale-trouble]", "The cup is off the scale. Put it back.");
        Lay(100, 100, 100);
        Tab.Until("all is well", () => !Tab.Has("[data-test=scale-trouble]"));
        AtRest("300");

        Tab.ClickText("Take all off");
        UntilText("[data-test=scale-trouble]", "The cup is off the scale");
        Lay(100, 100, 100, 10);
        UntilText("[data-test=scale-trouble]", "is it the same cup?");

        Lay(1000, 1000, 1000);
        UntilText("[data-test=scale-trouble]", "more than the scale can weigh");
    }

    [Fact]
    public void A_shot_is_timed_and_judged()
    {
        Begin("Black sesame latte");
        Enter("27");
        Tab.Find("[data-test=shot-start]");
        Tab.Click("[data-test=shot-start]");
        Tab.Click("[data-test=shot-stop]");
        // So quickly runs no shot.
        Tab.Until("the verdict", () => Tab.TextOf("[data-test=shot-verdict]").Length > 0);
        Assert.DoesNotContain(
            "as the recipe wants it",
            Tab.TextOf("[data-test=shot-verdict]"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_shot_that_stands_is_timed_until_the_milk_is_in()
    {
        Begin("Black sesame latte");
        Enter("27");
        Tab.Until("the shot", () => Figure == "2 shots");
        Assert.True(Tab.Has("[data-test=timer]"));
        Tab.Click("[data-test=step-on]");
        UntilText("[data-test=stands]", "Lock espresso stands");
        Tab.UntilText("[data-test=stands]", "s is the longest.");
        Wipe();
        Tab.Click("[data-test=step-on]");
        Tab.Until("nothing stands", () => !Tab.Has("[data-test=stands]"));
    }

    [Fact]
    public void A_make_half_done_survives_a_reload_and_a_step_is_undone()
    {
        Begin("Black sesame latte");
        Enter("27");
        Tab.Until("the shot", () => Figure == "2 shots");
        Tab.Reload();
        Tab.Until("the shot still", () => Figure == "2 shots");
        Tab.Click("[data-test=step-back]");
        Tab.Until("the sauce", () => Figure == "27 g");
    }

    [Fact]
    public void A_second_drink_begun_asks_after_the_first()
    {
        Begin("Black sesame latte");
        Enter("27");
        Tab.Until("the shot", () => Figure == "2 shots");
        var first = Tab.Path;
        Open("Orange peel mocha");
        UntilText("[data-test=other-make]", "Black sesame latte, Plover, is half made");
        Tab.Click("[data-test=go-on]");
        Tab.Until("the first drink", () => Tab.Path == first && Figure == "2 shots");
    }

    [Fact]
    public void A_make_that_ends_while_the_server_is_dead_is_sent_when_it_is_back()
    {
        Begin("Black sesame latte");
        Server.TakeDown();
        Enter("27");
        Finish();
        UntilText("[data-test=made]", "Saved on this device until the server has it.");
        UntilText("[data-test=unsent]", "1 drink is kept on this device");
        Server.StartAgain();
        Tab.Until("it is sent", () => !Tab.Has("[data-test=unsent]"));
        Tab.Open("/poured");
        UntilText("[data-test=makes]", "337 drinks");
    }

    [Fact]
    public void A_make_that_the_server_does_not_take_stays_on_the_device_with_the_reason_until_it_is_thrown_away()
    {
        Begin("Black sesame latte");
        Enter("27");
        var id = Tab.Path.Split('/')[2];
        Assert.Equal(
            204L,
            Tab.ScriptAsync(
                $$"""
                const done = arguments[arguments.length - 1];
                fetch('/api/builds/{{id}}').then(async build => done((await fetch('/api/builds/{{id}}', { method: 'DELETE', headers: { 'If-Match': build.headers.get('ETag') } })).status));
                """
            )
        );
        Finish();
        UntilText("[data-test=refused]", "Black sesame latte, Plover was not accepted: There is no such build.");
        Tab.Reload();
        UntilText("[data-test=refused]", "There is no such build.");
        Tab.Click("[data-test=throw-away]");
        Tab.Until("it is gone", () => !Tab.Has("[data-test=refused]"));
    }

    [Fact]
    public void Milk_of_no_temperature_that_milk_has_is_not_taken_and_is_told()
    {
        Begin("Black sesame latte");
        Enter("27");
        Tab.Until("the shot", () => Figure == "2 shots");
        Tab.Click("[data-test=step-on]");
        Wipe();
        Tab.Until("the milk", () => Figure == "200 ml");
        Tab.Type("[data-test=warm]", "620");
        UntilText("[data-test=warm-wrong]", "Milk: a number from -30 to 100 °C.");
        Assert.False(Tab.Find("[data-test=step-on]").Enabled);
        Tab.Type("[data-test=warm]", "62");
        Tab.Until("it is taken", () => Tab.Find("[data-test=step-on]").Enabled);
    }

    [Fact]
    public void The_weight_and_its_box_are_in_view_beside_the_figure_in_every_step()
    {
        Begin("Black sesame latte");
        foreach (var figure in new[] { "27 g", "2 shots", "200 ml" })
        {
            if (figure == "200 ml")
            {
                Wipe();
            }

            Tab.Until(figure, () => Figure == figure);
            Assert.True(
                (bool)
                    Tab.Script(
                        "return document.querySelector('[data-test=typed]').getBoundingClientRect().bottom <= document.querySelector('[data-test=step-on]').closest('footer').getBoundingClientRect().top"
                    )!,
                figure
            );
            Tab.Click("[data-test=step-on]");
        }
    }

    [Fact]
    public void A_device_that_can_keep_nothing_says_so_and_goes_on()
    {
        Open("Black sesame latte");
        Tab.Find("[data-test=begin]");
        RefuseStorage();
        Tab.Click("[data-test=begin]");
        Tab.Until("it says so", () => Tab.Says.Contains("its storage is full", StringComparison.Ordinal));
        Assert.Equal("27 g", Figure);
    }

    [Fact]
    public void A_device_that_keeps_nothing_sends_its_make_straight_to_the_server()
    {
        Begin("Black sesame latte");
        RefuseStorage();
        Finish();
        UntilText("[data-test=made]", "That is as the house wants it.");
        Assert.False(Tab.Has("[data-test=unsent]") || Tab.Has("[data-test=unsent-page]"));
        Tab.Open("/poured");
        UntilText("[data-test=makes]", "337 drinks");
    }

    [Fact]
    public void What_neither_the_server_nor_the_device_keeps_is_said_to_be_on_the_page_only_and_goes_out_later()
    {
        Begin("Black sesame latte");
        RefuseStorage();
        Server.TakeDown();
        Finish();
        UntilText("[data-test=unsent-page]", "This drink is not saved anywhere");
        Assert.DoesNotContain("kept on this device", Tab.Says, StringComparison.Ordinal);

        Server.StartAgain();
        Tab.Until("it is sent", () => !Tab.Has("[data-test=unsent-page]"));
        Tab.Open("/poured");
        UntilText("[data-test=makes]", "337 drinks");
    }

    [Fact]
    public void A_weight_below_nothing_is_not_taken()
    {
        Begin("Black sesame latte");
        Tab.Type("[data-test=typed]", "-5");
        Tab.Until("it says so", () => Tab.Says.Contains("0 to 5000 g", StringComparison.Ordinal));
        Assert.False(Tab.Find("[data-test=step-on]").Enabled);
    }

    [Fact]
    public void The_pump_that_has_drifted_is_found_in_the_charts_and_weighed_anew()
    {
        Tab.Open("/poured");
        UntilText("[data-test=finding]", "Kiosk hazelnut pump at the Kiosk pours");
        Tab.Click("[data-test=finding][data-id=kiosk-hazelnut] button");
        Tab.Until("its chart", () => Tab.TextOf("[data-test=chart-name]") == "Kiosk hazelnut pump, Kiosk");
        Tab.Click("[data-id=kiosk-hazelnut] [data-test=to-bench]");
        Tab.Until("its bench", () =>
            Tab.Path.EndsWith("/bar/dispensers/kiosk-hazelnut", StringComparison.Ordinal)
            && Tab.Has("[data-test=next-stroke]")
        );

        // Weighed anew, it gives 6.9 g where it gave 6.5.
        Tab.ClickText("Weigh it anew");
        Tab.Type("[data-test=next-stroke]", "6.9 6.9 7.0 6.8 6.9 6.9", OpenQA.Selenium.Keys.Enter);
        UntilText(".bench", "6.9");
        Keep();
    }

    private void RefuseStorage() =>
        Tab.Script("Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError') }");

    private string Figure => Tab.TextOf("[data-test=figure]");

    // A scale trembles by a tenth; without one there is a dash.
    private double Weight =>
        double.TryParse(
            Tab.TextOf("[data-test=weight]").Split(' ')[0],
            NumberStyles.Float,
            CultureInfo.InvariantCulture,
            out var grams
        )
            ? grams
            : double.NaN;

    private void Open(string drink)
    {
        Tab.Open("/service").Click($"[data-test=drink][data-name='{drink}']");
        Tab.Until("the cups", () => Tab.All("[data-test=size]").Count > 1);
        Tab.All("[data-test=size]")[1].Click();
        Tab.Click("[data-test=along]");
    }

    private void Begin(string drink)
    {
        Open(drink);

        // The button goes with the click: now and then the driver says that it is stale although the click has come through.
        Tab.Until("the first step", () =>
        {
            if (Tab.Has("[data-test=figure]"))
            {
                return true;
            }

            foreach (var begin in Tab.All("[data-test=begin]"))
            {
                begin.Click();
            }

            return false;
        });
    }

    private void Enter(string grams)
    {
        Tab.Type("[data-test=typed]", grams);
        Tab.Click("[data-test=step-on]");
    }

    // What was to go in is said to be in, until it is handed over.
    private void Wipe()
    {
        UntilText("[data-test=step]", "Wipe and purge the wand");
        Tab.Click("[data-test=step-on]");
    }

    private void Finish() => Tab.Until("it is made", () =>
        {
            if (Tab.Has("[data-test=made]"))
            {
                return true;
            }

            if (Tab.Has("[data-test=step-on]"))
            {
                Tab.Click("[data-test=step-on]");
            }

            return false;
        });

    private void Connect()
    {
        Tab.Click("[data-test=scale-open]");
        Tab.Click("[data-test=scale-connect]");
        Tab.Until("a reading", () => Math.Abs(Weight) < 0.15);
    }

    private void Lay(params int[] weights)
    {
        foreach (var grams in weights)
        {
            Tab.Click(string.Create(CultureInfo.InvariantCulture, $"[aria-label='Lay {grams} g on the scale']"));
        }
    }

    private void AtRest(string shows) =>
        Tab.Until($"{shows} at rest", () =>
            Tab.TextOf("[data-test=scale-says]") == "At rest"
            && double.Parse(Tab.TextOf("[data-test=scale-display]").Split(' ')[0], CultureInfo.InvariantCulture)
                is var grams
            && Math.Abs(grams - double.Parse(shows, CultureInfo.InvariantCulture)) < 0.5
        );
}
