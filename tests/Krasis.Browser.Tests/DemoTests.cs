using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>Tests that share the demo's server, each with a tab and with copies of the demo's builds of its
/// own.</summary>
public abstract class DemoTests : IClassFixture<DemoHost>, IDisposable
{
    protected DemoTests(DemoHost server)
    {
        Server = server;
        Copies = new Copies(server);
        Tab = new Tab(server.Address);
    }

    protected DemoHost Server { get; }

    protected Copies Copies { get; }

    protected Tab Tab { get; }

    public void Dispose()
    {
        GC.SuppressFinalize(this);
        Tab.Dispose();
        Copies.Dispose();
    }

    /// <summary>Opens this test's copy of a build.</summary>
    protected void Open(string name, Action<JsonNode>? change = null)
    {
        Tab.Open(Copies.Path(name, change));
        Tab.Until("the sheet", () => Tab.Has("[data-band=Cost]"));
    }
}
