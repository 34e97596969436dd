using Krasis.Core.Bar.Cups;

namespace Krasis.Core.Tests.Vessels;

/// <summary>Cups that were made up, so that a bar has some to begin with.</summary>
public class InventedCupTests
{
    private static readonly CupDocument Made = new()
    {
        Name = "Small",
        TopDiameterMm = 80,
        BottomDiameterMm = 56,
        HeightMm = 92,
        WaterGrams = 330,
        Invented = true,
    };

    [Fact]
    public void It_stays_made_up_until_something_of_it_is_measured()
    {
        var day = new DateOnly(2026, 5, 1);

        Assert.True(CupMeasured.Stamp(Made, Made with { Name = "Wren", Price = 0.1, Invented = null }, day).Invented);
        Assert.Null(CupMeasured.Stamp(Made, Made with { WaterGrams = 331 }, day).Invented);
        Assert.Null(CupMeasured.Stamp(Made, Made with { HeightMm = 93 }, day).Invented);

        // Nobody can make one up afterwards.
        Assert.Null(CupMeasured.Stamp(null, Made, day).Invented);
        Assert.Null(CupMeasured.Stamp(Made with { Invented = null }, Made, day).Invented);
    }
}
