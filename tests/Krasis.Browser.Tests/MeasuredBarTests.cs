namespace Krasis.Browser.Tests;

/// <summary>A quiet hour: the Plover Lock's lead measures the bar, and sees which drinks it moves.</summary>
public sealed class MeasuredBarTests : BenchTests
{
    [Fact]
    public void A_cup_is_measured_weighed_and_its_label_found_wrong()
    {
        Tab.Open("/bar");
        Tab.ClickText("Cups", "nav a");
        Tab.Click("[data-test=add]");
        Tab.Type("[data-field=waterGrams]", "355");
        UntilText("[data-test=brim]", "356 ml");
        foreach (
            var (field, text) in new[]
            {
                ("name", "Fen"),
                ("topDiameterMm", "-5"),
                ("bottomDiameterMm", "55"),
                ("heightMm", "100"),
                ("labelMl", "400"),
            }
        )
        {
            Tab.Type($"[data-field={field}]", text);
        }

        UntilText(".bench", "The label says 400 ml, and it holds 11.1 % less. Go by the water.");
        Tab.Click("[data-test=keep]");
        UntilText(".bench", "-5 mm is too little");
        Assert.Equal("355", Value("waterGrams"));

        Tab.Type("[data-field=topDiameterMm]", "80");
        Tab.Until("the drawing", () =>
            Tab.Has(".section [role=img]")
            && Tab.AttributeOf(".section [role=img]", "aria-label")!
                .StartsWith("Fen, 356 ml to the brim", StringComparison.Ordinal)
        );
        Keep();
        Tab.Until("its own page", () =>
            Tab.Path.StartsWith("/bar/cups/", StringComparison.Ordinal)
            && !Tab.Path.EndsWith("new", StringComparison.Ordinal)
        );
        Assert.Contains(Tab.All("li a.here"), link =>
            link.Text.Contains("the label is wrong", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_cup_weighed_again_moves_the_fill_of_the_builds_in_it_before_it_is_kept()
    {
        Tab.Open("/bar/cups/plover");
        Tab.Type("[data-field=waterGrams]", "375");
        UntilText("[data-test=effect]", "Would move 6 builds");
        UntilText("[data-test=effect]", "Cardamom latte");
        UntilText("[data-test=effect]", "room left");
    }

    [Fact]
    public void A_cup_whose_water_is_a_third_more_than_its_lengths_is_refused()
    {
        Tab.Open("/bar/cups/plover");
        Tab.Type("[data-field=waterGrams]", "520");
        UntilText(".bench", "but the diameters and the height hold");
        Assert.Equal("520", Value("waterGrams"));
    }

    [Fact]
    public void A_pump_is_calibrated_by_ten_strokes_one_of_them_odd_and_a_build_moves()
    {
        Tab.Open("/bar/dispensers/pump-cardamom");
        Tab.Type("[data-test=next-stroke]", "9.9 10.0 9.8 10.1", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=stroke-ml]", "7.75 ml");
        Tab.Type("[data-test=next-stroke]", "99", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=odd]", "Stroke 5 weighs 99 g, 9.9 times the middle one");
        UntilText("[data-test=odd]", "It is not averaged in.");
        UntilText("[data-test=stroke-ml]", "7.75 ml");

        // It can be neither kept nor forgotten in silence.
        Tab.Click("[data-test=keep]");
        Tab.Until("the refusal", () => Tab.Has("[data-test=trouble]"));
        Tab.Click("[data-test=leave-out]");
        UntilText(".bench", "Left out: 99 g");
        Tab.Type("[data-test=next-stroke]", "9.9 10.0 9.8 9.9 10.1", OpenQA.Selenium.Keys.Enter);
        Tab.Until("nine strokes", () => Tab.All("[data-test=stroke]").Count == 9);
        UntilText("[data-test=more]", "0");
        UntilText("[data-test=effect]", "Cardamom latte");
        UntilText("[data-test=effect]", "Cardamom syrup 19.5 g → 19.9 g");
        Keep();

        Tab.Open("/");
        Tab.ClickText("Cardamom latte", "a");
        Tab.Until("the moved cell", () =>
            Tab.Has("[data-test=equivalent]")
            && Tab.All("[data-test=line]")[0].Text.Contains("15 ml · 20 g", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void What_is_no_number_stays_in_its_box_and_is_not_kept()
    {
        Tab.Open("/bar/dispensers/pump-cherry");
        Tab.Type("[data-field=strokeMl]", "ten");
        UntilText(".bench", "'ten' is not a number.");
        Tab.Click("[data-test=keep]");
        Assert.Equal("ten", Value("strokeMl"));
        Tab.Type("[data-field=strokeMl]", "0");
        UntilText(".bench", "0 ml a stroke is too little");
        Tab.Type("[data-test=next-stroke]", "9 nine", OpenQA.Selenium.Keys.Enter);
        UntilText(".bench", "'nine' is not a number.");
        Assert.Equal("9 nine", Tab.AttributeOf("[data-test=next-stroke]", "value"));
    }

    [Fact]
    public void Ice_is_weighed_in_a_cup_and_an_iced_build_moves()
    {
        Tab.Open("/bar/ice/canal-ice");
        Tab.ChooseOption("[aria-labelledby=ice-cup]", "Reed, 378 ml");
        Tab.Type("[data-test=ice-fill]", "9");
        Tab.Click("[data-test=work-ice]");
        UntilText(".bench", "and no heap is");
        Tab.Type("[data-test=ice-fill]", "200");
        Tab.Type("[data-test=ice-count]", "10");
        Tab.Type("[data-test=ice-pieces]", "240");
        Tab.Click("[data-test=work-ice]");
        UntilText("[data-test=solid]", "57.8 %");
        UntilText("[data-test=piece]", "24 g");
        Tab.Type("[data-field=servedCelsius]", "-15");
        UntilText("[data-test=effect]", "Would move 6 builds");
        UntilText("[data-test=effect]", "Hazelnut iced latte");
        Tab.ClickText("Hazelnut iced latte", "[data-test=moved] summary strong");
        UntilText("[data-test=effect]", "melted at hand-over");
        Keep();
    }

    [Fact]
    public void A_pull_gets_its_verdict_and_strength_gives_extraction()
    {
        Tab.Open("/bar/espresso/lock-double");
        Tab.Type("[data-field=pulledSeconds]", "19");
        UntilText("[data-test=verdict]", "it runs too fast and will taste sour. Grind finer.");
        Tab.Type("[data-field=extractionPercent]", "");
        Tab.Type("[data-field=tdsPercent]", "9.5");
        UntilText("[data-test=extraction]", "20 %");
        UntilText("[data-test=effect]", "Would move 11 builds");
    }

    [Fact]
    public void The_kiosk_pours_with_its_own_pump_and_the_sheet_says_so()
    {
        Tab.Open("/");
        Tab.ClickText("Cardamom latte", "a");
        Tab.Click("[data-test=stations] summary");
        UntilText("[data-test=stations]", "It has no Heron.");
        UntilText("[data-test=stations]", "for 2 strokes · 26 for 20 g");
    }

    [Fact]
    public void A_card_is_drawn_at_true_size()
    {
        Tab.Open("/bar/cups/reed/card").Find("[data-test=card]");
        // A CSS millimetre is 96 ÷ 25.4 pixels (CSS Values and Units), which a printer sets to a true one.
        Assert.Equal(
            50 * 96 / 25.4,
            Convert.ToDouble(
                Tab.Script("return document.querySelector('[data-test=card-rule]').getBoundingClientRect().width"),
                System.Globalization.CultureInfo.InvariantCulture
            ),
            1.0
        );
    }

    [Fact]
    public void What_waits_to_be_measured_leads_there()
    {
        Tab.Open("/bar");
        UntilText(".hour", "things for a quiet hour");
        Tab.ClickText("Orange peel pump", ".hour a");
        UntilText(".bench", "Weighed 140 days ago; the house weighs again after 90.");
    }
}
