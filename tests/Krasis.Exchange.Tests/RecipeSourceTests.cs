using System.Text;
using Krasis.Exchange.Recipes;
using Krasis.Exchange.Sheets;

namespace Krasis.Exchange.Tests;

/// <summary>The text of what recipes come in.</summary>
public class RecipeSourceTests
{
    private const string Linked = """
        { "@context": "https://schema.org", "@type": "Recipe", "name": "Tern latte", "recipeYield": "2 cups",
          "recipeIngredient": ["250 ml milk", "20&nbsp;g <b>syrup</b>"],
          "recipeInstructions": [ { "@type": "HowToStep", "text": "Pour." }, { "itemListElement": [ { "name": "Stir." } ] } ] }
        """;
    private const string Told =
        "# Tern latte\nServes 2\nIngredients\n- 250 ml milk\n- 20\u00A0g  syrup\nMethod\n1. Pour.\n2. Stir.";

    // The words are those of schema.org/Recipe and /HowToStep.
    [Fact]
    public void Linked_data_is_told_as_a_text() => Assert.Equal(Told, RecipeSource.Read(Linked).Value);

    [Fact]
    public void A_page_is_asked_for_the_linked_data_in_it()
    {
        var page =
            $"<!DOCTYPE html><html><script type=\"application/ld+json\">{{ broken</script><script type='application/ld+json'>[{Linked}]</script>Text</html>";
        Assert.Equal(Told, RecipeSource.Read(page).Value);
        Assert.Equal(Told, RecipeSource.Read($"<script type=\"application/ld+json\">{Linked}</script>").Value);
        Assert.Equal(
            "The page has no recipe in it that a program can read.",
            RecipeSource.Read("<html><body>Tern latte</body></html>").Problems[0].Message
        );
    }

    [Theory]
    [InlineData("{ \"@type\": \"Thing\" }")]
    [InlineData("{ \"name\": ")]
    [InlineData("[{ }]")]
    public void Linked_data_without_a_recipe_is_refused(string text) =>
        Assert.Equal("It is no linked data, or has no recipe in it.", RecipeSource.Read(text).Problems[0].Message);

    [Theory]
    [InlineData("{\"@graph\": [{\"@type\": [\"Thing\", \"Recipe\"], \"name\": \"Tern\"}]}", "# Tern\nIngredients")]
    [InlineData("{\"@type\": \"schema:Recipe\", \"recipeYield\": 1}", "# Recipe\nIngredients")]
    [InlineData(
        "{\"@type\": \"Recipe\", \"recipeYield\": 4, \"ingredients\": \"ice\"}",
        "# Recipe\nServes 4\nIngredients\n- ice"
    )]
    [InlineData(
        "{\"@type\": \"Recipe\", \"recipeInstructions\": \"Pour.\\n\\n Stir.\"}",
        "# Recipe\nIngredients\nMethod\n1. Pour.\n2. Stir."
    )]
    public void A_recipe_is_found_wherever_it_stands(string text, string told) =>
        Assert.Equal(told, RecipeSource.Read(text).Value);

    [Theory]
    [InlineData("Tern latte\n250 ml milk")]
    [InlineData("[ ] milk")]
    [InlineData("")]
    public void Any_other_text_stays_as_it_is(string text) => Assert.Equal(text, RecipeSource.Read(text).Value);

    public static TheoryData<byte[]> Encodings =>
        new(
            (byte[])[.. "Crème"u8],
            (byte[])[0xEF, 0xBB, 0xBF, .. "Crème"u8],
            (byte[])[0xFF, 0xFE, .. Encoding.Unicode.GetBytes("Crème")],
            (byte[])[0xFE, 0xFF, .. Encoding.BigEndianUnicode.GetBytes("Crème")],
            Encoding.Latin1.GetBytes("Crème")
        );

    [Theory]
    [MemberData(nameof(Encodings))]
    public void A_file_is_read_in_the_letters_that_it_is_written_in(byte[] bytes) =>
        Assert.Equal("Crème", RecipeSource.Read(bytes, "notes.txt").Value);

    [Fact]
    public void A_table_keeps_its_cells()
    {
        var csv = "what,how much,\nmilk,\"250\nml\",\n'=syrup,20,"u8.ToArray();
        Assert.Equal("what\thow much\nmilk\t250 ml\n=syrup\t20", RecipeSource.Read(csv, "Notes.CSV").Value);

        var book = SheetFile.Workbook(
            new Sheet(
                "Tern",
                ["what", "ml"],
                [
                    ["milk", 250.0],
                ]
            ),
            new Sheet(
                "Wren",
                ["what", "ml"],
                [
                    ["water", 100.0],
                ]
            )
        );
        Assert.Equal(
            "# Tern\nwhat\tml\nmilk\t250\n# Wren\nwhat\tml\nwater\t100",
            RecipeSource.Read(book, "notes.xlsx").Value
        );
    }

    [Fact]
    public void What_is_no_text_is_refused_with_what_could_be_sent()
    {
        var picture = RecipeSource.Read([0x89, (byte)'P', (byte)'N', (byte)'G', 0, 1], "cup.png");
        Assert.Equal(
            ("It is no text.", RecipeSource.Accepted),
            (picture.Problems[0].Message, picture.Problems[0].Accepted)
        );
        Assert.Equal(
            "It cannot be read as a workbook, or is too large.",
            RecipeSource.Read([(byte)'P', (byte)'K', 3, 4, 1], "notes.xlsx").Problems[0].Message
        );
    }
}
