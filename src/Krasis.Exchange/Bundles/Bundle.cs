using System.Text.Json;

namespace Krasis.Exchange.Bundles;

/// <summary>A bundle that has been read: every document is there, and as it was written.</summary>
/// <param name="Manifest">What it says of itself.</param>
/// <param name="Documents">Its documents by path.</param>
public sealed record Bundle(BundleManifest Manifest, IReadOnlyDictionary<string, JsonElement> Documents)
{
    /// <summary>The documents of a type, by path.</summary>
    public IEnumerable<JsonElement> Of(string type) =>
        Manifest
            .Documents.Where(entry => entry.Type == type)
            .OrderBy(entry => entry.Path, StringComparer.Ordinal)
            .Select(entry => Documents[entry.Path]);
}
