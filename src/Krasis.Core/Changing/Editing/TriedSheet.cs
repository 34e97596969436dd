using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Standings;

namespace Krasis.Core.Changing.Editing;

/// <summary>Works a build out as <see cref="Mixer"/> does, and tries every mend before it is offered.</summary>
public static class TriedSheet
{
    // A change more is only worth it where it comes nearer by so much of a percent of drift (no source).
    private const double EachChange = 0.5;

    /// <summary>The sheet of a build. A mend is in it only if it was applied, the build worked out again, the finding
    /// was gone, and nothing stood further beyond what the house allows in any size; what changes with it is its
    /// promise. Of several that do, the one that changes the taste least is in it. Where there were some and none does,
    /// it is said what stands against the first.</summary>
    /// <param name="document">The build as it was entered.</param>
    /// <param name="build">The same, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="today">The day on which it is judged; null when dates are not.</param>
    public static BuildSheet Mix(BuildDocument document, Build build, BarFacts bar, DateOnly? today = null)
    {
        var sheet = Mixer.Mix(build, bar, today);
        return sheet.Findings.All(finding => finding.Mend is null)
            ? sheet
            : sheet with
            {
                Findings = new Trial(document, sheet, bar, today).Findings(),
            };
    }

    // The mends of one sheet, tried.
    private sealed class Trial(BuildDocument document, BuildSheet sheet, BarFacts bar, DateOnly? today)
    {
        private readonly Standing standing = Standing.Of(sheet);
        private readonly Nearness nearness = new(bar.House, Measured.Of(sheet.Sizes.First(size => size.IsReference)));

        public IReadOnlyList<Finding> Findings() =>
            [.. sheet.Findings.Select(finding => finding.Mend is { } mend ? Tried(finding, mend) : finding)];

        private Finding Tried(Finding finding, Mend first)
        {
            (Mend Mend, double Off)? best = null;
            string? against = null;
            foreach (var mend in finding.OtherMends.Prepend(first))
            {
                var read = BuildReader.Read(BuildEdits.Apply(document, mend, bar), bar, nameless: true);
                if (!read.IsRead)
                {
                    continue;
                }

                var after = Mixer.Mix(read.Value, bar, today);
                if (Against(finding, after) is { } objection)
                {
                    against ??= objection.Length > 0 ? $"{mend.Label}: then {objection}" : null;
                }
                else if (
                    Off(after) + (EachChange * mend.Edits.Count) is var off
                    && (best is null || off < best.Value.Off)
                )
                {
                    best = (mend with { Promise = Promise.Of(sheet, after, finding.Size) }, off);
                }
            }

            return finding with
            {
                Mend = best?.Mend,
                Otherwise =
                    best is null && against is not null
                        ? string.Join(' ', new[] { finding.Otherwise, against }.OfType<string>())
                        : finding.Otherwise,
            };
        }

        // What stands against a mend: empty where there is no sentence for it, null where nothing does.
        private string? Against(Finding finding, BuildSheet after)
        {
            if (after.Findings.FirstOrDefault(found => found.Key == finding.Key) is { } left)
            {
                return left.Message == finding.Message ? "" : left.Message;
            }

            var worse = Standing.Of(after).WorseThan(standing);
            return worse.Count == 0
                ? null
                : worse.Select(one => one.Said?.Message).FirstOrDefault(said => said is not null) ?? "";
        }

        // Every size is to be like the reference as it was, and the reference like itself.
        private double Off(BuildSheet after) => after.Sizes.Sum(size => nearness.Off(Measured.Of(size)));
    }
}
