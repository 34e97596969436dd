using System.Diagnostics;
using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Checks;
using Krasis.Core.Mixing;
using Krasis.Web.Seeding;

namespace Krasis.Web.Tests.Hosting;

public class SeedTests
{
    [Fact]
    public void The_demo_has_builds_of_three_and_four_sizes_for_every_kind_of_drink()
    {
        var seed = Seeder.Load(Seeder.Demo);

        Assert.True(seed.Builds.Count >= 4);
        Assert.All(seed.Builds, build => Assert.InRange(build.Sizes.Count, 3, 4));
        Assert.Contains(seed.Builds, build => build.Sizes.Count == 4);
    }

    [Fact]
    public void The_demo_shows_each_kind_of_warning_and_otherwise_fits()
    {
        var seed = Seeder.Load(Seeder.Demo);
        var bar = BarReader.Read(seed.Bar).Value;
        var findings = seed.Builds.SelectMany(build => Mixer.Mix(BuildReader.Read(build, bar).Value, bar).Findings).ToList();

        Assert.DoesNotContain(findings, finding => finding.Severity == Severity.Fault);
        Assert.Equal(["overfull", "taste-drift"], findings.Where(finding => finding.Severity == Severity.Warning).Select(finding => finding.Check).Distinct().Order());
    }

    [Theory]
    [InlineData(Seeder.Demo)]
    [InlineData(Seeder.Starter)]
    public void Nothing_that_is_shipped_tastes_unknown(string name)
    {
        var seed = Seeder.Load(name);
        var bar = BarReader.Read(seed.Bar).Value;

        Assert.All(bar.Ingredients, ingredient => Assert.NotNull(bar.House.Sweetness.Of(ingredient)));
        Assert.All(bar.Ingredients.Where(ingredient => ingredient.IsCoffee), ingredient => Assert.NotNull(ingredient.Strength ?? bar.EspressoOf(ingredient.Id)?.Strength));
    }

    // Source of the expected value: GNU units 2.22, brix().
    [Fact]
    public void The_starter_bar_s_syrup_is_as_dense_as_sugar_water_of_65_degrees_Brix()
    {
        using var units = Process.Start(new ProcessStartInfo("units", ["--terse", "brix(65)", "g/ml"]) { RedirectStandardOutput = true })!;
        var expected = double.Parse(units.StandardOutput.ReadToEnd().Trim(), CultureInfo.InvariantCulture);
        var syrup = Seeder.Load(Seeder.Starter).Bar.Ingredients.Single(ingredient => ingredient.Kind == "syrup");

        Assert.Equal(expected, syrup.DensityGramsPerMl!.Value, expected * 0.001);
    }
}
