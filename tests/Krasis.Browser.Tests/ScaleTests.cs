namespace Krasis.Browser.Tests;

/// <summary>The scale on the bar's pages: it settles, drops out, and fills boxes.</summary>
public sealed class ScaleTests : BenchTests
{
    [Fact]
    public void The_scale_drops_out_in_mid_weighing_and_nothing_is_lost()
    {
        Tab.Open("/bar/dispensers/pump-dark");
        Tab.Click("[data-test=weigh-stroke]");
        Tab.Click("[data-test=scale-connect]");
        for (var stroke = 1; stroke <= 2; stroke++)
        {
            Tab.Click("[data-test=scale-stroke]");
            Tab.Until("a reading", () => Reading() > 8 && Says() == "At rest");
            Tab.Click("[data-test=weigh-stroke]");
            Tab.Until($"stroke {stroke}", () => Tab.All("[data-test=stroke]").Count == stroke);
            Tab.Until("the scale at nothing", () => Math.Abs(Reading()) < 0.2);
        }

        Tab.Click("[data-test=scale-stroke]");
        Tab.Click("[data-test=scale-drop]");
        UntilText("[data-test=scale-says]", "The scale is gone.");
        UntilText("[data-test=scale-lost]", "The 2 strokes taken so far are still here");
        Assert.Equal("– – –", Tab.TextOf("[data-test=scale-display]").Trim());
        Assert.Equal(2, Tab.All("[data-test=stroke]").Count);

        // On by hand, and then with the scale again.
        Tab.Type("[data-test=next-stroke]", "9.5", OpenQA.Selenium.Keys.Enter);
        Tab.Until("the third", () => Tab.All("[data-test=stroke]").Count == 3);
        Tab.Click("[data-test=scale-connect]");
        Tab.Until("it shows nothing", () => Math.Abs(Reading()) < 0.2 && Says() == "At rest");
        Tab.Click("[data-test=scale-stroke]");
        Tab.Until("a reading", () => Reading() > 8 && Says() == "At rest");
        Tab.Click("[data-test=weigh-stroke]");
        Tab.Until("the fourth", () => Tab.All("[data-test=stroke]").Count == 4);
    }

    [Fact]
    public void The_scale_settles_zeroes_is_overloaded_and_fills_a_box()
    {
        Tab.Open("/bar/cups/new");
        Tab.Click("[data-test=open-scale]");
        Tab.Click("[data-test=scale-connect]");
        Tab.Click("[aria-label='Lay 100 g on the scale']");
        UntilText("[data-test=scale-says]", "Coming to rest…");
        Tab.Until("a hundred grams", () => Says() == "At rest" && Math.Abs(Reading() - 100) < 0.2);
        Tab.Click("[data-test=scale-zero]");
        Tab.Until("nothing", () => Math.Abs(Reading()) < 0.2);
        Tab.Click("[aria-label='Lay 100 g on the scale']");
        Tab.Until("a hundred grams more", () => Says() == "At rest" && Math.Abs(Reading() - 100) < 0.2);
        Tab.Click("[data-weigh=waterGrams]");
        Tab.Until("the reading in the box", () =>
            double.TryParse(Value("waterGrams"), System.Globalization.CultureInfo.InvariantCulture, out var grams)
            && Math.Abs(grams - 100) < 0.2
        );

        for (var i = 0; i < 3; i++)
        {
            Tab.Click("[aria-label='Lay 1000 g on the scale']");
        }

        UntilText("[data-test=scale-display]", "too heavy");
        UntilText("[data-test=scale-says]", "It weighs up to 3000 g.");
    }

    private double Reading() =>
        double.TryParse(
            Tab.TextOf("[data-test=scale-display]").Replace("g", "", StringComparison.Ordinal).Trim(),
            System.Globalization.CultureInfo.InvariantCulture,
            out var grams
        )
            ? grams
            : double.NaN;

    private string Says() => Tab.TextOf("[data-test=scale-says]").Trim();
}
