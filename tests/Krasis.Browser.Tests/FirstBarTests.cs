namespace Krasis.Browser.Tests;

/// <summary>From an empty file to the first published standard, counted.</summary>
public sealed class FirstBarTests : IDisposable
{
    private readonly KrasisHost server = new();
    private readonly Tab tab;
    private int clicks;

    public FirstBarTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    // Beside typing fifteen clicks at the most; the cursor goes from box to box by Tab, as one types a form.
    [Fact]
    public void A_bar_is_set_up_and_its_first_standard_published_in_at_most_fifteen_clicks()
    {
        tab.Open("/");
        Click("[data-test=begin]");
        tab.Type("#cup-0", "Otter");
        tab.Type("#label-0", "350");
        Click("[data-test=more-cups]");
        tab.Type("#cup-1", "Coot");
        tab.Type("#water-1", "480");
        Click("[data-test=milk-whole-milk]");
        tab.Type("#flavour-0", "Damson syrup");
        tab.Type("#stroke-0", "10");
        Click("[data-test=set-up]");
        tab.Until("the first build", () => tab.Path == "/builds/new" && tab.Has("[data-test=base-espresso]"));
        tab.Type("#name", "Damson latte");
        foreach (var step in new[] { "base-espresso", "serve-hot", "cup-otter", "cup-coot", "propose" })
        {
            Click($"[data-test={step}]");
        }

        tab.Until("the proposal", () => tab.CellsOf("Coot").Count == 3);
        Assert.Equal(
            ["Damson syrup", "Espresso", "Whole milk"],
            tab.All("button.what").Select(line => line.GetAttribute("data-name"))
        );
        tab.Until("the save", () => tab.Status == "Saved" && tab.Path != "/builds/new");

        // What is not known is said and keeps nobody from going on.
        Assert.Matches(@"^[1-9] notes?$", tab.TextOf("[data-test=notes]").Trim());
        Click("[data-test=move-standard]");
        tab.Type("[data-test=state-reason]", "The first of our own");
        Click("[data-test=state-go]");
        tab.Until("the standard", () => tab.Says.Contains("'Damson latte' is published.", StringComparison.Ordinal));

        Assert.True(clicks <= 15, $"{clicks} clicks");
    }

    [Fact]
    public void What_is_missing_is_said_beside_its_box_and_nothing_typed_is_lost()
    {
        tab.Open("/setup");
        tab.Type("#cup-0", "Otter");
        tab.Type("#flavour-0", "Damson syrup");
        tab.Click("[data-test=set-up]");
        tab.Until("what is missing", () => tab.All(".error").Count == 2);

        Assert.Contains("Nothing of the cup is measured yet.", tab.Says, StringComparison.Ordinal);
        Assert.Contains("No milk is chosen yet.", tab.Says, StringComparison.Ordinal);
        Assert.Equal(
            ("Otter", "Damson syrup"),
            (tab.AttributeOf("#cup-0", "value"), tab.AttributeOf("#flavour-0", "value"))
        );
    }

    private void Click(string css)
    {
        clicks++;
        tab.Click(css);
    }
}
