using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Selling;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>Seasons, use-by days and allergens: each check where it fires, where it nearly does, and where its mend removes it. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class SellingCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly DateOnly Today = new(2026, 11, 25);

    [Theory]
    [InlineData("11-26", "12-31", true)]
    [InlineData("11-25", "12-31", false)]
    [InlineData("10-01", "11-24", true)]
    [InlineData("10-01", "11-25", false)]
    [InlineData("11-01", "02-28", false)]
    [InlineData("12-01", "11-24", true)]
    [InlineData("12-01", "11-25", false)]
    public void A_drink_out_of_its_season(string from, string to, bool isTold)
    {
        var build = Only(Milk) with
        {
            Season = new() { From = from, To = to },
        };

        Assert.Equal(
            isTold,
            FullBar.Mix(build, today: Today).Findings.Any(finding => finding.Check == new OutOfSeason().Name)
        );
        Assert.DoesNotContain(FullBar.Mix(build).Findings, finding => finding.Check == new OutOfSeason().Name);
    }

    // As people write a day; with the month in numbers only as month-day, because 9/1 is two days.
    [Theory]
    [InlineData("11-05")]
    [InlineData("5 November")]
    [InlineData("5 Nov")]
    [InlineData("November 5")]
    [InlineData(" nov 5 ")]
    [InlineData("5. November")]
    public void A_day_is_read_as_it_is_written(string text) => Assert.Equal(new MonthDay(11, 5), MonthDay.Read(text));

    [Theory]
    [InlineData("02-30")]
    [InlineData("9/1")]
    [InlineData(null)]
    public void A_season_that_is_none_is_named(string? from) =>
        Assert.Equal(
            "season.from",
            Assert
                .Single(
                    BuildReader
                        .Read(
                            Only(Milk) with
                            {
                                Season = new() { From = from, To = "12-01" },
                            },
                            FullBar.Facts
                        )
                        .Problems
                )
                .Field
        );

    [Fact]
    public void A_component_past_its_use_by()
    {
        Fires(
            Only(Milk),
            new PastItsUseBy().Name,
            Severity.Fault,
            "m",
            "Milk was to be used by 24 November 2026. Discard it and open a new one.",
            mended: false,
            Opened("2026-11-22"),
            Today
        );
        Silent(Only(Milk), new PastItsUseBy().Name, Opened("2026-11-23"), Today);

        static BarFacts Opened(string day) =>
            FullBar.With("milk", milk => milk with { OpenedOn = day, OpenedDays = 3 });
    }

    [Fact]
    public void A_part_keeps_no_longer_than_what_is_in_it()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(ingredient =>
                        ingredient.Id == "milk"
                            ? ingredient with
                            {
                                OpenedOn = "2026-11-20",
                                OpenedDays = 3,
                            }
                            : ingredient
                    ),
                ],
                Parts =
                [
                    new()
                    {
                        Id = "mix",
                        Name = "Mix",
                        Kind = "milk",
                        Colour = "#aabbcc",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = "milk",
                                Amount = 1,
                                Measure = "g",
                            },
                        ],
                        MadeOn = "2026-11-24",
                        ShelfLifeDays = 5,
                    },
                ],
            }
        );
        Fires(
            Only(TestBar.Line("mix", 100, "g")),
            new PastItsUseBy().Name,
            Severity.Fault,
            "m",
            "22 November 2026. Discard it and make a new one.",
            mended: false,
            bar,
            Today
        );
    }

    [Fact]
    public void An_allergen_that_only_one_milk_or_topping_brings_in()
    {
        var build = Only(Espresso, TestBar.Line("water", 100, "ml"), TestBar.Line("whip", 20, "g"));
        var finding = Fires(
            build,
            new AllergenByOneLine().Name,
            Severity.Note,
            "m",
            "only Whip brings in milk",
            mended: true
        );

        Assert.Equal("Leave Whip out", finding.Mend!.Label);
        Silent(Only(Espresso, Milk, TestBar.Line("whip", 20, "g")), new AllergenByOneLine().Name);

        // Smoke has not been read, and the dark sauce may contain milk: nothing is the only one beside them.
        Silent(
            Only(Espresso, TestBar.Line("smoke", 0.1, "g"), TestBar.Line("whip", 20, "g")),
            new AllergenByOneLine().Name
        );
        Silent(
            Only(Espresso, TestBar.Line("sauce", 10, "g"), TestBar.Line("whip", 20, "g")),
            new AllergenByOneLine().Name
        );
    }
}
