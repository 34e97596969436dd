namespace Krasis.Browser.Tests;

/// <summary>A quiet hour: the Plover Lock's lead measures the bar, and sees which drinks it moves.</summary>
public sealed class MeasuredBarTests : IDisposable
{
    private readonly KrasisProcess server = new(demo: true);
    private readonly Tab tab;

    public MeasuredBarTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void A_cup_is_measured_weighed_and_its_label_found_wrong()
    {
        tab.Open("/bar");
        tab.ClickText("Cups", "nav a");
        tab.Click("[data-test=add]");
        tab.Type("[data-field=waterGrams]", "355");
        UntilText("[data-test=brim]", "356 ml");
        foreach (var (field, text) in new[] { ("name", "Fen"), ("topDiameterMm", "-5"), ("bottomDiameterMm", "55"), ("heightMm", "100"), ("labelMl", "400") })
        {
            tab.Type($"[data-field={field}]", text);
        }

        UntilText(".bench", "The label says 400 ml, and it holds 11.1 % less. Go by the water.");
        tab.Click("[data-test=keep]");
        UntilText(".bench", "-5 mm is too little");
        Assert.Equal("355", Value("waterGrams"));

        tab.Type("[data-field=topDiameterMm]", "80");
        tab.Until("the drawing", () => tab.Has(".section [role=img]") && tab.Find(".section [role=img]").GetAttribute("aria-label")!.StartsWith("Fen, 356 ml to the brim", StringComparison.Ordinal));
        Keep();
        tab.Until("its own page", () => tab.Path.StartsWith("/bar/cups/", StringComparison.Ordinal) && !tab.Path.EndsWith("new", StringComparison.Ordinal));
        Assert.Contains(tab.All("li a.here"), link => link.Text.Contains("the label is wrong", StringComparison.Ordinal));
    }

    [Fact]
    public void A_cup_weighed_again_moves_the_fill_of_the_builds_in_it_before_it_is_kept()
    {
        tab.Open("/bar/cups/plover");
        tab.Type("[data-field=waterGrams]", "375");
        UntilText("[data-test=effect]", "Would move 6 builds");
        UntilText("[data-test=effect]", "Cardamom latte");
        UntilText("[data-test=effect]", "room left");
    }

    [Fact]
    public void A_cup_whose_water_is_a_third_more_than_its_lengths_is_refused()
    {
        tab.Open("/bar/cups/plover");
        tab.Type("[data-field=waterGrams]", "520");
        UntilText(".bench", "but the diameters and the height hold");
        Assert.Equal("520", Value("waterGrams"));
    }

    [Fact]
    public void A_pump_is_calibrated_by_ten_strokes_one_of_them_odd_and_a_build_moves()
    {
        tab.Open("/bar/dispensers/pump-cardamom");
        tab.Type("[data-test=next-stroke]", "9.9 10.0 9.8 10.1", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=stroke-ml]", "7.75 ml");
        tab.Type("[data-test=next-stroke]", "99", OpenQA.Selenium.Keys.Enter);
        UntilText("[data-test=odd]", "Stroke 5 weighs 99 g, 9.9 times the middle one");
        UntilText("[data-test=odd]", "It is not averaged in.");
        UntilText("[data-test=stroke-ml]", "7.75 ml");

        // It can be neither kept nor forgotten in silence.
        tab.Click("[data-test=keep]");
        tab.Until("the refusal", () => tab.Has("[data-test=trouble]"));
        tab.Click("[data-test=leave-out]");
        UntilText(".bench", "Left out: 99 g");
        tab.Type("[data-test=next-stroke]", "9.9 10.0 9.8 9.9 10.1", OpenQA.Selenium.Keys.Enter);
        tab.Until("nine strokes", () => tab.All("[data-test=stroke]").Count == 9);
        UntilText("[data-test=more]", "0");
        UntilText("[data-test=effect]", "Cardamom latte");
        UntilText("[data-test=effect]", "Cardamom syrup 19.5 g → 19.9 g");
        Keep();

        tab.Open("/");
        tab.ClickText("Cardamom latte", "a");
        tab.Until("the moved cell", () => tab.Has("[data-test=equivalent]") && tab.All("[data-test=line]")[0].Text.Contains("15 ml · 20 g", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_no_number_stays_in_its_box_and_is_not_kept()
    {
        tab.Open("/bar/dispensers/pump-cherry");
        tab.Type("[data-field=strokeMl]", "ten");
        UntilText(".bench", "'ten' is not a number.");
        tab.Click("[data-test=keep]");
        Assert.Equal("ten", Value("strokeMl"));
        tab.Type("[data-field=strokeMl]", "0");
        UntilText(".bench", "0 ml a stroke is too little");
        tab.Type("[data-test=next-stroke]", "9 nine", OpenQA.Selenium.Keys.Enter);
        UntilText(".bench", "'nine' is not a number.");
        Assert.Equal("9 nine", tab.Find("[data-test=next-stroke]").GetAttribute("value"));
    }

    [Fact]
    public void The_scale_drops_out_in_mid_weighing_and_nothing_is_lost()
    {
        tab.Open("/bar/dispensers/pump-dark");
        tab.Click("[data-test=weigh-stroke]");
        tab.Click("[data-test=scale-connect]");
        for (var stroke = 1; stroke <= 2; stroke++)
        {
            tab.Click("[data-test=scale-stroke]");
            tab.Until("a reading", () => Reading() > 8 && Says() == "At rest");
            tab.Click("[data-test=weigh-stroke]");
            tab.Until($"stroke {stroke}", () => tab.All("[data-test=stroke]").Count == stroke);
            tab.Until("the scale at nothing", () => Math.Abs(Reading()) < 0.2);
        }

        tab.Click("[data-test=scale-stroke]");
        tab.Click("[data-test=scale-drop]");
        UntilText("[data-test=scale-says]", "The scale is gone.");
        UntilText("[data-test=scale-lost]", "The 2 strokes taken so far are still here");
        Assert.Equal("– – –", tab.Find("[data-test=scale-display]").Text.Trim());
        Assert.Equal(2, tab.All("[data-test=stroke]").Count);

        // On by hand, and then with the scale again.
        tab.Type("[data-test=next-stroke]", "9.5", OpenQA.Selenium.Keys.Enter);
        tab.Until("the third", () => tab.All("[data-test=stroke]").Count == 3);
        tab.Click("[data-test=scale-connect]");
        tab.Until("it shows nothing", () => Math.Abs(Reading()) < 0.2 && Says() == "At rest");
        tab.Click("[data-test=scale-stroke]");
        tab.Until("a reading", () => Reading() > 8 && Says() == "At rest");
        tab.Click("[data-test=weigh-stroke]");
        tab.Until("the fourth", () => tab.All("[data-test=stroke]").Count == 4);
    }

    [Fact]
    public void The_scale_settles_zeroes_is_overloaded_and_fills_a_box()
    {
        tab.Open("/bar/cups/new");
        tab.Click("[data-test=open-scale]");
        tab.Click("[data-test=scale-connect]");
        tab.Click("[aria-label='Lay 100 g on the scale']");
        UntilText("[data-test=scale-says]", "Coming to rest…");
        tab.Until("a hundred grams", () => Says() == "At rest" && Math.Abs(Reading() - 100) < 0.2);
        tab.Click("[data-test=scale-zero]");
        tab.Until("nothing", () => Math.Abs(Reading()) < 0.2);
        tab.Click("[aria-label='Lay 100 g on the scale']");
        tab.Until("a hundred grams more", () => Says() == "At rest" && Math.Abs(Reading() - 100) < 0.2);
        tab.Click("[data-weigh=waterGrams]");
        tab.Until("the reading in the box", () => double.TryParse(Value("waterGrams"), System.Globalization.CultureInfo.InvariantCulture, out var grams) && Math.Abs(grams - 100) < 0.2);

        for (var i = 0; i < 3; i++)
        {
            tab.Click("[aria-label='Lay 1000 g on the scale']");
        }

        UntilText("[data-test=scale-display]", "too heavy");
        UntilText("[data-test=scale-says]", "It weighs up to 3000 g.");
    }

    [Fact]
    public void A_syrup_is_entered_by_its_Brix_and_a_build_moves()
    {
        tab.Open("/bar/ingredients/new");
        tab.Type("[data-field=name]", "Quince syrup");
        tab.Type("[data-field=brix]", "120");
        tab.Press(OpenQA.Selenium.Keys.Tab);
        UntilText(".bench", "120 °Brix is too much. Accepted: a number from 0 to 75 °Brix.");
        tab.Type("[data-field=brix]", "65");
        UntilText("[data-test=density]", "1.316 g/ml");
        UntilText("[data-test=unknown]", "the allergens: nobody has read the label");
        Keep();
        tab.Until("its own page", () => !tab.Path.EndsWith("new", StringComparison.Ordinal));

        // An old syrup by its °Brix: its strokes are lighter.
        tab.Open("/bar/ingredients/cherry-syrup");
        tab.Type("[data-field=densityGramsPerMl]", "");
        tab.Type("[data-field=brix]", "50");
        UntilText("[data-test=density]", "1.23 g/ml");
        UntilText("[data-test=effect]", "Cherry coconut iced mocha");
        UntilText("[data-test=effect]", "Cherry syrup 19 g → 18.2 g");
        Keep();
        tab.Open("/bar/ingredients/cherry-syrup");
        Assert.Equal(("", "50"), (Value("densityGramsPerMl"), Value("brix")));
    }

    [Fact]
    public void Composition_of_more_than_the_whole_is_told_beside_it()
    {
        tab.Open("/bar/ingredients/farm-milk");
        tab.Type("[data-field='per100g.fat']", "60");
        tab.Type("[data-field='per100g.carbohydrate']", "60");
        UntilText(".bench", "add up to 123.4 g in 100 g");
    }

    [Fact]
    public void A_nested_part_is_written_batched_and_moves_a_build()
    {
        tab.Open("/bar/parts/new");
        tab.Type("[data-field=name]", "Maple tide");
        AddToPart("Ginger-pear cordial", 0, "300");
        AddToPart("Maple syrup", 1, "100");
        UntilText("[data-test=makes]", "400 g");
        tab.Type("[data-test=batch-amount]", "1000");
        UntilText("[data-test=batch]", "750 g");
        UntilText("[data-test=batch]", "250 g");
        UntilText(".bench", "Through all parts, at hand: ");
        Keep();
        tab.Until("its own page", () => !tab.Path.EndsWith("new", StringComparison.Ordinal));

        // The part within is in a build: more sugar in it moves that.
        tab.Open("/bar/parts/ginger-cordial");
        tab.Type("[data-field='lines.2.amount']", "160");
        UntilText("[data-test=effect]", "Ginger-pear tide");
        UntilText("[data-test=effect]", "sweetness");

        // And a part that would contain itself is told with the path.
        tab.Click("[data-test=take-back]");
        tab.Click("[data-test=add-part-line]");
        tab.Find(".p-select-filter").SendKeys("Tide");
        tab.ClickText("Tide milk", "li[role=option]");
        tab.Type("[data-field='lines.4.amount']", "10");
        UntilText("[data-test=lines-fault]", "Ginger-pear cordial contains itself: Ginger-pear cordial → Tide milk → Ginger-pear cordial.");
    }

    [Fact]
    public void What_was_removed_from_the_bar_is_brought_back_by_one_press()
    {
        tab.Open("/bar/pitchers/jug-small");
        tab.Click("[data-test=remove]");
        UntilText("[role=status]", "Small jug is removed.");
        tab.Until("it gone", () => !tab.All("li a").Any(link => link.Text.Contains("Small jug", StringComparison.Ordinal)));
        tab.Click("[data-test=notice-action]");
        tab.Until("it back", () => tab.Path.StartsWith("/bar/pitchers/", StringComparison.Ordinal) && tab.Has("[data-field=spoutMl]") && tab.Find("[data-field=spoutMl]").GetAttribute("value") == "190");
        UntilText("[role=status]", "Small jug is back.");
    }

    [Fact]
    public void Ice_is_weighed_in_a_cup_and_an_iced_build_moves()
    {
        tab.Open("/bar/ice/canal-ice");
        tab.ChooseOption("[aria-labelledby=ice-cup]", "Reed, 378 ml");
        tab.Type("[data-test=ice-fill]", "9");
        tab.Click("[data-test=work-ice]");
        UntilText(".bench", "and no heap is");
        tab.Type("[data-test=ice-fill]", "200");
        tab.Type("[data-test=ice-count]", "10");
        tab.Type("[data-test=ice-pieces]", "240");
        tab.Click("[data-test=work-ice]");
        UntilText("[data-test=solid]", "57.8 %");
        UntilText("[data-test=piece]", "24 g");
        tab.Type("[data-field=servedCelsius]", "-15");
        UntilText("[data-test=effect]", "Would move 6 builds");
        UntilText("[data-test=effect]", "Hazelnut iced latte");
        tab.ClickText("Hazelnut iced latte", "[data-test=moved] summary strong");
        UntilText("[data-test=effect]", "melted at hand-over");
        Keep();
    }

    [Fact]
    public void A_pull_gets_its_verdict_and_strength_gives_extraction()
    {
        tab.Open("/bar/espresso/lock-double");
        tab.Type("[data-field=pulledSeconds]", "19");
        UntilText("[data-test=verdict]", "is too fast for 26 to 32 s: it will taste sour. Grind finer.");
        tab.Type("[data-field=extractionPercent]", "");
        tab.Type("[data-field=tdsPercent]", "9.5");
        UntilText("[data-test=extraction]", "20 %");
        UntilText("[data-test=effect]", "Would move 11 builds");
    }

    [Fact]
    public void Two_people_calibrate_one_pump_and_neither_loses_what_was_weighed()
    {
        tab.Open("/bar/dispensers/pump-cherry");
        tab.Type("[data-test=next-stroke]", "9.1 9.2 9.1", OpenQA.Selenium.Keys.Enter);
        tab.Until("three strokes", () => tab.All("[data-test=stroke]").Count == 3);
        tab.ScriptAsync(
            """
            const done = arguments[arguments.length - 1];
            fetch('/api/bar').then(answer => answer.json()).then(bar => {
              const pump = bar.dispensers.find(one => one.id === 'pump-cherry');
              return fetch('/api/bar/dispensers/pump-cherry', { method: 'PUT', headers: { 'Content-Type': 'application/json', 'If-Match': pump.etag },
                body: JSON.stringify({ ...pump.document, strokeMl: 8 }) });
            }).then(answer => done(answer.status));
            """);
        tab.Click("[data-test=keep]");
        UntilText("[data-test=theirs]", "Somebody else has kept another measurement of Cherry pump");
        UntilText("[data-test=theirs]", "8 ml a stroke");
        Assert.Equal(3, tab.All("[data-test=stroke]").Count);
        tab.ClickText("Keep mine instead");
        tab.Until("mine", () => !tab.Has("[data-test=theirs]") && tab.All("li a.here").Any(link => link.Text.Contains("7.13 ml a stroke", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_syrup_that_builds_and_a_pump_need_is_not_removed_and_they_are_named()
    {
        tab.Open("/bar/ingredients/farm-milk");
        tab.Click("[data-test=remove]");
        UntilText("[data-test=trouble]", "7 builds need this ingredient. 'Black sesame latte', 'Cardamom latte'");
        UntilText("[data-test=trouble]", "'Tide milk'");
        UntilText("[data-test=trouble]", "Nothing was changed.");
    }

    [Fact]
    public void A_stray_click_and_a_closed_tab_lose_nothing()
    {
        tab.Open("/bar/dispensers/pump-cherry");
        tab.Type("[data-field=strokeMl]", "8.5");
        tab.ClickText("Builds", "nav a");
        tab.Until("the question", () => tab.Has("[role=dialog]"));
        tab.ClickText("Stay here");
        tab.Until("the answer", () => !tab.Has("[role=dialog]"));
        Assert.Equal("8.5", Value("strokeMl"));

        tab.Reload();
        UntilText(".bench", "has been brought back");
        Assert.Equal("8.5", Value("strokeMl"));
        Keep();
        tab.ClickText("Builds", "nav a");
        tab.Until("the list", () => tab.Path == "/");
    }

    [Fact]
    public void A_pantry_file_with_two_bad_rows_comes_in_without_them()
    {
        var file = Path.Combine(Path.GetTempPath(), $"pantry-{Guid.NewGuid():N}.csv");
        File.WriteAllText(file, "name,kind,brix,colour\nQuince syrup,syrup,62,#d8b24a\nPlum syrup,syrup,120,#7a2d4a\nFig syrup,syrup,sixty,#6a4a5a\nSloe syrup,syrup,60,#3d2a4a\n");
        try
        {
            tab.Open("/bar/ingredients").Find("[data-test=pantry-import]");
            tab.All("[data-test=pantry-file]")[0].SendKeys(file);
            UntilText("[data-test=pantry-sum]", "2 rows to keep, 2 rows that cannot be taken. Nothing has been kept yet.");
            UntilText("[data-test=pantry-bad]", "Line 3, column brix (Plum syrup): 120 °Brix is too much.");
            UntilText("[data-test=pantry-bad]", "Line 4, column brix (Fig syrup): 'sixty' cannot be read.");
            tab.ClickText("Keep 2 rows, leave out 2");
            UntilText("[role=status]", "2 added, 0 changed, 0 were so already, 2 left out.");
            tab.Until("the new syrups", () => tab.All("li a .name").Any(name => name.Text == "Sloe syrup") && tab.All("li a .name").All(name => name.Text != "Plum syrup"));
        }
        finally
        {
            File.Delete(file);
        }
    }

    [Fact]
    public void The_kiosk_pours_with_its_own_pump_and_the_sheet_says_so()
    {
        tab.Open("/");
        tab.ClickText("Cardamom latte", "a");
        tab.Click("[data-test=stations] summary");
        UntilText("[data-test=stations]", "It has no Heron.");
        UntilText("[data-test=stations]", "for 2 strokes · 26 for 20 g");
    }

    [Fact]
    public void A_card_is_drawn_at_true_size()
    {
        tab.Open("/bar/cups/reed/card").Find("[data-test=card]");
        // A CSS millimetre is 96 ÷ 25.4 pixels (CSS Values and Units), which a printer sets to a true one.
        Assert.Equal(50 * 96 / 25.4, Convert.ToDouble(tab.Script("return document.querySelector('[data-test=card-rule]').getBoundingClientRect().width"), System.Globalization.CultureInfo.InvariantCulture), 1.0);
    }

    [Fact]
    public void What_waits_to_be_measured_leads_there()
    {
        tab.Open("/bar");
        UntilText(".hour", "things for a quiet hour");
        tab.ClickText("Orange peel pump", ".hour a");
        UntilText(".bench", "Weighed 140 days ago; the house weighs again after 90.");
    }

    private void AddToPart(string ingredient, int index, string grams)
    {
        tab.Click("[data-test=add-part-line]");
        tab.Find(".p-select-filter").SendKeys(ingredient);
        tab.ClickText(ingredient, "li[role=option]");
        tab.Until("the line", () => tab.All("[data-test=part-line]").Count == index + 1);
        tab.Type($"[data-field='lines.{index}.amount']", grams);
    }

    private void UntilText(string css, string text) => tab.Until($"'{text}' in {css}", () => tab.All(css).Any(element => element.Text.Contains(text, StringComparison.Ordinal)));

    private void Keep()
    {
        tab.Click("[data-test=keep]");
        UntilText("[role=status]", "is kept.");
    }

    private string Value(string field) => tab.Find($"input[data-field='{field}']").GetAttribute("value") ?? "";

    private double Reading() => double.TryParse(tab.Find("[data-test=scale-display]").Text.Replace("g", "", StringComparison.Ordinal).Trim(), System.Globalization.CultureInfo.InvariantCulture, out var grams) ? grams : double.NaN;

    private string Says() => tab.Find("[data-test=scale-says]").Text.Trim();
}
