using CsCheck;
using Krasis.Core.Builds;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>Cautions come with what calls for them, and with nothing else.</summary>
public class CautionTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly LineDocument Steamed = Milk with { Technique = "steam", Foam = "low" };
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    [Theory]
    [InlineData("steam")]
    [InlineData("torch")]
    [InlineData("skewer")]
    [InlineData("blend")]
    public void Cautions_come_with_their_technique_and_with_no_other(string technique)
    {
        var code = technique == "blend" ? "blender" : technique;
        var build = Only(Espresso, Milk with { Technique = technique, Foam = technique == "steam" ? "low" : null });

        Assert.Contains(FullBar.Mix(build).Cautions, caution =>
            caution.Code == code && caution.Lines.Single().Value == "milk"
        );
        Assert.All(Techniques.All.Where(other => other.Code != technique), other =>
            Assert.DoesNotContain(FullBar.Mix(Only(Espresso, Milk with { Technique = other.Code })).Cautions, caution =>
                caution.Code == code
            )
        );
    }

    [Fact]
    public void Cautions_of_heat_caffeine_and_cold_holding_name_their_sizes_and_lines()
    {
        var hot = FullBar.Mix(TestBar.Build(Espresso, Steamed)).Cautions.Single(caution => caution.Code == "hot");
        Assert.Equal(
            "Small, Middle and Large are handed over above 60 °C, which can burn skin in seconds.",
            hot.Message
        );
        Assert.DoesNotContain(FullBar.Mix(TestBar.Build(Espresso, Milk, Ice)).Cautions, caution =>
            caution.Code == "hot"
        );

        // 18 g of 1.2 % give 186.8 mg in two shots, 158 to 215: four have more than 200, two may have, one has not.
        var strong = FullBar
            .Mix(Only(TestBar.Line("espresso", 4, "shot")))
            .Cautions.Single(caution => caution.Code == "caffeine");
        Assert.StartsWith("Middle has more than 200 mg of caffeine", strong.Message, StringComparison.Ordinal);
        Assert.Equal(
            ["caffeine-perhaps"],
            FullBar
                .Mix(Only(Espresso))
                .Cautions.Select(caution => caution.Code)
                .Where(code => code.StartsWith("caffeine", StringComparison.Ordinal))
        );
        Assert.DoesNotContain(FullBar.Mix(Only(TestBar.Line("espresso", 1, "shot"))).Cautions, caution =>
            caution.Code.StartsWith("caffeine", StringComparison.Ordinal)
        );

        var cold = FullBar
            .Mix(Only(Espresso, Milk, TestBar.Line("whip", 5, "g")))
            .Cautions.Single(caution => caution.Code == "keep-cold");
        Assert.StartsWith("Milk and Whip: Hold at or below 5 °C", cold.Message, StringComparison.Ordinal);
        Assert.Equal(["milk", "whip"], cold.Lines.Select(line => line.Value));
    }

    [Fact]
    public void A_stove_top_brewer_and_a_hot_blender_have_their_cautions()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Coffees =
                [
                    new()
                    {
                        Id = "moka",
                        Name = "Stove",
                        Ingredient = "coffee",
                        Method = "stoveTop",
                        CoffeeGrams = 30,
                        WaterGrams = 300,
                        ExtractionPercent = 20,
                    },
                ],
            }
        );
        Assert.Contains(FullBar.Mix(Only(TestBar.Line("coffee", 100, "ml")), bar).Cautions, caution =>
            caution.Code == "stove-top"
        );
        Assert.DoesNotContain(FullBar.Mix(Only(TestBar.Line("coffee", 100, "ml"))).Cautions, caution =>
            caution.Code == "stove-top"
        );
        Assert.Contains(FullBar.Mix(Only(Espresso, Ice) with { Serve = "blended" }).Cautions, caution =>
            caution.Code == "hot-blender"
        );
        Assert.DoesNotContain(
            FullBar.Mix(Only(Espresso with { Technique = "cool" }, Ice) with { Serve = "blended" }).Cautions,
            caution => caution.Code == "hot-blender"
        );
    }
}
