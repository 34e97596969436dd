using Krasis.Core.Builds;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Plans;

namespace Krasis.Core.Tests.Planning;

/// <summary>What is on the board when.</summary>
public class BoardTests
{
    private static readonly Board Kept = new(
        new Dictionary<string, Season?>
        {
            ["always"] = null,
            ["winter"] = new Season(new MonthDay(11, 15), new MonthDay(2, 28)),
            ["summer"] = new Season(new MonthDay(6, 1), new MonthDay(8, 31)),
        }
    );

    [Theory]
    [InlineData("always", "2026-07-01", true)]
    [InlineData("winter", "2026-11-14", false)]
    [InlineData("winter", "2026-11-15", true)]
    [InlineData("winter", "2027-02-28", true)]
    [InlineData("winter", "2027-03-01", false)]
    [InlineData("gone", "2026-07-01", false)]
    public void A_drink_is_on_the_board_in_its_season(string build, string day, bool isOn) =>
        Assert.Equal(isOn, Kept.Has(build, Day(day)));

    [Theory]
    // In season: the one that runs does not count; out of it, the one that is just over does.
    [InlineData("winter", "2026-11-20", "2025-11-15", "2026-02-28")]
    [InlineData("winter", "2026-11-15", "2025-11-15", "2026-02-28")]
    [InlineData("winter", "2027-03-01", "2026-11-15", "2027-02-28")]
    [InlineData("summer", "2026-11-20", "2026-06-01", "2026-08-31")]
    public void The_last_season_is_the_one_that_is_over(string build, string today, string from, string to) =>
        Assert.Equal((Day(from), Day(to)), Kept.LastSeason(build, Day(today)));

    [Fact]
    public void What_is_always_there_has_no_season()
    {
        Assert.Null(Kept.LastSeason("always", Day("2026-11-20")));
        Assert.Null(Kept.LastSeason("gone", Day("2026-11-20")));
    }

    [Fact]
    public void Cups_of_what_is_off_the_board_are_told_and_nothing_is_made_for_them()
    {
        var off = SmallHouse.Given() with { Board = new Board(new Dictionary<string, Season?>()) };
        var plan = PrepPlanner.Plan(off);

        Assert.Empty(plan.Batches);
        Assert.Empty(plan.Needs);
        Assert.All(plan.Conflicts, conflict => Assert.Equal(ConflictKind.OffTheBoard, conflict.Kind));
        Assert.Equal(
            "Drink is not on the board on Friday 27 November. The 20 cups that were typed are not counted.",
            plan.Conflicts[0].Says
        );
    }

    private static DateOnly Day(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");
}
