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
    tab.WorkIn("Willow");
    tab.Script("document.querySelector('[data-test=size-panel]').scrollIntoView({ block: 'start' })");
    tab.Picture(Path.Combine(folder, "size.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Click("[data-test=advise]");
    tab.Find("[data-test=advice]");
    tab.Picture(Path.Combine(folder, "advice.png"));

    OpenBuild(tab, "Cardamom latte");
    tab.More("variant");
    tab.Find("[data-test=changes]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "variant.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Click("[data-test=compare-schools]");
    tab.Find("[data-test=school]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "schools.png"));

    tab.Open("/builds/new");
    tab.Type("#name", "Slipway mocha");
    foreach (var step in new[] { "base-chocolate", "serve-iced", "cup-reed", "cup-rush", "cup-willow" })
    {
        tab.Click($"[data-test={step}]");
    }

    tab.Picture(Path.Combine(folder, "start.png"));

    OpenBuild(tab, "Ginger-pear tide");
    tab.ClickText("+20 min");
    tab.Find("[data-test=at-moment]");
    tab.Picture(Path.Combine(folder, "later.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.More("history");
    tab.Find("[data-test=entries]");
    tab.Click("[data-test=diff-from]");
    tab.Until("its first standard", () =>
    {
        var first = tab.All("li[role=option]").FirstOrDefault(option => option.Text.StartsWith("standard 1", StringComparison.Ordinal));
        first?.Click();
        return first is not null;
    });
    tab.Find("[data-test=diff]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "history.png"));
    tab.Press(OpenQA.Selenium.Keys.Escape);

    tab.Open("/");
    tab.Click("input[aria-label='Choose Cardamom latte']");
    tab.Click("input[aria-label='Choose Cardamom oat latte']");
    tab.Click("[data-test=compare]");
    tab.Find("[data-test=compared-numbers]");
    tab.Picture(Path.Combine(folder, "compare.png"));

    tab.Open("/bar").Find(".tile");
    tab.Picture(Path.Combine(folder, "bar.png"));

    OpenBench(tab, "cups/reed");
    tab.Picture(Path.Combine(folder, "bar-cup.png"));

    OpenBench(tab, "espresso/lock-double");
    tab.Picture(Path.Combine(folder, "bar-espresso.png"));

    OpenBench(tab, "ingredients/hazelnut-syrup");
    tab.Picture(Path.Combine(folder, "bar-ingredient.png"));

    OpenBench(tab, "parts/ginger-cordial");
    tab.Picture(Path.Combine(folder, "bar-part.png"));

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
