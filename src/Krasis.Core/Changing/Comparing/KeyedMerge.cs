namespace Krasis.Core.Changing.Comparing;

/// <summary>Merges lists whose entries are known by a key.</summary>
internal static class KeyedMerge
{
    /// <summary>The keys of both lists in one order: mine, unless only the other one has moved anything; what one of
    /// them has added stands behind what it was added to.</summary>
    public static List<string> Order(
        IReadOnlyList<string> origin,
        IReadOnlyList<string> mine,
        IReadOnlyList<string> theirs
    )
    {
        var mineMoved = !Common(origin, mine).SequenceEqual(Common(mine, origin));
        var (first, second) = mineMoved ? (mine, theirs) : (theirs, mine);
        var order = first.ToList();
        for (var i = 0; i < second.Count; i++)
        {
            if (!order.Contains(second[i]))
            {
                var before = i == 0 ? -1 : order.IndexOf(second[i - 1]);
                order.Insert(before + 1, second[i]);
            }
        }

        return order;

        static IEnumerable<string> Common(IReadOnlyList<string> of, IReadOnlyList<string> with) =>
            of.Where(with.Contains);
    }

    /// <summary>The entries of both lists.</summary>
    /// <param name="origin">The list that both began with.</param>
    /// <param name="mine">What one has made of it.</param>
    /// <param name="theirs">What the other has made of it.</param>
    /// <param name="key">What an entry is known by.</param>
    /// <param name="both">Merges an entry that both have; the first argument is null when both have added it.</param>
    /// <param name="staysHalfRemoved">Asked whether an entry stays that one removed and the other changed. The second
    /// argument is whether the other one removed it.</param>
    public static List<T> Of<T>(
        IReadOnlyList<T> origin,
        IReadOnlyList<T> mine,
        IReadOnlyList<T> theirs,
        Func<T, string> key,
        Func<T?, T, T, T> both,
        Func<T, bool, bool> staysHalfRemoved
    )
        where T : class
    {
        var merged = new List<T>();
        foreach (var at in Order(Keys(origin), Keys(mine), Keys(theirs)))
        {
            var (was, my, their) = (Find(origin, at), Find(mine, at), Find(theirs, at));
            if (my is not null && their is not null)
            {
                merged.Add(both(was, my, their));
                continue;
            }

            var left = (my ?? their)!;
            if (was is null || (!Sameness.Of(was, left) && staysHalfRemoved(left, their is null)))
            {
                merged.Add(left);
            }
        }

        return merged;

        List<string> Keys(IReadOnlyList<T> list) => [.. list.Select(key)];
        T? Find(IReadOnlyList<T> list, string at) => list.FirstOrDefault(entry => key(entry) == at);
    }
}
