namespace Krasis.Web.Tests.Versions;

public sealed class StartApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_build_to_begin_from_is_proposed_and_can_be_mixed()
    {
        var bases = (await server.Get("/api/start/choices")).Json["bases"]!.AsArray();
        Assert.Equal(
            ["espresso", "batch", "coldBrew", "chocolate"],
            bases.Where(one => one!["missing"] is null).Select(one => (string)one!["base"]!)
        );

        var start = await server.Post("/api/start", """{"base":"coldBrew","serve":"iced","sizes":["reed","rush"]}""");
        Assert.Equal(200, start.Status);
        var build = start.Json["build"]!;
        Assert.Contains(build["lines"]!.AsArray(), line => (string?)line!["ingredient"] == "slipway-coffee");
        Assert.Equal(200, (await server.Post("/api/mix", build.ToJsonString())).Status);
        Assert.NotEmpty(start.Json["says"]!.AsArray());
    }

    [Theory]
    [InlineData("""{"base":"strong","serve":"iced","sizes":["reed"]}""", "base")]
    [InlineData("""{"base":"tea","serve":"iced","sizes":["reed"]}""", "base")]
    [InlineData("""{"base":"espresso","serve":"warm","sizes":["reed"]}""", "serve")]
    [InlineData("""{"base":"espresso","serve":"hot","sizes":["bucket",null]}""", "sizes")]
    [InlineData("""{"base":"espresso","serve":"hot","sizes":["reed"],"of":"farm-milk"}""", "of")]
    [InlineData("""{"base":"espresso","serve":"hot","sizes":["reed"],"flavour":"farm-milk"}""", "flavour")]
    public async Task What_cannot_be_proposed_is_named(string request, string field) =>
        Assert.Equal([field], (await server.Post("/api/start", request)).Fields);
}
