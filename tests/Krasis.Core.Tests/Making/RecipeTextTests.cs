using System.Text.RegularExpressions;
using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Making;

public partial class RecipeTextTests
{
    // NIST Handbook 44 App. C for the US measures; imperial fl oz 28.4130625 ml, metric spoons 5 and 15 ml (handbook
    // 4). 44.36 ml are 3 US tbsp, as six strokes of a quarter ounce are (handbook 3).
    [Theory]
    [InlineData(44.36, KitchenWords.Us, "3 tbsp")]
    [InlineData(29.57, KitchenWords.Us, "2 tbsp")]
    [InlineData(185, KitchenWords.Us, "6¼ fl oz")]
    [InlineData(236.6, KitchenWords.Us, "8 fl oz")]
    [InlineData(4.93, KitchenWords.Us, "1 tsp")]
    [InlineData(0.2, KitchenWords.Us, "about ¼ tsp")]
    [InlineData(5, KitchenWords.Uk, "1 tsp")]
    [InlineData(30, KitchenWords.Uk, "2 tbsp")]
    [InlineData(284.13, KitchenWords.Uk, "10 imperial fl oz")]
    [InlineData(3, KitchenWords.Uk, "about ½ tsp")]
    [InlineData(210, KitchenWords.Metric, "210 ml")]
    [InlineData(7.45, KitchenWords.Metric, "7.5 ml")]
    public void Volumes_are_said_as_a_kitchen_measures_them(double ml, KitchenWords words, string said) =>
        Assert.Equal(said, KitchenAmount.Of(Millilitres.From(ml), words));

    [Theory]
    [InlineData(28.35, KitchenWords.Us, "1 oz")]
    [InlineData(150, KitchenWords.Us, "5¼ oz")]
    [InlineData(2, KitchenWords.Us, "2 g")]
    [InlineData(150, KitchenWords.Uk, "150 g")]
    public void Masses_are_said_so_too(double grams, KitchenWords words, string said) =>
        Assert.Equal(said, KitchenAmount.Of(Grams.From(grams), words));

    [Fact]
    public void Temperatures_are_said_in_the_degrees_of_the_place()
    {
        // 62 °C are 143.6 °F, 0 °C are 32 °F.
        Assert.Equal(
            "Steam to 144 °F, keep at 41 °F.",
            KitchenAmount.Degrees("Steam to 62 °C, keep at 5 °C.", KitchenWords.Us)
        );
        // A range is a range of both, and what is told in °F already is told once.
        Assert.Equal(
            "Milk ends at 131 to 149 °F; hold at or below 41 °F.",
            KitchenAmount.Degrees("Milk ends at 55 to 65 °C; hold at or below 5 °C (41 °F).", KitchenWords.Us)
        );
        Assert.Equal("Steam to 62 °C.", KitchenAmount.Degrees("Steam to 62 °C.", KitchenWords.Uk));
    }

    [Fact]
    public void What_is_said_is_never_farther_off_than_an_eighth_of_its_measure_and_says_so_where_it_is_off() =>
        Gen.Select(Gen.Double[0.7, 700], Gen.OneOfConst(KitchenWords.Us, KitchenWords.Uk), (ml, words) => (ml, words))
            .Seeded()
            .Sample(one =>
            {
                var said = KitchenAmount.Of(Millilitres.From(one.ml), one.words);
                var parts = Said().Match(said);
                Assert.True(parts.Success, said);
                var number =
                    (
                        parts.Groups[2].Value.Length > 0
                            ? double.Parse(parts.Groups[2].Value, System.Globalization.CultureInfo.InvariantCulture)
                            : 0
                    )
                    + (
                        parts.Groups[3].Value switch
                        {
                            "¼" => 0.25,
                            "½" => 0.5,
                            "¾" => 0.75,
                            _ => 0,
                        }
                    );
                var unit = (parts.Groups[4].Value, one.words) switch
                {
                    ("tsp", KitchenWords.Us) => 4.92892159375,
                    ("tbsp", KitchenWords.Us) => 14.78676478125,
                    ("fl oz", _) => 29.5735295625,
                    ("tsp", _) => 5,
                    ("tbsp", _) => 15,
                    _ => 28.4130625,
                };
                Assert.InRange((number * unit) - one.ml, (-unit / 8) - 1e-9, (unit / 8) + 1e-9);
                Assert.Equal(Math.Abs((number * unit / one.ml) - 1) > 0.03, parts.Groups[1].Success);
            });

    [Fact]
    public void A_drink_is_told_line_by_line_in_every_size_and_in_Markdown_nothing_of_a_name_is_a_mark()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 200, "ml")) with
        {
            Name = "Quay *special* #1",
        };
        var plans = Planner.Plan(BuildReader.Read(build, FullBar.Facts).Value, FullBar.Facts).Value;
        var plain = RecipeText.Of(plans, KitchenWords.Us, isMarkdown: false);
        var marked = RecipeText.Of([plans[1]], KitchenWords.Metric, isMarkdown: true);

        // 2 strokes of 7.5 ml are 15 ml, a US tablespoon; 200 ml are 6.76 US fl oz.
        Assert.StartsWith("Quay *special* #1\n", plain, StringComparison.Ordinal);
        Assert.Equal(3, plans.Count(plan => plain.Contains($"\n{plan.SizeName} (", StringComparison.Ordinal)));
        Assert.Contains("Syrup: 2 strokes (1 tbsp; 15 ml, 19.5 g).", plain, StringComparison.Ordinal);
        Assert.Contains("(6¾ fl oz; ", plain, StringComparison.Ordinal);
        Assert.StartsWith(
            "# Quay \\*special\\* \\#1\n\n## Middle (400 ml to the brim)\n\n1. ",
            marked,
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("Small", marked, StringComparison.Ordinal);
    }

    [GeneratedRegex(@"^(about )?(\d*)([¼½¾]?) (tsp|tbsp|fl oz|imperial fl oz)$")]
    private static partial Regex Said();
}
