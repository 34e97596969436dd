using Krasis.App.Seeding;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;

namespace Krasis.Web.Tests.Mixing;

public sealed class MixApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task Every_demo_build_is_mixed_over_HTTP_as_by_the_core()
    {
        var seed = Seeder.Load(Seeder.Demo, KrasisServer.Today);
        var bar = BarReader.Read(seed.Bar).Value;
        foreach (var build in seed.Builds)
        {
            var expected = Mixer.Mix(BuildReader.Read(build, bar).Value, bar, KrasisServer.Today);
            var sheet = (await server.Post("/api/mix", build)).Json;
            foreach (var (size, index) in expected.Sizes.Select((size, index) => (size, index)))
            {
                var answered = sheet["sizes"]![index]!;
                Assert.Equal(size.Size.Value, (string?)answered["size"]);
                Assert.Equal(size.Fill.FillHeight.Value, (double)answered["fill"]!["fillHeight"]!);
                Assert.Equal(size.Fill.RoomLeft.Value, (double)answered["fill"]!["roomLeft"]!);
                Assert.Equal(
                    size.Lines.Select(line => line.Amount),
                    answered["lines"]!.AsArray().Select(line => (double)line!["amount"]!)
                );
            }

            Assert.Equal(
                expected.Findings.Select(finding => finding.Message),
                sheet["findings"]!.AsArray().Select(finding => (string?)finding!["message"])
            );
        }
    }

    [Fact]
    public async Task Mixing_keeps_nothing()
    {
        var before = (await server.Get("/health")).Text;
        Assert.Equal(200, (await server.Post("/api/mix", Builds.BuildApiTests.Build(""))).Status);
        Assert.Equal(before, (await server.Get("/health")).Text);
    }

    [Fact]
    public async Task A_blank_build_mixes()
    {
        var blank = (await server.Get("/api/builds/blank")).Text;

        Assert.Equal(200, (await server.Post("/api/mix", blank)).Status);
    }

    [Theory]
    [InlineData("6 fl oz", "farm-milk", "ml", 177.441177375)]
    [InlineData("2", "hazelnut-syrup", "stroke", 2)]
    [InlineData("14.8 ml", "cherry-syrup", "stroke", 2)]
    [InlineData("2 shots", "lock-espresso", "g", 39)]
    public async Task A_typed_quantity_is_read_in_the_line_s_measure(
        string text,
        string ingredient,
        string measure,
        double amount
    )
    {
        var answer = await server.Post(
            "/api/quantities/read",
            new
            {
                text,
                ingredient,
                measure,
            }
        );

        Assert.Equal(amount, (double)answer.Json["amount"]!, 1e-9);
    }

    [Theory]
    [InlineData("abc", "farm-milk", "ml", "text")]
    [InlineData("", "farm-milk", "ml", "text")]
    [InlineData("2 strokes", "farm-milk", "ml", "text")]
    [InlineData("3 cubits", "farm-milk", "ml", "text")]
    [InlineData("3", "moonlight", "ml", "ingredient")]
    [InlineData("3", "farm-milk", "furlong", "measure")]
    public async Task A_quantity_that_cannot_be_read_is_told(
        string text,
        string ingredient,
        string measure,
        string field
    )
    {
        var answer = await server.Post(
            "/api/quantities/read",
            new
            {
                text,
                ingredient,
                measure,
            }
        );

        Assert.Equal(422, answer.Status);
        Assert.Equal([field], answer.Fields);
    }
}
