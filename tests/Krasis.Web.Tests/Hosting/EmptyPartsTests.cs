using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Krasis.Web.Tests.Hosting;

/// <summary>Every address that takes a body is sent bodies from which something is missing: nothing at all, nothing for
/// one part, a list of nothing, a part without its own parts, three deep, by the API's own description. Each is taken or
/// refused with a sentence; none is a fault of the program.</summary>
public sealed partial class EmptyPartsTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private const int Deepest = 3;

    [Fact]
    public async Task Nothing_that_is_missing_is_a_fault_of_the_program()
    {
        var api = (await server.Get("/openapi/v1.json")).Json;
        var build = (string)(await server.Get("/api/builds")).Json.AsArray()[0]!["id"]!;
        List<string> faults = [];
        var sent = 0;
        foreach (var (path, operations) in api["paths"]!.AsObject())
        {
            foreach (var method in new[] { HttpMethod.Post, HttpMethod.Put })
            {
                var schema = operations![method.Method.ToLowerInvariant()]
                    ?["requestBody"]
                    ?["content"]
                    ?["application/json"]
                    ?["schema"];
                foreach (var body in schema is null ? [] : Shapes(schema, api, 0))
                {
                    sent++;
                    var text = body?.ToJsonString() ?? "null";
                    using var request = new HttpRequestMessage(method, Filled(path, build));
                    request.Headers.TryAddWithoutValidation("If-Match", "*");
                    request.Content = new StringContent(
                        text,
                        new System.Net.Http.Headers.MediaTypeHeaderValue("application/json")
                    );
                    using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
                    if ((int)answer.StatusCode >= 500)
                    {
                        faults.Add($"{method} {path} {text}");
                    }
                }
            }
        }

        Assert.True(sent > 1000, $"{sent} were sent");
        Assert.Empty(faults);
    }

    private static Uri Filled(string path, string build) =>
        new(
            Name().Replace(path.Replace("/builds/{id}", $"/builds/{build}", StringComparison.Ordinal), "1"),
            UriKind.Relative
        );

    private static IEnumerable<JsonNode?> Shapes(JsonNode schema, JsonNode api, int depth)
    {
        var one = Resolved(schema, api);
        yield return null;
        if (one["properties"]?.AsObject() is { } properties)
        {
            yield return new JsonObject();
            foreach (var (name, of) in depth < Deepest ? properties.ToList() : [])
            {
                foreach (var shape in Shapes(of!, api, depth + 1))
                {
                    yield return new JsonObject { [name] = shape };
                }
            }
        }
        else if (one["items"] is { } items)
        {
            yield return new JsonArray();
            foreach (var shape in depth < Deepest ? Shapes(items, api, depth + 1) : [])
            {
                yield return new JsonArray(shape);
            }
        }
    }

    private static JsonNode Resolved(JsonNode schema, JsonNode api)
    {
        while (true)
        {
            var next = (string?)schema["$ref"] is { } at
                ? api["components"]!["schemas"]![at.Split('/')[^1]]
                : (schema["oneOf"] ?? schema["anyOf"])
                    ?.AsArray()
                    .FirstOrDefault(each => (each!["type"] as JsonValue)?.ToString() != "null");
            if (next is null)
            {
                return schema;
            }

            schema = next;
        }
    }

    [GeneratedRegex(@"\{[^}]+\}")]
    private static partial Regex Name();
}
