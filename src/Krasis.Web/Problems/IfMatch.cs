using System.Globalization;
using Krasis.Store;
using Microsoft.Net.Http.Headers;

namespace Krasis.Web.Problems;

/// <summary>The version that a request says it changes.</summary>
/// <param name="tag">The ETag as it was sent; null where it is none that Krasis gives.</param>
public sealed class IfMatch(string? tag)
{
    // No version is counted so.
    private const long Never = -1;

    /// <summary>What a request says; null when it says nothing.</summary>
    public static IfMatch? Of(HttpRequest request)
    {
        var tags = request.GetTypedHeaders().IfMatch;
        return tags is not { Count: > 0 }
            ? request.Headers.ContainsKey(HeaderNames.IfMatch)
                ? new IfMatch(null)
                : null
            : new IfMatch(tags.Count == 1 && !tags[0].IsWeak ? tags[0].Tag.Value : null);
    }

    /// <summary>The version, which is none that there ever is where the ETag is of a file that was here before this
    /// one.</summary>
    public long In(Session session)
    {
        var said = tag?.Trim('"').Split('-')[0];
        return
            long.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out var version)
            && tag == ETags.Of(version, session)
            ? version
            : Never;
    }
}
