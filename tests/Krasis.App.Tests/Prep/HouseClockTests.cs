using System.Globalization;
using Krasis.App.Prep;

namespace Krasis.App.Tests.Prep;

/// <summary>A plan's days in places whose clocks change, by the machine's own tz database.</summary>
public class HouseClockTests
{
    [Theory]
    [InlineData("Europe/London", "2026-03-29", 23)]
    [InlineData("Europe/London", "2026-10-25", 25)]
    [InlineData("America/New_York", "2026-03-08", 23)]
    [InlineData("Australia/Lord_Howe", "2026-04-05", 24.5)]
    [InlineData("Asia/Tokyo", "2026-03-29", 24)]
    public void A_day_is_as_long_as_it_is_there(string zone, string day, double hours)
    {
        var date = DateOnly.Parse(day, CultureInfo.InvariantCulture);
        var clock = new HouseClock(new At(zone), date.AddDays(-1), 3);
        Assert.Equal(hours * 60, clock.Plan.StartOf(2) - clock.Plan.StartOf(1));

        // Eight in the morning is eight in the morning, before and after.
        var info = TimeZoneInfo.FindSystemTimeZoneById(zone);
        for (var index = 0; index < 3; index++)
        {
            var moment = clock.MomentOf(clock.Plan.MinuteAt(index, 8 * 60));
            Assert.Equal(
                clock.Plan.DayAt(index).ToDateTime(new TimeOnly(8, 0)),
                TimeZoneInfo.ConvertTime(moment, info).DateTime
            );
            Assert.Equal(clock.Plan.MinuteAt(index, 8 * 60), clock.MinuteOf(moment));
        }
    }

    [Fact]
    public void What_is_left_out_is_known_in_the_place_where_it_is()
    {
        var clock = new HouseClock(new At("Europe/London"), new DateOnly(2026, 3, 28), 3).Plan;
        Assert.False(clock.Exists(1, 90));
        Assert.True(clock.Exists(1, 59));
        Assert.True(clock.Exists(1, 120));
    }

    private sealed class At(string zone) : TimeProvider
    {
        public override TimeZoneInfo LocalTimeZone => TimeZoneInfo.FindSystemTimeZoneById(zone);
    }
}
