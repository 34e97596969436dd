using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Store.Json;

namespace Krasis.App.Tests.Standards;

/// <summary>What is frozen of a standard can be read back, today and by later programs.</summary>
public sealed class FrozenStandardTests(PloverLock house) : IClassFixture<PloverLock>
{
    [Fact]
    public void What_is_frozen_comes_back_to_the_letter() => Assert.All(house.Builds(), each =>
        {
            var json = FrozenJson.Write(FrozenStandard.Of(each.Build, each.Bar));
            Assert.Equal(json, FrozenJson.Write(FrozenJson.Read(json)));
        });

    [Fact]
    public void Every_station_that_has_a_cup_has_its_plans()
    {
        var (build, bar) = house.Builds().Single(each => each.Build.Name == "Cardamom latte");
        var frozen = FrozenStandard.Of(build, bar);

        Assert.Equal(["", "bar", "kiosk"], frozen.Plans.Keys.Order());
        Assert.NotNull(frozen.PlansAt(null));
        Assert.Null(frozen.PlansAt("boat"));
    }

    [Fact]
    public void The_version_of_the_sums_is_raised_when_a_number_changes()
    {
        // Written down from the program itself: it says that something changed, not that it was right.
        const string Known = "9fd2b671e0c9285e";
        var numbers = new StringBuilder();
        foreach (var (build, bar) in house.Builds().OrderBy(each => each.Build.Name, StringComparer.Ordinal))
        {
            using var sheet = JsonDocument.Parse(
                FrozenJson.Write(new(Mixer.Mix(build, bar), new Dictionary<string, IReadOnlyList<MakingPlan>>()))
            );
            Gather(sheet.RootElement, numbers);
        }

        var fingerprint = Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(numbers.ToString())))[..16];
        Assert.True(
            fingerprint == Known,
            $"Numbers of the demo's sheets have changed. Raise SumsVersion.Current from {SumsVersion.Current}, say there what changed, and write '{fingerprint}' here."
        );
    }

    // Nine digits: the last bits of a power may differ from one processor to another.
    private static void Gather(JsonElement element, StringBuilder numbers)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Number:
                numbers.Append(CultureInfo.InvariantCulture, $"{element.GetDouble():G9};");
                break;
            case JsonValueKind.Object:
                foreach (var member in element.EnumerateObject())
                {
                    Gather(member.Value, numbers);
                }

                break;
            case JsonValueKind.Array:
                foreach (var item in element.EnumerateArray())
                {
                    Gather(item, numbers);
                }

                break;
        }
    }
}
