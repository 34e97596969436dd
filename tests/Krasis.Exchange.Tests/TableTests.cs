using Krasis.Core.Making.Pouring;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Quantities;
using Krasis.Exchange.Pouring;
using Krasis.Exchange.Prep;
using Krasis.Exchange.Tasting;

namespace Krasis.Exchange.Tests;

/// <summary>What each table that goes out says, column by column as docs/formats.md names them.</summary>
public class TableTests
{
    [Fact]
    public void What_was_poured_is_a_row_a_pour()
    {
        var pour = new Pour(
            new DateOnly(2026, 11, 25),
            "Kiosk",
            "Mira",
            "Tern syrup",
            "pump-1",
            null,
            Grams.From(20),
            Grams.From(21.006),
            28.126
        );
        var sheet = PouredSheet.Of([new PouredRow("2026-11-25T09:00:00Z", pour, Celsius.From(61.239), true)]);
        Assert.Equal(
            "started station who what dispenser recipe target_g poured_g off_percent seconds celsius is_right".Split(
                ' '
            ),
            sheet.Head
        );
        Assert.Equal(
            [
                "2026-11-25T09:00:00Z",
                "Kiosk",
                "Mira",
                "Tern syrup",
                "pump-1",
                null,
                20.0,
                21.01,
                5.03,
                28.13,
                61.24,
                true,
            ],
            sheet.Rows[0]
        );
        Assert.Null(PouredSheet.Of([new PouredRow("", pour with { Target = Grams.From(0) }, null, false)]).Rows[0][8]);
    }

    [Fact]
    public void An_order_says_packs_cost_and_by_when()
    {
        var row = new OrderRow(
            new Item(ItemKind.Ingredient, "milk"),
            "Farm milk",
            1234.56,
            200.04,
            500,
            1000,
            "1 l",
            2,
            2.344,
            new DateOnly(2026, 11, 27),
            new DateOnly(2026, 11, 26),
            false
        );
        var sheet = OrderSheet.Of([
            row,
            row with
            {
                Item = new Item(ItemKind.Cup, "reed"),
                Cost = null,
                OrderBy = null,
            },
        ]);
        Assert.Equal("what pack packs cost order_by needed in_stock par unit".Split(' '), sheet.Head);
        Assert.Equal(["Farm milk", "1 l", 2, 2.34, "2026-11-26", 1234.6, 200.0, 500.0, "g"], sheet.Rows[0]);
        Assert.Equal(["cups", null, null], new[] { sheet.Rows[1][8], sheet.Rows[1][3], sheet.Rows[1][4] });
    }

    [Fact]
    public void Every_scale_that_was_asked_has_a_column_of_its_own()
    {
        var first = new AnswerRow(1, "at", false, true, 1, "417", "Tern", 7, [new("sweet", -1)], 2, null, null, "good");
        var second = first with
        {
            Scales = [new ScaleSaid("bitter", 2), new ScaleSaid("sweet", null)],
            IsChosen = true,
        };
        var one = AnswersSheet.Of([first, second]);
        Assert.Equal(
            "taster answered simulated counted place code sample liking sweet bitter rank chosen right comment".Split(
                ' '
            ),
            one.Head
        );
        Assert.Equal([1L, "at", false, true, 1, "417", "Tern", 7, -1, null, 2, null, null, "good"], one.Rows[0]);
        Assert.Equal([null, 2, 2, true], one.Rows[1].Skip(8).Take(4));

        var all = AnswersSheet.OfAll([("Autumn", [first]), ("Winter", [second])]);
        Assert.Equal("tasting", all.Head[0]);
        Assert.Equal(["Autumn", "Winter"], all.Rows.Select(row => row[0]));
        Assert.Equal(one.Head, all.Head.Skip(1));
    }
}
