using System.Globalization;
using OpenQA.Selenium;

namespace Krasis.Browser.Tests;

/// <summary>The cups over the sheet, and what a hand does with them and with the lines.</summary>
public sealed class ShelfTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void On_paper_stands_what_is_poured_in_every_size_and_nothing_that_can_be_pressed()
    {
        Open("Hazelnut iced latte");
        Tab.UntilCell(0, "Willow", "5");

        // A4 across without its margins.
        Tab.Resize(1047, 718);
        Tab.AsPrinted();
        Assert.False(Tab.Has("main .p-button"));
        Assert.False(Tab.Has("main .p-select"));
        Assert.False(Tab.Has("[data-test=status]"));
        Assert.Equal(4, Tab.All("th[data-size]").Count(head => head.Displayed));
        Assert.Equal(4 * 4, Tab.All("input[data-cell]").Count(cell => cell.Displayed));
        Assert.True(
            (bool)
                Tab.Script(
                    "return [...document.querySelectorAll('input[data-cell]')].every(cell => cell.getBoundingClientRect().right <= window.innerWidth)"
                )!
        );
    }

    [Fact]
    public void The_milk_line_is_dragged_and_the_numbers_follow_in_steps_of_the_bar()
    {
        Open("Hazelnut iced latte");
        Tab.UntilCell(2, "Rush", "170");
        Tab.Drag("[data-size=Rush] [data-test=fill-line] .knob", 0, 30);
        Tab.Until("less milk", () => Milk("Rush") < 165 && Milk("Willow") < 230);
        Assert.Equal(0, Milk("Rush") % 5);
        Tab.Until("the mark", () => Mark("Rush") < 100);

        // The whole drag is one step back.
        Tab.Click("button[aria-label=Undo]");
        Tab.Until("as it was", () => Tab.Status == "Saved" && Tab.Cell(2, "Rush") == "170");

        // In another size it pins that one.
        Tab.Drag("[data-size=Willow] [data-test=fill-line] .knob", 0, 20);
        Tab.Until("the pin", () => Tab.Has("button[aria-label='Unpin Farm milk in Willow']"));
        Assert.Equal("170", Tab.Cell(2, "Rush"));

        // And by the keys, so much at a time as the bar pours.
        Tab.Script("document.querySelector('[data-size=Rush] [data-test=fill-line]').focus()");
        Tab.Press(Keys.ArrowDown);
        Tab.UntilCell(2, "Rush", "165");
        Assert.Contains(
            "165 ml Farm milk",
            Tab.AttributeOf("[data-size=Rush] [data-test=fill-line]", "aria-valuetext"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_cup_is_worked_in_and_reads_its_layers()
    {
        Open("Ginger-pear tide");
        Tab.WorkIn("Willow");
        Tab.WorkIn("Rush");
        Assert.Equal(
            ["Ice", "Lock espresso", "Farm milk", "Ginger-pear cordial"],
            Tab.All("[data-test=layers] strong").Select(name => name.Text)
        );
        Tab.UntilText("[data-test=layers]", "g/ml denser, and Lock espresso is poured slowly.");
        Tab.Click("[data-size=Willow] .drawing svg text");
        Tab.Until("the other", () => Tab.TextOf("[data-test=size-panel] h2") == "Willow");
        Tab.Click("[data-size=Willow] .drawing svg text");
        Tab.Until("the reference again", () => Tab.TextOf("[data-test=size-panel] h2") == "Rush");
    }

    [Fact]
    public void The_shelf_shows_the_drink_twenty_minutes_on()
    {
        Open("Hazelnut iced latte");
        var before = Tab.All("[data-size=Rush] .ice").Count;
        Tab.ClickText("+20 min");
        Tab.Until("later", () =>
            Tab.Has("[data-test=at-moment]")
            && Tab.TextOf("[data-size=Rush] [data-test=at-moment]").Contains("ice", StringComparison.Ordinal)
        );
        Assert.Equal(before, Tab.All("[data-size=Rush] .ice").Count);
        Assert.False(Tab.Has("[data-test=fill-line]"));
        var side = double.Parse(
            Tab.All("[data-size=Rush] .ice")[0].GetAttribute("width")!,
            CultureInfo.InvariantCulture
        );
        Tab.ClickText("poured");
        Tab.Until("as poured", () => Tab.Has("[data-test=fill-line]"));
        Assert.True(
            side
                < double.Parse(Tab.All("[data-size=Rush] .ice")[0].GetAttribute("width")!, CultureInfo.InvariantCulture)
        );
    }

    [Fact]
    public void Edges_walls_drizzles_lids_and_printed_lines_are_drawn()
    {
        Open("Maple swell latte");
        Assert.True(Tab.Has("[data-size=Plover] [data-test=on-the-wall] path"));
        Assert.True(Tab.Has("[data-size=Plover] [data-test=drizzle]"));
        Assert.NotEmpty(Tab.All("[data-size=Plover] [data-test=soft-edge]"));
        Open("Hazelnut iced latte");
        Assert.Equal(
            ["milk", "top"],
            Tab.All("[data-size=Rush] [data-test=printed-line]").Select(line => line.Text.Trim())
        );
        Assert.False(Tab.Has("[data-size=Rush] .lid"));

        // It is drawn where something reaches it.
        Tab.EnterCell(3, "Rush", "400");
        Tab.Until("the lid", () => Tab.Has("[data-size=Rush] .lid"));
    }

    [Fact]
    public void A_line_is_dragged_to_another_place_and_its_note_is_kept()
    {
        Open("Cardamom latte");
        var row = (long)
            Tab.Script(
                "return Math.round(document.querySelectorAll('[data-test=line]')[0].getBoundingClientRect().height)"
            )!;
        Tab.Script("document.querySelectorAll('[data-test=line]')[1].scrollIntoView({ block: 'center' })");
        bool IsInTheMiddle() =>
            Tab.All("[data-test=line] th")[1].Text.Contains("Cardamom syrup", StringComparison.Ordinal);
        Tab.Drag("[data-test=line]:nth-child(1) [data-test=grip]", 0, (int)(row * 1.1), IsInTheMiddle);
        Tab.Until("the pour order to be counted anew", () =>
            IsInTheMiddle() && Tab.All("[data-test=line] [data-test=grip]")[1].Text == "2"
        );
        Tab.WorkOn("Cardamom syrup");
        Tab.Type("[data-test=line-note]", "So that it is not burnt.", Keys.Tab);
        Tab.Until("the note", () => Tab.Has("[data-test=line]:nth-child(2) [title='So that it is not burnt.']"));
        Tab.Save();
        Tab.Reload();
        Tab.Until("the note still", () =>
            Tab.All("[data-test=line]").Count == 3
            && Tab.Has("[data-test=line]:nth-child(2) [title='So that it is not burnt.']")
        );
    }

    [Fact]
    public void A_line_that_is_dragged_is_given_up_with_Escape()
    {
        Open("Cardamom latte");
        var row = (long)
            Tab.Script(
                "return Math.round(document.querySelectorAll('[data-test=line]')[0].getBoundingClientRect().height)"
            )!;
        string Order() => string.Join(", ", Tab.All("[data-test=line-name]").Select(name => name.Text));
        var before = Order();
        Tab.Drag("[data-test=line]:nth-child(1) [data-test=grip]", 0, (int)(row * 1.1), () =>
        {
            if (Order() == before)
            {
                return false;
            }

            Tab.Press(Keys.Escape);
            return true;
        });
        Assert.Equal(before, Order());
        Assert.Equal("Saved", Tab.Status);
        Assert.Equal("false", Tab.AttributeOf("main", "aria-busy"));
    }

    [Fact]
    public void What_is_being_typed_is_said_in_every_measure_and_objected_to_at_once()
    {
        Open("Hazelnut iced latte");
        Tab.Type("input[data-cell='milk Rush']", "8 fl oz");

        // NIST Handbook 44: a US fl oz is 29.5735 ml, and a tablespoon half of it.
        Tab.Until("the measures", () =>
            Tab.Has("[data-test=peek]")
            && Tab.TextOf("[data-test=peek]").Contains("236.59 ml", StringComparison.Ordinal)
            && Tab.TextOf("[data-test=peek]").Contains("16 US tbsp", StringComparison.Ordinal)
        );
        Tab.Until("the bar pours 235", () => Tab.TextOf("[data-test=peek-poured]") == "the bar pours 235");

        Tab.Type("input[data-cell='flavour Rush']", "2 strokes = 50 ml");
        Tab.Until("the objection", () =>
            Tab.Has("[data-test=peek] .error")
            && Tab.TextOf("[data-test=peek] .error")
                .Contains("2 strokes are not 50 ml at this bar", StringComparison.Ordinal)
        );
        Tab.Type("input[data-cell='flavour Rush']", "2 cubits");
        Tab.Until("the trouble", () =>
            Tab.TextOf("[data-test=peek] .error")
                .Contains("'cubits' is not a measure this bar knows.", StringComparison.Ordinal)
        );
        Tab.Press(Keys.Escape);
        Tab.Until("it gone", () => !Tab.Has("[data-test=peek]") && Tab.Cell(0, "Rush") == "4");
    }

    [Fact]
    public void All_cells_are_copied_for_a_spreadsheet()
    {
        Open("Cardamom latte");
        Tab.Script("window.copied = null; navigator.clipboard.writeText = async text => { window.copied = text }");
        Tab.Click("[data-test=size-panel] h2");
        Tab.PressAlt("c");
        Tab.Until("the copy", () => Tab.Script("return window.copied") is string);
        Assert.Equal(
            [
                "\tWren\tPlover\tHeron",
                "Cardamom syrup\t1 stroke\t2 strokes\t3 strokes",
                "Lock espresso\t1 shot\t2 shots\t3 shots",
                "Farm milk\t135 ml\t210 ml\t305 ml",
            ],
            ((string)Tab.Script("return window.copied")!).Split('\n')
        );
    }

    [Fact]
    public void A_block_of_cells_is_picked_copied_and_pasted_by_the_keyboard()
    {
        Open("Cardamom latte");
        Tab.CellsOf("Wren")[0].Click();
        Tab.PressShift(Keys.ArrowDown);
        Tab.Until("two cells", () => Tab.All(".cell.picked").Count == 2);
        Tab.PressControl("c");
        Tab.CellsOf("Heron")[0].Click();
        Tab.Until("none picked", () => Tab.All(".cell.picked").Count == 0);
        Tab.PressControl("v");
        Tab.UntilCell(0, "Heron", "1");
        Tab.UntilCell(1, "Heron", "1");
        Assert.Equal(2, Tab.All("button[aria-label^='Unpin']").Count);
        Tab.Click("button[aria-label=Undo]");
        Tab.UntilCell(1, "Heron", "3");
        Tab.UntilCell(0, "Heron", "3");
    }

    [Fact]
    public void What_the_checks_find_stands_on_the_cup_and_on_the_cell_it_belongs_to()
    {
        // Built over ice, its hot shots make it watery; shaken they are the drink.
        Open("Coconut shake-up", build => build["serve"] = "iced");
        Tab.Until("the cup's", () =>
            Tab.Has("[data-size=Reed] [data-test=cup-findings]")
            && Tab.TextOf("[data-size=Reed] [data-test=cup-findings]")
                .StartsWith("2 warnings", StringComparison.Ordinal)
        );
        var cell = Tab.All("[data-test=line]")[1].FindElements(By.CssSelector("[data-test=cell-finding]"));
        Assert.Equal(3, cell.Count);
        Assert.Contains("goes on the ice at 69 °C", cell[0].GetAttribute("title"), StringComparison.Ordinal);
        Tab.Click("[data-check=hot-on-the-ice] [data-test=mend]");
        Tab.Until("it gone", () => !Tab.Has("[data-test=cell-finding]"));
    }

    private double Milk(string size) => double.Parse(Tab.Cell(2, size), CultureInfo.InvariantCulture);

    private double Mark(string size) =>
        double.Parse(Tab.Find($"[data-size={size}] .fill text").Text.Split(' ')[0], CultureInfo.InvariantCulture);
}
