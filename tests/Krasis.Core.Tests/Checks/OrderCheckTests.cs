using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>What goes in before what: each check where it fires, where it nearly does, and where its mend removes it. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class OrderCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly LineDocument Steamed = Milk with { Technique = "steam", Foam = "low" };
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    [Fact]
    public void A_layer_that_will_mix()
    {
        var build = Only(Ice, TestBar.Line("syrup", 2, "stroke"), Milk) with { Serve = "layered" };
        Fires(build, new LayerWillMix().Name, Severity.Warning, "m", "Middle: a layer will not hold.", mended: true);
        Silent(
            build with
            {
                Lines = [Ice, build.Lines[1], Milk with { Technique = "float" }],
            },
            new LayerWillMix().Name
        );
        Silent(build with { Serve = "iced" }, new LayerWillMix().Name);
    }

    [Fact]
    public void Sauce_on_the_bottom_when_cold_milk_goes_in_before_the_hot_shot()
    {
        var build = Only(TestBar.Line("sauce", 20, "g"), Milk, Espresso, Ice);
        var finding = Fires(
            build,
            new SauceOnTheBottom().Name,
            Severity.Warning,
            "m",
            "Middle: Dark sauce stays on the bottom",
            mended: true
        );

        Assert.Equal("Pour Espresso before Milk", finding.Mend!.Label);
        Silent(build with { Lines = [build.Lines[0], Espresso, Milk, Ice] }, new SauceOnTheBottom().Name);
        Silent(
            build with
            {
                Lines = [build.Lines[0], Milk with { Technique = "stir" }, Ice],
            },
            new SauceOnTheBottom().Name
        );
        Silent(
            build with
            {
                Lines = [build.Lines[0] with { Technique = "wall" }, Milk, Ice],
            },
            new SauceOnTheBottom().Name
        );

        // Steamed milk is warm, and the shot may be stirred in after it: it no longer melts the sauce that it does not
        // reach.
        var steamed = Milk with { Technique = "steam", Foam = "low" };
        Fires(
            build with
            {
                Lines = [build.Lines[0], steamed, Espresso with { Technique = "stir" }],
            },
            new SauceOnTheBottom().Name,
            Severity.Warning,
            "m",
            "Milk goes on it before the hot Espresso",
            mended: true
        );
        Silent(
            build with
            {
                Lines = [build.Lines[0], Espresso with { Technique = "stir" }, steamed],
            },
            new SauceOnTheBottom().Name
        );
        Silent(build with { Serve = "shaken" }, new SauceOnTheBottom().Name);
    }

    [Fact]
    public void Sauce_on_the_bottom_when_nobody_stirs() =>
        Assert.Equal(
            "Stir Milk in",
            Fires(
                Only(TestBar.Line("sauce", 20, "g"), Milk, Ice),
                new SauceOnTheBottom().Name,
                Severity.Warning,
                "m",
                "nothing stirs it",
                mended: true
            ).Mend!.Label
        );

    [Fact]
    public void Powder_in_the_cold()
    {
        var build = Only(TestBar.Line("cocoa", 20, "g"), Milk, Ice);
        Fires(
            build,
            new PowderInTheCold().Name,
            Severity.Warning,
            "m",
            "Middle: Cocoa does not dissolve in the cold.",
            mended: true
        );
        Silent(build with { Lines = [build.Lines[0], Steamed] }, new PowderInTheCold().Name);
        Silent(build with { Lines = [Espresso, build.Lines[0], Milk] }, new PowderInTheCold().Name);
    }

    [Fact]
    public void Hot_espresso_on_the_ice()
    {
        var build = Only(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 60, "ml"), Ice);
        Fires(
            build,
            new HotOnTheIce().Name,
            Severity.Warning,
            "m",
            "Middle is watery: Espresso goes on the ice at 70 °C",
            mended: true
        );

        // With much more cold milk the heat of one shot is worth less than 6 %.
        Silent(
            Only(TestBar.Line("espresso", 1, "shot"), TestBar.Line("milk", 200, "ml"), TestBar.Line("ice", 60, "g")),
            new HotOnTheIce().Name
        );
        Silent(build with { Serve = "blended" }, new HotOnTheIce().Name);
    }
}
