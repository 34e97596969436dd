using System.Globalization;
using Microsoft.Net.Http.Headers;

namespace Krasis.Web.Problems;

/// <summary>Writes versions as ETags and reads them back.</summary>
public static class ETags
{
    /// <summary>The ETag of a version.</summary>
    public static string Of(long version) => $"\"{version.ToString(CultureInfo.InvariantCulture)}\"";

    /// <summary>The version that a request says it changes: null when it says none, and -1, which no version is, when it
    /// names one that Krasis never gave.</summary>
    public static long? Expected(HttpRequest request)
    {
        var tags = request.GetTypedHeaders().IfMatch;
        if (tags is not { Count: > 0 })
        {
            return request.Headers.ContainsKey(HeaderNames.IfMatch) ? -1 : null;
        }

        return tags.Count == 1 && !tags[0].IsWeak && long.TryParse(tags[0].Tag.Value?.Trim('"'), NumberStyles.None, CultureInfo.InvariantCulture, out var version)
            ? version
            : -1;
    }
}
