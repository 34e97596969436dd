using System.Diagnostics;
using System.Globalization;
using Krasis.App.Seeding;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Web.Tests.Hosting;

public class SeedTests
{
    [Fact]
    public void The_demo_has_builds_of_three_and_four_sizes_for_every_kind_of_drink()
    {
        var seed = Seeder.Load(Seeder.Demo, KrasisServer.Today);

        Assert.True(seed.Builds.Count >= 12);
        Assert.All(seed.Builds, build => Assert.InRange(build.Sizes.Count, 3, 4));
        Assert.Contains(seed.Builds, build => build.Sizes.Count == 4);
    }

    [Fact]
    public void The_demo_shows_each_kind_of_warning_and_otherwise_fits()
    {
        var seed = Seeder.Load(Seeder.Demo, KrasisServer.Today);
        var bar = BarReader.Read(seed.Bar).Value;
        var findings = seed
            .Builds.SelectMany(build => Mixer.Mix(BuildReader.Read(build, bar).Value, bar).Findings)
            .ToList();

        Assert.DoesNotContain(findings, finding => finding.Severity == Severity.Fault);
        Assert.Equal(
            ["overfull", "taste-drift", "underfilled"],
            findings
                .Where(finding => finding.Severity == Severity.Warning)
                .Select(finding => finding.Check)
                .Distinct()
                .Order()
        );
    }

    [Fact]
    public void The_demo_s_house_says_its_strokes_once_one_build_follows_and_two_are_poured_otherwise()
    {
        var seed = Seeder.Load(Seeder.Demo, KrasisServer.Today);
        var bar = BarReader.Read(seed.Bar).Value;
        var follows = Assert.Single(seed.Builds, build => build.Lines.Any(line => line.Scale?.By == HouseStrokes.Code));
        var sheet = Mixer.Mix(BuildReader.Read(follows, bar).Value, bar);

        Assert.Equal(
            [1, 2, 3],
            sheet.Sizes.Select(size =>
                size.Lines.Single(line => line.Unit.StartsWith("stroke", StringComparison.Ordinal)).Amount
            )
        );
        Assert.Equal(
            ["Orange peel mocha", "Orange peel mocha, half sweet"],
            seed.Builds.Where(build =>
                    Mixer
                        .Mix(BuildReader.Read(build, bar).Value, bar)
                        .Findings.Any(finding => finding.Check == "unlike-the-house")
                )
                .Select(build => build.Name)
        );
    }

    [Theory]
    [InlineData(Seeder.Demo)]
    [InlineData(Seeder.Starter)]
    public void Nothing_that_is_shipped_tastes_unknown(string name)
    {
        var seed = Seeder.Load(name, KrasisServer.Today);
        var bar = BarReader.Read(seed.Bar).Value;

        Assert.All(bar.Ingredients, ingredient => Assert.NotNull(bar.House.Sweetness.Of(ingredient)));
        Assert.All(bar.Ingredients.Where(ingredient => ingredient.IsCoffee), ingredient =>
            Assert.NotNull(ingredient.Strength ?? bar.EspressoOf(ingredient.Id)?.Strength)
        );
    }

    // Source of the expected value: GNU units 2.22, brix().
    [Fact]
    public void The_starter_bar_s_syrup_is_as_dense_as_sugar_water_of_65_degrees_Brix()
    {
        using var units = Process.Start(
            new ProcessStartInfo("units", ["--terse", "brix(65)", "g/ml"]) { RedirectStandardOutput = true }
        )!;
        var expected = double.Parse(units.StandardOutput.ReadToEnd().Trim(), CultureInfo.InvariantCulture);
        var syrup = Seeder
            .Load(Seeder.Starter, KrasisServer.Today)
            .Bar.Ingredients.Single(ingredient => ingredient.Kind == "syrup");

        Assert.Equal(expected, syrup.DensityGramsPerMl!.Value, expected * 0.001);
    }

    // Every number by hand, as followed in docs/method.md.
    [Fact]
    public void The_drink_that_the_method_works_by_hand_comes_out_as_worked()
    {
        var seed = Seeder.Load(Seeder.Demo, KrasisServer.Today);
        var bar = BarReader.Read(seed.Bar).Value;
        var heron = Mixer
            .Mix(BuildReader.Read(seed.Builds.Single(build => build.Name == "Cardamom latte"), bar).Value, bar)
            .Sizes.Single(size => size.Size.Value == "heron");

        Assert.Equal([3, 3, 305], heron.Lines.Select(line => line.Amount));
        Assert.Equal(479.09, heron.Fill.WorkingVolume.Value, 0.005);
        Assert.Equal(29.44, heron.Life.Condensate.Value, 0.005);
        Assert.Equal(
            (415.05, 40.13, 455.18),
            (
                Math.Round(heron.Fill.LiquidVolume.Value, 2),
                Math.Round(heron.Fill.FoamVolume.Value, 2),
                Math.Round(heron.Fill.OccupiedVolume.Value, 2)
            )
        );
        Assert.Equal(
            (111.7, 23.9),
            (Math.Round(heron.Fill.FillHeight.Value, 1), Math.Round(heron.Fill.RoomLeft.Value, 1))
        );
        Assert.Equal(
            (1.25, 4.70, 5.4),
            (
                Math.Round(heron.Taste.Poured.Strength!.Value.Value, 2),
                Math.Round(heron.Taste.Poured.Sweetness!.Value.Value, 2),
                Math.Round(heron.Taste.Poured.MilkPerCoffee!.Value, 1)
            )
        );
        Assert.Equal(
            (2.6, 2.2),
            (
                Math.Round(heron.Taste.Drift.Strength!.Value.Value, 1),
                Math.Round(heron.Taste.Drift.Sweetness!.Value.Value, 1)
            )
        );
        Assert.Equal([60.6, 57.1, 54.0], heron.Life.Moments.Select(moment => Math.Round(moment.Temperature.Value, 1)));
        Assert.Equal(
            (275, 305, 33.0),
            (
                Math.Round(heron.Inside.Nutrition.Energy!.Value.Value),
                Math.Round(heron.Inside.Nutrition.Caffeine!.Value.Value),
                Math.Round(heron.Inside.Nutrition.Sugars!.Value.Value, 1)
            )
        );
        Assert.Equal(
            (1.59, 33),
            (Math.Round(heron.Cost.Total!.Value.Value, 2), Math.Round(heron.Cost.ShareOfPrice!.Value.Value))
        );
        Assert.Equal(("Large jug", 0), (heron.Milk!.Pitcher, heron.Milk.Waste.Value));
    }
}
