namespace Krasis.Browser.Tests;

/// <summary>Everybody can use the bar's pages.</summary>
public sealed class AccessOfBarTests(DemoHost server) : AccessTests(server)
{
    protected override IEnumerable<(string Name, Action Open)> Pages(Tab tab)
    {
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
}
