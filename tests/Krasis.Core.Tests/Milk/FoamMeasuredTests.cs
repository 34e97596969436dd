using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Milk;

public class FoamMeasuredTests
{
    private static readonly FoamDocument Level = new()
    {
        Id = "l",
        Name = "Level",
        FromCelsius = 5,
        ToCelsius = 62,
        SteamCelsius = 110,
    };

    // Source: the steam balance worked by hand with IAPWS enthalpies: 9.2 % of the milk's mass; 100 ml of it are 103 g.
    [Fact]
    public void Steam_fills_the_pitcher_too()
    {
        var measured = FoamMeasured.Of(Level with { OverrunPercent = 25 }, FullBar.Facts.House);

        Assert.Equal(103 * 0.092, measured.Steam!.Value.Value, 0.1);
        Assert.Equal((100 + measured.Steam.Value.Value) * 1.25, measured.Volume!.Value.Value, 1e-9);
    }

    [Fact]
    public void What_was_read_off_the_jug_gives_the_growth_that_fills_it() =>
        Gen.Double[112, 400]
            .Seeded()
            .Sample(ml =>
            {
                var measured = FoamMeasured.Of(Level with { GrownMl = ml }, FullBar.Facts.House);
                return Math.Abs(measured.Volume!.Value.Value - ml) < 1e-9;
            });

    [Fact]
    public void Less_than_the_milk_and_its_steam_cannot_be() =>
        Assert.Equal("grownMl", Assert.Single(FoamReader.Read(Level with { GrownMl = 105 }).Problems).Field);

    [Fact]
    public void Cold_foam_takes_no_steam() =>
        Assert.Equal((0.0, 190.0), (Cold().Steam!.Value.Value, Cold().Volume!.Value.Value));

    [Fact]
    public void Milk_too_hot_is_said() =>
        Assert.Equal(
            2,
            FoamMeasured.Of(Level with { OverrunPercent = 20, ToCelsius = 72 }, FullBar.Facts.House).Says.Count
        );

    private static FoamMeasured Cold() =>
        FoamMeasured.Of(
            new FoamDocument
            {
                OverrunPercent = 90,
                Cold = true,
                FromCelsius = 2,
            },
            FullBar.Facts.House
        );
}
