using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>A build at one moment of its life: <c>ID@now</c>, <c>ID@v3</c> for its third save, <c>ID@s1</c> for its
/// first standard.</summary>
/// <param name="Document">The build as it was.</param>
/// <param name="Sheet">The build, a standard as it was recorded when it was published, anything else
/// worked out with today's facts.</param>
public sealed record BuildPlace(BuildDocument Document, BuildSheet Sheet)
{
    /// <summary>Finds a build at a moment.</summary>
    /// <returns>It; null when there is none, or when today's bar can no longer pour it.</returns>
    public static BuildPlace? Find(Session session, string text)
    {
        var at = text.LastIndexOf('@');
        var (id, place) = at < 0 ? (text, "now") : (text[..at], text[(at + 1)..]);
        if (place == "now")
        {
            return session.Builds.Find(id) is { } build ? Work(build.Document, session.Bar.Facts()) : null;
        }

        if (
            place.Length < 2
            || !long.TryParse(place.AsSpan(1), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
        )
        {
            return null;
        }

        return place[0] switch
        {
            'v' => session.Builds.RevisionAt(id, number) is { } revision
                ? Work(revision.Document, session.Bar.Facts())
                : null,
            's' => session.Standards.Find(id, number) is { } standard
                ? new BuildPlace(standard.Document, standard.Frozen.Sheet)
                : null,
            _ => null,
        };
    }

    private static BuildPlace? Work(BuildDocument document, BarFacts bar) =>
        BuildReader.Read(document, bar, nameless: true) is { IsRead: true } build
            ? new BuildPlace(document, Mixer.Mix(build.Value, bar))
            : null;
}
