using Krasis.Core.Making.Pouring;

namespace Krasis.Core.Tests.Making.Pouring;

/// <summary>What is found in what was poured. Days and values are invented.</summary>
public class PourFindingsTests
{
    private static readonly DateOnly Start = new(2026, 3, 2);

    [Theory]
    [InlineData(3.01, true)]
    [InlineData(2.99, false)]
    public void A_pump_is_told_from_three_percent_on(double percent, bool isTold)
    {
        var found = PourFindings.In([Series(SeriesOf.Dispenser, Around(percent, 20, 0.5))]);

        Assert.Equal(isTold, found.Count == 1);
        if (isTold)
        {
            Assert.Equal("Hazelnut pump at the Kiosk pours 3 % over in the last 20: weigh it.", found[0].Says);
        }
    }

    [Theory]
    [InlineData(10, true)]
    [InlineData(9, false)]
    public void Of_fewer_than_ten_pours_nothing_is_said(int count, bool isTold) =>
        Assert.Equal(isTold, PourFindings.In([Series(SeriesOf.Dispenser, Around(-6, count, 0.5))]).Count == 1);

    [Fact]
    public void Only_the_last_twenty_count()
    {
        double[] mended = [.. Around(9, 40, 0.5), .. Around(0, 20, 0.5)];
        Assert.Empty(PourFindings.In([Series(SeriesOf.Dispenser, mended)]));

        double[] gone = [.. Around(0, 40, 0.5), .. Around(-9, 20, 0.5)];
        Assert.Contains(
            "9 % under in the last 20",
            Assert.Single(PourFindings.In([Series(SeriesOf.Dispenser, gone)])).Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_chance_alone_may_have_done_is_not_told() =>
        // A mean of 4 with a spread of 15 has a standard error of 3.4.
        Assert.Empty(PourFindings.In([Series(SeriesOf.Dispenser, Around(4, 20, 15))]));

    [Fact]
    public void What_one_does_is_said_of_that_one_and_what_all_do_of_nobody()
    {
        var heavy = Around(7, 20, 1);
        var right = Around(0, 20, 1);
        var one = PourFindings.In([
            Series(SeriesOf.Hand, [.. heavy.Zip(right, (a, b) => new[] { a, b }).SelectMany(pair => pair)]),
            Series(SeriesOf.Person, heavy, "RB"),
            Series(SeriesOf.Person, right, "TO"),
        ]);
        Assert.Equal(["RB"], one.Select(finding => finding.Who));

        var all = PourFindings.In([
            Series(SeriesOf.Hand, heavy),
            Series(SeriesOf.Person, heavy, "RB"),
            Series(SeriesOf.Person, heavy, "TO"),
        ]);
        Assert.Equal([null], all.Select(finding => finding.Who));
    }

    [Fact]
    public void Pulls_that_have_gone_over_to_others_are_told_with_the_day()
    {
        // Ten a day; the fourth day is Thursday 5 March.
        double[] seconds = [.. Around(29, 30, 1), .. Around(26, 20, 1)];
        var finding = Assert.Single(PourFindings.In([Series(SeriesOf.Pull, seconds, perDay: 10)]));

        Assert.Equal("Hazelnut pump at the Kiosk runs 3 s fast since Thursday 5 March: grind finer.", finding.Says);
        Assert.Equal(-3, finding.By, 1);
    }

    [Theory]
    [InlineData(2.05, true)]
    [InlineData(1.95, false)]
    public void Pulls_are_told_from_two_seconds_on(double by, bool isTold) =>
        Assert.Equal(
            isTold,
            PourFindings.In([Series(SeriesOf.Pull, [.. Around(28, 30, 0.2), .. Around(28 + by, 30, 0.2)])]).Count == 1
        );

    [Theory]
    [InlineData(-5.01, true)]
    [InlineData(-4.99, false)]
    public void Drinks_are_told_from_five_percent_on(double percent, bool isTold)
    {
        var found = PourFindings.In([Series(SeriesOf.Drink, Around(percent, 20, 1))]);

        Assert.Equal(isTold, found.Count == 1);
        Assert.True(
            !isTold || found[0].Says.Contains("comes out 5 % weaker than its standard", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void How_long_a_drink_takes_is_no_finding() =>
        Assert.Empty(PourFindings.In([Series(SeriesOf.Time, [.. Around(60, 30, 1), .. Around(120, 30, 1)])]));

    [Fact]
    public void The_place_where_values_changed_is_found()
    {
        var shift = MeanShift.Find([.. Around(10, 13, 0.3), .. Around(12, 9, 0.3)])!;

        Assert.Equal(13, shift.At);
        Assert.Equal((10.0, 12.0), (Math.Round(shift.Before, 1), Math.Round(shift.After, 1)));
        Assert.Null(MeanShift.Find([.. Around(1, 5, 0.1), .. Around(9, 6, 0.1)]));
        Assert.NotNull(MeanShift.Find([.. Around(1, 6, 0.1), .. Around(9, 6, 0.1)]));
        Assert.Null(MeanShift.Find([.. Enumerable.Repeat(4.0, 40)]));
    }

    [Fact]
    public void What_is_furthest_off_comes_first() =>
        Assert.Equal(
            [8, -5],
            PourFindings
                .In([
                    Series(SeriesOf.Dispenser, Around(-5, 20, 0.5)) with
                    {
                        Id = "a",
                    },
                    Series(SeriesOf.Dispenser, Around(8, 20, 0.5)) with
                    {
                        Id = "b",
                    },
                ])
                .Select(finding => (int)Math.Round(finding.By))
        );

    // As many above as below, so that the mean is the mean.
    private static double[] Around(double mean, int count, double spread) =>
        [
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                    mean
                    + (
                        i == count - 1 && count % 2 == 1 ? 0
                        : i % 2 == 0 ? spread
                        : -spread
                    )
                ),
        ];

    private static PourSeries Series(SeriesOf of, double[] values, string? who = null, int perDay = 10) =>
        new(
            of,
            "pump",
            "Hazelnut pump",
            "Kiosk",
            who,
            [.. values.Select((value, i) => new PourPoint(Start.AddDays(i / perDay), value))]
        );
}
