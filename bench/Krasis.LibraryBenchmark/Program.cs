using System.Globalization;
using System.Text.Json.Nodes;
using Krasis.Browser.Tests;
using Krasis.LibraryBenchmark;

// Measures over HTTP what a lead with many builds waits for: bench/library [how many builds]. Times are medians; beside
// them stands how long a server takes on the same machine that sends the same bytes from memory.
var wanted = args.Length > 0 ? int.Parse(args[0], CultureInfo.InvariantCulture) : 2000;
using var server = new KrasisProcess(demo: true);
using var krasis = new Client(server.Address);
var documents = await ManyBuilds.Fill(krasis, wanted);
var mixed = documents.MaxBy(document => document.Length)!;
var bar = Parse(await krasis.Ask(HttpMethod.Get, "/api/bar"));
var pump = bar["dispensers"]!.AsArray().First(one => (string?)one!["id"] == "pump-cardamom")!["document"]!.DeepClone();
pump["strokeMl"] = 8.2;
var house = bar["house"]!["document"]!.DeepClone();
house["strengthDriftPercent"] = 12;

var first = await Once(() => krasis.Ask(HttpMethod.Get, "/api/builds", encoding: "br"));
var list = await krasis.Ask(HttpMethod.Get, "/api/builds", encoding: "br");
var sheet = await krasis.Ask(HttpMethod.Post, "/api/mix", mixed);
await using var bare = await BareServer.Start(new Dictionary<string, byte[]> { ["/list"] = list, ["/mix"] = sheet });
using var constant = new Client(bare.Address);

Say($"{wanted} builds: the list is {list.Length / 1000.0:0} kB (br); the first takes {first:0} ms");
await Beside(
    "the list",
    client => client.Ask(HttpMethod.Get, "/api/builds", encoding: "br"),
    client => client.Ask(HttpMethod.Get, "/list"),
    30
);
Say(
    $"a search ('without nuts'): {await krasis.Median(30, client => client.Ask(HttpMethod.Get, "/api/builds/search?text=without+nuts")):0.0} ms"
);
foreach (var (path, body) in new[] { ("dispensers/try?id=pump-cardamom", pump), ("house/try?id=house", house) })
{
    // A trial that is refused would be quick and say nothing.
    var tried = Parse(await krasis.Ask(HttpMethod.Post, $"/api/bar/{path}", body.ToJsonString()));
    Say(
        $"the trial {path} moves {tried["effect"]?["moved"]?.AsArray().Count ?? throw new InvalidOperationException(tried.ToJsonString())} builds"
    );
}

Say(
    $"the trial of a pump: {await krasis.Median(7, client => client.Ask(HttpMethod.Post, "/api/bar/dispensers/try?id=pump-cardamom", pump.ToJsonString())):0} ms"
);
Say(
    $"the trial of house rules: {await krasis.Median(7, client => client.Ask(HttpMethod.Post, "/api/bar/house/try?id=house", house.ToJsonString())):0} ms"
);
var other = 0;
var (again, anew, there) = (
    await krasis.Throughput(8, TimeSpan.FromSeconds(5), client => client.Ask(HttpMethod.Post, "/api/mix", mixed)),
    await krasis.Throughput(8, TimeSpan.FromSeconds(5), client =>
        client.Ask(
            HttpMethod.Post,
            "/api/mix",
            mixed.Replace(
                "\"reserveMm\":",
                $"\"reserveMm\":0.{Interlocked.Increment(ref other):000000}",
                StringComparison.Ordinal
            )
        )
    ),
    await constant.Throughput(8, TimeSpan.FromSeconds(5), client => client.Ask(HttpMethod.Post, "/mix", mixed))
);
Say(
    $"mixing the longest build, 8 at once: {again:0} a second, and {anew:0} that were never asked for before; the same {sheet.Length / 1000.0:0} kB from memory: {there:0} a second; {again / there * 100:0} % and {anew / there * 100:0} %"
);
await krasis.Ask(HttpMethod.Put, "/api/bar/house/house", house.ToJsonString(), (string)bar["house"]!["etag"]!);
Say(
    $"the first list after the house has changed: {await Once(() => krasis.Ask(HttpMethod.Get, "/api/builds", encoding: "br")):0} ms"
);
Say($"memory of the program: {server.MemoryMegabytes:0} MB");
var makes = Makes.Fill(server.DataFile, 100_000);
Say(
    $"what was poured, of {makes} makes: {await krasis.Median(7, client => client.Ask(HttpMethod.Get, "/api/poured?days=90")):0} ms"
);

static void Say(string text) => Console.WriteLine(text);

static JsonNode Parse(byte[] json) => JsonNode.Parse(json)!;

static async Task<double> Once(Func<Task> ask)
{
    var began = System.Diagnostics.Stopwatch.GetTimestamp();
    await ask();
    return System.Diagnostics.Stopwatch.GetElapsedTime(began).TotalMilliseconds;
}

async Task Beside(string what, Func<Client, Task> ask, Func<Client, Task> askBare, int times)
{
    var (here, there) = (await krasis.Median(times, ask), await constant.Median(times, askBare));
    Say($"{what}: {here:0.0} ms; the same bytes from memory: {there:0.0} ms");
}
