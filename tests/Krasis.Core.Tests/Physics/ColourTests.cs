using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Physics;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Physics;

/// <summary>Colours: against published pairs, and of real drinks.</summary>
public class ColourTests
{
    private static readonly LineDocument Shots = TestBar.Line("espresso", 2, "shot");

    // Source: tests/reference/ciede2000.csv, the 34 pairs of Sharma, Wu and Dalal 2005.
    [Fact]
    public void The_difference_is_that_of_the_published_pairs()
    {
        var pairs = ReferenceTable.Read("ciede2000.csv").ToList();
        Assert.Equal(34, pairs.Count);
        Assert.All(pairs, row =>
        {
            Assert.Equal(row[6], Ciede2000.Between((row[0], row[1], row[2]), (row[3], row[4], row[5])), 5e-5);
            Assert.Equal(row[6], Ciede2000.Between((row[3], row[4], row[5]), (row[0], row[1], row[2])), 5e-5);
        });
    }

    [Fact]
    public void A_reflectance_gives_its_ratio_and_the_ratio_the_reflectance() =>
        Gen.Double[0.01, 0.99]
            .Seeded()
            .Sample(reflectance =>
                Math.Abs(KubelkaMunk.ReflectanceOf(KubelkaMunk.RatioOf(reflectance)) - reflectance) < 1e-9
            );

    [Fact]
    public void A_colour_is_read_and_written_as_it_was() =>
        Gen.Select(Gen.Int[0, 255], Gen.Int[0, 255], Gen.Int[0, 255])
            .Seeded()
            .Sample(
                (red, green, blue) =>
                {
                    var hex = $"#{red:x2}{green:x2}{blue:x2}";
                    return Light.Of(hex).ToHex() == hex;
                }
            );

    // IEC 61966-2-1: white is L* 100, mid grey #777777 about 50; pure red is 53.24, 80.09, 67.20 (any sRGB calculator;
    // from memory).
    [Fact]
    public void Lab_is_that_of_sRGB()
    {
        Assert.Equal(100, Light.Of("#ffffff").ToLab().L, 0.01);
        Assert.Equal(50, Light.Of("#777777").ToLab().L, 0.1);
        var (l, a, b) = Light.Of("#ff0000").ToLab();
        Assert.Equal((53.24, 80.09, 67.20), (Math.Round(l, 2), Math.Round(a, 2), Math.Round(b, 2)));
    }

    [Fact]
    public void More_milk_makes_it_lighter_and_more_coffee_darker() =>
        Gen.Select(Gen.Double[60, 250], Gen.Double[20, 60])
            .Seeded()
            .Sample(
                (milk, more) =>
                    Lightness(TestBar.Build(Shots, TestBar.Line("milk", milk + more, "ml")))
                        >= Lightness(TestBar.Build(Shots, TestBar.Line("milk", milk, "ml")))
                    && Lightness(TestBar.Build(Shots with { Amount = 3 }, TestBar.Line("milk", milk, "ml")))
                        <= Lightness(TestBar.Build(Shots, TestBar.Line("milk", milk, "ml")))
            );

    [Fact]
    public void Water_thins_a_clear_drink_to_its_own_colour_s_power()
    {
        // By hand, Beer and Lambert: half espresso and half water let through the square root of what espresso does.
        var colour = Light.Of(
            FullBar.Mix(TestBar.Build(Shots, TestBar.Line("water", 36, "g"))).Size("m").Taste.Colour!
        );

        Assert.Equal(Math.Sqrt(Light.Of("#3d2314").Red), colour.Red, 0.005);
    }

    [Fact]
    public void A_real_cup_s_colour_sets_the_reference_and_with_it_the_others()
    {
        var build = TestBar.Build(Shots, TestBar.Line("milk", 200, "ml")) with { School = "same-shot" };
        var worked = FullBar.Mix(build);
        var seen = FullBar.Mix(build with { SeenColour = "#a97f5a" });

        Assert.NotEqual("#a97f5a", worked.Size("m").Taste.Colour);
        Assert.Equal("#a97f5a", seen.Size("m").Taste.Colour);

        // The large one has half as much milk again, and stays lighter than the reference.
        Assert.True(Light.Of(seen.Size("l").Taste.Colour!).ToLab().L > Light.Of("#a97f5a").ToLab().L + 1);
        Assert.Equal(
            Ciede2000.Between(Light.Of("#a97f5a").ToLab(), Light.Of(seen.Size("l").Taste.Colour!).ToLab()),
            seen.Size("l").Taste.Drift.Colour!.Value,
            0.3
        );
    }

    [Fact]
    public void A_clear_drink_goes_by_its_real_colour_too()
    {
        var build = TestBar.Build(Shots, TestBar.Line("water", 72, "g", ("l", 180))) with
        {
            Sizes = ["m", "l"],
            School = "same-shot",
            SeenColour = "#80502f",
        };
        var sheet = FullBar.Mix(build);

        // Twice as thin: the square root of what the real cup lets through, in every band.
        var (real, thin) = (Light.Of("#80502f"), Light.Of(sheet.Size("l").Taste.Colour!));
        Assert.Equal("#80502f", sheet.Size("m").Taste.Colour);
        Assert.Equal(Math.Sqrt(real.Red), thin.Red, 0.005);
        Assert.Equal(Math.Sqrt(real.Green), thin.Green, 0.005);
        Assert.Equal(Math.Sqrt(real.Blue), thin.Blue, 0.005);
    }

    // A hundredth of it is what clouds a drink (no source): just under it is seen through, just over it is not, and
    // looks paler.
    [Fact]
    public void A_hundredth_of_milk_clouds_it()
    {
        var clear = Lightness(TestBar.Build(Shots, TestBar.Line("water", 100, "g"), TestBar.Line("milk", 1.37, "g")));
        var cloudy = Lightness(TestBar.Build(Shots, TestBar.Line("water", 100, "g"), TestBar.Line("milk", 1.39, "g")));
        var black = Lightness(TestBar.Build(Shots, TestBar.Line("water", 101.37, "g")));

        Assert.Equal(black, clear, 0.7);
        Assert.True(Math.Abs(cloudy - clear) > 2);
    }

    private static double Lightness(BuildDocument build) =>
        Light.Of(FullBar.Mix(build).Size("m").Taste.Colour!).ToLab().L;
}
