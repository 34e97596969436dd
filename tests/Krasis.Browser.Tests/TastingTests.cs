using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>Tastings: set up, tasted on a phone, read, decided, tasted again; and two sips noted at the
/// counter.</summary>
public sealed class TastingTests : BenchTests
{
    [Fact]
    public void A_simulated_panel_finds_it_too_sweet_and_its_retest_shows_the_mend()
    {
        SetUpOf("Black sesame latte", 24);
        Tab.Click("[data-test=open]");
        Tab.Find("[data-test=to-taste]");
        Practise();
        UntilText("[data-test=answered]", "24 of 24");
        UntilText("[data-test=answered]", "simulated");
        Tab.Click("[data-test=close]");
        UntilText("[data-scale=sweetness] [data-test=verdict]", "act on it.");
        Assert.Contains("too sweet", Verdict(0), StringComparison.Ordinal);
        Assert.True(Tab.Has("[data-test=simulated]"));
        Assert.NotEmpty(Tab.All("[data-test=becomes]"));

        // One press and a reason keep the change as the next version.
        Tab.Type("[data-test=why]", "They all said so.");
        Tab.Click("[data-test=decide]");
        UntilText("[data-test=decision]", "found it too sweet. They all said so.");

        // It stands on the sheet and in the history.
        Tab.Click("[data-test=again]");
        Tab.Until("the retest", () => Tab.All("[data-test=sample]").Count == 2);
        Tab.Click("[data-test=open]");
        Tab.Find("[data-test=to-taste]");
        Practise();
        UntilText("[data-test=answered]", "24 of 24");
        Tab.Click("[data-test=close]");
        Tab.Until("both samples", () => Tab.All("[data-scale=sweetness]").Count == 2);
        Assert.EndsWith("act on it.", Verdict(0), StringComparison.Ordinal);
        Assert.DoesNotContain("too sweet; ", Verdict(1), StringComparison.Ordinal);
        Assert.Contains(Tab.All("[data-test=order]"), line =>
            line.Text.Contains("is liked better than", StringComparison.Ordinal)
        );
        Tab.Open("/").UntilListed("Black sesame latte");
        Tab.ClickText("Black sesame latte", "a.name");
        UntilText("[data-test=tasted]", "Sweetness set after the tasting of 25 Nov");
    }

    [Fact]
    public void A_triangle_on_two_sizes_says_what_it_does_not_say()
    {
        Tab.Open("/tastings").Click("[data-test=set-up]");
        Tab.Type("[data-test=name]", "Wren or Plover?");
        Tab.ChooseOption("[data-test=question]", "Can they be told apart? (three glasses)");
        Tab.Click("[data-test=add-sample]");
        Tab.Click("[data-test=add-sample]");
        Tab.Until("two sizes", () =>
            Tab.All("[data-test=size]").Count == 2
            && Tab.All("[data-test=size]")[0].Text != Tab.All("[data-test=size]")[1].Text
        );

        // 12 tasters need 8 right (ISO 4120).
        UntilText("[data-test=power]", "With 12 tasters, 8 right answers are a result (ISO 4120).");
        Tab.Until("it can be opened", () => Tab.Find("[data-test=open]").Enabled);
        Tab.Click("[data-test=open]");
        var path = new Uri(Tab.AttributeOf("[data-test=to-taste]", "href")!).AbsolutePath;
        var tasting = Tab.Path;

        // One tablet passed on: three tasters, one after another.
        Tab.Open(path);
        for (var i = 0; i < 3; i++)
        {
            Tab.Click(i == 0 ? "[data-test=begin]" : "[data-test=next-taster]");
            Tab.Until("three cups", () => Tab.All("[data-test=choose]").Count == 3);
            Assert.False(Tab.Find("[data-test=send]").Enabled);
            Assert.DoesNotContain("Wren", Tab.Says, StringComparison.Ordinal);
            Tab.Click("[data-test=choose]");
            Tab.Click("[data-test=send]");
            Tab.Find("[data-test=thanks]");
        }

        Tab.Open(tasting);
        UntilText("[data-test=answered]", "3 of 12");
        Tab.Click("[data-test=close]");
        UntilText("[data-test=choice]", "of 3");
        Assert.Contains(
            "3 tasters: so few tell of themselves and hardly of your guests.",
            Tab.Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void An_answer_given_without_the_network_goes_out_when_it_is_back()
    {
        SetUpOf("Cardamom latte", 6);
        Tab.Click("[data-test=open]");
        var path = new Uri(Tab.AttributeOf("[data-test=to-taste]", "href")!).AbsolutePath;
        var tasting = Tab.Path;
        using var phone = new Tab(Server.Address, 390, 844);
        phone.Open(path).Click("[data-test=begin]");
        phone.Find("[data-test=cup]");
        Server.TakeDown();
        phone.Until("a liking", () => phone.All("[data-test=liking]").Count == 9);
        phone.All("[data-test=liking]")[6].Click();
        foreach (var scale in new[] { "strength", "sweetness", "flavour" })
        {
            phone.Click($"[data-scale={scale}] button:nth-child(3)");
        }

        phone.Click("[data-test=send]");
        phone.Find("[data-test=kept]");
        Server.StartAgain();
        phone.Find("[data-test=thanks]");
        Tab.Open(tasting);
        UntilText("[data-test=answered]", "1 of 6");
    }

    [Fact]
    public void What_is_set_up_while_the_server_is_away_is_there_after_a_closed_page_and_goes_out()
    {
        Tab.Open("/tastings").Click("[data-test=set-up]");
        Tab.Find("[data-test=name]");
        var path = Tab.Path;
        Server.TakeDown();
        Tab.Type("[data-test=name]", "Typed in the dark");
        Tab.Until("it is kept here", () =>
            (bool)
                Tab.Script(
                    "return Object.keys(localStorage).some(key => key.startsWith('krasis.unsaved.tasting.') && localStorage.getItem(key).includes('Typed in the dark'))"
                )!
        );
        Server.StartAgain();
        Tab.Open(path);
        Tab.Until("what was typed", () => Tab.AttributeOf("[data-test=name]", "value") == "Typed in the dark");
        Tab.Until("it is saved", () => Tab.TextOf("h1") == "Typed in the dark");
    }

    [Fact]
    public void Two_who_set_up_one_tasting_do_not_overwrite_one_another()
    {
        Tab.Open("/tastings").Click("[data-test=set-up]");
        Tab.Find("[data-test=name]");
        var path = Tab.Path;
        using var other = new Tab(Server.Address);
        other.Open(path).Find("[data-test=name]");
        Tab.Type("[data-test=name]", "Mine");
        Tab.Until("mine is saved", () => Tab.TextOf("h1") == "Mine");
        other.Type("[data-test=name]", "Theirs");
        other.Find("[data-test=stale]");
        Assert.Equal("Theirs", other.AttributeOf("[data-test=name]", "value"));
        other.ClickText("Take theirs");
        other.Until("what is there", () =>
            other.AttributeOf("[data-test=name]", "value") == "Mine" && !other.Has("[data-test=stale]")
        );
    }

    [Fact]
    public void Two_sips_are_noted_in_three_presses()
    {
        Tab.Open("/").UntilListed("Hazelnut iced latte");
        Tab.ClickText("Hazelnut iced latte", "a.name");
        Tab.Until("the sheet", () => Tab.Has("[data-band=Cost]"));

        // Taste, a number, note it.
        Tab.Click("[data-test=taste]");
        Tab.Until("nine points", () => Tab.All("[role=dialog] [data-test=liking]").Count == 9);
        Tab.UntilStill();
        Tab.All("[role=dialog] [data-test=liking]")[7].Click();
        Tab.Click("[data-test=note]");
        UntilText("[role=status]", "Noted of Hazelnut iced latte.");
        Tab.Open("/tastings");
        UntilText("[data-kind=note]", "8 of 9");
    }

    [Fact]
    public void What_is_wrong_with_it_is_answered_by_the_drink_s_own_numbers_and_mended_with_one_press()
    {
        Tab.Open("/").UntilListed("Cardamom oat latte");
        Tab.ClickText("Cardamom oat latte", "a.name");
        Tab.Until("the sheet", () => Tab.Has("[data-band=Cost]"));
        var before = Tab.Cell(0, "Plover");
        Tab.Click("[data-test=taste]");
        Tab.Until("the complaints of a hot drink", () => Tab.All("[data-test=complaint]").Count == 12);
        Tab.ClickText("Too sweet", "[data-test=complaint]");
        UntilText("[data-cause=full-dose]", "Take one less: Cardamom syrup");
        Tab.UntilStill();
        Tab.Click("[data-cause=full-dose] button");
        Tab.Until("one stroke less", () => Tab.Cell(0, "Plover") != before);
    }

    [Fact]
    public void A_guest_brings_it_back_to_the_bar()
    {
        // The demo's grinder runs fast: that leads.
        Tab.Open("/service").Click("[data-test=drink][data-name='Black sesame latte']");
        Tab.Until("the cups", () => Tab.All("[data-test=size]").Count > 1);
        Tab.All("[data-test=size]")[1].Click();
        Tab.Click("[data-test=trouble]");
        Tab.Until("the complaints of a hot drink", () => Tab.All("[data-test=complaint]").Count == 12);
        Tab.UntilStill();
        Tab.ClickText("Sour", "[data-test=complaint]");
        Tab.Until("the grinder first", () =>
            Tab.All("[data-test=cause]") is [var first, ..]
            && first.Text.Contains("runs 3 s fast since", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void The_tray_plan_prints_on_one_page_with_every_taster_s_codes()
    {
        SetUpOf("Cardamom latte", 12);
        Tab.Click("[data-test=open]");
        Tab.Click("[data-test=to-tray]");
        Tab.Until("twelve servings", () => Tab.All("[data-test=serving]").Count == 12);
        var folder = Directory.CreateTempSubdirectory("krasis-tray-");
        try
        {
            var pdf = Path.Combine(folder.FullName, "tray.pdf");
            Tab.Pdf(pdf);
            Assert.Equal((byte)'%', File.ReadAllBytes(pdf)[0]);
        }
        finally
        {
            folder.Delete(recursive: true);
        }
    }

    private string Verdict(int sample) => Tab.All("[data-scale=sweetness] [data-test=verdict]")[sample].Text;

    private void SetUpOf(string build, int tasters)
    {
        Tab.Open("/").UntilListed(build);
        Tab.ClickText(build, "a.name");
        Tab.Click("[data-test=taste]");

        // The seed is the page's to draw; the same codes, orders and tasters in every run.
        Tab.Script("Math.random = () => 0.020611");
        Tab.Click("[data-test=set-up-of-it]");
        Tab.Until("one sample", () => Tab.All("[data-test=sample]").Count == 1);
        Tab.Type(
            "[data-test=tasters] input",
            tasters.ToString(System.Globalization.CultureInfo.InvariantCulture),
            Keys.Tab
        );
        Tab.Until("it can be opened", () =>
            Tab.Find("[data-test=open]").Enabled
            && Tab.All(".set-up[aria-busy=true]").Count == 0
            && Tab.TextOf("[data-test=power]").Contains($"{tasters} tasters", StringComparison.Ordinal)
        );
    }

    private void Practise()
    {
        Tab.Click("summary");
        Tab.Click("[data-test=practise]");
    }
}
