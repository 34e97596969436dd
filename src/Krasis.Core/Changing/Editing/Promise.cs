using Krasis.Core.Bar.Cups;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Editing;

/// <summary>Says what a change comes to, in every size that it changes.</summary>
internal static class Promise
{
    /// <summary>What changes, in a sentence.</summary>
    /// <param name="before">The sheet as it is.</param>
    /// <param name="after">The sheet with the change.</param>
    /// <param name="size">The size that the change is meant for; it is told first and not named.</param>
    /// <returns>The sentence; null where nothing changes that anybody would notice, or a size is not there.</returns>
    public static string? Of(BuildSheet before, BuildSheet after, CupId size)
    {
        if (
            before.Sizes.FirstOrDefault(each => each.Size == size) is not { } was
            || after.Sizes.FirstOrDefault(each => each.Size == size) is not { } now
        )
        {
            return null;
        }

        List<string> says = [.. Changes(was, now)];
        foreach (var other in after.Sizes.Where(each => each.Size != size))
        {
            if (
                before.Sizes.FirstOrDefault(each => each.Size == other.Size) is { } known
                && Changes(known, other).ToList() is { Count: > 0 } too
            )
            {
                says.Add($"in {other.Name} {Say.List(too)}");
            }
        }

        return says.Count == 0 ? null : $"Then {string.Join("; ", First(says))}.";

        // Those of its own size are one list, and those of each other size a clause.
        IEnumerable<string> First(List<string> all)
        {
            var own = all.TakeWhile(each => !each.StartsWith("in ", StringComparison.Ordinal)).ToList();
            return own.Count == 0 ? all : all.Skip(own.Count).Prepend(Say.List(own));
        }
    }

    private static IEnumerable<string> Changes(SizeSheet was, SizeSheet now)
    {
        var room = Math.Round(now.Fill.RoomLeft.Value);
        if (room != Math.Round(was.Fill.RoomLeft.Value))
        {
            yield return room < 0 ? $"{Say.Whole(-room)} ml too much" : $"{Say.Whole(room)} ml of room";
        }

        var drifts = now.IsReference
            ?
            [
                Against(was.Taste.Poured.Strength?.Value, now.Taste.Poured.Strength?.Value, "stronger", "weaker"),
                Against(was.Taste.Poured.Sweetness?.Value, now.Taste.Poured.Sweetness?.Value, "sweeter", "less sweet"),
            ]
            : new[]
            {
                Drifted("strength", was.Taste.Drift.Strength, now.Taste.Drift.Strength),
                Drifted("sweetness", was.Taste.Drift.Sweetness, now.Taste.Drift.Sweetness),
            };
        foreach (var drift in drifts.OfType<string>())
        {
            yield return drift;
        }

        if (Math.Abs(now.Fill.IceMass.Value - was.Fill.IceMass.Value) >= 1)
        {
            yield return $"{Say.Whole(now.Fill.IceMass.Value)} g of ice";
        }
    }

    // The reference has nothing to be like but itself as it was.
    private static string? Against(double? before, double? after, string more, string less) =>
        Drift.Of(before, after) is { } by && Math.Abs(by.Value) >= Drift.Noticeable
            ? $"{Say.Whole(Math.Abs(by.Value))} % {(by.Value > 0 ? more : less)} than now"
            : null;

    private static string? Drifted(string what, Percent? before, Percent? after)
    {
        if (after is not { } known || (before is { } was && Math.Abs(known.Value - was.Value) < Drift.Noticeable))
        {
            return null;
        }

        return Math.Abs(known.Value) < Drift.Noticeable
            ? $"{what} as the reference"
            : $"{what} {(known.Value > 0 ? "+" : "−")}{Say.Whole(Math.Abs(known.Value))} %";
    }
}
