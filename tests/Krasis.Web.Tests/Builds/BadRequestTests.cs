namespace Krasis.Web.Tests.Builds;

public sealed class BadRequestTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Theory]
    [InlineData("""{"lines":[{"amount":"abc"}]}""", "lines[0].amount", "\"abc\"")]
    [InlineData("""{"lines":[{"amount":"12"}]}""", "lines[0].amount", "\"12\"")]
    [InlineData("""{"lines":[{"amount":NaN}]}""", "lines[0].amount", "NaN")]
    [InlineData("""{"lines":[{"amount":true}]}""", "lines[0].amount", "true")]
    [InlineData("""{"name":12}""", "name", "12")]
    [InlineData("""{"sizes":"wren"}""", "sizes", "\"wren\"")]
    [InlineData("""{"sizes":null}""", "sizes", "null")]
    [InlineData("""{"nam":"x"}""", "nam", "\"x\"")]
    [InlineData("""{"name":"x",""", "", null)]
    public async Task What_cannot_be_read_is_named(string body, string field, string? value)
    {
        var answer = await server.Post("/api/mix", body);

        Assert.Equal((400, "application/problem+json"), (answer.Status, answer.ContentType));
        var error = Assert.Single(answer.Json["errors"]!.AsArray())!;
        Assert.Equal(field, (string?)error["field"]);
        Assert.Equal(value, (string?)error["value"]);
        Assert.NotEqual("", (string?)error["accepted"]);
    }

    [Theory]
    [InlineData("")]
    [InlineData("null")]
    public async Task A_request_of_nothing_is_told(string body)
    {
        var answer = await server.Post("/api/mix", body);

        Assert.Equal((400, "application/problem+json"), (answer.Status, answer.ContentType));
    }

    [Fact]
    public async Task A_number_beyond_all_bounds_is_named()
    {
        var answer = await server.Post("/api/mix", """{"reserveMm":1e999,"sizes":["wren"],"referenceSize":"wren"}""");

        Assert.Equal(400, answer.Status);
        Assert.Equal(["reserveMm"], answer.Fields);
    }

    [Fact]
    public async Task Two_megabytes_are_refused()
    {
        var answer = await server.Post("/api/builds", $$"""{"name":"{{new string('n', 2_000_000)}}"}""");

        Assert.Equal((413, "application/problem+json"), (answer.Status, answer.ContentType));
        Assert.Contains("larger than", answer.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_not_JSON_by_its_own_word_is_refused()
    {
        using var form = new FormUrlEncodedContent([new("name", "x")]);
        using var answer = await server.Http.PostAsync(
            new Uri("/api/builds", UriKind.Relative),
            form,
            TestContext.Current.CancellationToken
        );

        Assert.Equal(415, (int)answer.StatusCode);
    }

    [Fact]
    public async Task Another_method_is_refused() =>
        Assert.Equal(405, (await server.Send(HttpMethod.Patch, "/api/builds", new { })).Status);
}
