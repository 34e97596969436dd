namespace Krasis.Web.Tests.Making;

/// <summary>What the demo's makes tell of its bar: on a server of its own, where nobody makes any more.</summary>
public sealed class DemoMakesTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_demo_s_three_weeks_tell_of_a_pump_a_grinder_and_a_hand()
    {
        var poured = (await server.Get("/api/poured")).Json;
        var says = poured["findings"]!.AsArray().Select(finding => (string)finding!["says"]!).ToList();

        Assert.Equal(336, (int)poured["makes"]!);
        Assert.Contains(says, line =>
            line.StartsWith("Kiosk hazelnut pump at the Kiosk pours ", StringComparison.Ordinal)
            && line.EndsWith(" over in the last 20: weigh it.", StringComparison.Ordinal)
        );
        Assert.Contains(says, line =>
            line.StartsWith("Lock double at the Bar runs 3 s fast since ", StringComparison.Ordinal)
        );
        Assert.Contains(says, line => line.StartsWith("RB pours Farm milk", StringComparison.Ordinal));

        // Nothing is made up beside what was put in.
        Assert.All(poured["findings"]!.AsArray(), finding =>
            Assert.True(
                (string?)finding!["id"] is "kiosk-hazelnut" or "Lock double"
                    || (string?)finding["who"] == "RB"
                    || (string?)finding["of"] == "drink",
                (string?)finding["says"]
            )
        );
    }
}
