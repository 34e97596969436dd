using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Krasis.Web.Tests.Architecture;

namespace Krasis.Web.Tests.Files;

/// <summary>A file of every version that was ever written is read for ever, and no file, however spoiled, is answered
/// by anything but a sentence.</summary>
public sealed class OldBundleTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    public static TheoryData<string> Files =>
        [
            .. Directory
                .GetFiles(Folder(), "*.krasis")
                .Select(file => Path.GetFileName(file))
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Files))]
    public async Task What_was_written_once_is_read(string name)
    {
        var sent = await Send(
            await File.ReadAllBytesAsync(Path.Combine(Folder(), name), TestContext.Current.CancellationToken)
        );
        Assert.True(sent.Status == 200, sent.Text);
        var drinks = sent.Json["drinks"]!
            .AsArray()
            .Select(drink => JsonValue.Create((string)drink!["id"]!))
            .ToArray<JsonNode?>();
        Assert.NotEmpty(drinks);
        var look = await server.Post(
            $"/api/files/bundles/{sent.Json["key"]}/look",
            new JsonObject { ["drinks"] = new JsonArray(drinks), ["choices"] = new JsonArray() }
        );
        Assert.True(look.Status == 200, look.Text);
        Assert.All(look.Json["drinks"]!.AsArray(), drink => Assert.Null(drink!["problem"]));
        if ((string?)sent.Json["scope"] == "house")
        {
            var moved = await server.Post($"/api/files/bundles/{sent.Json["key"]}/house", new JsonObject());
            Assert.True(moved.Status == 200, moved.Text);
            Assert.Equal(drinks.Length, (await server.Get("/api/builds")).Json.AsArray().Count);
            Assert.Equal(
                200,
                (await server.Post($"/api/files/taken/{moved.Json["id"]}/undo", new JsonObject())).Status
            );
        }
    }

    [Fact]
    public async Task A_spoiled_file_is_refused_or_read_and_never_half()
    {
        var before = (await server.Get("/api/builds")).Text;
        var random = new Random(20261127);
        foreach (var name in Directory.GetFiles(Folder(), "*.krasis"))
        {
            var whole = await File.ReadAllBytesAsync(name, TestContext.Current.CancellationToken);
            for (var i = 0; i < 150; i++)
            {
                var spoiled = whole.ToArray();
                for (var hits = random.Next(1, 6); hits > 0; hits--)
                {
                    // The end, where a zip lists what is in it, is spoiled as often as all the rest.
                    var at =
                        random.Next(2) == 0
                            ? random.Next(spoiled.Length)
                            : spoiled.Length - 1 - random.Next(Math.Min(400, spoiled.Length));
                    spoiled[at] = (byte)random.Next(256);
                }

                var answer = await Send(i % 10 == 0 ? spoiled[..random.Next(spoiled.Length)] : spoiled);
                Assert.True(answer.Status is 200 or 422, $"{name} {i}: {answer.Status} {answer.Text}");
            }
        }

        Assert.Equal(before, (await server.Get("/api/builds")).Text);
    }

    private static string Folder() => Path.Combine(ReferenceTests.Root(), "tests", "reference", "bundles");

    private async Task<Answer> Send(byte[] file)
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await server.Http.PostAsync(
            new Uri("/api/files/bundles", UriKind.Relative),
            content,
            TestContext.Current.CancellationToken
        );
        return new Answer(
            (int)answer.StatusCode,
            null,
            null,
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
    }
}
