using System.Runtime.CompilerServices;

namespace Krasis.Browser.Tests;

/// <summary>Everybody can use it: WCAG 2.2 AA by axe-core, light and dark, and no page wider than a narrow window. The
/// pages are divided among several classes, which run at the same time.</summary>
public abstract class AccessTests(DemoHost server) : IClassFixture<DemoHost>
{
    private static readonly int[] Narrow = [1024, 320]; // A tablet, and 1280 at 400 %.

    protected DemoHost Server { get; } = server;

    /// <summary>Every page is opened once, and then looked at in the light, in the dark and in narrow
    /// windows.</summary>
    [Fact]
    public void Axe_has_nothing_against_any_page_and_none_is_wider_than_its_window()
    {
        using var tab = new Tab(Server.Address);
        var axe = Axe();
        List<string> wrong = [];
        foreach (var (name, open) in Pages(tab))
        {
            tab.Resize(1280, 800);
            tab.PreferDark(false);
            open();
            tab.UntilStill();
            wrong.AddRange(tab.Violations(axe).Select(violation => $"{name}, light: {violation}"));
            tab.PreferDark();
            tab.UntilStill();
            wrong.AddRange(tab.ViolationsOfColour(axe).Select(violation => $"{name}, dark: {violation}"));
            wrong.AddRange(TooWideFor(tab).Select(width => $"{name} is wider than {width} px."));
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    /// <summary>The pages that are looked at, one after another in the same tab, and how each is opened.</summary>
    protected abstract IEnumerable<(string Name, Action Open)> Pages(Tab tab);

    private static IEnumerable<int> TooWideFor(Tab tab)
    {
        foreach (var width in Narrow)
        {
            tab.Resize(width, 800);
            if (
                !(bool)
                    tab.Script("return document.documentElement.scrollWidth <= document.documentElement.clientWidth")!
            )
            {
                yield return width;
            }
        }
    }

    private static string Axe([CallerFilePath] string here = "") =>
        File.ReadAllText(
            Path.Combine(
                Path.GetDirectoryName(here)!,
                "..",
                "..",
                "src",
                "krasis-ui",
                "node_modules",
                "axe-core",
                "axe.min.js"
            )
        );
}
