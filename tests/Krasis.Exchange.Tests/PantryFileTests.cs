using Krasis.Core.Bar.Ingredients;
using Krasis.Exchange.Pantry;

namespace Krasis.Exchange.Tests;

/// <summary>Pantries as files.</summary>
public class PantryFileTests
{
    private static readonly IngredientDocument Syrup = new()
    {
        Id = "tern-syrup",
        Name = "Tern syrup, dark",
        Kind = "syrup",
        DensityGramsPerMl = 1.284,
        Brix = 61.5,
        Colour = "#aa5522",
        Chilled = true,
        Source = "The label says \"61.5\".",
        Per100g = new CompositionDocument
        {
            EnergyKcal = 245,
            Sugars = 60.9,
            Sweeteners = new SweetenerDocument { Sucralose = 0.02 },
            Source = "label",
            On = "2026-11-01",
        },
        Allergens = new AllergenDocument
        {
            Contains = ["milk", "soya"],
            MayContain = [],
            Source = "label",
            By = "Wynn",
            On = "2026-11-01",
        },
        PackAmount = 1000,
        PackMeasure = "ml",
        PackPrice = 9.4,
    };

    private static readonly IngredientDocument Water = new()
    {
        Id = "water",
        Name = "Water",
        Kind = "water",
        DensityGramsPerMl = 1,
        Colour = "#ffffff",
        Chilled = false,
    };

    [Fact]
    public void What_is_written_comes_back_in_both_forms()
    {
        foreach (var text in new[] { PantryCsv.Write([Syrup, Water]), PantryJson.Write([Syrup, Water]) })
        {
            var read = PantryFile.Read(text, []);
            Assert.Empty(read.Problems);
            Assert.All(read.Rows, row => Assert.Empty(row.Problems));
            Assert.Equal(PantryJson.Write([Syrup, Water]), PantryJson.Write(read.Rows.Select(row => row.Document)));
            Assert.All(read.Rows, row => Assert.Null(row.Known));
        }
    }

    // A column that a file does not have leaves what the bar knows; JSON says all that is known.
    [Fact]
    public void A_table_changes_only_the_columns_that_it_has()
    {
        var read = PantryFile.Read("name;brix;chilled\nTERN SYRUP, dark;62,5;no", [Syrup, Water]);
        var row = Assert.Single(read.Rows);
        Assert.Equal("tern-syrup", row.Known);
        Assert.Equal((62.5, false, 1.284), (row.Document.Brix, row.Document.Chilled, row.Document.DensityGramsPerMl));

        var whole = Assert.Single(
            PantryFile
                .Read(
                    """{ "ingredients": [ { "name": "Tern syrup, dark", "kind": "syrup", "colour": "#aa5522" } ] }""",
                    [Syrup]
                )
                .Rows
        );
        Assert.Equal(("tern-syrup", null), (whole.Known, whole.Document.Brix));
    }

    [Theory]
    [InlineData("none", "[]")]
    [InlineData("milk", "[milk]")]
    [InlineData("milk, soy;eggs", "[milk soy eggs]")]
    public void A_label_that_names_nothing_is_told_from_one_that_nobody_has_read(string cell, string words)
    {
        var read = PantryFile.Read(
            $"name\tkind\tcolour\tallergens.contains\tallergens.source\tallergens.by\tallergens.on\nTern\tsyrup\t#aa5522\t{cell}\tlabel\tWynn\t2026-11-01",
            []
        );
        Assert.Equal(words, $"[{string.Join(' ', read.Rows[0].Document.Allergens!.Contains!)}]");
        Assert.Null(PantryFile.Read("name,allergens.contains\nTern,", []).Rows[0].Document.Allergens);
    }

    [Theory]
    [InlineData("", "There are no ingredients in the file.", 1, "")]
    [InlineData("name,kind", "There are no ingredients in the file.", 1, "")]
    [InlineData("\nname,taste\nTern,sour", "There is no column 'taste'.", 2, "taste")]
    [InlineData("name,,kind\nTern,,syrup", "A column has no name.", 1, "")]
    [InlineData("name,Name\nTern,Tern", "The column 'name' is there twice.", 1, "name")]
    [InlineData("id,kind\ntern,syrup", "There is no column 'name'.", 1, "name")]
    [InlineData("[", "It is not JSON at character 2 of the line.", 1, "")]
    [InlineData("{\n \"x\": [ }", "It is not JSON at character 9 of the line.", 2, "")]
    [InlineData("{}", "There is no list of ingredients.", 1, "ingredients")]
    [InlineData("[]", "There is no list of ingredients.", 1, "ingredients")]
    [InlineData("{\"ingredients\": []}", "There are 0 ingredients.", 1, "ingredients")]
    [InlineData("{\"version\": 2, \"ingredients\": [{}]}", "That version of the format is not known.", 1, "version")]
    [InlineData(
        "{\"version\": \"1\", \"ingredients\": [{}]}",
        "That version of the format is not known.",
        1,
        "version"
    )]
    public void A_file_that_cannot_be_taken_says_why_and_where(string text, string says, int line, string column)
    {
        var read = PantryFile.Read(text, []);
        Assert.Empty(read.Rows);
        Assert.Equal((says, line, column), (read.Problems[0].Message, read.Problems[0].Line, read.Problems[0].Column));
    }

    [Theory]
    [InlineData("Tern,syrup,#aa5522,x", "brix", "'x' cannot be read.")]
    [InlineData("Tern,syrup,#aa5522,1e999", "brix", "'1e999' cannot be read.")]
    [InlineData("Tern,syrup,#aa5522", "", "The line has 3 cells, and the first line names 4.")]
    [InlineData("Tern,syrup,#aa5522,60,1", "", "The line has 5 cells, and the first line names 4.")]
    public void A_bad_row_says_why_and_the_others_stay_good(string row, string column, string says)
    {
        var read = PantryFile.Read($"name,kind,colour,brix\nWren,syrup,#aa5522,60\n{row}\n", []);
        Assert.Empty(read.Rows[0].Problems);
        var problem = read.Rows[1].Problems[0];
        Assert.Equal((3, column, says), (problem.Line, problem.Column, problem.Message));

        // Given back with the reason behind it; mended, it comes in again.
        var back = PantryCsv.WriteBad($"name,kind,colour,brix\nWren,syrup,#aa5522,60\n{row}\n", read.Rows);
        Assert.StartsWith("name,kind,colour,brix,problem\r\n" + row, back, StringComparison.Ordinal);
        Assert.Contains(says, back, StringComparison.Ordinal);
        Assert.Empty(
            PantryFile.Read("name,kind,colour,brix,problem\nTern,syrup,#aa5522,60,was x", []).Rows[0].Problems
        );
    }

    [Fact]
    public void A_name_that_is_there_twice_is_told_with_its_first_line()
    {
        var read = PantryFile.Read(
            "name,kind,colour,densityGramsPerMl\nTern,syrup,#aa5522,1.3\n\ntern,syrup,#aa5522,1.3\n",
            []
        );
        Assert.Empty(read.Rows[0].Problems);
        Assert.Equal("Line 2 already has that name.", Assert.Single(read.Rows[1].Problems).Message);
    }

    [Fact]
    public void A_problem_in_JSON_has_the_line_of_its_field()
    {
        const string Text = """
            { "ingredients": [
              { "name": "Tern", "kind": "syrup", "colour": "#aa5522",
                "per100g": { "sugars": 60 } },
              { "name": "Wren", "kind": "syrup", "colour": "#aa5522",
                "brix": 101 },
              { "name": "Plover",
                "taste": "sour" },
              { "name": "Rail", "kind": "syrup", "colour": "#aa5522",

                "brix": "60" }
            ] }
            """;
        var rows = PantryFile.Read(Text, []).Rows;
        Assert.Equal([2, 4, 6, 8], rows.Select(row => row.Line));
        Assert.Equal((5, "brix"), (rows[1].Problems[0].Line, rows[1].Problems[0].Column));
        Assert.Equal((7, "There is no such field."), (rows[2].Problems[0].Line, rows[2].Problems[0].Message));
        Assert.Equal((10, "That is not what belongs here."), (rows[3].Problems[0].Line, rows[3].Problems[0].Message));
        Assert.Equal("Rail", rows[3].Document.Name);
    }

    [Theory]
    [InlineData(PantryFile.MostRows, true)]
    [InlineData(PantryFile.MostRows + 1, false)]
    public void No_more_ingredients_are_read_than_a_file_may_have(int number, bool isRead)
    {
        var rows = string.Join('\n', Enumerable.Range(0, number).Select(i => $"Tern {i},syrup,#aa5522"));
        var table = PantryFile.Read($"name,kind,colour\n{rows}", []);
        Assert.Equal(isRead, table.Problems.Count == 0);
        Assert.Equal(isRead ? number : 0, table.Rows.Count);

        var list = PantryFile.Read(
            PantryJson.Write(Enumerable.Range(0, number).Select(i => Water with { Id = null, Name = $"Tern {i}" })),
            []
        );
        Assert.Equal(isRead, list.Problems.Count == 0);
    }

    [Fact]
    public void A_quotation_mark_that_is_not_closed_is_read_to_the_end()
    {
        var read = PantryFile.Read("name,kind,colour\n\"Tern,syrup,#aa5522\n", []);
        Assert.NotEmpty(read.Rows.SelectMany(row => row.Problems).Concat(read.Problems));
    }
}
