using System.Text.Json.Nodes;

namespace Krasis.LibraryBenchmark;

/// <summary>Fills a program with builds.</summary>
internal static class ManyBuilds
{
    /// <summary>As many builds as are wanted, each like one of the demo's under a name of its own.</summary>
    /// <returns>The demo's own.</returns>
    public static async Task<IReadOnlyList<string>> Fill(Client client, int wanted)
    {
        var rows = JsonNode.Parse(await client.Ask(HttpMethod.Get, "/api/builds"))!.AsArray();
        var documents = new List<JsonNode>();
        foreach (var row in rows)
        {
            documents.Add(JsonNode.Parse(await client.Ask(HttpMethod.Get, $"/api/builds/{row!["id"]}"))!["document"]!);
        }

        for (var i = rows.Count; i < wanted; i++)
        {
            var copy = documents[i % documents.Count].DeepClone();
            copy["name"] = $"{copy["name"]} {i}";
            copy["parent"] = null;
            await client.Ask(HttpMethod.Post, "/api/builds", copy.ToJsonString());
        }

        return [.. documents.Select(document => document.ToJsonString())];
    }
}
