namespace Krasis.Browser.Tests;

/// <summary>Tests on the bar's pages, each with a demo of its own: what is measured in one moves no other.</summary>
public abstract class BenchTests : IDisposable
{
    protected BenchTests() => Tab = new Tab(Server.Address);

    protected KrasisHost Server { get; } = new(demo: true);

    protected Tab Tab { get; }

    public void Dispose()
    {
        GC.SuppressFinalize(this);
        Tab.Dispose();
        Server.Dispose();
    }

    protected void UntilText(string css, string text) => Tab.UntilText(css, text);

    protected void Keep()
    {
        Tab.Click("[data-test=keep]");
        UntilText("[role=status]", "is saved.");
    }

    protected string Value(string field) => Tab.Find($"input[data-field='{field}']").GetAttribute("value") ?? "";
}
