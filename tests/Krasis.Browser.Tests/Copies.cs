using System.Text;
using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>Copies of the demo's builds, as far along as those, that a test can do with as it likes.</summary>
public sealed class Copies(RunningKrasis server) : IDisposable
{
    private readonly HttpClient http = new() { BaseAddress = server.Address };
    private readonly Dictionary<string, string> paths = [];

    public void Dispose() => http.Dispose();

    /// <summary>Where this test's copy of a build is.</summary>
    /// <param name="name">What the build is called.</param>
    /// <param name="change">What is different in the copy.</param>
    public string Path(string name, Action<JsonNode>? change = null)
    {
        if (!paths.TryGetValue(name, out var path))
        {
            var original = Send(HttpMethod.Get, "/api/builds")
                .AsArray()
                .First(build => (string?)build!["name"] == name)!;
            var document = Send(HttpMethod.Get, $"/api/builds/{original["id"]}")["document"]!;
            change?.Invoke(document);
            var copy = Send(HttpMethod.Post, "/api/builds", document);
            path = paths[name] = $"/builds/{copy["id"]}";
            switch ((string?)original["state"])
            {
                case "standard":
                    Send(
                        HttpMethod.Post,
                        $"/api{path}/standards",
                        new JsonObject { ["reason"] = "A copy." },
                        (string?)copy["etag"]
                    );
                    break;
                case "trial":
                    Send(
                        HttpMethod.Post,
                        $"/api{path}/state",
                        new JsonObject { ["state"] = "trial" },
                        (string?)copy["etag"]
                    );
                    break;
            }
        }

        return path;
    }

    private JsonNode Send(HttpMethod method, string address, JsonNode? body = null, string? etag = null)
    {
        using var request = new HttpRequestMessage(method, address);
        request.Content = body is null
            ? null
            : new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
        if (etag is not null)
        {
            request.Headers.TryAddWithoutValidation("If-Match", etag);
        }

        using var response = http.Send(request).EnsureSuccessStatusCode();
        return JsonNode.Parse(response.Content.ReadAsStream())!;
    }
}
