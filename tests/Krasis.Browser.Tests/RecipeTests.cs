using System.Text.Json.Nodes;

namespace Krasis.Browser.Tests;

/// <summary>A standard as linked data, and the page that it stands in.</summary>
public sealed class RecipeTests(DemoHost server) : DemoTests(server)
{
    [Fact]
    public void A_recipe_says_only_what_schema_org_has_words_for_and_what_a_recipe_needs()
    {
        foreach (var name in new[] { "Cardamom latte", "Hazelnut iced latte", "Lockside cold brew" })
        {
            var file = Path.GetTempFileName();
            File.WriteAllText(file, Get($"/api{Copies.Path(name)}/recipe.jsonld"));
            var said = JsonNode.Parse(
                Outside.Run("node", Path.Combine(KrasisProcess.Root(), "tests", "reference", "recipe.mjs"), file)
            )!;
            Assert.Equal("[]", said["wrong"]!.ToJsonString());
            Assert.InRange((int)said["recipes"]!, 2, 7);
            File.Delete(file);
        }
    }

    [Fact]
    public async Task The_page_of_a_recipe_is_read_by_people_and_by_programs_and_runs_nothing_of_a_name()
    {
        Open("Cardamom latte");
        Tab.Type("#name", "Quay </script><img src=x onerror=window.bad=1> latte");
        Tab.Save();
        var id = Tab.Path.Split('/')[^1];
        Tab.Open($"/recipes/{id}");
        Tab.Until("Quay </script><img src=x onerror=window.bad=1> latte", () =>
            Tab.TextOf("h1") == "Quay </script><img src=x onerror=window.bad=1> latte"
        );
        Assert.Null(Tab.Script("return window.bad ?? null"));
        Assert.Contains(Tab.All("li"), step =>
            step.Text.StartsWith("Cardamom syrup: 2 strokes", StringComparison.Ordinal)
        );
        var linked = JsonNode.Parse(
            (string)Tab.Script("return document.querySelector('script[type=\"application/ld+json\"]').textContent")!
        )!;
        Assert.Equal(
            "Quay </script><img src=x onerror=window.bad=1> latte, Plover",
            (string?)linked["@graph"]![1]!["name"]
        );

        // Salt is told as sodium, 2.5 to 1 (Regulation (EU) 1169/2011): by the sheet's own number.
        using var http = new HttpClient { BaseAddress = Server.Address };
        using var build = new StringContent(
            JsonNode.Parse(Get($"/api/builds/{id}"))!["document"]!.ToJsonString(),
            System.Text.Encoding.UTF8,
            "application/json"
        );
        using var mix = await http.PostAsync(
            new Uri("/api/mix", UriKind.Relative),
            build,
            TestContext.Current.CancellationToken
        );
        var mixed = await mix.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        var salt = (double)JsonNode.Parse(mixed)!["sizes"]![1]!["inside"]!["nutrition"]!["salt"]!;
        Assert.Equal(
            $"{Math.Round(salt / 2.5 * 1000)} mg",
            (string?)linked["@graph"]![1]!["nutrition"]!["sodiumContent"]
        );
    }

    private string Get(string path)
    {
        using var http = new HttpClient { BaseAddress = Server.Address };
        return http.GetStringAsync(new Uri(path, UriKind.Relative)).GetAwaiter().GetResult();
    }
}
