using CsCheck;
using Krasis.Core.Planning.Days;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Planning;

/// <summary>Days of 23, 24 and 25 hours. London's clocks go forward from 01:00 on 29 March 2026 and back from 02:00 on
/// 25 October 2026 (tz database).</summary>
public class PlanClockTests
{
    private static readonly PlanClock Spring = new(new DateOnly(2026, 3, 28), 3, day =>
        day == new DateOnly(2026, 3, 29) ? new ClockChange(60, 60) : null
    );
    private static readonly PlanClock Autumn = new(new DateOnly(2026, 10, 24), 3, day =>
        day == new DateOnly(2026, 10, 25) ? new ClockChange(120, -60) : null
    );

    [Fact]
    public void A_day_on_which_the_clocks_go_forward_has_23_hours_and_one_on_which_they_go_back_25()
    {
        Assert.Equal(23 * 60, Spring.StartOf(2) - Spring.StartOf(1));
        Assert.Equal(25 * 60, Autumn.StartOf(2) - Autumn.StartOf(1));
        Assert.Equal(71 * 60, Spring.End);
    }

    [Fact]
    public void A_time_that_is_left_out_does_not_exist_and_those_beside_it_do()
    {
        Assert.True(Spring.Exists(1, 59));
        Assert.False(Spring.Exists(1, 60));
        Assert.False(Spring.Exists(1, 119));
        Assert.True(Spring.Exists(1, 120));
        Assert.True(Spring.Exists(0, 90));
        Assert.True(Autumn.Exists(1, 90));
        Assert.False(Spring.Exists(0, 1440));
    }

    [Fact]
    public void Eight_hours_over_the_change_end_an_hour_later_or_earlier_on_the_wall()
    {
        var forward = Spring.WallOf(Spring.MinuteAt(0, 22 * 60) + (8 * 60));
        Assert.Equal((new DateOnly(2026, 3, 29), 7 * 60), forward);
        var back = Autumn.WallOf(Autumn.MinuteAt(0, 22 * 60) + (8 * 60));
        Assert.Equal((new DateOnly(2026, 10, 25), 5 * 60), back);
    }

    [Fact]
    public void What_the_wall_shows_comes_back_as_the_same_minute_but_where_it_shows_it_twice() =>
        Gen.Int[0, (71 * 60) - 1]
            .Seeded()
            .Sample(
                minute =>
                {
                    var (day, wall) = Spring.WallOf(minute);
                    Assert.True(Spring.Exists(Spring.IndexOf(day), wall));
                    Assert.Equal(minute, Spring.MinuteAt(Spring.IndexOf(day), wall));
                    var (then, shown) = Autumn.WallOf(minute);
                    var again = Autumn.MinuteAt(Autumn.IndexOf(then), shown);
                    Assert.True(again == minute || (again == minute - 60 && shown is >= 60 and < 120));
                },
                iter: 2000,
                threads: 1
            );
}
