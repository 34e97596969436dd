namespace Krasis.Browser.Tests;

/// <summary>Pages that come over plain HTTP from another machine, as a tablet's at the bar do. Browsers keep much from
/// them that they give to pages of their own machine.</summary>
public sealed class OtherMachineTests : IDisposable
{
    private readonly KrasisHost server = new(demo: true, "--host", Browsers.OtherName);
    private readonly Tab tab;

    public OtherMachineTests() => tab = new Tab(new UriBuilder(server.Address) { Host = Browsers.OtherName }.Uri);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void A_build_is_written_and_opened_again()
    {
        tab.Open("/builds/new");
        Assert.False((bool)tab.Script("return window.isSecureContext")!);
        tab.Type("#name", "Lantern latte");
        foreach (var step in new[] { "base-espresso", "serve-iced", "cup-reed", "propose" })
        {
            tab.Click($"[data-test={step}]");
        }

        tab.Until("the save", () => tab.Path != "/builds/new" && tab.Status == "Saved");
        tab.Reload();
        tab.Until("its lines", () => tab.All("[data-test=line]").Count >= 3);
        Assert.Equal("Lantern latte", tab.AttributeOf("#name", "value"));
    }

    [Fact]
    public void Every_page_has_something_on_it()
    {
        foreach (var page in new[] { "/", "/service", "/poured", "/bar", "/prep", "/tastings", "/files", "/read" })
        {
            tab.Open(page);
            tab.Until(page, () => tab.Has("main") && tab.TextOf("main").Length > 20);
        }
    }
}
