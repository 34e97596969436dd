using Krasis.Core.Changing.Comparing;

namespace Krasis.Core.Tests.Comparing;

/// <summary>Sizes of builds beside each other.</summary>
public class SideBySideTests
{
    [Fact]
    public void What_is_farthest_apart_comes_first_and_what_is_alike_last()
    {
        var one = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 200, "ml")
            )
        );
        var other = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 4, "stroke"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("oat", 200, "ml")
            )
        );
        var rows = SideBySide.Of([(one, one.Size("m")), (other, other.Size("m"))]);

        // By hand: 2 strokes of 4 are half apart; milk and oat drink are in one of the two each.
        var syrup = rows.Single(row => row.What == "Syrup");
        Assert.Equal(0.5, syrup.Apart, 9);
        Assert.Equal(["2 strokes", "4 strokes"], syrup.Cells);
        Assert.Equal([false, true], syrup.Differs);
        Assert.Equal(["200 ml", null], rows.Single(row => row.What == "Milk").Cells);
        Assert.Equal(1, rows.Single(row => row.What == "Milk").Apart);
        Assert.Equal(["Milk", "Oat drink"], rows.Take(2).Select(row => row.What));
        Assert.Equal(0, rows.Single(row => row.What == "Espresso").Apart);
        Assert.Equal(rows.OrderByDescending(row => row.Apart).Select(row => row.What), rows.Select(row => row.What));
        Assert.Equal(0.5, rows.Single(row => row.What == "Allergens").Apart);
    }

    [Fact]
    public void What_is_not_known_of_one_is_apart_from_what_is_and_of_none_is_alike()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 200, "ml"));
        var (known, unknown) = (FullBar.Mix(build), TestBar.Mix(build));

        var sweet = SideBySide
            .Of([(known, known.Size("m")), (unknown, unknown.Size("m"))])
            .Single(row => row.What == "Sweetness");
        Assert.Equal("not known", sweet.Cells[1]);
        Assert.Equal(0.5, sweet.Apart);
        Assert.Equal(
            0,
            SideBySide
                .Of([(unknown, unknown.Size("m")), (unknown, unknown.Size("m"))])
                .Single(row => row.What == "Sweetness")
                .Apart
        );
    }

    [Fact]
    public void Six_sizes_are_as_far_apart_as_their_least_and_their_most()
    {
        var sheets = Enumerable
            .Range(1, SideBySide.Most)
            .Select(strokes =>
                FullBar.Mix(TestBar.Build(TestBar.Line("syrup", strokes, "stroke"), TestBar.Line("milk", 100, "ml")))
            )
            .ToList();
        var syrup = SideBySide
            .Of([.. sheets.Select(sheet => (sheet, sheet.Size("m")))])
            .Single(row => row.What == "Syrup");

        Assert.Equal(5.0 / 6, syrup.Apart, 9);
        Assert.Equal(6, syrup.Cells.Count);
    }
}
