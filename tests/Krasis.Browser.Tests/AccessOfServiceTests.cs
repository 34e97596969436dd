namespace Krasis.Browser.Tests;

/// <summary>Everybody can use the pages for service, prep, tastings and files.</summary>
public sealed class AccessOfServiceTests(DemoHost server) : AccessTests(server)
{
    protected override IEnumerable<(string Name, Action Open)> Pages(Tab tab)
    {
        yield return ("a recipe that was read", () =>
        {
            tab.Open("/read").Find("[data-test=paste]");
            tab.Script(
                "const box = document.querySelector('[data-test=paste]'); box.value = arguments[0]; box.dispatchEvent(new Event('input'))",
                "Otter\n3 pumps vanilla\n8 oz milk\n2 shots, 18 g in\nloved by all of us here"
            );
            tab.Click("[data-test=read]");
            tab.Find("[data-test=draft]");
        });
        yield return ("the files", () => tab.Open("/files").Find("[data-test=copies]"));
        yield return ("a file of another house", () =>
        {
            tab.Open("/files").Find("[data-test=copies]");
            tab.Attach(
                "[data-test=bundle]",
                Path.Combine(KrasisProcess.Root(), "tests", "reference", "bundles", "drinks-1.krasis")
            );
            tab.ChooseOption("[data-test=as]", "take it in beside ours");
            tab.Find("[data-test=guest]");
        });
        yield return ("the logbook of tastings", () => tab.Open("/tastings").Find("[data-test=entry]"));
        yield return ("what a tasting found", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000004").Find("[data-test=becomes]")
        );
        yield return ("a triangle that is over", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000002").Find("[data-test=choice]")
        );
        yield return ("a tray plan", () =>
            tab.Open("/tastings/00000000-0000-0000-0000-000000000001/tray").Find("[data-test=serving]")
        );
        yield return ("a tasting that is set up", () =>
        {
            tab.Open("/tastings").Click("[data-test=set-up]");
            tab.Type("[data-test=name]", "Either of two");
            tab.Click("[data-test=add-sample]");
            tab.Click("[data-test=add-sample]");
            tab.Find("[data-test=tray]");
            tab.Until("it can be opened", () => tab.Find("[data-test=open]").Enabled);
        });
        yield return ("a tasting that is open", () =>
        {
            tab.Click("[data-test=open]");
            tab.Find("[data-test=to-taste]");
        });
        yield return ("a taster's page", () =>
        {
            tab.Open(new Uri(tab.AttributeOf("[data-test=to-taste]", "href")!).AbsolutePath).Click("[data-test=begin]");
            tab.Find("[data-test=cup]");
        });
        yield return ("the board", () => tab.Open("/service").Find("[data-test=drink]"));
        yield return ("a drink at the bar", () =>
        {
            tab.Open("/service").Click("[data-test=drink][data-name='Orange peel mocha']");
            tab.Find("[data-test=no-top]");
        });
        yield return ("steps", () =>
        {
            tab.Click("[data-test=size]");
            tab.Click("[data-test=show]");
            tab.Find("[data-test=figure]");
        });
        yield return ("a make", () =>
        {
            tab.Click("[data-test=back]");
            tab.Click("[data-test=size]");
            tab.Click("[data-test=along]");
            tab.Click("[data-test=begin]");
            tab.Type("[data-test=typed]", "90");
            tab.Click("[data-test=step-on]");
            tab.Find("[data-test=rescue]");
        });
        yield return ("an order", () =>
        {
            tab.Click("[data-test=back]");
            tab.Click("[data-test=size]");
            tab.Click("[data-test=add]");
            tab.Click("[data-test=to-order]");
            tab.Find("[data-test=timeline]");
        });
        yield return ("the prep plan", () =>
        {
            tab.Open("/prep").Click("[data-test=bar]");
            tab.Find("[data-test=batch]");
        });
        yield return ("the day sheet", () => tab.Open("/prep/day").Find("[data-test=to-make]"));
        yield return ("a batch", () =>
        {
            tab.Click("[data-test=to-make] a");
            tab.Find("[data-test=into]");
        });
        yield return ("expected cups", () =>
        {
            tab.Open("/prep/expected").Click("[data-test=unfold]");
            tab.Find("[data-test=cups]");
        });
        yield return ("stock", () =>
        {
            tab.Open("/prep/stock").Click("[data-test=open-lot]");
            tab.Find("[data-test=lot-form]");
        });
        yield return ("labels", () => tab.Open("/prep/labels").Find("[data-test=label]"));
        yield return ("the order", () => tab.Open("/prep/order").Find("[data-test=row]"));
        yield return ("how the house prepares", () => tab.Open("/prep/settings").Find("[data-test=making]"));
        yield return ("what was poured", () => tab.Open("/poured").Find("[data-test=finding]"));
    }
}
