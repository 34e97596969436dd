using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Thresholds;

namespace Krasis.Core.Tests.Checks;

/// <summary>Checks of milk, foam and heat, just under and just over their thresholds.</summary>
public class MilkThresholdTests
{
    [Theory]
    [InlineData(59.9, false)]
    [InlineData(60, true)]
    public void A_splash_of_cold_milk(double grams, bool isTold) =>
        Told(
            isTold,
            new MilkTemperature().Name,
            Only(Thresholds.Espresso, TestBar.Line("milk", grams, "g")) with
            {
                Serve = "hot",
            }
        );

    [Theory]
    [InlineData(45, false)]
    [InlineData(44.9, true)]
    public void Milk_that_goes_in_warm(double celsius, bool isTold) =>
        Told(
            isTold,
            new MilkTemperature().Name,
            Only(Thresholds.Espresso, Thresholds.Milk) with
            {
                Serve = "hot",
            },
            FullBar.With("milk", milk => milk with { ServedCelsius = celsius })
        );

    [Theory]
    [InlineData(10, 62, null)]
    [InlineData(10.1, 62, Severity.Warning)]
    [InlineData(5, 54.9, Severity.Warning)]
    [InlineData(5, 55, null)]
    [InlineData(5, 65, null)]
    [InlineData(5, 65.1, Severity.Warning)]
    [InlineData(5, 70, Severity.Warning)]
    [InlineData(5, 70.1, Severity.Fault)]
    public void Milk_steamed(double from, double to, Severity? told)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "odd",
                        Name = "Odd",
                        OverrunPercent = 15,
                        FromCelsius = from,
                        ToCelsius = to,
                    },
                ],
            }
        );
        var findings = Found(
            new MilkTemperature().Name,
            Only(Thresholds.Espresso, Thresholds.Milk with { Technique = "steam", Foam = "odd" }),
            bar
        );

        Assert.Equal(told, findings.Count == 0 ? null : Assert.Single(findings).Severity);
    }

    [Theory]
    [InlineData(3, null, false)]
    [InlineData(3.1, null, true)]
    [InlineData(4.9, 5.0, false)]
    [InlineData(5.1, 5.0, true)]
    public void Milk_foamed_cold(double from, double? bears, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "milk" ? one with { FoamsColdBelowCelsius = bears } : one
                    ),
                ],
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "tepid",
                        Name = "Tepid",
                        OverrunPercent = 90,
                        Cold = true,
                        FromCelsius = from,
                    },
                ],
            }
        );
        Told(
            isTold,
            new ColdFoamTooWarm().Name,
            Only(Thresholds.Espresso, Thresholds.Ice, Thresholds.Milk with { Technique = "foam", Foam = "tepid" }),
            bar
        );
    }

    // Three thirds are 45 %: one third ends half way to two, at 22.5 %, and two thirds at 37.5 %.
    [Theory]
    [InlineData(1, 22.4, false)]
    [InlineData(1, 22.6, true)]
    [InlineData(2, 22.4, true)]
    [InlineData(2, 22.6, false)]
    [InlineData(2, 37.4, false)]
    [InlineData(2, 37.6, true)]
    [InlineData(3, 37.4, true)]
    [InlineData(3, 37.6, false)]
    public void Foam_of_another_third(int thirds, double overrun, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "odd",
                        Name = "Odd",
                        OverrunPercent = overrun,
                        Thirds = thirds,
                        FromCelsius = 5,
                        ToCelsius = 62,
                    },
                ],
            }
        );
        Told(
            isTold,
            new FoamOfTheWrongThird().Name,
            Only(Thresholds.Espresso, Thresholds.Milk with { Technique = "steam", Foam = "odd" }),
            bar
        );
    }

    // Down to 6 % it is left alone: where the check falls silent, the last thing it said is 6 %.
    [Fact]
    public void Hot_coffee_on_the_ice()
    {
        Finding? last = null;
        for (var milk = 60; milk <= 300 && Found(new HotOnTheIce().Name, With(milk)) is [var told]; milk++)
        {
            last = told;
        }

        Assert.Contains("it is 6 % stronger", last!.Message, StringComparison.Ordinal);

        static BuildDocument With(double milk) =>
            Only(Thresholds.Espresso, TestBar.Line("milk", milk, "g"), TestBar.Line("ice", 200, "g"));
    }

    // Coffee that was cooled to just under 45 °C melts no sauce, dissolves no powder and needs no caution in the
    // blender.
    [Theory]
    [InlineData(45, false)]
    [InlineData(44.9, true)]
    public void Coffee_that_is_no_longer_warm(double celsius, bool isTold)
    {
        var cooled = Thresholds.Espresso with { Technique = "cool", Cooling = "chilledJug", CooledCelsius = celsius };

        Told(isTold, new SauceOnTheBottom().Name, Only(TestBar.Line("sauce", 20, "g"), cooled, Thresholds.Ice));
        Told(isTold, new PowderInTheCold().Name, Only(TestBar.Line("cocoa", 20, "g"), cooled, Thresholds.Ice));
        Assert.Equal(
            !isTold,
            FullBar
                .Mix(Only(cooled, Thresholds.Ice) with { Serve = "blended" })
                .Cautions.Any(caution => caution.Code == "hot-blender")
        );
    }

    // 100 g of espresso at 70 °C (4.18 J/gK) with water at 20 °C: 60 °C with 25 g of it and a little.
    [Theory]
    [InlineData(24.9, true)]
    [InlineData(25.1, false)]
    public void A_drink_that_burns(double water, bool isTold) =>
        Assert.Equal(
            isTold,
            FullBar
                .Mix(Only(TestBar.Line("espresso", 100, "g"), TestBar.Line("water", water, "g")))
                .Cautions.Any(caution => caution.Code == "hot")
        );
}
