using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Planning.Keeping;

namespace Krasis.Core.Tests.Planning;

/// <summary>Date-marking and cooling as the US Food Code (2022) has them, 3-501.17 and 3-501.14.</summary>
public class KeepingTests
{
    [Theory]
    [InlineData("2026-10-01", 7, "2026-10-07")]
    [InlineData("2026-10-01", 1, "2026-10-01")]
    [InlineData("2026-12-30", 4, "2027-01-02")]
    [InlineData("2028-02-27", 3, "2028-02-29")]
    public void The_day_of_making_is_day_1(string made, int days, string last) =>
        Assert.Equal(DateOnly.Parse(last, null), DateMarking.LastDay(DateOnly.Parse(made, null), days));

    [Fact]
    public void What_is_held_cold_keeps_seven_days_at_the_most_and_the_rest_as_the_house_says()
    {
        Assert.Equal(7, DateMarking.Days(14, isChilled: true));
        Assert.Equal(7, DateMarking.Days(null, isChilled: true));
        Assert.Equal(2, DateMarking.Days(2, isChilled: true));
        Assert.Equal(14, DateMarking.Days(14, isChilled: false));
        Assert.Null(DateMarking.Days(null, isChilled: false));
    }

    // US Food Code 3-501.14(A): 57 to 21 °C within 2 h, and on to 5 °C within 4 h more. Readings as minutes@°C after the
    // batch left the heat, judged at the minute that stands last.
    [Theory]
    [InlineData("", 120, CoolingVerdict.FirstStage)]
    [InlineData("", 121, CoolingVerdict.FirstUnknown)]
    [InlineData("60@40", 119, CoolingVerdict.FirstStage)]
    [InlineData("119@21.1", 119, CoolingVerdict.FirstStage)]
    [InlineData("120@21.1", 120, CoolingVerdict.FirstMissed)]
    [InlineData("120@21", 120, CoolingVerdict.SecondStage)]
    [InlineData("120@21", 360, CoolingVerdict.SecondStage)]
    [InlineData("120@21", 361, CoolingVerdict.Discard)]
    [InlineData("121@21", 121, CoolingVerdict.FirstUnknown)]
    [InlineData("180@20", 180, CoolingVerdict.FirstUnknown)]
    [InlineData("180@20 300@4", 300, CoolingVerdict.FirstUnknown)]
    [InlineData("150@30", 150, CoolingVerdict.FirstMissed)]
    [InlineData("150@30", 361, CoolingVerdict.Discard)]
    [InlineData("100@20 360@5", 360, CoolingVerdict.Cold)]
    [InlineData("100@20 360@5", 900, CoolingVerdict.Cold)]
    [InlineData("100@20 361@5", 361, CoolingVerdict.Discard)]
    [InlineData("100@20 360@5.1", 361, CoolingVerdict.Discard)]
    [InlineData("30@4", 30, CoolingVerdict.Cold)]
    public void Two_hours_to_21_and_four_more_to_5_as_far_as_it_was_measured(
        string readings,
        double minutes,
        CoolingVerdict expected
    ) => Assert.Equal(expected, TwoStageCooling.Judge([new(40, null), .. Read(readings, 40)], 40 + minutes));

    // It counts from 57 °C: the last time that somebody measured so much, or said that it left the heat.
    [Theory]
    [InlineData("", null)]
    [InlineData("30@56.9", null)]
    [InlineData("30@57", 30.0)]
    [InlineData("30@90 50@57 60@50", 50.0)]
    public void It_counts_from_57_degrees(string readings, double? minutes)
    {
        Assert.Equal(minutes, TwoStageCooling.LeftTheHeat(Read(readings, 0)));
        Assert.Equal(Math.Max(minutes ?? 0, 10), TwoStageCooling.LeftTheHeat([new(10, null), .. Read(readings, 0)]));

        // Readings of an earlier batch with the same key do not count.
        Assert.Equal(minutes, TwoStageCooling.LeftTheHeat([new(-100, 80), new(-90, null), .. Read(readings, 0)]));
    }

    // Without either, it counts from the start of the batch.
    [Theory]
    [InlineData(120, CoolingVerdict.FirstStage)]
    [InlineData(121, CoolingVerdict.FirstUnknown)]
    [InlineData(361, CoolingVerdict.Discard)]
    public void Where_nobody_recorded_it_the_start_of_the_batch_counts(double now, CoolingVerdict expected) =>
        Assert.Equal(expected, TwoStageCooling.Judge([], now));

    [Fact]
    public void Each_verdict_says_what_to_do_and_only_the_first_stage_may_be_reheated()
    {
        var says = Enum.GetValues<CoolingVerdict>().ToDictionary(verdict => verdict, TwoStageCooling.Says);
        Assert.Equal(says.Count, says.Values.Distinct().Count());
        Assert.Equal(
            [CoolingVerdict.FirstMissed],
            says.Where(pair => pair.Value.Contains("Reheat", StringComparison.Ordinal)).Select(pair => pair.Key)
        );
    }

    private static CoolingReading[] Read(string readings, double from) =>
        [
            .. readings
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Select(one => one.Split('@').Select(number => double.Parse(number, CultureInfo.InvariantCulture)))
                .Select(one => new CoolingReading(from + one.First(), one.Last())),
        ];
}
