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

    tab.Open("/bar").Find("[data-fact=Wren]");
    tab.Picture(Path.Combine(folder, "bar.png"));
}

using (var tab = new Tab(server.Address, 1280, 1100))
{
    tab.PreferDark();
    OpenBuild(tab, "Hazelnut iced latte");
    tab.EnterCell(2, "Rush", "330");
    tab.Until("the fault", () => tab.All("[data-test=finding]").Count > 0);
    tab.Picture(Path.Combine(folder, "sheet-overfull-dark.png"));
}

static void OpenBuild(Tab tab, string name)
{
    tab.Open("/").ClickText(name, "a");
    tab.Until("the sheet", () => tab.Has("[data-test=line]"));
}
