namespace Krasis.Core.Making.Ordering;

/// <summary>Looks for the best list of an order's steps.</summary>
/// <remarks>It begins with one drink after another, in every order of the drinks; of the best of these, up to three
/// steps that follow each other are moved elsewhere for as long as that is better. Where no such move is better, a few steps
/// are put elsewhere at random, always the same ones, and it goes on from there.</remarks>
internal static class OrderSearch
{
    // So many of the first lists are worked on, and up to so many steps are moved at once.
    private const int Worked = 6;
    private const int WorkedInHaste = 3;
    private const int MovedAtOnce = 3;

    // So often it goes on from a few steps put elsewhere, and of so many of them, with few steps and with many.
    private const int FewSteps = 16;
    private const int KicksOfFew = 40;
    private const int KicksOfMany = 6;
    private const int Kicked = 3;

    /// <summary>The best times that it finds.</summary>
    /// <param name="work">The order.</param>
    /// <param name="sequences">The orders of the drinks to begin with.</param>
    /// <param name="isThorough">Whether as much is tried as for the order itself; else only the first few lists are,
    /// which takes less time and finds nothing better.</param>
    public static OrderTimes Best(OrderWork work, IReadOnlyList<int[]> sequences, bool isThorough = true)
    {
        var begun = sequences
            .Select(sequence => work.OneAfterAnother(sequence))
            .Select(list => (List: list, Times: OrderTimes.Of(work, list)))
            .Where(each => each.Times is not null)
            .Select(each => (each.List, Times: each.Times!))
            .ToList();
        begun.Sort(
            (one, other) =>
                one.Times.IsBetterThan(other.Times) ? -1
                : other.Times.IsBetterThan(one.Times) ? 1
                : 0
        );
        (List<int> List, OrderTimes Times)? best = null;
        foreach (var start in begun.Take(isThorough ? Worked : WorkedInHaste))
        {
            Keep(Improve(work, start));
        }

        var drawn = (uint)work.Steps.Count;
        var kicks =
            !isThorough ? 0
            : work.Steps.Count <= FewSteps ? KicksOfFew
            : KicksOfMany;
        for (var kick = 0; kick < kicks; kick++)
        {
            if (Kick(work, best!.Value.List, ref drawn) is { } start)
            {
                Keep(Improve(work, start));
            }
        }

        return best!.Value.Times;

        void Keep((List<int> List, OrderTimes Times) found) =>
            best = best is null || found.Times.IsBetterThan(best.Value.Times) ? found : best;
    }

    private static (List<int> List, OrderTimes Times) Improve(OrderWork work, (List<int> List, OrderTimes Times) from)
    {
        while (Better(work, from.List, from.Times) is { } next)
        {
            from = next;
        }

        return from;
    }

    private static (List<int> List, OrderTimes Times)? Kick(OrderWork work, List<int> list, ref uint drawn)
    {
        var kicked = new List<int>(list);
        for (var i = 0; i < Kicked; i++)
        {
            var (at, to) = (Draw(ref drawn, list.Count), Draw(ref drawn, list.Count));
            var step = kicked[at];
            kicked.RemoveAt(at);
            kicked.Insert(to, step);
            if (OrderTimes.Of(work, kicked) is null)
            {
                kicked.RemoveAt(to);
                kicked.Insert(at, step);
            }
        }

        return OrderTimes.Of(work, kicked) is { } times ? (kicked, times) : null;
    }

    // A linear congruential generator with the constants of Knuth and Lewis (from memory): the same order is always
    // planned alike.
    private static int Draw(ref uint drawn, int below)
    {
        drawn = unchecked((drawn * 1_664_525) + 1_013_904_223);
        return (int)((drawn >> 16) % (uint)below);
    }

    private static (List<int> List, OrderTimes Times)? Better(OrderWork work, List<int> list, OrderTimes times)
    {
        (List<int> List, OrderTimes Times)? best = null;
        for (var count = 1; count <= MovedAtOnce; count++)
        {
            for (var at = 0; at + count <= list.Count; at++)
            {
                var rest = new List<int>(list);
                rest.RemoveRange(at, count);
                for (var to = 0; to <= rest.Count; to++)
                {
                    if (to == at)
                    {
                        continue;
                    }

                    var moved = new List<int>(rest);
                    moved.InsertRange(to, list.GetRange(at, count));
                    var than = best?.Times ?? times;
                    if (OrderTimes.Of(work, moved, than) is { } found && found.IsBetterThan(than))
                    {
                        best = (moved, found);
                    }
                }
            }
        }

        return best;
    }
}
