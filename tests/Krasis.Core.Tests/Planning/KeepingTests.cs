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

    [Theory]
    [InlineData(0, 57, CoolingVerdict.FirstStage)]
    [InlineData(120, 21.1, CoolingVerdict.FirstStage)]
    [InlineData(121, 21.1, CoolingVerdict.TooSlow)]
    [InlineData(120, 21, CoolingVerdict.SecondStage)]
    [InlineData(121, 21, CoolingVerdict.SecondStage)]
    [InlineData(360, 5.1, CoolingVerdict.SecondStage)]
    [InlineData(361, 5.1, CoolingVerdict.TooSlow)]
    [InlineData(360, 5, CoolingVerdict.Cold)]
    [InlineData(361, 5, CoolingVerdict.TooSlow)]
    [InlineData(30, 4, CoolingVerdict.Cold)]
    public void Two_hours_to_21_and_four_more_to_5(double minutes, double celsius, CoolingVerdict expected) =>
        Assert.Equal(expected, TwoStageCooling.Judge(minutes, celsius));
}
