using System.Net;
using Krasis.Web.Hosting;

namespace Krasis.Web.Tests.Hosting;

/// <summary>Who is let in.</summary>
public sealed class GateTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Theory]
    [InlineData("127.0.0.1:{0}", null, 200)]
    [InlineData("localhost:{0}", "http://localhost:{0}", 200)]
    [InlineData("[::1]:{0}", null, 200)]
    [InlineData("elsewhere.example", null, 403)]
    [InlineData("127.0.0.1.elsewhere.example", null, 403)]
    [InlineData("127.0.0.1:{0}", "http://elsewhere.example", 403)]
    [InlineData("127.0.0.1:{0}", "http://127.0.0.1:1", 403)]
    [InlineData("127.0.0.1:{0}", "null", 403)]
    public async Task Krasis_is_asked_for_by_its_names_and_from_its_pages(string host, string? origin, int status)
    {
        foreach (
            var (method, path) in new[]
            {
                (HttpMethod.Get, "/api/builds"),
                (HttpMethod.Get, "/openapi/v1.json"),
                (HttpMethod.Get, "/health"),
                (HttpMethod.Post, "/api/mix"),
            }
        )
        {
            using var answer = await Ask(server.Http, method, path, host, origin);

            // The last sends nothing to mix, which is found out behind the gate.
            Assert.Equal(status == 200 && method == HttpMethod.Post ? 400 : status, (int)answer.StatusCode);
            Assert.Equal(
                status == 403,
                (await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).Contains(
                    "urn:krasis:problem:foreign",
                    StringComparison.Ordinal
                )
            );
        }
    }

    [Fact]
    public async Task Names_that_are_said_are_let_in_and_no_others()
    {
        var folder = Directory.CreateTempSubdirectory("krasis-web-");
        await using var app = KrasisApp.Create(
            KrasisOptions.From([
                "--data",
                Path.Combine(folder.FullName, "k.db"),
                "--port",
                "0",
                "--listen",
                "0.0.0.0",
                "--host",
                "bar.lan",
                "--host",
                "192.168.1.20",
            ])
        );
        await app.StartAsync(TestContext.Current.CancellationToken);
        using var http = new HttpClient
        {
            BaseAddress = new Uri(
                $"http://127.0.0.1:{new Uri(app.Urls.Single().Replace("0.0.0.0", "127.0.0.1", StringComparison.Ordinal)).Port}"
            ),
        };

        Assert.Equal(
            HttpStatusCode.OK,
            (await Ask(http, HttpMethod.Get, "/health", "bar.lan", "https://bar.lan")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (await Ask(http, HttpMethod.Get, "/health", "192.168.1.20:5180", null)).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Ask(http, HttpMethod.Get, "/health", "192.168.1.21:5180", null)).StatusCode
        );
    }

    [Theory]
    [InlineData("/api/builds", null)]
    [InlineData("/api/nothing", null)]
    [InlineData("/nothing.js", null)]
    [InlineData("/", null)]
    [InlineData("/api/builds", "elsewhere.example")]
    public async Task Whatever_is_answered_says_how_far_it_is_to_be_trusted(string path, string? host)
    {
        using var answer = await Ask(
            server.Http,
            HttpMethod.Get,
            path,
            host ?? server.Http.BaseAddress!.Authority,
            null
        );

        Assert.Equal("nosniff", answer.Headers.GetValues("X-Content-Type-Options").Single());

        // The list of builds says itself how it may be kept.
        Assert.True(
            !path.StartsWith("/api", StringComparison.Ordinal)
                || answer.Headers.CacheControl is { NoStore: true } or { NoCache: true }
        );
        Assert.Contains(
            "frame-ancestors 'none'",
            answer.Headers.GetValues("Content-Security-Policy").Single(),
            StringComparison.Ordinal
        );
    }

    private static async Task<HttpResponseMessage> Ask(
        HttpClient http,
        HttpMethod method,
        string path,
        string host,
        string? origin
    )
    {
        using var request = new HttpRequestMessage(method, path);
        request.Headers.Host = string.Format(
            System.Globalization.CultureInfo.InvariantCulture,
            host,
            http.BaseAddress!.Port
        );
        if (origin is not null)
        {
            request.Headers.TryAddWithoutValidation(
                "Origin",
                string.Format(System.Globalization.CultureInfo.InvariantCulture, origin, http.BaseAddress.Port)
            );
        }

        return await http.SendAsync(request, TestContext.Current.CancellationToken);
    }
}
