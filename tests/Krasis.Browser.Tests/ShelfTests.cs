using System.Globalization;
using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>The cups over the sheet, and what a hand does with them and with the lines.</summary>
public sealed class ShelfTests : IClassFixture<DemoProcess>, IDisposable
{
    private readonly Copies copies;
    private readonly Tab tab;

    public ShelfTests(DemoProcess server)
    {
        copies = new Copies(server);
        tab = new Tab(server.Address);
    }

    public void Dispose()
    {
        tab.Dispose();
        copies.Dispose();
    }

    [Fact]
    public void The_milk_line_is_dragged_and_the_numbers_follow_in_steps_of_the_bar()
    {
        Open("Hazelnut iced latte");
        tab.UntilCell(2, "Rush", "215");
        tab.Drag("th[data-size=Rush] [data-test=fill-line] .knob", 0, 30);
        tab.Until("less milk", () => Milk("Rush") < 200 && Milk("Willow") < 270);
        Assert.Equal(0, Milk("Rush") % 5);
        tab.Until("the mark", () => Mark("Rush") < 100);

        // The whole drag is one step back.
        tab.Click("button[aria-label=Undo]");
        tab.Until("as it was", () => tab.Status == "Saved" && tab.Cell(2, "Rush") == "215");

        // In another size it pins that one.
        tab.Drag("th[data-size=Willow] [data-test=fill-line] .knob", 0, 20);
        tab.Until("the pin", () => tab.Has("button[aria-label='Unpin Farm milk in Willow']"));
        Assert.Equal("215", tab.Cell(2, "Rush"));

        // And by the keys, so much at a time as the bar pours.
        tab.Script("document.querySelector('th[data-size=Rush] [data-test=fill-line]').focus()");
        tab.Press(Keys.ArrowDown);
        tab.UntilCell(2, "Rush", "210");
        Assert.Contains("210 ml Farm milk", tab.Find("th[data-size=Rush] [data-test=fill-line]").GetAttribute("aria-valuetext"), StringComparison.Ordinal);
    }

    [Fact]
    public void A_cup_is_worked_in_and_reads_its_layers()
    {
        Open("Ginger-pear tide");
        tab.Click("th[data-size=Rush] [data-test=focus]");
        tab.Until("the layers", () => tab.Has("[data-test=layers]"));
        Assert.Equal(["Ice", "Lock espresso", "Farm milk", "Ginger-pear cordial"], tab.All("[data-test=layers] strong").Select(name => name.Text));
        Assert.Contains("g/ml denser, and Lock espresso is poured slowly.", tab.Find("[data-test=layers]").Text, StringComparison.Ordinal);
        tab.Click("th[data-size=Rush] .drawing svg text");
        tab.Until("it closed", () => !tab.Has("[data-test=layers]"));
    }

    [Fact]
    public void The_shelf_shows_the_drink_twenty_minutes_on()
    {
        Open("Hazelnut iced latte");
        var before = tab.All("th[data-size=Rush] .ice").Count;
        tab.Script("document.querySelector('[data-test=moment]').focus()");
        tab.Press(Keys.End);
        tab.Until("later", () => tab.Has("[data-test=at-moment]") && tab.Find("th[data-size=Rush] [data-test=at-moment]").Text.Contains("ice", StringComparison.Ordinal));
        Assert.Equal("+20 min", tab.Find("[data-test=moment]").GetAttribute("aria-valuetext"));
        Assert.Equal(before, tab.All("th[data-size=Rush] .ice").Count);
        Assert.False(tab.Has("[data-test=fill-line]"));
        var side = double.Parse(tab.All("th[data-size=Rush] .ice")[0].GetAttribute("width")!, CultureInfo.InvariantCulture);
        tab.Script("document.querySelector('[data-test=moment]').focus()");
        tab.Press(Keys.Home);
        tab.Until("as poured", () => tab.Has("[data-test=fill-line]"));
        Assert.True(side < double.Parse(tab.All("th[data-size=Rush] .ice")[0].GetAttribute("width")!, CultureInfo.InvariantCulture));
    }

    [Fact]
    public void Edges_walls_drizzles_lids_and_printed_lines_are_drawn()
    {
        Open("Maple swell latte");
        Assert.True(tab.Has("th[data-size=Plover] [data-test=on-the-wall] path"));
        Assert.True(tab.Has("th[data-size=Plover] [data-test=drizzle]"));
        Assert.NotEmpty(tab.All("th[data-size=Plover] [data-test=soft-edge]"));
        Open("Hazelnut iced latte");
        Assert.Equal(["milk", "top"], tab.All("th[data-size=Rush] [data-test=printed-line]").Select(line => line.Text.Trim()));
        Assert.True(tab.Has("th[data-size=Rush] .lid"));
    }

    [Fact]
    public void A_line_is_dragged_to_another_place_and_its_note_is_kept()
    {
        Open("Cardamom latte");
        var row = (long)tab.Script("return Math.round(document.querySelectorAll('[data-test=line]')[0].getBoundingClientRect().height)")!;
        tab.Script("document.querySelectorAll('[data-test=line]')[1].scrollIntoView({ block: 'center' })");
        tab.Drag("[data-test=line]:nth-child(1) [data-test=grip]", 0, (int)(row * 1.6));
        tab.Until("the syrup in the middle", () => tab.All("[data-test=line] th")[1].Text.Contains("Cardamom syrup", StringComparison.Ordinal));
        tab.Click("[data-test=line]:nth-child(2) [data-test=says]");
        tab.Type("[data-test=line-note]", "So that it is not burnt.", Keys.Tab);
        tab.Until("the note", () => tab.All("[data-test=line] th")[1].Text.Contains("So that it is not burnt.", StringComparison.Ordinal));
        tab.Save();
        tab.Reload();
        tab.Until("the note still", () => tab.All("[data-test=line]").Count == 3 && tab.All("[data-test=line] th")[1].Text.Contains("So that it is not burnt.", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_being_typed_is_said_in_every_measure_and_objected_to_at_once()
    {
        Open("Hazelnut iced latte");
        tab.Type("input[data-cell='milk Rush']", "8 fl oz");

        // NIST Handbook 44: a US fl oz is 29.5735 ml, and a tablespoon half of it.
        tab.Until("the measures", () => tab.Has("[data-test=peek]") && tab.Find("[data-test=peek]").Text.Contains("236.59 ml", StringComparison.Ordinal) && tab.Find("[data-test=peek]").Text.Contains("16 US tbsp", StringComparison.Ordinal));
        Assert.Equal("the bar pours 235", tab.Find("[data-test=peek-poured]").Text);

        tab.Type("input[data-cell='flavour Rush']", "2 strokes = 50 ml");
        tab.Until("the objection", () => tab.Has("[data-test=peek] .error") && tab.Find("[data-test=peek] .error").Text.Contains("2 strokes is not 50 ml at this bar", StringComparison.Ordinal));
        tab.Type("input[data-cell='flavour Rush']", "2 cubits");
        tab.Until("the trouble", () => tab.Find("[data-test=peek] .error").Text.Contains("'cubits' is not a measure this bar knows.", StringComparison.Ordinal));
        tab.Press(Keys.Escape);
        tab.Until("it gone", () => !tab.Has("[data-test=peek]") && tab.Cell(0, "Rush") == "4");
    }

    [Fact]
    public void All_cells_are_copied_for_a_spreadsheet()
    {
        Open("Cardamom latte");
        tab.Script("window.copied = null; navigator.clipboard.writeText = async text => { window.copied = text }");
        tab.Click("h2");
        tab.PressAlt("c");
        tab.Until("the copy", () => tab.Script("return window.copied") is string);
        Assert.Equal(
            ["\tWren\tPlover\tHeron", "Cardamom syrup\t1 stroke\t2 strokes\t3 strokes", "Lock espresso\t1 shot\t2 shots\t3 shots", "Farm milk\t135 ml\t210 ml\t305 ml"],
            ((string)tab.Script("return window.copied")!).Split('\n'));
    }

    [Fact]
    public void A_block_of_cells_is_picked_copied_and_pasted_by_the_keyboard()
    {
        Open("Cardamom latte");
        tab.CellsOf("Wren")[0].Click();
        tab.PressShift(Keys.ArrowDown);
        tab.Until("two cells", () => tab.All(".cell.picked").Count == 2);
        tab.PressControl("c");
        tab.CellsOf("Heron")[0].Click();
        tab.Until("none picked", () => tab.All(".cell.picked").Count == 0);
        tab.PressControl("v");
        tab.UntilCell(0, "Heron", "1");
        tab.UntilCell(1, "Heron", "1");
        Assert.Equal(2, tab.All("button[aria-label^='Unpin']").Count);
        tab.Click("button[aria-label=Undo]");
        tab.UntilCell(1, "Heron", "3");
        tab.UntilCell(0, "Heron", "3");
    }

    [Fact]
    public void What_the_checks_find_stands_on_the_cup_and_on_the_cell_it_belongs_to()
    {
        Open("Coconut shake-up");
        tab.Until("the cup's", () => tab.Has("th[data-size=Reed] [data-test=cup-findings]") && tab.Find("th[data-size=Reed] [data-test=cup-findings]").Text.StartsWith("2 warnings", StringComparison.Ordinal));
        var cell = tab.All("[data-test=line]")[1].FindElements(By.CssSelector("[data-test=cell-finding]"));
        Assert.Equal(3, cell.Count);
        Assert.Contains("goes on the ice at 69 °C", cell[0].GetAttribute("title"), StringComparison.Ordinal);
        tab.Click("[data-check=hot-on-the-ice] [data-test=mend]");
        tab.Until("it gone", () => !tab.Has("[data-test=cell-finding]"));
    }

    private double Milk(string size) => double.Parse(tab.Cell(2, size), CultureInfo.InvariantCulture);

    private double Mark(string size) => double.Parse(tab.Find($"th[data-size={size}] .fill text").Text.Split(' ')[0], CultureInfo.InvariantCulture);

    private void Open(string name)
    {
        tab.Open(copies.Path(name));
        tab.Until("the sheet", () => tab.Has("[data-band=Cost]"));
    }
}
