using System.IO.Compression;
using System.Net.Http.Headers;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Files;

/// <summary>What tests of bundles share: the Plover Lock and another bar, each with a server of its own, and ways to take a
/// bundle apart and put it together again.</summary>
public abstract class BundleApiTests : IAsyncLifetime
{
    protected const string Sheets = "tables/standard_sheet.json";

    protected KrasisServer LockHouse { get; } = new();

    protected KrasisServer Other { get; } = new();

    public async ValueTask InitializeAsync()
    {
        await LockHouse.InitializeAsync();
        await Other.InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await LockHouse.DisposeAsync();
        await Other.DisposeAsync();
        GC.SuppressFinalize(this);
    }

    protected static JsonArray Rows(byte[] house, string table) =>
        JsonNode.Parse(Documents(house)[$"tables/{table}.json"])!["rows"]!.AsArray();

    protected static async Task<byte[]> Bytes(KrasisServer server, string path)
    {
        using var answer = await server.Http.GetAsync(
            new Uri(path, UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Equal(200, (int)answer.StatusCode);
        return await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
    }

    protected static async Task<Answer> Post(KrasisServer server, byte[] file)
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/files/bundles") { Content = content };

        // Whoever is told at the head that it is too large need not send it.
        request.Headers.ExpectContinue = file.Length > 50_000_000;
        using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return new Answer(
            (int)answer.StatusCode,
            null,
            null,
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
    }

    protected static async Task<JsonNode> Send(KrasisServer server, byte[] file)
    {
        var answer = await Post(server, file);
        Assert.True(answer.Status == 200, answer.Text);
        return answer.Json;
    }

    protected static async Task<string> Drink(KrasisServer server, string name) =>
        (string)
            (await server.Get("/api/builds")).Json.AsArray().First(build => (string?)build!["name"] == name)!["id"]!;

    protected static IEnumerable<string> Untagged(Answer list) =>
        list
            .Json.AsArray()
            .Select(row =>
            {
                row!["etag"] = null;
                return row.ToJsonString();
            });

    protected static Dictionary<string, string> Documents(byte[] bundle)
    {
        using var zip = new ZipArchive(new MemoryStream(bundle));
        return zip.Entries.ToDictionary(entry => entry.FullName, entry => new StreamReader(entry.Open()).ReadToEnd());
    }

    protected static byte[] Changed(byte[] bundle, string path, Func<string, string> change) =>
        Zip([.. Documents(bundle).Select(pair => (pair.Key, pair.Key == path ? change(pair.Value) : pair.Value))]);

    // As somebody would write it who knows how.
    protected static byte[] Sealed(byte[] bundle, string path, Action<JsonNode> change)
    {
        var document = JsonNode.Parse(Documents(bundle)[path])!;
        change(document);
        var text = document.ToJsonString();
        var resealed = Changed(bundle, path, _ => text);
        return Changed(resealed, "manifest.json", manifest =>
        {
            var read = JsonNode.Parse(manifest)!;
            read["documents"]!.AsArray().Single(one => (string?)one!["path"] == path)!["sha256"] =
                Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)));
            return read.ToJsonString();
        });
    }

    protected static byte[] Zip(params (string Path, string Text)[] entries)
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (path, text) in entries)
            {
                using var entry = zip.CreateEntry(path).Open();
                entry.Write(Encoding.UTF8.GetBytes(text));
            }
        }

        return stream.ToArray();
    }

    // 300 MB of zeros, listed as a document.
    protected static byte[] Bomb()
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            using (var entry = zip.CreateEntry("manifest.json").Open())
            {
                entry.Write(
                    """{"format":"krasis","version":1,"scope":"drinks","house":"x","writtenAt":"2026-11-27T00:00:00Z","tables":0,"documents":[{"path":"a.json","type":"build","sha256":""}]}"""u8
                );
            }

            using var large = zip.CreateEntry("a.json").Open();
            var zeros = new byte[1_000_000];
            for (var i = 0; i < 300; i++)
            {
                large.Write(zeros);
            }
        }

        return stream.ToArray();
    }
}
