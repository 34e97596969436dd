using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>How flavours are dosed: what each check says, just under and just over where it speaks.</summary>
public class DoseCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");

    [Fact]
    public void Ounces_where_tablespoons_were_meant()
    {
        // Two fluid ounces are 59 ml to 200 ml of milk, four times the usual 15; the mend halves them.
        var build = Only(TestBar.Line("syrup", 0.8, "us-fl-oz"), TestBar.Line("milk", 200, "ml"));
        Fires(
            build,
            new OuncesForTablespoons().Name,
            Severity.Warning,
            "m",
            "Middle: 0.8 US fl oz of Syrup is 11.8 ml to 100 ml of milk, where 7.5 ml is usual.",
            mended: true
        );
        Silent(
            build with
            {
                Lines = [TestBar.Line("syrup", 0.75, "us-fl-oz"), build.Lines[1]],
            },
            new OuncesForTablespoons().Name
        );
        Silent(
            build with
            {
                Lines = [TestBar.Line("syrup", 4, "us-tbsp"), build.Lines[1]],
            },
            new OuncesForTablespoons().Name
        );
    }

    [Fact]
    public void A_stated_pair_that_contradicts_itself()
    {
        var build = Only(TestBar.Line("syrup", 2, "stroke") with { Stated = "50 ml" }, Milk);
        var finding = Fires(
            build,
            new StatedPairContradicts().Name,
            Severity.Warning,
            "m",
            "Middle: 2 strokes of Syrup are said to be 50 ml, but at this bar they are 15 ml.",
            mended: true
        );

        Assert.Equal("Say 15 ml", finding.Mend!.Label);
        Silent(
            build with
            {
                Lines = [TestBar.Line("syrup", 2, "stroke") with { Stated = "16.6 ml" }, Milk],
            },
            new StatedPairContradicts().Name
        );
    }

    [Theory]
    [InlineData("many", "stated")]
    [InlineData("2 shots", "stated")]
    public void A_statement_that_cannot_be_read_is_named(string stated, string field) =>
        Assert.Equal(
            $"lines[0].{field}",
            Assert
                .Single(
                    BuildReader
                        .Read(TestBar.Build(TestBar.Line("syrup", 2, "stroke") with { Stated = stated }), FullBar.Facts)
                        .Problems
                )
                .Field
        );

    [Fact]
    public void White_sauce_dosed_like_dark()
    {
        // Source: 2 tbsp of dark and about 4 of white to a cup of milk (common practice): 12.5 and 25 ml to 100 ml.
        var build = Only(TestBar.Line("white", 31.25, "g"), TestBar.Line("milk", 200, "ml"));
        Fires(
            build,
            new DosedLikeAnother().Name,
            Severity.Warning,
            "m",
            "Middle: 12.5 ml of White sauce to 100 ml of milk, where 25 ml is usual. That is the dose of Dark sauce.",
            mended: true
        );
        Silent(build with { Lines = [TestBar.Line("white", 42, "g"), build.Lines[1]] }, new DosedLikeAnother().Name);
        Silent(
            build with
            {
                Lines = [TestBar.Line("white", 31, "g"), TestBar.Line("sauce", 15, "g"), build.Lines[1]],
            },
            new DosedLikeAnother().Name
        );
    }

    [Fact]
    public void Sweetened_milk_and_full_strokes()
    {
        var build = Only(TestBar.Line("syrup", 2, "stroke"), Espresso, TestBar.Line("sweet-milk", 200, "ml"));
        Fires(
            build,
            new SweetenedMilkAndFullStrokes().Name,
            Severity.Warning,
            "m",
            "Middle: Milk mix is sweetened, and 2 strokes of Syrup are a full dose. A sweet drink takes less.",
            mended: true
        );
        Silent(
            build with
            {
                Lines = [TestBar.Line("syrup", 1, "stroke"), .. build.Lines.Skip(1)],
            },
            new SweetenedMilkAndFullStrokes().Name
        );
        Silent(
            build with
            {
                Lines = [build.Lines[0], Espresso, TestBar.Line("milk", 200, "ml")],
            },
            new SweetenedMilkAndFullStrokes().Name
        );

        // 20 g of added sugar in 100 g: of 280 g with the two shots, 49 g of it are 3.5 g to 100.
        foreach (var (mix, fires) in new[] { (50, true), (48, false) })
        {
            var part = build with
            {
                Lines =
                [
                    TestBar.Line("syrup", 3, "stroke"),
                    Espresso,
                    TestBar.Line("milk", (244 - mix) / 1.03, "ml"),
                    TestBar.Line("sweet-milk", mix, "g"),
                ],
            };
            Assert.Equal(
                fires,
                FullBar.Mix(part).Findings.Any(finding => finding.Check == new SweetenedMilkAndFullStrokes().Name)
            );
        }
    }

    // Two strokes are 15 ml to 120 ml of milk, 12.5 of 7.5 that are usual; with 150 g of ice that is 5.3 to 100 ml of
    // both, and no full dose.
    [Fact]
    public void An_iced_drink_is_flavoured_for_the_milk_and_the_ice()
    {
        var iced = Only(
            TestBar.Line("syrup", 2, "stroke"),
            Espresso,
            TestBar.Line("sweet-milk", 120, "ml"),
            TestBar.Line("ice", 150, "g")
        );
        Silent(iced, new SweetenedMilkAndFullStrokes().Name);
        Fires(
            iced with
            {
                Lines = [TestBar.Line("syrup", 3, "stroke"), .. iced.Lines.Skip(1)],
            },
            new SweetenedMilkAndFullStrokes().Name,
            Severity.Warning,
            "m",
            "3 strokes of Syrup are a full dose",
            mended: true
        );

        // 30 ml of dark sauce is 25 to 100 ml of milk, which is the white one's; it is 10.6 to 100 ml of milk and ice,
        // which is its own.
        var mocha = Only(
            TestBar.Line("sauce", 30, "ml"),
            Espresso,
            TestBar.Line("milk", 120, "ml"),
            TestBar.Line("ice", 150, "g")
        );
        Silent(mocha, new DosedLikeAnother().Name);
        Fires(
            mocha with
            {
                Lines = [TestBar.Line("sauce", 55, "ml"), .. mocha.Lines.Skip(1)],
            },
            new DosedLikeAnother().Name,
            Severity.Warning,
            "m",
            "19.4 ml of Dark sauce to 100 ml of milk and ice",
            mended: true
        );
    }

    // A sauce on a drink that is sweet already: cocoa has 78 g of sugar in 100 g.
    [Fact]
    public void A_sauce_on_a_sweet_drink_takes_less()
    {
        var build = Only(
            TestBar.Line("sauce", 26, "ml"),
            Espresso,
            TestBar.Line("cocoa", 25, "g") with
            {
                Technique = "dissolve",
            },
            TestBar.Line("milk", 200, "ml")
        );
        Fires(
            build,
            new SweetenedMilkAndFullStrokes().Name,
            Severity.Warning,
            "m",
            "Middle: Cocoa is sweetened, and 26 ml of Dark sauce are a full dose.",
            mended: true
        );
        Silent(
            build with
            {
                Lines = [build.Lines[0], Espresso, build.Lines[2] with { Amount = 8 }, build.Lines[3]],
            },
            new SweetenedMilkAndFullStrokes().Name
        );
    }

    // Dark takes 12.5 ml to 100 ml of milk, white 25: half of each is one dose, all of each two.
    [Fact]
    public void Two_sauces_together_share_the_dose()
    {
        Silent(
            Only(
                TestBar.Line("sauce", 12.5, "ml"),
                TestBar.Line("white", 25, "ml"),
                Espresso,
                TestBar.Line("milk", 200, "ml")
            ),
            new DosedLikeAnother().Name
        );
        Silent(
            Only(
                TestBar.Line("sauce", 18, "ml"),
                TestBar.Line("white", 37, "ml"),
                Espresso,
                TestBar.Line("milk", 200, "ml")
            ),
            new DosedLikeAnother().Name
        );
        var finding = Fires(
            Only(
                TestBar.Line("sauce", 25, "ml"),
                TestBar.Line("white", 50, "ml"),
                Espresso,
                TestBar.Line("milk", 200, "ml")
            ),
            new DosedLikeAnother().Name,
            Severity.Warning,
            "m",
            "Middle: Dark sauce and White sauce together are 2 usual doses.",
            mended: true
        );
        Assert.Equal("Make it 13 ml of Dark sauce and 25 ml of White sauce", finding.Mend!.Label);
    }

    [Fact]
    public void Too_much_of_a_potent_flavour()
    {
        var build = Only(TestBar.Line("smoke", 1.3, "g"), Milk);
        Fires(
            build,
            new TooMuchOfAPotentFlavour().Name,
            Severity.Fault,
            "m",
            "Middle: 1.3 g of Smoke is more than the 1 g that a drink bears.",
            mended: true
        );
        Silent(Only(TestBar.Line("smoke", 1, "g"), Milk), new TooMuchOfAPotentFlavour().Name);
    }
}
