using Krasis.Exchange.Prep;

namespace Krasis.Exchange.Tests;

/// <summary>What a till writes of a day's sales.</summary>
public class SalesFileTests
{
    private static readonly SalesColumns Three = new(0, 1, 2, null, null, null);

    // The order of day and month is a convention of a country: ISO 8601 for the year first, the others common practice.
    [Theory]
    [InlineData("2026-11-25", null, "2026-11-25")]
    [InlineData("2026-11-25 14:03", null, "2026-11-25")]
    [InlineData("2026-11-25T14:03:00", "mdy", "2026-11-25")]
    [InlineData("3/4/2026", "dmy", "2026-04-03")]
    [InlineData("3/4/2026", "mdy", "2026-03-04")]
    [InlineData("26-04-03", "ymd", "2026-04-03")]
    [InlineData("3.4.26", "dmy", "2026-04-03")]
    [InlineData("29/02/2028", "dmy", "2028-02-29")]
    [InlineData("1/1/2000", "dmy", "2000-01-01")]
    [InlineData("31/12/2149", "dmy", "2149-12-31")]
    [InlineData("3/4/2026", null, null)]
    [InlineData("29/02/2026", "dmy", null)]
    [InlineData("31/12/1999", "dmy", null)]
    [InlineData("1/1/2150", "dmy", null)]
    [InlineData("0/4/2026", "dmy", null)]
    [InlineData("32/4/2026", "dmy", null)]
    [InlineData("3/13/2026", "dmy", null)]
    [InlineData("3/0/2026", "dmy", null)]
    [InlineData("3/4", "dmy", null)]
    [InlineData("3/4/2026/1", "dmy", null)]
    [InlineData("3/x/2026", "dmy", null)]
    [InlineData("3//2026", "dmy", null)]
    [InlineData("3/4/20260", "dmy", null)]
    [InlineData("", "dmy", null)]
    public void A_day_is_read_in_the_order_that_the_file_has(string text, string? order, string? day) =>
        Assert.Equal(day is null ? null : DateOnly.Parse(day, null), SalesFile.Day(text, order));

    [Theory]
    [InlineData("0", 0.0)]
    [InlineData("7", 7.0)]
    [InlineData(" 12 ", 12.0)]
    [InlineData("12.0", 12.0)]
    [InlineData("12,0", 12.0)]
    [InlineData("20000", 20000.0)]
    [InlineData("-0", 0.0)]
    [InlineData("20001", null)]
    [InlineData("-1", null)]
    [InlineData("1.5", null)]
    [InlineData("1.200", null)]
    [InlineData("1,200", null)]
    [InlineData("12.0000", 12.0)]
    [InlineData("1e3", null)]
    [InlineData("twelve", null)]
    [InlineData("", null)]
    public void A_count_of_cups_is_a_whole_number_and_no_thousands_are_guessed_at(string text, double? cups) =>
        Assert.Equal(cups, SalesFile.Cups(text));

    [Theory]
    [InlineData("25/11/2026", "3/4/2026", "2026-04-03")] // A day beyond the twelfth, before the sign.
    [InlineData("11/25/2026", "3/4/2026", "2026-03-04")] // The same behind it.
    [InlineData("25.11.2026", "3.4.2026", "2026-04-03")] // Dots are written by those who write the day first.
    [InlineData("11.12.2026", "3.4.2026", "2026-04-03")]
    public void The_order_of_day_and_month_is_told_by_the_other_rows(string other, string day, string expected)
    {
        var read = SalesFile.Read(Table([other, "Tern", "1"], [day, "Tern", "2"]), Three);
        Assert.Empty(read.Problems);
        Assert.Equal(DateOnly.Parse(expected, null), read.Rows[1].Day);
    }

    [Theory]
    [InlineData("3/4/2026", "5/6/2026")] // Either may be the month.
    [InlineData("25/11/2026", "11/25/2026")] // Each tells otherwise.
    public void Where_the_order_cannot_be_told_it_is_asked_for(string first, string second)
    {
        var read = SalesFile.Read(Table([first, "Tern", "1"], [second, "Tern", "2"]), Three);
        Assert.Empty(read.Rows);
        Assert.Equal([2, 3], read.Problems.Select(problem => problem.Line));
        Assert.All(read.Problems, problem =>
            Assert.Equal("It cannot be told which is the day and which the month.", problem.Message)
        );
        Assert.Equal(2, SalesFile.Read(Table([first, "Tern", "1"]), Three with { Order = "dmy" }).Rows.Count + 1);
    }

    [Fact]
    public void A_bad_row_is_named_by_its_line_and_column_and_the_good_ones_are_taken()
    {
        var read = SalesFile.Read(
            Table(
                ["2026-11-25", "Tern", "3"],
                ["yesterday", "Tern", "3"],
                ["2026-11-25", "", "3"],
                ["2026-11-25", new string('x', 121), "3"],
                ["2026-11-25", new string('x', 120), "3"],
                ["2026-11-25", "Tern", "some"],
                ["2026-11-25", "Tern"]
            ),
            Three
        );
        Assert.Equal([2, 6], read.Rows.Select(row => row.Line));
        Assert.Equal(
            [(3, "when"), (4, "what"), (5, "what"), (7, "how many"), (8, "how many")],
            read.Problems.Select(problem => (problem.Line, problem.Column))
        );
        Assert.Equal(
            ["That is not a day.", "No drink is named.", "That is too long for a drink's name."],
            read.Problems.Take(3).Select(problem => problem.Message)
        );
        Assert.Equal(40, read.Problems[2].Value.Length);
    }

    [Fact]
    public void A_row_that_says_the_same_as_one_before_is_left_out_and_named()
    {
        var read = SalesFile.Read(
            Table(["2026-11-25", "Tern", "3"], ["2026-11-25", "Tern", "4"], ["2026-11-25", "Tern", "3"]),
            Three
        );
        Assert.Equal([3.0, 4.0], read.Rows.Select(row => row.Cups));
        Assert.Equal([4], read.Twins);
    }

    [Fact]
    public void A_column_that_nobody_has_named_is_asked_for()
    {
        var read = SalesFile.Read(Table(["2026-11-25", "Tern", "3"]), new SalesColumns(0, 9, -1, null, null, null));
        Assert.Empty(read.Rows);
        Assert.Equal(["drink", "number of cups"], read.Problems.Select(problem => problem.Column));
        Assert.All(read.Problems, problem => Assert.Equal("when, what, how many", problem.Accepted));
    }

    [Fact]
    public void Size_and_station_are_read_where_they_have_columns()
    {
        var table = new SalesTable(
            ["Date", "Item", "Qty", "Size", "Till"],
            [(2, ["2026-11-25", "Tern", "3", "small", "kiosk"])]
        );
        var columns = SalesColumns.Guess(table);
        Assert.Equal(new SalesColumns(0, 1, 2, 3, 4, null), columns);
        Assert.Equal(
            [new SalesRow(2, new DateOnly(2026, 11, 25), "Tern", "small", "kiosk", 3, null)],
            SalesFile.Read(table, columns).Rows
        );
    }

    [Theory]
    [InlineData("Business day;Product name;Units sold", 0, 1, 2)]
    [InlineData("units;when;what the item is", 1, 2, 0)]
    [InlineData("a;b;c", null, null, null)]
    public void A_head_leads_to_suppose_its_columns(string head, int? day, int? drink, int? cups)
    {
        var columns = SalesColumns.Guess(new SalesTable(head.Split(';'), []));
        Assert.Equal((day, drink, cups), (columns.Day, columns.Drink, columns.Cups));
    }

    // ISO 8601 has 24 hours; 12 noon is 12 pm and midnight 12 am by the usage of the US Government Publishing Office's
    // style manual.
    [Theory]
    [InlineData("14:03", 843)]
    [InlineData(" 0:00 ", 0)]
    [InlineData("23:59:59", 1439)]
    [InlineData("08:15:00.000", 495)]
    [InlineData("2:03 pm", 843)]
    [InlineData("2:03PM", 843)]
    [InlineData("2:03 p.m.", 843)]
    [InlineData("2 pm", 840)]
    [InlineData("12:30 am", 30)]
    [InlineData("12:30 pm", 750)]
    [InlineData("0.5", 720)]
    [InlineData("0.999999", 1439)]
    [InlineData("1899-12-31 14:03", 843)]
    [InlineData("24:00", null)]
    [InlineData("23:60", null)]
    [InlineData("10:00:60", null)]
    [InlineData("13:00 pm", null)]
    [InlineData("0:30 am", null)]
    [InlineData("14", null)]
    [InlineData("1.5", null)]
    [InlineData("14:3", null)]
    [InlineData("noon", null)]
    [InlineData("14:03Z", null)]
    public void A_time_of_day_is_read_as_tills_write_it(string text, int? minute) =>
        Assert.Equal(minute, SalesTime.OfCell(text));

    [Theory]
    [InlineData("2026-11-25 14:03", 843)]
    [InlineData("2026-11-25T14:03:00", 843)]
    [InlineData("11/25/2026 2:03 PM", 843)]
    [InlineData("2026-11-25 00:01", 1)]
    [InlineData("2026-11-25", null)]
    [InlineData("2026-11-25 00:00:00", null)] // What a program adds to a day.
    [InlineData("2026-11-25T14:03:00Z", null)] // Another zone's: it may be another hour here.
    [InlineData("2026-11-25T14:03:00+01:00", null)]
    public void A_time_behind_a_day_is_read_where_it_is_the_houses_own(string text, int? minute) =>
        Assert.Equal(minute, SalesTime.BehindDay(text));

    [Fact]
    public void A_column_of_times_is_found_only_where_all_of_it_can_be_read()
    {
        string[] head = ["Date", "Item", "Qty", "Time"];
        Assert.Equal(
            3,
            SalesColumns.Guess(Of(["2026-11-25", "Tern", "1", "08:03"], ["2026-11-25", "Tern", "1", ""])).Time
        );
        Assert.Null(
            SalesColumns.Guess(Of(["2026-11-25", "Tern", "1", "08:03"], ["2026-11-25", "Tern", "1", "17"])).Time
        );
        Assert.Null(SalesColumns.Guess(new SalesTable(["Date", "Item", "Qty"], [])).Time);

        SalesTable Of(params string[][] rows) =>
            new(head, [.. rows.Select((row, i) => (i + 2, (IReadOnlyList<string>)row))]);
    }

    [Fact]
    public void A_row_is_timed_by_its_column_or_else_behind_its_day_and_a_time_that_is_none_is_told()
    {
        var read = SalesFile.Read(
            new SalesTable(
                ["when", "what", "cups", "time"],
                [
                    (2, ["2026-11-25", "Tern", "1", "08:03"]),
                    (3, ["2026-11-25 09:10", "Tern", "1", ""]),
                    (4, ["2026-11-25", "Tern", "1"]),
                    (5, ["2026-11-25", "Tern", "1", "25:00"]),
                ]
            ),
            Three with
            {
                Time = 3,
            }
        );
        Assert.Equal([483, 550, null], read.Rows.Select(row => row.Minute));
        Assert.Equal(
            new SalesProblem(5, "time", "25:00", "That is not a time of day.", "a time such as 14:03 or 2:03 pm"),
            Assert.Single(read.Problems)
        );
    }

    [Fact]
    public void No_more_rows_are_read_than_a_file_may_have()
    {
        var rows = Enumerable
            .Range(0, SalesTable.MostRows + 1)
            .Select(i => ((int, IReadOnlyList<string>))(i + 2, ["2026-11-25", $"Tern {i}", "1"]));
        var most = SalesFile.Read(new SalesTable(["when", "what", "how many"], [.. rows.SkipLast(1)]), Three);
        var more = SalesFile.Read(new SalesTable(["when", "what", "how many"], [.. rows]), Three);

        Assert.Empty(most.Problems);
        Assert.Equal(SalesTable.MostRows, most.Rows.Count);
        Assert.Equal(SalesTable.MostRows, more.Rows.Count);
        Assert.Equal([SalesTable.MostRows + 2], more.Problems.Select(problem => problem.Line));
    }

    [Theory]
    [InlineData("day,drink\n2026-11-25,\"Tern, large\"\n", "Tern, large")]
    [InlineData("day;drink\r\n2026-11-25;\"Tern; large\"\r\n", "Tern; large")]
    [InlineData("day\tdrink\n2026-11-25\t Tern \n", "Tern")]
    [InlineData("\uFEFFday,drink\n2026-11-25,\"say \"\"Tern\"\"\"", "say \"Tern\"")]
    [InlineData("\n\nday,drink\n,\n2026-11-25,Tern", "Tern")]
    public void Text_is_parted_by_what_its_first_row_has_most_of(string text, string drink)
    {
        var table = SalesTable.OfText(text)!;
        Assert.Equal(["day", "drink"], table.Head);
        Assert.Equal(["2026-11-25", drink], Assert.Single(table.Rows).Cells);
    }

    [Theory]
    [InlineData("")]
    [InlineData("\n\n")]
    [InlineData(",,\n,,")]
    public void Where_nothing_is_there_is_no_table(string text) => Assert.Null(SalesTable.OfText(text));

    private static SalesTable Table(params string[][] rows) =>
        new(["when", "what", "how many"], [.. rows.Select((row, i) => (i + 2, (IReadOnlyList<string>)row))]);
}
