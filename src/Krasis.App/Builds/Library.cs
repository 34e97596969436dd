using System.Collections.Concurrent;
using System.Globalization;
using System.Security.Cryptography;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Changing.Seeking;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;

namespace Krasis.App.Builds;

/// <summary>All builds worked out as a list shows them. Each is worked out once for its version, the bar's and the
/// day.</summary>
/// <param name="file">The data file.</param>
public sealed class Library(KrasisFile file)
{
    private readonly ConcurrentDictionary<
        (long Bar, DateOnly Day, string Id, long Version, long Standard),
        Entry
    > entries = [];
    private readonly ConcurrentDictionary<(string Id, long Version), StoredBuild> documents = [];
    private volatile Shelf? last;

    // Counts of changes are the same in another file, or in a copy that was put in its place: a browser that has listed
    // one must not take the other for it.
    private string house = NewHouse();

    /// <summary>Forgets everything: another house's builds have replaced these.</summary>
    public void Forget()
    {
        entries.Clear();
        documents.Clear();
        last = null;
        house = NewHouse();
    }

    /// <summary>The builds by name. A document is read again only when it has been changed.</summary>
    public IReadOnlyList<StoredBuild> Documents(Session session)
    {
        var heads = session.Builds.Heads();
        foreach (var old in documents.Keys.Except(heads.Select(head => (head.Id, head.Version))).ToList())
        {
            documents.TryRemove(old, out _);
        }

        return
        [
            .. heads.Select(head => documents.GetOrAdd((head.Id, head.Version), _ => session.Builds.Find(head.Id)!)),
        ];
    }

    /// <summary>The newest standard of each build that is one, whether it is in season or not.</summary>
    public IReadOnlyList<StoredStandard> Standards(Session session)
    {
        var poured = Documents(session)
            .Where(build => build.State == BuildState.Standard)
            .Select(build => build.Id)
            .ToHashSet();
        return [.. session.Standards.Newest().Where(standard => poured.Contains(standard.BuildId))];
    }

    /// <summary>The builds by name on a day.</summary>
    public Shelf On(DateOnly day) =>
        file.Read(session =>
        {
            var tag = TagOf(session, day);
            if (last is { } shelf && shelf.Tag == tag)
            {
                return shelf;
            }

            var (bar, facts, putInPlace) = (session.Bar.Revision, session.Bar.Facts(), session.PutInPlace);
            var all = Documents(session);
            var standards = session.Standards.Numbers();
            var keys = all.Select(build => (bar, day, build.Id, build.Version, standards.GetValueOrDefault(build.Id)))
                .ToList();

            // Standards are read one after another, and all is worked out on every core.
            var missing = keys.Zip(all, (key, build) => (Key: key, Build: build))
                .Where(one => !entries.ContainsKey(one.Key))
                .Select(one =>
                    (
                        one.Key,
                        one.Build,
                        Standard: one.Key.Item5 > 0 ? session.Standards.Find(one.Build.Id, one.Key.Item5) : null
                    )
                )
                .ToList();
            foreach (
                var (key, entry) in Recompute.Each(missing, one =>
                    (
                        one.Key,
                        Entry.Of(
                            one.Build,
                            VersionTag.Of(one.Build.Version, putInPlace),
                            one.Standard is { } standard
                                ? new StandardPlace(standard.Number, standard.HasChangedIn(one.Build))
                                : null,
                            facts,
                            day
                        )
                    )
                )
            )
            {
                entries[key] = entry;
            }

            foreach (var old in entries.Keys.Except(keys).ToList())
            {
                entries.TryRemove(old, out _);
            }

            var versions = all.ToDictionary(build => build.Id, build => build.SavedVersion);
            return last = new Shelf(
                tag,
                [.. keys.Select(key => entries[key].With(versions))],
                keys.Where(key => entries[key].Figures is not null)
                    .ToDictionary(key => key.Id, key => entries[key].Figures!)
            );
        });

    /// <summary>What a view of the file is known by on a day: the same as long as nothing has changed that a build
    /// rests on, and as this program runs.</summary>
    public string TagOf(Session session, DateOnly day) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"\"{house}-{session.Bar.Revision}-{session.BuildsRevision}-{day.DayNumber}\""
        );

    private static string NewHouse() => RandomNumberGenerator.GetHexString(8, lowercase: true);

    /// <summary>The list of builds as it is on one day.</summary>
    /// <param name="Tag">The ETag of it all.</param>
    /// <param name="Builds">The builds, each with what it can be looked for by.</param>
    /// <param name="Figures">What each comes to that can be read, by its id.</param>
    public sealed record Shelf(
        string Tag,
        IReadOnlyList<(BuildSummary Row, SoughtFacts Sought)> Builds,
        IReadOnlyDictionary<string, SheetFigures> Figures
    );

    private sealed record Entry(BuildSummary Row, SoughtFacts Sought, SheetFigures? Figures, double? ParentVersion)
    {
        public static Entry Of(StoredBuild build, string etag, StandardPlace? standard, BarFacts bar, DateOnly day)
        {
            var reading = BuildReader.Read(build.Document, bar);
            var sheet = reading.IsRead ? Mixer.Mix(reading.Value, bar, day) : null;
            var open = (sheet?.Findings ?? [])
                .Where(finding => finding.Waived is null)
                .ToLookup(finding => finding.Severity);
            var board = reading.IsRead && reading.Value.Season is { } season ? BoardDay.Next(season, day) : null;
            var row = new BuildSummary(
                build.Id,
                etag,
                build.UpdatedAt,
                build.Document.Name ?? "",
                build.State,
                standard,
                build.Document.Tags,
                board,
                build.Document.Parent?.Build,
                false,
                [.. (sheet?.Sizes ?? []).Select(size => size.Name)],
                [.. (sheet?.Sizes[0].Lines ?? []).Select(line => line.IngredientName)],
                open[Severity.Fault].Count(),
                open[Severity.Warning].Count(),
                (sheet?.Sizes ?? []).Count(size => size.Taste.Drift.IsStrengthFar || size.Taste.Drift.IsSweetnessFar),
                sheet is null ? null : RowCup.Of(sheet.Sizes.First(size => size.IsReference)),
                reading.IsRead ? null : reading.Problems[0].Message
            );
            string[] also =
            [
                BuildLife.Say(build.State),
                .. board is null ? Array.Empty<string>() : ["seasonal", board.IsOn ? "on the board" : "off the board"],
            ];
            return new Entry(
                row,
                SoughtFacts.Of(build.Document, sheet, also),
                sheet is null ? null : SheetFigures.Of(sheet),
                build.Document.Parent?.Version
            );
        }

        // What other builds decide.
        public (BuildSummary Row, SoughtFacts Sought) With(Dictionary<string, long> versions) =>
            (
                Row with
                {
                    HasNewerParent =
                        Row.Parent is { } parent
                        && versions.TryGetValue(parent, out var version)
                        && version > ParentVersion,
                },
                Sought
            );
    }
}
