using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Exchange.Prep;
using Krasis.Exchange.Sheets;

namespace Krasis.Exchange.Tests;

/// <summary>Tables that go out, and come in again.</summary>
public class SheetFileTests
{
    // CWE-1236: a cell that begins so is run as a formula by spreadsheets.
    [Theory]
    [InlineData("=1+1", "'=1+1")]
    [InlineData("+49 30", "'+49 30")]
    [InlineData("-5 °C", "'-5 °C")]
    [InlineData("@home", "'@home")]
    [InlineData("\tTern", "'\tTern")]
    [InlineData("'=1", "''=1")]
    [InlineData("Tern", "Tern")]
    [InlineData("'Tern", "'Tern")]
    [InlineData("1-2", "1-2")]
    [InlineData("", "")]
    [InlineData("'", "'")]
    [InlineData(null, null)]
    public void What_a_spreadsheet_would_run_has_an_apostrophe(string? text, string? safe) =>
        Assert.Equal(safe, SafeText.Of(text));

    [Fact]
    public void Any_text_is_the_same_when_it_comes_back() =>
        Gen.OneOf(Gen.String, Gen.String.Select(text => $"={text}"), Gen.String.Select(text => $"'-{text}"))
            .Seeded()
            .Sample(text => Assert.Equal(text, SafeText.Back(SafeText.Of(text)!)));

    [Fact]
    public void A_table_is_written_as_RFC_4180_has_it()
    {
        var sheet = new Sheet(
            "sold",
            ["what", "cups", "right"],
            [
                ["Tern, \"large\"", 2.5, true],
                ["=1", null, false],
            ]
        );
        Assert.Equal("what,cups,right\r\n\"Tern, \"\"large\"\"\",2.5,yes\r\n'=1,,no\r\n", SheetFile.Csv(sheet));
    }

    [Fact]
    public void Columns_of_one_name_are_told_apart() =>
        Assert.Equal(["cup", "Cup 2", "milk", "cup 3"], new Sheet("cups", ["cup", "Cup", "milk", "cup"], []).Head);

    [Fact]
    public void A_workbook_comes_back_as_it_was_written()
    {
        var cups = new Sheet(
            "cups",
            ["name", "ml", "hot"],
            [
                ["Reed", 320.5, true],
                ["=Wren", 240.0, false],
            ]
        );
        var empty = new Sheet("empty", ["nothing"], []);
        var read = Workbook.Read(SheetFile.Workbook(cups, empty), most: 10)!;

        Assert.Equal(["cups", "empty"], read.Select(sheet => sheet.Name));
        Assert.Equal(
            [
                ["name", "ml", "hot"],
                ["Reed", "320.5", "yes"],
                ["=Wren", "240", "no"],
            ],
            read[0].Rows
        );
        Assert.Equal(["nothing"], read[1].Rows[0]);
        Assert.Single(Workbook.Read(SheetFile.Workbook(cups, empty), most: 10, sheets: 1)!);

        // One row more than the most tells that there are more.
        Assert.Equal(2, Workbook.Read(SheetFile.Workbook(cups), most: 1)![0].Rows.Count);
    }

    [Fact]
    public void A_workbook_of_sales_is_a_table()
    {
        var sheet = new Sheet(
            "sold",
            ["day", "cups"],
            [
                [new DateTime(2026, 11, 25), 3.0],
                [new DateTime(2026, 11, 26, 8, 30, 0), 4.0],
            ]
        );
        var table = SalesTable.OfWorkbook(SheetFile.Workbook(sheet))!;
        Assert.Equal(["day", "cups"], table.Head);
        Assert.Equal([2, 3], table.Rows.Select(row => row.Line));
        Assert.Equal(["2026-11-25", "3"], table.Rows[0].Cells);
        Assert.Equal("2026-11-26 08:30", table.Rows[1].Cells[0]);
    }

    [Fact]
    public void What_is_no_workbook_is_none()
    {
        var whole = SheetFile.Workbook(
            new Sheet(
                "cups",
                ["name"],
                [
                    ["Reed"],
                ]
            )
        );
        Assert.True(Workbook.Is(whole));
        Assert.False(Workbook.Is("PK\u0003"u8));
        Assert.Null(Workbook.Read("name,ml"u8.ToArray(), most: 10));
        Assert.Null(Workbook.Read(whole[..(whole.Length / 2)], most: 10));
        Assert.Null(SalesTable.OfWorkbook([]));
    }

    // A zip of zeros is a thousandth of what it unpacks to.
    [Theory]
    [InlineData(29_000_000, true)]
    [InlineData(31_000_000, false)]
    public void A_workbook_that_unpacks_to_too_much_is_not_read(int bytes, bool isRead)
    {
        using var stream = new MemoryStream(
            SheetFile
                .Workbook(
                    new Sheet(
                        "cups",
                        ["name"],
                        [
                            ["Reed"],
                        ]
                    )
                )
                .ToArray()
                .AsSpan()
                .ToArray()
        );
        using var file = new MemoryStream();
        stream.CopyTo(file);
        using (
            var zip = new System.IO.Compression.ZipArchive(
                file,
                System.IO.Compression.ZipArchiveMode.Update,
                leaveOpen: true
            )
        )
        {
            using var entry = zip.CreateEntry("docProps/zeros.bin").Open();
            entry.Write(new byte[bytes]);
        }

        Assert.Equal(isRead, Workbook.Read(file.ToArray(), most: 10) is not null);
    }

    [Fact]
    public void Documents_become_rows_with_a_column_for_each_thing_that_any_says()
    {
        var sheet = FactSheet.Of(
            "cups",
            [
                new Fact("reed", 320, new Shape(80, null), ["hot", "iced"], []),
                new Fact("wren", null, new Shape(null, true), [], [new Shape(1, false), new Shape(null, null)]),
            ]
        );
        Assert.Equal(["id", "ml", "shape.top", "serves", "shape.isRound", "steps"], sheet.Head);
        Assert.Equal(["reed", 320.0, 80.0, "hot; iced", null, null], sheet.Rows[0]);
        Assert.Equal(["wren", null, null, null, true, "top 1, isRound false; "], sheet.Rows[1]);
        Assert.Equal(["id", "name"], FactSheet.Of<Fact>("cups", []).Head);
    }

    private sealed record Fact(
        string Id,
        double? Ml,
        Shape Shape,
        IReadOnlyList<string> Serves,
        IReadOnlyList<Shape> Steps
    );

    private sealed record Shape(double? Top, bool? IsRound);
}
