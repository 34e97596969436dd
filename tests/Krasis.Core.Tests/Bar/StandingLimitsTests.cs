using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Core.Tests.Bar;

/// <summary>How long the house lets anything stand.</summary>
public class StandingLimitsTests
{
    [Fact]
    public void What_the_house_does_not_say_is_as_usual()
    {
        Assert.Equal(new StandingLimits(30, 20, 180, 120), FullBar.Facts.House.Standing);
        Assert.Equal(
            new StandingLimits(45, 20, 180, 90),
            Read(FullBar.Document.House with { ShotStandsSeconds = 45, ColdStandsSeconds = 90 }).House.Standing
        );
        Assert.Equal(
            new StandingLimits(30, 30, 240, 120),
            Read(FullBar.Document.House with { MilkStandsSeconds = 30, HotStandsSeconds = 240 }).House.Standing
        );
    }

    [Theory]
    [InlineData(10, true)]
    [InlineData(9.9, false)]
    [InlineData(1800, true)]
    [InlineData(1800.1, false)]
    public void It_is_said_between_ten_seconds_and_half_an_hour(double seconds, bool isRead)
    {
        var reading = BarReader.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { HotStandsSeconds = seconds },
            }
        );

        Assert.Equal(isRead, reading.IsRead);
        Assert.True(isRead || Assert.Single(reading.Problems).Field == "house.hotStandsSeconds");
    }

    private static BarFacts Read(HouseDocument house) => FullBar.Read(FullBar.Document with { House = house });
}
