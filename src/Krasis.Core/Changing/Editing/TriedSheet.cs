using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Editing;

/// <summary>Works a build out as <see cref="Mixer"/> does, and tries every mend before it is offered.</summary>
public static class TriedSheet
{
    /// <summary>The sheet of a build. A mend is in it only if it was applied, the build worked out again, the finding
    /// was gone, and nothing as grave had come in its place; what its size then comes to is its promise.</summary>
    /// <param name="document">The build as it was entered.</param>
    /// <param name="build">The same, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="today">The day on which it is judged; null when dates are not.</param>
    public static BuildSheet Mix(BuildDocument document, Build build, BarFacts bar, DateOnly? today = null)
    {
        var sheet = Mixer.Mix(build, bar, today);
        return sheet with
        {
            Findings =
            [
                .. sheet.Findings.Select(finding =>
                    finding.Mend is { } mend ? finding with { Mend = Tried(mend, finding) } : finding
                ),
            ],
        };

        Mend? Tried(Mend mend, Finding of)
        {
            var read = BuildReader.Read(BuildEdits.Apply(document, mend, bar), bar, nameless: true);
            if (!read.IsRead)
            {
                return null;
            }

            var after = Mixer.Mix(read.Value, bar, today);
            return Keeps(sheet, after, of) ? mend with { Promise = Promise(sheet, after, of) } : null;
        }
    }

    private static bool Keeps(BuildSheet before, BuildSheet after, Finding of) =>
        !after.Findings.Any(found => IsOf(found, of))
        && after.Findings.All(found =>
            found.Severity > of.Severity
            || before.Findings.Any(known => IsOf(known, found) && known.Severity <= found.Severity)
        );

    private static bool IsOf(Finding one, Finding other) => one.Key == other.Key;

    // What of its size changes, in a few words.
    private static string? Promise(BuildSheet before, BuildSheet after, Finding of)
    {
        if (
            after.Sizes.FirstOrDefault(size => size.Size == of.Size) is not { } now
            || before.Sizes.FirstOrDefault(size => size.Size == of.Size) is not { } was
        )
        {
            return null;
        }

        List<string> says = [];
        var room = Math.Round(now.Fill.RoomLeft.Value);
        if (room != Math.Round(was.Fill.RoomLeft.Value))
        {
            says.Add(room < 0 ? $"{Say.Whole(-room)} ml too much" : $"{Say.Whole(room)} ml of room");
        }

        Drifts("strength", was.Taste.Drift.Strength, now.Taste.Drift.Strength);
        Drifts("sweetness", was.Taste.Drift.Sweetness, now.Taste.Drift.Sweetness);
        return says.Count == 0 ? null : $"Then {Say.List(says)}.";

        void Drifts(string what, Percent? before, Percent? after)
        {
            if (
                after is { } known
                && !now.IsReference
                && (before is not { } known0 || Math.Abs(known.Value - known0.Value) >= Drift.Noticeable)
            )
            {
                says.Add(
                    Math.Abs(known.Value) < Drift.Noticeable
                        ? $"{what} as the reference"
                        : $"{what} {(known.Value > 0 ? "+" : "−")}{Say.Whole(Math.Abs(known.Value))} %"
                );
            }
        }
    }
}
