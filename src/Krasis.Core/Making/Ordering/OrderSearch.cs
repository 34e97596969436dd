namespace Krasis.Core.Making.Ordering;

/// <summary>Looks for the best list of an order's steps.</summary>
/// <remarks>It begins with one drink after another, in every order of the drinks; of the best of these, up to three
/// steps that follow each other are moved elsewhere for as long as that is better. Where no such move is better, a few steps
/// are put elsewhere at random, always the same ones, and it goes on from there.</remarks>
internal static class OrderSearch
{
    // So many of the first lists are worked on, and up to so many steps are moved at once.
    private const int Worked = 6;
    private const int WorkedInHaste = 1;
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
        var search = new Search(work);
        var begun = sequences
            .Select(work.OneAfterAnother)
            .Select(list => (List: list, Score: search.Score(list)))
            .Where(each => each.Score is not null)
            .Select(each => new Scored(each.List, each.Score!.Value))
            .ToList();
        begun.Sort(
            (one, other) =>
                one.Score.IsBetterThan(other.Score) ? -1
                : other.Score.IsBetterThan(one.Score) ? 1
                : 0
        );
        Scored? best = null;
        foreach (var start in begun.Take(isThorough ? Worked : WorkedInHaste))
        {
            Keep(search.Improve(start));
        }

        var drawn = (uint)work.Steps.Count;
        var kicks =
            !isThorough ? 0
            : work.Steps.Count <= FewSteps ? KicksOfFew
            : KicksOfMany;
        for (var kick = 0; kick < kicks; kick++)
        {
            if (search.Kick(best!.List, ref drawn) is { } start)
            {
                Keep(search.Improve(start));
            }
        }

        return search.Times(best!.List);

        void Keep(Scored found) => best = best is null || found.Score.IsBetterThan(best.Score) ? found : best;
    }

    // A linear congruential generator with the constants of Knuth and Lewis (from memory): the same order is always
    // planned alike.
    private static int Draw(ref uint drawn, int below)
    {
        drawn = unchecked((drawn * 1_664_525) + 1_013_904_223);
        return (int)((drawn >> 16) % (uint)below);
    }

    private sealed record Scored(int[] List, OrderScore Score);

    // The lists of one order.
    private sealed class Search(OrderWork work)
    {
        private readonly OrderScheduler scheduler = new(work);

        public OrderScore? Score(int[] list) => scheduler.Score(list);

        public OrderTimes Times(int[] list)
        {
            scheduler.Score(list);
            return scheduler.Times();
        }

        // Every better move is made at once, and the list gone through again until none is left.
        public Scored Improve(Scored from)
        {
            int[] list = [.. from.List];
            var score = from.Score;
            while (GoThrough(ref list, ref score)) { }

            return new Scored(list, score);
        }

        public Scored? Kick(int[] list, ref uint drawn)
        {
            var kicked = list.ToList();
            for (var i = 0; i < Kicked; i++)
            {
                var (at, to) = (Draw(ref drawn, list.Length), Draw(ref drawn, list.Length));
                var step = kicked[at];
                kicked.RemoveAt(at);
                kicked.Insert(to, step);
                if (scheduler.Score([.. kicked]) is null)
                {
                    kicked.RemoveAt(to);
                    kicked.Insert(at, step);
                }
            }

            int[] start = [.. kicked];
            return scheduler.Score(start) is { } score ? new Scored(start, score) : null;
        }

        private bool GoThrough(ref int[] list, ref OrderScore score)
        {
            var moved = new int[list.Length];
            var isBetter = false;
            for (var count = 1; count <= MovedAtOnce; count++)
            {
                for (var at = 0; at + count <= list.Length; at++)
                {
                    var (first, last) = Window(list, at, count);
                    for (var to = first; to <= last; to++)
                    {
                        if (to == at)
                        {
                            continue;
                        }

                        Move(list, moved, at, count, to);
                        if (scheduler.Score(moved, score) is { } found && found.IsBetterThan(score))
                        {
                            (list, moved) = (moved, list);
                            (score, isBetter) = (found, true);
                            break;
                        }
                    }
                }
            }

            return isBetter;
        }

        // The places to which some steps can be moved: not before what they need, and not after what needs them.
        private (int First, int Last) Window(int[] list, int at, int count)
        {
            var (first, last) = (at, at);
            while (first > 0 && !NeedsAny(list, at, at + count, list[first - 1]))
            {
                first--;
            }

            while (last + count < list.Length && !IsNeeded(list, at, at + count, list[last + count]))
            {
                last++;
            }

            return (first, last);
        }

        private bool NeedsAny(int[] list, int from, int to, int before)
        {
            for (var i = from; i < to; i++)
            {
                if (Array.IndexOf(work.Todo[list[i]].After, before) >= 0)
                {
                    return true;
                }
            }

            return false;
        }

        private bool IsNeeded(int[] list, int from, int to, int later)
        {
            foreach (var before in work.Todo[later].After)
            {
                if (Array.IndexOf(list, before, from, to - from) >= 0)
                {
                    return true;
                }
            }

            return false;
        }

        // The list with some steps that follow each other at another place among the rest.
        private static void Move(int[] list, int[] moved, int at, int count, int to)
        {
            list.AsSpan().CopyTo(moved);
            if (to < at)
            {
                list.AsSpan(to, at - to).CopyTo(moved.AsSpan(to + count));
            }
            else
            {
                list.AsSpan(at + count, to - at).CopyTo(moved.AsSpan(at));
            }

            list.AsSpan(at, count).CopyTo(moved.AsSpan(to));
        }
    }
}
