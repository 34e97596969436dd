using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using Krasis.Core.Input;

namespace Krasis.Exchange.Bundles;

/// <summary>Writes and reads bundles: zip files of JSON documents with a manifest.</summary>
public static class BundleFile
{
    /// <summary>The largest bundle that is read, in bytes.</summary>
    public const long LargestFile = 50_000_000;

    /// <summary>How large everything in it may be once it is unpacked, in bytes.</summary>
    public const long LargestContent = 150_000_000;

    /// <summary>How large the manifest may be once it is unpacked, in bytes: a line for each document.</summary>
    public const long LargestManifest = 5_000_000;

    private const int MostDocuments = 10_000;
    private const string ManifestPath = "manifest.json";

    // A zip cannot say an earlier one; the same documents are the same bytes whenever they are written.
    private static readonly DateTimeOffset Long = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
    };

    private static readonly JsonWriterOptions Layout = new()
    {
        Indented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>Writes a bundle as its documents come: none of them has to be held whole.</summary>
    /// <param name="to">Where it is written; nothing is read back from there.</param>
    /// <param name="manifest">What it says of itself; what is in it is filled in.</param>
    /// <param name="documents">Its documents: path, type, and what writes them. The same ones in the same order are the
    /// same bytes.</param>
    public static void Write(
        Stream to,
        BundleManifest manifest,
        IEnumerable<(string Path, string Type, Action<Utf8JsonWriter> Write)> documents
    )
    {
        using var zip = new ZipArchive(to, ZipArchiveMode.Create, leaveOpen: true);
        var listed = documents
            .Select(document => new BundleEntry(document.Path, document.Type, Add(zip, document.Path, document.Write)))
            .ToList();

        // Last, because it says what each of the others comes to.
        var said = manifest with { Documents = listed };
        Add(zip, ManifestPath, json => JsonSerializer.Serialize(json, said, Json));
    }

    /// <summary>A bundle as bytes.</summary>
    /// <inheritdoc cref="Write(Stream, BundleManifest, IEnumerable{ValueTuple{string, string, Action{Utf8JsonWriter}}})"/>
    public static byte[] Write(
        BundleManifest manifest,
        IEnumerable<(string Path, string Type, Action<Utf8JsonWriter> Write)> documents
    )
    {
        using var stream = new MemoryStream();
        Write(stream, manifest, documents);
        return stream.ToArray();
    }

    /// <summary>Reads a bundle from memory, with the limit of a single bundle.</summary>
    /// <inheritdoc cref="Read(Stream, UnpackingBudget)"/>
    /// <param name="bytes">The file.</param>
    public static Reading<Bundle> Read(byte[] bytes) =>
        Read(new MemoryStream(bytes), new UnpackingBudget(LargestContent));

    /// <summary>Reads a bundle, one document after another.</summary>
    /// <param name="file">The file. Its stream can seek, and is left open.</param>
    /// <param name="budget">The limit for all bundles that are being read.</param>
    /// <returns>The bundle, or why it is none, under <c>file</c>.</returns>
    public static Reading<Bundle> Read(Stream file, UnpackingBudget budget)
    {
        if (file.Length > LargestFile)
        {
            return Refuse($"The file is larger than {LargestFile / 1_000_000} MB.");
        }

        using var unpacking = new Unpacking(budget);
        try
        {
            using var zip = new ZipArchive(file, ZipArchiveMode.Read, leaveOpen: true, Encoding.UTF8);
            return Read(zip, unpacking);
        }
        catch (Unpacking.OverBudgetException)
        {
            return Refuse("Krasis is busy reading other files. Try again in a minute.");
        }
        catch (InvalidDataException)
        {
            return Refuse("Krasis cannot open this file. It is damaged, incomplete or not a .krasis file.");
        }
        catch (JsonException e)
        {
            return Refuse($"The file is damaged: part of it is not valid JSON at line {e.LineNumber + 1}.");
        }
        catch (Exception e)
            when (e is NotSupportedException or EndOfStreamException or OverflowException or ArgumentException)
        {
            return Refuse("Krasis cannot open this file. It is not packed like a .krasis file.");
        }
    }

    private static Reading<Bundle> Read(ZipArchive zip, Unpacking unpacking)
    {
        if (zip.Entries.Count > MostDocuments + 1)
        {
            return Refuse($"The file contains more than {MostDocuments} documents.");
        }

        var entries = new Dictionary<string, ZipArchiveEntry>(StringComparer.Ordinal);
        foreach (var entry in zip.Entries)
        {
            if (!IsPlain(entry.FullName) || !entries.TryAdd(entry.FullName, entry))
            {
                return Refuse(
                    $"The file is damaged: '{Problem.Shorten(entry.FullName)}' is not a valid entry or appears twice."
                );
            }
        }

        if (!entries.TryGetValue(ManifestPath, out var first) || unpacking.Read(first, LargestManifest) is not { } head)
        {
            return Refuse("This is not a .krasis file: its manifest is missing.");
        }

        var manifest = ManifestOf(head);
        if (
            manifest
                is not {
                    Format: BundleManifest.Krasis,
                    Scope: BundleManifest.Drinks or BundleManifest.WholeHouse,
                    Documents: not null
                }
            || manifest.House.Length is 0 or > 64
            || manifest.Version < 1
        )
        {
            return Refuse("This is not a .krasis file: Krasis did not write its manifest.");
        }

        if (manifest.Version > BundleManifest.Newest)
        {
            return Refuse(
                $"A newer Krasis wrote this file (format version {manifest.Version}). Update Krasis: this one reads up to version {BundleManifest.Newest}."
            );
        }

        return ReadDocuments(manifest, entries, unpacking);
    }

    private static Reading<Bundle> ReadDocuments(
        BundleManifest manifest,
        Dictionary<string, ZipArchiveEntry> entries,
        Unpacking unpacking
    )
    {
        var documents = new Dictionary<string, JsonElement>(StringComparer.Ordinal);
        foreach (var listed in manifest.Documents)
        {
            if (
                listed?.Path is null
                || !entries.TryGetValue(listed.Path, out var entry)
                || documents.ContainsKey(listed.Path)
            )
            {
                return Refuse(
                    $"The file is damaged: '{Problem.Shorten(listed?.Path ?? "")}' is missing or listed twice."
                );
            }

            if (unpacking.Read(entry, LargestContent) is not { } content)
            {
                return Refuse($"The contents of the file are larger than {LargestContent / 1_000_000} MB.");
            }

            if (Hash(content.Span) != listed.Sha256)
            {
                return Refuse($"'{listed.Path}' has changed since Krasis wrote the file.");
            }

            using var document = JsonDocument.Parse(content);
            documents.Add(listed.Path, document.RootElement.Clone());
        }

        return entries.Count != documents.Count + 1
            ? Refuse(
                $"The file contains an unlisted entry: '{Problem.Shorten(entries.Keys.First(path => path != ManifestPath && !documents.ContainsKey(path)))}'."
            )
            : Reading<Bundle>.Of(new Bundle(manifest, documents));
    }

    private static BundleManifest? ManifestOf(ReadOnlyMemory<byte> head)
    {
        using var document = JsonDocument.Parse(head);
        try
        {
            return document.Deserialize<BundleManifest>(Json);
        }
        catch (JsonException)
        {
            // It is JSON, and says something else.
            return null;
        }
    }

    private static bool IsPlain(string path) =>
        path.Length is > 0 and <= 200
        && path.Split('/')
            .All(step =>
                step.Length > 0
                && step is not ("." or "..")
                && step.All(letter => char.IsAsciiLetterOrDigit(letter) || letter is '-' or '_' or '.')
            );

    // The hash of what was written.
    private static string Add(ZipArchive zip, string path, Action<Utf8JsonWriter> write)
    {
        var entry = zip.CreateEntry(path, CompressionLevel.Optimal);
        entry.LastWriteTime = Long;
        using var sha = SHA256.Create();
        using (var stream = entry.Open())
        using (var hashing = new CryptoStream(stream, sha, CryptoStreamMode.Write, leaveOpen: true))
        {
            using (var json = new Utf8JsonWriter(hashing, Layout))
            {
                write(json);
            }

            hashing.WriteByte((byte)'\n');
        }

        return Convert.ToHexStringLower(sha.Hash!);
    }

    private static string Hash(ReadOnlySpan<byte> bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes));

    private static Reading<Bundle> Refuse(string why) =>
        Problem.At("file", null, why, "an unchanged .krasis file exported from Krasis");
}
