namespace Krasis.Browser.Tests;

/// <summary>The list of builds, and addresses that lead nowhere.</summary>
public sealed class ListTests : IDisposable
{
    private readonly KrasisHost server = new(demo: true);
    private readonly Tab tab;

    public ListTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void A_build_is_duplicated_deleted_and_brought_back()
    {
        tab.Open("/");
        tab.Click("button[aria-label='Duplicate Maple iced coffee']");
        tab.Until("the copy", () => tab.AttributeOf("#name", "value") == "Maple iced coffee (copy)");

        tab.More("delete");
        tab.Until("the list without it", () => tab.Path == "/" && tab.Listed == 12);
        tab.Click("[data-test=notice-action]");
        tab.Until("the list with it", () => tab.Listed == 13);

        tab.Click("button[aria-label='Delete Maple iced coffee (copy)']");
        tab.Until("the list without it", () => tab.Listed == 12);
        tab.Reload();
        tab.Click("button[aria-label='Restore Maple iced coffee (copy)']");
        tab.Until("the list with it", () => tab.Listed == 13);
    }

    [Fact]
    public void An_address_that_leads_nowhere_says_so()
    {
        tab.Open("/builds/none");
        tab.Until("the message", () => tab.TextOf("h1") == "There is no such build.");
        tab.Open("/nowhere");
        tab.Until("the message", () => tab.TextOf("h1") == "There is no such page");
        tab.Open("/bar/nothing");
        tab.Until("the message", () => tab.TextOf("h1") == "There is no such page");
        tab.Open("/bar/cups/none");
        tab.Until("the message", () =>
            tab.TextOf("[role=alert]").StartsWith("That cup is not here any more.", StringComparison.Ordinal)
        );
    }
}
