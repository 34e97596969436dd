using Krasis.Core.Bar;
using Krasis.Store.Bar;

namespace Krasis.Web.Features.Bar;

/// <summary>Reads the bar that is kept.</summary>
public static class StoredBar
{
    /// <summary>The bar's facts. Every change is read before it is kept, so that what is kept can always be read; if it
    /// cannot, the file was changed by another hand.</summary>
    /// <exception cref="InvalidOperationException">The kept bar cannot be read.</exception>
    public static BarFacts Facts(this BarStore store) => BarReader.Read(store.Whole()).Value;
}
