using System.Diagnostics.CodeAnalysis;
using Krasis.Exchange.Bundles;
using Microsoft.Extensions.Caching.Memory;

namespace Krasis.App.Files;

/// <summary>Holds the bundles that somebody is looking through, so that a file is sent once.</summary>
public sealed class BundleShelf : IDisposable
{
    private const int MostHeld = 4;

    // As long as somebody may think about which of a stranger's milks is which of one's own.
    private static readonly TimeSpan Held = TimeSpan.FromHours(2);

    private readonly MemoryCache bundles = new(new MemoryCacheOptions { SizeLimit = MostHeld });

    /// <summary>Puts one there.</summary>
    /// <returns>By what it is asked for again.</returns>
    public string Put(Bundle bundle)
    {
        var key = Guid.NewGuid().ToString("N");
        if (bundles.Count >= MostHeld)
        {
            // What has been looked at longest ago makes room.
            bundles.Compact(1.0 / MostHeld);
        }

        bundles.Set(key, bundle, new MemoryCacheEntryOptions { Size = 1, SlidingExpiration = Held });
        return key;
    }

    /// <summary>Finds one.</summary>
    public bool TryFind(string key, [NotNullWhen(true)] out Bundle? bundle) => bundles.TryGetValue(key, out bundle);

    public void Dispose() => bundles.Dispose();
}
