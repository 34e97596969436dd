using System.Globalization;
using Krasis.Store;

namespace Krasis.App.Shared;

/// <summary>Which versions of something a change accepts as the one it is made on.</summary>
/// <param name="Tags">The versions, as <see cref="VersionTag"/> writes them; null where any version is accepted.</param>
public sealed record ExpectedVersion(IReadOnlyList<string>? Tags)
{
    // No version is counted like this.
    private const long Never = -1;

    /// <summary>Any version will do, as long as there is one.</summary>
    public static ExpectedVersion Any { get; } = new((IReadOnlyList<string>?)null);

    /// <summary>The version that is kept now where it is accepted; otherwise a number that is no version.</summary>
    /// <param name="session">The file, which tells its versions from those of a file that was in its place before.</param>
    /// <param name="current">The version that is kept now; null where there is nothing.</param>
    public long In(Session session, long? current) =>
        current is { } version && (Tags is null || Tags.Contains(VersionTag.Of(version, session))) ? version : Never;

    /// <summary>The one version that is accepted, where what is kept now does not have to be looked up; a number that is
    /// no version where there are several, or where the tag is not one of this file.</summary>
    public long In(Session session) =>
        Tags is [var tag]
        && long.TryParse(tag.Trim('"').Split('-')[0], NumberStyles.None, CultureInfo.InvariantCulture, out var version)
        && tag == VersionTag.Of(version, session)
            ? version
            : Never;
}
