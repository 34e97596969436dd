using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>Milk and its foam: each check where it fires, where it nearly does, and where its mend removes it. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class MilkCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly LineDocument Steamed = Milk with { Technique = "steam", Foam = "low" };
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    [Fact]
    public void A_cold_drink_is_not_told_to_steam_its_milk()
    {
        // Cold brew and milk without ice: nobody has said how it is served, and nothing in it is hot.
        var cold = Only(TestBar.Line("coffee", 200, "ml"), Milk);
        Silent(cold, new MilkTemperature().Name);
        Fires(
            cold with
            {
                Serve = "hot",
            },
            new MilkTemperature().Name,
            Severity.Note,
            "m",
            "Say that it is steamed.",
            mended: true
        );
        Fires(
            Only(Espresso, Milk),
            new MilkTemperature().Name,
            Severity.Note,
            "m",
            "Say that it is steamed.",
            mended: true
        );
        var steamed = Only(Espresso, Milk with { Technique = "steam" }, TestBar.Line("ice", 100, "g"));
        Assert.Equal(
            "Pour it cold",
            Fires(
                steamed,
                new MilkTemperature().Name,
                Severity.Warning,
                "m",
                "Milk is steamed, and the drink is served cold.",
                mended: true
            ).Mend!.Label
        );
    }

    [Theory]
    [InlineData(54, Severity.Warning, "steamed to 54 °C only")]
    [InlineData(66, Severity.Warning, "hotter than the house's 65 °C")]
    [InlineData(71, Severity.Fault, "above 70 °C it scalds")]
    public void Milk_too_cold_or_too_hot(double celsius, Severity severity, string words)
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
                        FromCelsius = 5,
                        ToCelsius = celsius,
                    },
                ],
            }
        );
        Fires(
            Only(Espresso, Milk with { Technique = "steam", Foam = "odd" }),
            new MilkTemperature().Name,
            severity,
            "m",
            words,
            mended: true,
            bar
        );
    }

    [Theory]
    [InlineData(55)]
    [InlineData(65)]
    public void Milk_just_warm_enough_and_just_not_too_hot(double celsius) =>
        Silent(
            Only(Espresso, Milk with { Technique = "steam", Foam = "odd" }),
            new MilkTemperature().Name,
            FullBar.Read(
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
                            FromCelsius = 5,
                            ToCelsius = celsius,
                        },
                    ],
                }
            )
        );

    [Fact]
    public void Milk_that_has_been_warm_before_has_no_level_or_goes_in_cold()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "again",
                        Name = "Again",
                        OverrunPercent = 15,
                        FromCelsius = 40,
                        ToCelsius = 60,
                    },
                ],
            }
        );
        Fires(
            Only(Espresso, Milk with { Technique = "steam", Foam = "again" }),
            new MilkTemperature().Name,
            Severity.Warning,
            "m",
            "Milk is steamed once",
            mended: true,
            bar
        );
        Fires(
            Only(Espresso, Milk with { Technique = "steam" }),
            new MilkTemperature().Name,
            Severity.Warning,
            "m",
            "not said to which foam level",
            mended: true
        );
        Fires(
            Only(Espresso, Milk),
            new MilkTemperature().Name,
            Severity.Note,
            "m",
            "goes into a hot drink at 4 °C",
            mended: true
        );
        Silent(Only(Espresso, TestBar.Line("milk", 40, "ml")), new MilkTemperature().Name);
        Silent(Only(Espresso, Milk, Ice), new MilkTemperature().Name);
    }

    [Fact]
    public void Cold_foam_from_too_warm()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "tepid",
                        Name = "Tepid",
                        OverrunPercent = 90,
                        Cold = true,
                        FromCelsius = 6,
                    },
                ],
            }
        );
        Fires(
            Only(Espresso, Ice, Milk with { Technique = "foam", Foam = "tepid" }),
            new ColdFoamTooWarm().Name,
            Severity.Warning,
            "m",
            "foamed cold from 6 °C",
            mended: true,
            bar
        );
        Silent(Only(Espresso, Ice, Milk with { Technique = "foam", Foam = "cold" }), new ColdFoamTooWarm().Name, bar);
    }

    [Fact]
    public void Foam_of_the_wrong_third()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "thick",
                        Name = "Thick",
                        OverrunPercent = 30,
                        Thirds = 1,
                        FromCelsius = 5,
                        ToCelsius = 62,
                    },
                ],
            }
        );
        Fires(
            Only(Espresso, Milk with { Technique = "steam", Foam = "thick" }),
            new FoamOfTheWrongThird().Name,
            Severity.Warning,
            "m",
            "Thick is to be one third of foam, but grows by 30 %, which is two thirds of the house's 45 %",
            mended: true,
            bar
        );
        Silent(Only(Espresso, Steamed), new FoamOfTheWrongThird().Name, bar);
    }
}
