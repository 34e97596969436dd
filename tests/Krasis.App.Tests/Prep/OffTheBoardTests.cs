using Krasis.App.Prep;
using Krasis.Core.Builds;

namespace Krasis.App.Tests.Prep;

/// <summary>What is off the board is not expected, and its past is not lost.</summary>
public sealed class OffTheBoardTests : IDisposable
{
    private const string Drink = "Black sesame latte";

    private readonly PloverLock house = new();

    public void Dispose() => house.Dispose();

    [Fact]
    public void A_retired_drink_is_not_expected_any_more()
    {
        Assert.Contains(Drink, Expected());

        Move(BuildState.Retired);

        Assert.DoesNotContain(Drink, Expected());
    }

    [Fact]
    public void After_a_drink_is_deleted_a_sales_file_is_still_read()
    {
        Move(BuildState.Retired);
        house.File.Write(session =>
            session.Builds.Delete(
                house.Id(Drink),
                session.Builds.Find(house.Id(Drink))!.Version,
                house.Clock.GetUtcNow()
            )
        );

        var read = new CheckSales(house.File, house.Needs, house.Clock).Run(
            new SalesRequest("Day,Drink,Cups\n2026-11-24,Something nobody knows,4\n", null, null, null, false)
        );

        Assert.Equal("Something nobody knows", Assert.Single(read.Value.Unknown).Words);
    }

    private List<string> Expected()
    {
        var read = new ReadExpected(house.File, house.Needs, house.Clock).Run(null, null);
        return [.. read.Value.Rows.Select(row => row.Name).Distinct()];
    }

    private void Move(BuildState to) =>
        house.File.Write(session =>
            session.Builds.Move(
                house.Id(Drink),
                session.Builds.Find(house.Id(Drink))!.Version,
                to,
                "Mira",
                "Off the board",
                house.Clock.GetUtcNow()
            )
        );
}
