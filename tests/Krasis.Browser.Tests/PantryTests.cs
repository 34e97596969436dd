namespace Krasis.Browser.Tests;

/// <summary>What is bought and what the house makes of it: entered, read off labels, written, brought in from
/// files.</summary>
public sealed class PantryTests : BenchTests
{
    // Every entry of the starter pantry can be begun from, and what was typed before stays.
    [Fact]
    public void An_ingredient_begins_from_the_pantry_under_the_name_that_was_typed()
    {
        Tab.Open("/bar/ingredients/new");
        Tab.Type("[data-field=name]", "Towpath oat");
        foreach (
            var (entry, density) in new[] { ("Cocoa powder", "0.5"), ("Heavy cream", "0.994"), ("Whole milk", "1.03") }
        )
        {
            Tab.ChooseOption("[data-test=starter]", entry);
            Tab.Until($"what {entry} is", () =>
                Value("densityGramsPerMl").StartsWith(density[..3], StringComparison.Ordinal)
            );
            Assert.Equal("Towpath oat", Value("name"));
        }

        Assert.Equal("1.03", Value("densityGramsPerMl"));
    }

    [Fact]
    public void A_syrup_is_entered_by_its_Brix_and_a_build_moves()
    {
        Tab.Open("/bar/ingredients/new");
        Tab.Type("[data-field=name]", "Quince syrup");
        Tab.Type("[data-field=brix]", "120");
        Tab.Press(OpenQA.Selenium.Keys.Tab);
        UntilText(".bench", "120 °Brix is too much. Accepted: a number from 0 to 75 °Brix.");
        Tab.Type("[data-field=brix]", "65");
        UntilText("[data-test=density]", "1.316 g/ml");
        UntilText("[data-test=unknown]", "the allergens: nobody has read the label");
        Keep();
        Tab.Until("its own page", () => !Tab.Path.EndsWith("new", StringComparison.Ordinal));

        // An old syrup by its °Brix: its strokes are lighter.
        Tab.Open("/bar/ingredients/cherry-syrup");
        Tab.Type("[data-field=densityGramsPerMl]", "");
        Tab.Type("[data-field=brix]", "50");
        UntilText("[data-test=density]", "1.23 g/ml");
        UntilText("[data-test=effect]", "Cherry coconut iced mocha");
        UntilText("[data-test=effect]", "Cherry syrup 19 g → 18.2 g");
        Keep();
        Tab.Open("/bar/ingredients/cherry-syrup");
        Assert.Equal(("", "50"), (Value("densityGramsPerMl"), Value("brix")));
    }

    [Fact]
    public void A_label_is_typed_off_as_it_is_printed()
    {
        Tab.Open("/bar/ingredients/new");
        Tab.Type("[data-field=name]", "Quince syrup");
        Tab.Click("[data-test=label] summary");
        Tab.ChooseOption("[data-test=label-per]", "ml");
        Tab.ChooseOption("[data-test=label-energy]", "kJ");
        Tab.Type("[data-field='label.per']", "thirty");
        Tab.Click("[data-test=work-label]");
        UntilText("[data-test=label]", "Printed for: 'thirty' is not a number.");
        Tab.Type("[data-field='label.per']", "30");
        Tab.Type("[data-field='label.energy']", "418.4");
        Tab.Type("[data-field='label.sugars']", "24");
        Tab.Click("[data-test=work-label]");
        UntilText("[data-test=label]", "Without its density a label by volume cannot be turned into 100 g.");

        // By hand: 30 ml of 1.25 g/ml are 37.5 g.
        Tab.Type("[data-field=densityGramsPerMl]", "1.25");
        Tab.Click("[data-test=work-label]");
        Tab.Find("[data-test=label-laid]");
        Assert.Equal(
            ("266.667", "64", "64"),
            (Value("per100g.energyKcal"), Value("per100g.sugars"), Value("per100g.sucrose"))
        );
        Keep();
    }

    [Fact]
    public void Composition_of_more_than_the_whole_is_told_beside_it()
    {
        Tab.Open("/bar/ingredients/farm-milk");
        Tab.Type("[data-field='per100g.fat']", "60");
        Tab.Type("[data-field='per100g.carbohydrate']", "60");
        UntilText(".bench", "add up to 123.4 g in 100 g");
    }

    [Fact]
    public void A_nested_part_is_written_batched_and_moves_a_build()
    {
        Tab.Open("/bar/parts/new");
        Tab.Type("[data-field=name]", "Maple tide");
        AddToPart("Ginger-pear cordial", 0, "300");
        AddToPart("Maple syrup", 1, "100");
        UntilText("[data-test=makes]", "400 g");
        Tab.Type("[data-test=batch-amount]", "1000");
        UntilText("[data-test=batch]", "750 g");
        UntilText("[data-test=batch]", "250 g");
        UntilText(".bench", "Through all parts, at hand: ");
        Keep();
        Tab.Until("its own page", () => !Tab.Path.EndsWith("new", StringComparison.Ordinal));

        // It is varied under another name.
        Tab.Click("[data-test=duplicate-fact]");
        Tab.Until("the copy", () => Value("name") == "Maple tide (copy)" && Value("lines.1.amount") == "100");
        Tab.Type("[data-field=name]", "Strong maple tide");
        Tab.Type("[data-field='lines.1.amount']", "150");
        UntilText("[data-test=makes]", "450 g");
        Keep();
        Tab.Until("its own page", () => !Tab.Path.EndsWith("new", StringComparison.Ordinal));

        // The part within is in a build: more sugar in it moves that.
        Tab.Open("/bar/parts/ginger-cordial");
        Tab.Type("[data-field='lines.2.amount']", "160");
        UntilText("[data-test=effect]", "Ginger-pear tide");
        UntilText("[data-test=effect]", "sweetness");

        // And a part that would contain itself is told with the path.
        Tab.Click("[data-test=take-back]");
        Tab.Click("[data-test=add-part-line]");
        Tab.Find(".p-select-filter").SendKeys("Tide");
        Tab.ClickText("Tide milk", "li[role=option]");
        Tab.Type("[data-field='lines.4.amount']", "10");
        UntilText(
            "[data-test=lines-fault]",
            "Ginger-pear cordial contains itself: Ginger-pear cordial → Tide milk → Ginger-pear cordial."
        );
    }

    [Fact]
    public void A_pantry_file_with_two_bad_rows_comes_in_without_them()
    {
        var file = Path.Combine(Path.GetTempPath(), $"pantry-{Guid.NewGuid():N}.csv");
        File.WriteAllText(
            file,
            "name,kind,brix,colour\nQuince syrup,syrup,62,#d8b24a\nPlum syrup,syrup,120,#7a2d4a\nFig syrup,syrup,sixty,#6a4a5a\nSloe syrup,syrup,60,#3d2a4a\n"
        );
        try
        {
            Tab.Open("/bar/ingredients").Find("[data-test=pantry-import]");
            Tab.All("[data-test=pantry-file]")[0].SendKeys(file);
            UntilText(
                "[data-test=pantry-sum]",
                "2 rows to keep, 2 rows that cannot be taken. Nothing has been kept yet."
            );
            UntilText("[data-test=pantry-bad]", "Line 3, column brix (Plum syrup): 120 °Brix is too much.");
            UntilText("[data-test=pantry-bad]", "Line 4, column brix (Fig syrup): 'sixty' cannot be read.");
            Tab.ClickText("Save 2 rows, leave out 2");
            UntilText("[role=status]", "2 added, 0 changed, 0 were so already, 2 left out.");
            Tab.Until("the new syrups", () =>
                Tab.All("li a .name").Any(name => name.Text == "Sloe syrup")
                && Tab.All("li a .name").All(name => name.Text != "Plum syrup")
            );
        }
        finally
        {
            File.Delete(file);
        }
    }

    private void AddToPart(string ingredient, int index, string grams)
    {
        Tab.Click("[data-test=add-part-line]");
        Tab.Find(".p-select-filter").SendKeys(ingredient);
        Tab.ClickText(ingredient, "li[role=option]");
        Tab.Until("the line", () => Tab.All("[data-test=part-line]").Count == index + 1);
        Tab.Type($"[data-field='lines.{index}.amount']", grams);
    }
}
