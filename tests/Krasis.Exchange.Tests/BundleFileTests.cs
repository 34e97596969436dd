using System.Diagnostics;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Krasis.Exchange.Bundles;

namespace Krasis.Exchange.Tests;

/// <summary>Bundles as they are written and taken apart.</summary>
public class BundleFileTests
{
    private static readonly BundleManifest Manifest = new(
        BundleManifest.Krasis,
        BundleManifest.Newest,
        BundleManifest.Drinks,
        new string('a', 32),
        new DateTimeOffset(2026, 11, 25, 9, 0, 0, TimeSpan.Zero),
        0,
        []
    );

    private static byte[] Two =>
        BundleFile.Write(Manifest, [("drinks/b.json", "build", Json(2)), ("drinks/a.json", "build", Json(1))]);

    [Fact]
    public void What_is_written_is_read_again_and_told_in_the_order_of_its_paths()
    {
        var bundle = BundleFile.Read(Two).Value;
        Assert.Equal(Manifest with { Documents = bundle.Manifest.Documents }, bundle.Manifest);
        Assert.Equal(["drinks/b.json", "drinks/a.json"], bundle.Manifest.Documents.Select(entry => entry.Path));
        Assert.Equal([1, 2], bundle.Of("build").Select(document => document.GetProperty("n").GetInt32()));
        Assert.Empty(bundle.Of("bar"));
    }

    [Fact]
    public void The_same_documents_are_the_same_bytes() => Assert.Equal(Two, Two);

    // FIPS 180-4, so that others can check a bundle with their own tools: here with that of GNU coreutils.
    [Fact]
    public void The_hash_is_SHA_256_in_small_digits()
    {
        using var zip = new ZipArchive(new MemoryStream(Two));
        using var head = JsonDocument.Parse(zip.GetEntry("manifest.json")!.Open());
        var path = Path.GetTempFileName();
        foreach (var listed in head.RootElement.GetProperty("documents").EnumerateArray())
        {
            zip.GetEntry(listed.GetProperty("path").GetString()!)!.ExtractToFile(path, overwrite: true);
            using var tool = Process.Start(new ProcessStartInfo("sha256sum", path) { RedirectStandardOutput = true })!;
            Assert.Equal(tool.StandardOutput.ReadToEnd().Split(' ')[0], listed.GetProperty("sha256").GetString());
        }

        File.Delete(path);
    }

    public static TheoryData<string, string> Spoiled =>
        new()
        {
            { "no zip", "Krasis cannot open this file. It is damaged, incomplete or not a .krasis file." },
            { "no manifest", "This is not a .krasis file: its manifest is missing." },
            { "other format", "This is not a .krasis file: Krasis did not write its manifest." },
            { "other scope", "This is not a .krasis file: Krasis did not write its manifest." },
            { "no house", "This is not a .krasis file: Krasis did not write its manifest." },
            { "long house", "This is not a .krasis file: Krasis did not write its manifest." },
            { "manifest says else", "This is not a .krasis file: Krasis did not write its manifest." },
            { "version 0", "This is not a .krasis file: Krasis did not write its manifest." },
            {
                "version 2",
                "A newer Krasis wrote this file (format version 2). Update Krasis: this one reads up to version 1."
            },
            { "changed", "'drinks/a.json' has changed since Krasis wrote the file." },
            { "not listed", "The file contains an unlisted entry: 'more.json'." },
            { "not there", "The file is damaged: 'drinks/a.json' is missing or listed twice." },
            { "listed twice", "The file is damaged: 'drinks/b.json' is missing or listed twice." },
            { "out of place", "The file is damaged: '../a.json' is not a valid entry or appears twice." },
            { "empty step", "The file is damaged: 'a//b.json' is not a valid entry or appears twice." },
            { "space", "The file is damaged: 'a b.json' is not a valid entry or appears twice." },
            { "twice", "The file is damaged: 'more.json' is not a valid entry or appears twice." },
            { "no JSON", "The file is damaged: part of it is not valid JSON at line 2." },
        };

    [Theory]
    [MemberData(nameof(Spoiled))]
    public void A_spoiled_bundle_is_refused_with_what_is_wrong(string how, string says)
    {
        var read = BundleFile.Read(Spoil(how));
        Assert.False(read.IsRead);
        Assert.Equal(("file", says), (read.Problems[0].Field, read.Problems[0].Message));
    }

    [Fact]
    public void More_documents_than_it_may_have_are_refused()
    {
        Assert.True(BundleFile.Read(BundleFile.Write(Manifest, Many(10_000))).IsRead);
        Assert.Equal(
            "The file contains more than 10000 documents.",
            BundleFile.Read(BundleFile.Write(Manifest, Many(10_001))).Problems[0].Message
        );
    }

    // What a zip says of its size is not believed: 151 MB of spaces are a small file.
    [Fact]
    public void A_bundle_that_unpacks_to_too_much_is_refused()
    {
        var spaces = new string(' ', 1_000_000);
        Assert.Equal(
            "The contents of the file are larger than 150 MB.",
            BundleFile
                .Read(BundleFile.Write(Manifest, [("a.json", "build", json =>
                            {
                                json.WriteStartArray();
                                for (var i = 0; i < 151; i++)
                                {
                                    json.WriteStringValue(spaces);
                                }
                                json.WriteEndArray();
                            })]))
                .Problems[0]
                .Message
        );
    }

    [Fact]
    public void A_manifest_of_spaces_is_refused_before_it_is_unpacked_whole()
    {
        using var file = new MemoryStream();
        using (var zip = new ZipArchive(file, ZipArchiveMode.Create, leaveOpen: true))
        using (var entry = zip.CreateEntry("manifest.json", CompressionLevel.Optimal).Open())
        {
            var spaces = new byte[1_000_000];
            Array.Fill(spaces, (byte)' ');
            for (var i = 0; i < 100; i++)
            {
                entry.Write(spaces);
            }
        }

        var before = GC.GetAllocatedBytesForCurrentThread();
        Assert.StartsWith(
            "This is not a .krasis file",
            BundleFile.Read(file, new UnpackingBudget(BundleFile.LargestContent)).Problems[0].Message,
            StringComparison.Ordinal
        );
        Assert.InRange(GC.GetAllocatedBytesForCurrentThread() - before, 0, 30_000_000);
    }

    [Fact]
    public void All_that_are_read_at_once_share_one_room_and_give_it_back()
    {
        var room = new UnpackingBudget(BundleFile.LargestContent);
        Assert.True(room.TryTake(BundleFile.LargestContent - 100));
        Assert.Equal(
            "Krasis is busy reading other files. Try again in a minute.",
            BundleFile.Read(new MemoryStream(Two), room).Problems[0].Message
        );
        room.GiveBack(BundleFile.LargestContent - 100);

        // What was refused has given back what it took, and so does what was read or is damaged.
        Assert.True(BundleFile.Read(new MemoryStream(Two), room).IsRead);
        Assert.False(BundleFile.Read(new MemoryStream(Two[..^30]), room).IsRead);
        Assert.True(room.TryTake(BundleFile.LargestContent));
        Assert.False(room.TryTake(1));
    }

    private static (string, string, Action<Utf8JsonWriter>)[] Many(int number) =>
        [
            .. Enumerable
                .Range(0, number)
                .Select(i => ($"{i}.json", "build", (Action<Utf8JsonWriter>)(json => json.WriteNumberValue(1)))),
        ];

    private static byte[] Spoil(string how) =>
        how switch
        {
            "no zip" => Two[..^40],
            "other format" => Written(Manifest with { Format = "other" }),
            "other scope" => Written(Manifest with { Scope = "other" }),
            "no house" => Written(Manifest with { House = "" }),
            "long house" => Written(Manifest with { House = new string('a', 65) }),
            "version 0" => Written(Manifest with { Version = 0 }),
            "version 2" => Written(Manifest with { Version = 2 }),
            "no JSON" => BundleFile.Write(
                Manifest,
                [("a.json", "build", json => json.WriteRawValue("{\n oh", skipInputValidation: true))]
            ),
            "no manifest" => Edited(zip => zip.GetEntry("manifest.json")!.Delete()),
            "manifest says else" => Edited(zip => Replace(zip, "manifest.json", "{ \"format\": 3 }")),
            "changed" => Edited(zip => Replace(zip, "drinks/a.json", "{\"n\": 3}")),
            "not listed" => Edited(zip => Replace(zip, "more.json", "1")),
            "not there" => Edited(zip => zip.GetEntry("drinks/a.json")!.Delete()),
            "listed twice" => Edited(zip =>
                Replace(
                    zip,
                    "manifest.json",
                    Text(zip, "manifest.json").Replace("drinks/a", "drinks/b", StringComparison.Ordinal)
                )
            ),
            "out of place" => Edited(zip => Replace(zip, "../a.json", "1")),
            "empty step" => Edited(zip => Replace(zip, "a//b.json", "1")),
            "space" => Edited(zip => Replace(zip, "a b.json", "1")),
            _ => Edited(zip =>
            {
                Replace(zip, "more.json", "1");
                using var again = zip.CreateEntry("more.json").Open();
                again.WriteByte((byte)'1');
            }),
        };

    private static byte[] Written(BundleManifest manifest) => BundleFile.Write(manifest, []);

    private static byte[] Edited(Action<ZipArchive> edit)
    {
        using var file = new MemoryStream();
        file.Write(Two);
        using (var zip = new ZipArchive(file, ZipArchiveMode.Update, leaveOpen: true))
        {
            edit(zip);
        }

        return file.ToArray();
    }

    private static string Text(ZipArchive zip, string path)
    {
        using var reader = new StreamReader(zip.GetEntry(path)!.Open());
        return reader.ReadToEnd();
    }

    private static void Replace(ZipArchive zip, string path, string text)
    {
        zip.GetEntry(path)?.Delete();
        using var entry = zip.CreateEntry(path).Open();
        entry.Write(Encoding.UTF8.GetBytes(text));
    }

    private static Action<Utf8JsonWriter> Json(int number) =>
        json =>
        {
            json.WriteStartObject();
            json.WriteNumber("n", number);
            json.WriteEndObject();
        };
}
