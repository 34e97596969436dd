namespace Krasis.Browser.Tests;

/// <summary>A recipe as one would send it in a message.</summary>
public sealed class TextTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void What_stands_on_the_sheet_is_told_in_the_words_of_the_place_and_goes_to_the_clipboard()
    {
        Open("Cardamom latte");
        Tab.EnterCell(0, "Plover", "4");
        Tab.UntilCell(0, "Heron", "6");
        Tab.More("as-text");
        Tab.Until("the text", () =>
            Tab.Has("[data-test=text]")
            && Tab.TextOf("[data-test=text]").Contains("Cardamom syrup: 4 strokes (", StringComparison.Ordinal)
        );
        Tab.UntilText("[data-test=text]", "Wren (");

        Tab.ChooseOption("[data-test=text-size]", "Plover");
        Tab.ClickText("US spoons, fl oz", "[data-test=text-words] button");
        Tab.Until("US words", () =>
            Tab.TextOf("[data-test=text]") is var text
            && text.Contains("fl oz", StringComparison.Ordinal)
            && text.Contains("°F", StringComparison.Ordinal)
            && !text.Contains("Wren (", StringComparison.Ordinal)
        );

        // What goes to the clipboard is what stands there.
        var stands = Tab.TextOf("[data-test=text]");
        Tab.Script(
            "window.copied = null; navigator.clipboard.writeText = (text) => { window.copied = text; return Promise.resolve() }"
        );
        Tab.Click("[data-test=copy-text]");
        Tab.Until("the copy", () =>
            Tab.Script("return window.copied") is string copied && copied.Trim() == stands.Trim()
        );
    }
}
