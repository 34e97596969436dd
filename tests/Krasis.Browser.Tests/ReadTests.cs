namespace Krasis.Browser.Tests;

/// <summary>Recipes as people write them, pasted, looked at, and opened as drafts.</summary>
public sealed class ReadTests : BenchTests
{
    private const string Notebook = """
        # Gull
        2 pumps cardamom
        1 shot
        120 ml milk

        # Tern
        Plover: 2 pumps maple, Heron: 3
        Plover: 2 shots, Heron: 3
        oat drink to the top

        # Coot
        20 g black sesame sauce
        double shot, stir
        140 ml milk, steamed
        top with maple foam (1:3 maple syrup, farm milk)

        # Grebe
        | | Wren | Plover |
        |---|---|---|
        | Hazelnut (pumps) | 2 | 3 |
        | Shots | 1 | 2 |

        # Heron over ice
        Fill a glass with ice. Add 150 ml cold brew. Top up with coconut drink.
        """;

    [Fact]
    public void A_pasted_recipe_is_shown_piece_by_piece_and_opened_as_a_draft()
    {
        Tab.Open("/").Click("[data-test=read-recipes]");
        Paste("Otter latte\n3 pumps vanilla\ndouble shot\n2 pumps or 50 ml maple\n180 ml milk");
        Tab.UntilText("mark[data-kind=notUnderstood]", "3 pumps vanilla");
        Tab.UntilText("[data-test=doubts]", "The bar has nothing like 'vanilla'.");
        Tab.UntilText("[data-test=findings]", "50 ml");

        // Somebody says what it is here, and it is read.
        Tab.Click("[data-test=means]");
        Tab.ClickText("Hazelnut syrup", "li[role=option]");
        Tab.UntilText("[data-test=draft]", "Hazelnut syrup");
        Tab.Until("nothing doubtful", () => !Tab.Has("mark[data-kind=notUnderstood]"));

        Tab.Click("[data-test=open-draft]");
        Tab.Until("the sheet", () => Tab.Has("#name") && Tab.AttributeOf("#name", "value") == "Otter latte");
        Tab.UntilCell(0, "Plover", "3");
    }

    [Fact]
    public void Five_pasted_recipes_become_four_drafts_and_one_is_left()
    {
        Tab.Open("/read");
        Paste(Notebook);
        Tab.Until("five recipes", () => Tab.All("[data-test=recipe]").Count == 5);
        Tab.Script("document.querySelectorAll('[data-test=recipe]')[3].querySelector('[data-test=leave]').click()");
        for (var left = 4; left > 0; left--)
        {
            Tab.Until("one more to be kept", () =>
                Tab.All("[data-test=open-draft]").Count == left && Tab.All("main[aria-busy=true]").Count == 0
            );
            Tab.Click("[data-test=open-draft]");
        }

        Tab.Until("four drafts", () => Tab.All("[data-test=kept]").Count == 4);
        foreach (var name in new[] { "Gull", "Tern", "Coot", "Heron over ice" })
        {
            Tab.UntilListed(name);
        }

        // What was pasted is still there, until it is put away.
        Tab.Open("/read");
        Assert.Contains("# Grebe", Tab.AttributeOf("[data-test=paste]", "value"), StringComparison.Ordinal);
        Tab.Click("[data-test=forget]");
        Tab.Until("nothing", () => Tab.AttributeOf("[data-test=paste]", "value") == "");
    }

    [Fact]
    public void A_file_is_read_and_what_is_none_is_refused()
    {
        var folder = Directory.CreateTempSubdirectory("krasis-recipes-");
        try
        {
            var (recipe, none) = (
                Path.Combine(folder.FullName, "otter.csv"),
                Path.Combine(folder.FullName, "otter.xlsx")
            );
            File.WriteAllText(
                recipe,
                "Otter\ningredient,Wren,Plover\nLock espresso,1 shot,2 shots\nHazelnut syrup,2 pumps,3 pumps\n"
            );
            File.WriteAllBytes(none, [(byte)'P', (byte)'K', 3, 4, 1, 2, 3]);
            Tab.Open("/read");
            Tab.Find("[data-test=paste]");
            Tab.Attach("[data-test=recipe-file]", none);
            Tab.UntilText("[data-test=read-problem]", "cannot be read as a workbook");
            Tab.Attach("[data-test=recipe-file]", recipe);
            Tab.UntilText("[data-test=draft]", "3 strokes");
            Tab.UntilText("[data-test=counts]", "0 not understood");
        }
        finally
        {
            folder.Delete(recursive: true);
        }
    }

    private void Paste(string text)
    {
        Tab.Find("[data-test=paste]");
        Tab.Script(
            "const box = document.querySelector('[data-test=paste]'); box.value = arguments[0]; box.dispatchEvent(new Event('input'))",
            text
        );
        Tab.Click("[data-test=read]");
        Tab.Until("it to be read", () => Tab.All("[data-test=recipe]").Count > 0);
    }
}
