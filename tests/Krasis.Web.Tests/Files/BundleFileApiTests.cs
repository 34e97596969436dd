using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Files;

/// <summary>Files that are sent as bundles, good and bad.</summary>
public sealed class BundleFileApiTests : BundleApiTests
{
    [Fact]
    public async Task What_is_no_bundle_is_refused_with_a_sentence_and_nothing_is_changed()
    {
        var house = await Bytes(LockHouse, "/api/files/house.krasis");
        var before = Documents(await Bytes(Other, "/api/files/house.krasis"));
        (byte[] File, string Says)[] bad =
        [
            ([], "Krasis cannot open this file."),
            ("PK but not really"u8.ToArray(), "Krasis cannot open this file."),
            (house[..(house.Length / 2)], "Krasis cannot open this file."),
            (Zip(("readme.txt", "hello")), "its manifest is missing"),
            (Zip(("../../etc/passwd", "x"), ("manifest.json", "{}")), "is not a valid entry or appears twice"),
            (Zip(("manifest.json", "{}")), "Krasis did not write its manifest"),
            (Zip(("manifest.json", "{")), "not valid JSON"),
            (
                Changed(house, "manifest.json", text =>
                    text.Replace("\"version\": 1", "\"version\": 2", StringComparison.Ordinal)
                ),
                "A newer Krasis wrote this file"
            ),
            (
                Changed(house, "tables/build.json", text =>
                    text.Replace("Cardamom", "Cardamon", StringComparison.Ordinal)
                ),
                "has changed since Krasis wrote the file"
            ),
            (Bomb(), "larger than"),
        ];
        foreach (var (file, says) in bad)
        {
            var answer = await Post(Other, file);
            Assert.True(answer.Status == 422, $"{says}: {answer.Status} {answer.Text}");
            Assert.Contains(says, answer.Text, StringComparison.Ordinal);
        }

        var after = Documents(await Bytes(Other, "/api/files/house.krasis"));
        Assert.All(before.Where(pair => pair.Key != "manifest.json"), pair =>
            Assert.Equal(pair.Value, after[pair.Key])
        );
    }

    [Fact]
    public async Task Every_document_says_its_schema_and_the_schema_is_there()
    {
        var drink = await Drink(LockHouse, "Cardamom latte");
        foreach (
            var bundle in new[]
            {
                await Bytes(LockHouse, "/api/files/house.krasis"),
                await Bytes(LockHouse, $"/api/files/drinks.krasis?build={drink}"),
            }
        )
        {
            foreach (var (path, text) in Documents(bundle))
            {
                var name = path == "manifest.json" ? "manifest-1" : (string)JsonNode.Parse(text)!["schema"]!;
                var schema = await LockHouse.Get($"/schemas/{name}.json");
                Assert.Equal(
                    (200, "https://json-schema.org/draft/2020-12/schema"),
                    (schema.Status, (string?)schema.Json["$schema"])
                );
            }
        }
    }
}
