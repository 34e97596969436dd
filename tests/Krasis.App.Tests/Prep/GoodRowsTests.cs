using Krasis.App.Prep;
using Krasis.Core.Planning.Expecting;
using Krasis.Store.Prep;

namespace Krasis.App.Tests.Prep;

/// <summary>The good rows of a sales file with bad ones in it.</summary>
public sealed class GoodRowsTests : IDisposable
{
    private const string Day = "2026-11-20";

    private readonly PloverLock house = new();

    public void Dispose() => house.Dispose();

    [Theory]
    // As many as are known take their place; one fewer do not.
    [InlineData(40, 40, 40)]
    [InlineData(40, 39, 40)]
    [InlineData(40, 41, 41)]
    public void A_day_of_which_more_is_known_stays(double known, double read, double after)
    {
        var what = house.File.Read(session => Kitchen.Of(session, house.Needs, house.Clock).Learner.Drinks.First());
        Sell(what, known);
        var (drink, cup) = house.File.Read(session =>
        {
            var kitchen = Kitchen.Of(session, house.Needs, house.Clock);
            return (kitchen.Drinks[what.Build], kitchen.CupName(what.Size));
        });

        var done = new ImportSales(house.File, house.Needs, house.Clock)
            .Run(
                new SalesRequest(
                    $"day;drink;size;station;cups\n{Day};{drink};{cup};{what.Station};{read}\n{Day};Nobody knows;;{what.Station};3",
                    null,
                    null,
                    null,
                    LeaveOutBad: true
                )
            )
            .Value;

        Assert.Equal(read < known ? [new DateOnly(2026, 11, 20)] : [], done.Kept);
        Assert.Equal(
            after,
            house
                .File.Read(session => session.Prep.Sold(Day, Day))
                .Where(row => row.Station == what.Station)
                .Sum(row => row.Cups)
        );
    }

    private void Sell(DrinkSize what, double cups) =>
        house.File.Write(session =>
        {
            session.Prep.Sell(Day, what.Station, [new SoldRow(Day, what.Station, what.Build, what.Size, cups)]);
            return true;
        });
}
