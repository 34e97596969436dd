namespace Krasis.Core.Changing.Advising;

/// <summary>The moves that a search tries from one pour to the next: by how many steps each line changes.</summary>
/// <param name="counted">How many lines are counted, such as shots. They stand first and do not move.</param>
/// <param name="fine">How many lines move.</param>
internal sealed class SearchMoves(int counted, int fine)
{
    /// <summary>With more lines than this it tries fewer moves, to stay fast.</summary>
    public const int Few = 4;

    private static readonly int[] Strides = [1, 2, 3, 5, 8, 16];
    private static readonly int[] PairStrides = [1, 2, 3, 4, 5, 6, 8];
    private static readonly int[] PairStridesOfMany = [1, 3];
    private static readonly int[] Around = [-2, -1, 0, 1, 2];
    private static readonly int[] Beside = [-1, 0, 1];

    private readonly Dictionary<int, int[][][]> byKept = [];

    /// <summary>The moves in three stages: of one line, of two, and of all by a step or none.</summary>
    /// <param name="kept">The line that stays as it is; -1 for none.</param>
    public int[][][] Without(int kept)
    {
        if (byKept.TryGetValue(kept, out var known))
        {
            return known;
        }

        int[] free = [.. Enumerable.Range(counted, fine).Where(at => at != kept)];
        var ones = free.SelectMany(at => Strides.SelectMany(by => new[] { Of((at, by)), Of((at, -by)) }));
        var strides = free.Length <= Few ? PairStrides : PairStridesOfMany;
        var twos =
            from a in free
            from b in free
            where a < b
            from one in strides
            from other in strides
            from signs in new[] { (1, 1), (1, -1), (-1, 1), (-1, -1) }
            select Of((a, one * signs.Item1), (b, other * signs.Item2));
        var near = free.Length < Few ? Around : Beside;
        var all =
            free.Length > Few ? [] : Product([.. free.Select(_ => near)]).Select(steps => Of([.. free.Zip(steps)]));
        return byKept[kept] = [
            [.. ones],
            [.. twos],
            [.. all],
        ];

        int[] Of(params (int At, int By)[] each)
        {
            var move = new int[counted + fine];
            foreach (var (at, by) in each)
            {
                move[at] = by;
            }

            return move;
        }
    }

    /// <summary>Every combination of one choice from each list.</summary>
    public static IEnumerable<int[]> Product(IReadOnlyList<int[]> of)
    {
        IEnumerable<int[]> all =
        [
            [],
        ];
        foreach (var choices in of)
        {
            all = all.SelectMany(head => choices.Select(choice => (int[])[.. head, choice]));
        }

        return all;
    }
}
