using Krasis.App.Prep;
using Krasis.Core.Planning.Expecting;
using Krasis.Store.Prep;

namespace Krasis.App.Tests.Prep;

/// <summary>What is learned from what was sold.</summary>
public sealed class LearningTests : IDisposable
{
    private readonly PloverLock house = new();

    public void Dispose() => house.Dispose();

    // It is Wednesday, 25 November 2026. What has been sold so far is not yet a day; yesterday is one.
    [Fact]
    public void Yesterday_teaches_and_today_does_not_yet()
    {
        var what = house.File.Read(session => Kitchen.Of(session, house.Needs, house.Clock).Learner.Drinks.First());
        var (wednesday, tuesday) = (new DateOnly(2026, 12, 2), new DateOnly(2026, 12, 1));
        var (beforeWednesday, beforeTuesday) = (Learned(wednesday, what), Learned(tuesday, what));

        Sell("2026-11-25", what, 900);
        Assert.Equal(beforeWednesday, Learned(wednesday, what));

        Sell("2026-11-24", what, 900);
        Assert.True(Learned(tuesday, what)!.Mean > beforeTuesday!.Mean);
    }

    private Expected? Learned(DateOnly day, DrinkSize what) =>
        house.File.Read(session => Kitchen.Of(session, house.Needs, house.Clock).Learner.On(day, what));

    private void Sell(string day, DrinkSize what, double cups) =>
        house.File.Write(session =>
        {
            session.Prep.Sell(day, what.Station, [new SoldRow(day, what.Station, what.Build, what.Size, cups)]);
            return true;
        });
}
