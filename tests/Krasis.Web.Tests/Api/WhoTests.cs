namespace Krasis.Web.Tests.Api;

/// <summary>Who did something stands in the history: of builds, of standards, and of the bar's facts.</summary>
public sealed class WhoTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task A_change_of_a_fact_is_signed_with_the_name_in_the_header_whatever_letters_it_has()
    {
        var cup = (await server.Get("/api/bar")).Json["cups"]![0]!;
        var document = cup["document"]!.DeepClone();
        document["name"] = "Wren, the small one";
        using var request = new HttpRequestMessage(HttpMethod.Put, $"/api/bar/cups/{cup["id"]}")
        {
            Content = new StringContent(document.ToJsonString(), System.Text.Encoding.UTF8, "application/json"),
        };
        request.Headers.TryAddWithoutValidation("If-Match", (string?)cup["etag"]);
        request.Headers.TryAddWithoutValidation("Krasis-Who", Uri.EscapeDataString("Zoë Ünal"));
        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.True(answer.IsSuccessStatusCode);

        var history = (await server.Get($"/api/bar/cups/{cup["id"]}/history")).Json.AsArray();
        Assert.Equal(["Zoë Ünal", ""], history.Select(version => (string?)version!["who"]));
    }

    [Fact]
    public async Task A_publication_and_a_save_name_who_did_them()
    {
        var builds = (await server.Get("/api/builds")).Json.AsArray();
        var id = (string)builds.First(build => (string?)build!["name"] == "Ginger-pear tide")!["id"]!;
        var build = await server.Get($"/api/builds/{id}");
        var published = await server.Send(
            HttpMethod.Post,
            $"/api/builds/{id}/standards",
            """{"who":"Mira","reason":"The panel liked it."}""",
            build.ETag
        );

        Assert.Equal("Mira", (string?)published.Json["who"]);
        var history = (await server.Get($"/api/builds/{id}/history")).Json.AsArray();
        Assert.Equal("Mira", (string?)history.First(entry => (string?)entry!["kind"] == "published")!["who"]);
    }

    [Theory]
    [InlineData("%", "%")]
    [InlineData("%00Mira%0A", "Mira")]
    [InlineData("   ", "")]
    public async Task What_is_no_name_does_no_harm(string header, string who)
    {
        var created = await Create(header);
        var history = (await server.Get($"/api/builds/{created}/history")).Json.AsArray();
        Assert.Equal(who, (string?)history[0]!["who"]);
    }

    [Fact]
    public async Task A_name_is_cut_at_eighty_letters()
    {
        var history = (await server.Get($"/api/builds/{await Create(new string('a', 81))}/history")).Json.AsArray();
        Assert.Equal(80, ((string)history[0]!["who"]!).Length);
    }

    private async Task<string> Create(string header)
    {
        var blank = (await server.Get("/api/builds/blank")).Json;
        blank["name"] = "Somebody's";
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/builds")
        {
            Content = new StringContent(blank.ToJsonString(), System.Text.Encoding.UTF8, "application/json"),
        };
        request.Headers.TryAddWithoutValidation("Krasis-Who", header);
        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        Assert.True(answer.IsSuccessStatusCode, text);
        return (string)System.Text.Json.Nodes.JsonNode.Parse(text)!["id"]!;
    }
}
