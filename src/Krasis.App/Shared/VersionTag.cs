using System.Globalization;
using Krasis.Store;

namespace Krasis.App.Shared;

/// <summary>Writes versions as VersionTag.</summary>
public static class VersionTag
{
    /// <summary>The ETag of a version, such as <c>"3"</c>, or <c>"3-1f"</c> in a file that was put in the place of
    /// another.</summary>
    /// <param name="version">The version.</param>
    /// <param name="session">Where it was read.</param>
    public static string Of(long version, Session session) => Of(version, session.PutInPlace);

    /// <summary>The same, where the session is over.</summary>
    /// <param name="version">The version.</param>
    /// <param name="putInPlace">What tells the file from what was in its place before.</param>
    public static string Of(long version, long putInPlace) =>
        putInPlace == 0
            ? $"\"{version.ToString(CultureInfo.InvariantCulture)}\""
            : string.Create(CultureInfo.InvariantCulture, $"\"{version}-{putInPlace:x}\"");
}
