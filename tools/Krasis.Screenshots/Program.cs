using Krasis.Browser.Tests;

// Takes the pictures in docs/screenshots of the demo café, each view once.
var folder = Path.GetFullPath(args[0]);
using var server = new KrasisProcess(demo: true);

using (var tab = new Tab(server.Address, 1280, 800))
{
    tab.Open("/").Find("[data-test=build]");
    tab.Picture(Path.Combine(folder, "builds.png"));

    OpenBuild(tab, "Cardamom latte");
    tab.Picture(Path.Combine(folder, "sheet-hot.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Picture(Path.Combine(folder, "sheet-iced.png"));

    OpenBuild(tab, "Ginger-pear tide");
    tab.Until("the band", () => tab.Has("[data-band=Cost]"));
    tab.Script("document.querySelector('[data-band=Strength]').scrollIntoView({ block: 'start' })");
    tab.Picture(Path.Combine(folder, "band.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Click("[aria-label='Advise on Sedge']");
    tab.Find("[data-test=advice]");
    tab.Picture(Path.Combine(folder, "advice.png"));

    OpenBuild(tab, "Cardamom latte");
    tab.Click("[data-test=variant]");
    tab.Find("[data-test=changes]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "variant.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Click("[data-test=compare-schools]");
    tab.Find("[data-test=school]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "schools.png"));

    tab.Open("/bar").Find(".tile");
    tab.Picture(Path.Combine(folder, "bar.png"));

    OpenBench(tab, "cups/reed");
    tab.Picture(Path.Combine(folder, "bar-cup.png"));

    OpenBench(tab, "espresso/lock-double");
    tab.Picture(Path.Combine(folder, "bar-espresso.png"));

    OpenBench(tab, "coffees/slipway-brew");
    tab.Picture(Path.Combine(folder, "bar-coffee.png"));

    OpenBench(tab, "foams/swell");
    tab.Picture(Path.Combine(folder, "bar-foam.png"));

    OpenBench(tab, "ingredients/hazelnut-syrup");
    tab.Picture(Path.Combine(folder, "bar-ingredient.png"));

    OpenBench(tab, "parts/ginger-cordial");
    tab.Picture(Path.Combine(folder, "bar-part.png"));

    OpenBench(tab, "ice/canal-ice");
    tab.Type("[data-field=servedCelsius]", "-15");
    tab.Until("the effect", () => tab.Find("[data-test=effect] h3").Text.StartsWith("Would move", StringComparison.Ordinal));
    tab.Picture(Path.Combine(folder, "bar-ice.png"));

    OpenBuild(tab, "Cardamom latte");
    tab.Click("[data-test=stations] summary");
    tab.Until("the kiosk", () => tab.Has("[data-test=stations] table"));
    tab.Script("document.querySelector('[data-test=stations]').scrollIntoView({ block: 'center' })");
    tab.Picture(Path.Combine(folder, "kiosk.png"));

    tab.Open("/bar/cups/reed/card").Find("[data-test=card]");
    tab.Picture(Path.Combine(folder, "card.png"));
}

using (var tab = new Tab(server.Address, 1280, 1000))
{
    OpenBench(tab, "dispensers/pump-cardamom");
    tab.Type("[data-test=next-stroke]", "9.9 10.0 9.8 10.1 99 9.9 10.0", OpenQA.Selenium.Keys.Enter);
    tab.Find("[data-test=odd]");
    tab.Click("[data-test=open-scale]");
    tab.Click("[data-test=scale-connect]");
    tab.Click("[data-test=scale-stroke]");
    tab.Until("the scale at rest", () => tab.Find("[data-test=scale-says]").Text == "At rest");
    tab.Picture(Path.Combine(folder, "bar-pump.png"));
}

using (var tab = new Tab(server.Address, 1280, 1100))
{
    tab.PreferDark();
    OpenBuild(tab, "Hazelnut iced latte");
    tab.EnterCell(2, "Rush", "330");
    tab.Find("[data-check=overfull]");
    tab.Picture(Path.Combine(folder, "sheet-overfull-dark.png"));
}

static void OpenBench(Tab tab, string path)
{
    tab.Open($"/bar/{path}").Find(".bench");
    tab.Until("the trial", () => tab.Find("[data-test=effect] h3").Text.Length > 0);
}

static void OpenBuild(Tab tab, string name)
{
    tab.Open("/").ClickText(name, "a");
    tab.Until("the sheet", () => tab.Has("[data-test=line]"));
}
