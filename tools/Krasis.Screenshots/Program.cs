using Krasis.Browser.Tests;

// Takes the pictures in docs/screenshots of the demo café, each view once.
var folder = Path.GetFullPath(args[0]);
using var server = new KrasisProcess(demo: true);

using (var tab = new Tab(server.Address, 1280, 800))
{
    tab.Open("/")
        .Until("what a standard lacks", () =>
            tab.Has("[data-test=builds]")
            && tab.Find("[data-test=builds]").Text.Contains("is out", StringComparison.Ordinal)
        );
    tab.Picture(Path.Combine(folder, "builds.png"));

    OpenBuild(tab, "Cardamom latte");
    tab.Picture(Path.Combine(folder, "sheet-hot.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.Picture(Path.Combine(folder, "sheet-iced.png"));

    tab.Open("/prep").Find("[data-test=bar]");
    tab.Picture(Path.Combine(folder, "plan.png"));

    tab.Open("/prep/expected").Find("[data-test=past] svg");
    tab.Picture(Path.Combine(folder, "expected.png"));

    tab.Open("/tastings/00000000-0000-0000-0000-000000000004").Find("[data-test=becomes]");
    tab.Picture(Path.Combine(folder, "tasting.png"));

    tab.Open("/builds/new");
    tab.Type("#name", "Slipway mocha");
    foreach (var step in new[] { "base-chocolate", "serve-iced", "cup-reed", "cup-rush", "cup-willow" })
    {
        tab.Click($"[data-test={step}]");
    }

    tab.Picture(Path.Combine(folder, "start.png"));

    OpenBuild(tab, "Hazelnut iced latte");
    tab.More("history");
    tab.Find("[data-test=entries]");
    tab.Click("[data-test=diff-from]");
    tab.Until("its first standard", () =>
    {
        var first = tab.All("li[role=option]")
            .FirstOrDefault(option => option.Text.StartsWith("standard 1", StringComparison.Ordinal));
        first?.Click();
        return first is not null;
    });
    tab.Find("[data-test=diff]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "history.png"));
    tab.Press(OpenQA.Selenium.Keys.Escape);

    tab.Open("/read");
    tab.Type(
        "[data-test=paste]",
        "Mooring latte (Plover)\n2 pumps hazlenut, 1 pump vanilla\ndouble shot (18 g in, 38 out, 28 s)\na splash of oat drink\n180 ml milk, steamed\ntop with maple foam (1:3 maple syrup, farm milk)"
    );
    tab.Click("[data-test=read]");
    tab.Find("[data-test=draft]");
    tab.Script("document.querySelector('[data-test=recipe]').scrollIntoView(); scrollBy(0, -60)");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "read.png"));

    tab.Open("/bar").Find(".tile");
    tab.Picture(Path.Combine(folder, "bar.png"));

    OpenBuild(tab, "Orange peel mocha");
    tab.More("cards");
    tab.Find("[data-test=card]");
    tab.Until("the codes", () =>
        (bool)
            tab.Script(
                "return [...document.querySelectorAll('[data-test=code]')].every(code => code.complete && code.naturalWidth > 0)"
            )!
    );
    tab.Picture(Path.Combine(folder, "cards.png"));

    tab.Open("/service").Find("[data-test=drink]");
    tab.Picture(Path.Combine(folder, "board.png"));

    AtTheBar(tab, "Black sesame latte", 1);
    tab.Click("[data-test=show]");
    tab.Find("[data-test=figure]");
    tab.Click("[data-test=step-on]");
    tab.Until("the shots", () => tab.Find("[data-test=figure]").Text == "2 shots");
    tab.Picture(Path.Combine(folder, "steps.png"));

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
        AtTheBar(tab, drink, size);
        tab.Click("[data-test=add]");
        tab.Find("[data-test=to-order]");
    }

    tab.Click("[data-test=to-order]");
    tab.Until("the plan", () => tab.All("[data-test=sequence] li").Count == 4);
    tab.Picture(Path.Combine(folder, "order.png"));

    AtTheBar(tab, "Orange peel mocha", 1);
    tab.Click("[data-test=along]");
    tab.Click("[data-test=begin]");
    tab.Type("[data-test=typed]", "52");
    tab.Click("[data-test=step-on]");
    tab.Find("[data-test=rescue]");
    tab.UntilStill();
    tab.Picture(Path.Combine(folder, "make.png"));

    tab.Open("/poured").Find("[data-test=finding]");
    tab.Click("[data-test=finding][data-id=kiosk-hazelnut] button");
    tab.Until("its chart", () =>
        tab.Find("[data-test=chart-name]").Text.StartsWith("Kiosk hazelnut pump", StringComparison.Ordinal)
        && tab.Has("[aria-label^='Chart of'] svg")
    );
    tab.Picture(Path.Combine(folder, "poured.png"));
}

using (var tab = new Tab(server.Address, 390, 844))
{
    OpenBuild(tab, "Orange peel mocha");
    tab.Click("[data-test=taste]");

    // The same codes in every picture.
    tab.Script("Math.random = () => 0.020611");
    tab.Click("[data-test=set-up-of-it]");
    tab.Until("it can be opened", () => tab.Find("[data-test=open]").Enabled);
    tab.Click("[data-test=open]");
    tab.Open(new Uri(tab.Find("[data-test=to-taste]").GetAttribute("href")!).AbsolutePath).Click("[data-test=begin]");
    tab.Until("the scales", () => tab.All("[data-test=jar]").Count == 3);
    tab.All("[data-test=liking]")[6].Click();
    tab.Picture(Path.Combine(folder, "taste.png"));
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

static void AtTheBar(Tab tab, string drink, int size)
{
    tab.Open("/service").Click($"[data-test=drink][data-name='{drink}']");
    tab.Until("the cups", () => tab.All("[data-test=size]").Count > size);
    tab.All("[data-test=size]")[size].Click();
}

static void OpenBuild(Tab tab, string name)
{
    tab.Open("/").ClickText(name, "a");
    tab.Until("the sheet", () => tab.Has("[data-test=line]"));
}
