using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Krasis.Browser.Tests;
using OpenQA.Selenium;

namespace Krasis.BrowserBenchmark;

/// <summary>How long a changed cell takes until every cup and the whole band are on screen. The build is the demo's
/// longest one, poured into six cups.</summary>
internal static class ChangedCell
{
    private const int WarmUp = 10;

    /// <summary>Changes a cell so many times.</summary>
    public static async Task Measure(int changes)
    {
        using var server = new KrasisProcess(demo: true);
        using var tab = new Tab(server.Address);
        tab.RunFirst(Drawn.Script);
        tab.Open(await SixSizes(server.Address));
        tab.Until("six cups", () => tab.All("th[data-size]").Count == 6 && tab.Has("[data-band=Cost]"));
        tab.Script(
            """
            window.timed = []
            // What the reference's sweetness and the last cup say: both come from the new sheet, and the page shows a
            // sheet as a whole.
            const seen = () => [
              document.querySelector('[data-band=Sweetness] td.reference .value')?.textContent,
              [...document.querySelectorAll('[data-size] [role=img]')].at(-1)?.getAttribute('aria-label'),
            ]
            document.addEventListener('keydown', event => {
              if (event.key !== 'Enter') return
              const [before, from] = [seen(), event.timeStamp]
              const observer = new MutationObserver(() => {
                if (seen().every((now, i) => now !== before[i])) {
                  observer.disconnect()
                  drawn(end => {
                    window.timed.push(performance.measure('changed cell', { start: from, end }).duration)
                    window.told?.()
                  })
                }
              })
              observer.observe(document.querySelector('table'), { subtree: true, childList: true, characterData: true, attributes: true })
            }, true)
            """
        );
        var reference = tab.Find(".set input").GetAttribute("data-cell")!;
        for (var i = 0; i < WarmUp + changes; i++)
        {
            tab.Type($"input[data-cell='{reference}']", i % 2 == 0 ? "5" : "2", Keys.Enter);

            // Waited for in the page: asking again and again would take the time of what is measured.
            tab.ScriptAsync(
                $"const done = arguments[arguments.length - 1]; window.timed.length > {i} ? done() : window.told = done;"
            );
        }

        var times = ((IEnumerable<object>)tab.Script("return window.timed")!)
            .Select(time => Convert.ToDouble(time, CultureInfo.InvariantCulture))
            .Skip(WarmUp)
            .Order()
            .ToList();
        Console.WriteLine(
            $"A changed cell, {tab.All("[data-test=line]").Count} lines × 6 sizes, {times.Count} changes: median {times.At(0.5):0} ms, 95th percentile {times.At(0.95):0} ms, longest {times[^1]:0} ms."
        );
    }

    // The demo's longest build, in the six largest cups, each of which it fits.
    private static async Task<string> SixSizes(Uri address)
    {
        using var http = new HttpClient { BaseAddress = address };
        var builds = (await http.GetFromJsonAsync<JsonArray>("/api/builds"))!;
        var longest = builds.MaxBy(build => build!["holds"]!.AsArray().Count)!;
        var document = (await http.GetFromJsonAsync<JsonNode>($"/api/builds/{longest["id"]}"))!["document"]!;
        var cups = (await http.GetFromJsonAsync<JsonNode>("/api/bar"))!["cups"]!
            .AsArray()
            .OrderBy(cup => (double)cup!["measured"]!["brimCapacity"]!)
            .Select(cup => (string)cup!["id"]!)
            .TakeLast(6)
            .ToList();
        document["name"] = "Measured in six sizes";
        document["sizes"] = new JsonArray([.. cups.Select(cup => (JsonNode)cup)]);
        document["referenceSize"] = cups.Contains((string)document["referenceSize"]!)
            ? (string)document["referenceSize"]!
            : cups[2];
        document["prices"] = new JsonArray();
        document["parent"] = null;
        foreach (var line in document["lines"]!.AsArray())
        {
            line!["pins"] = new JsonArray();
        }

        using var kept = await http.PostAsJsonAsync("/api/builds", document);
        kept.EnsureSuccessStatusCode();
        return $"/builds/{(await kept.Content.ReadFromJsonAsync<JsonNode>())!["id"]}";
    }
}
