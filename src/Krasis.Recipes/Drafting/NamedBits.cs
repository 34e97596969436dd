using Krasis.Recipes.Finding;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes.Drafting;

/// <summary>A name among the bits of a clause.</summary>
/// <param name="Found">What it names.</param>
/// <param name="Bits">Its bits.</param>
internal sealed record NamedBits(FoundName Found, IReadOnlyList<Bit> Bits)
{
    /// <summary>Where it begins.</summary>
    public int Start => Bits[0].Start;

    /// <summary>What is written.</summary>
    public string Said => string.Join(' ', Bits.Select(bit => bit.Said));

    /// <summary>The names among bits: runs of words, with what may hang in between. What holds something is not that
    /// thing: a milk jug.</summary>
    public static List<NamedBits> In(IReadOnlyList<Bit> bits, NameFinder finder)
    {
        var names = new List<NamedBits>();
        for (var i = 0; i < bits.Count; i++)
        {
            var run = bits.Skip(i).TakeWhile(bit => bit.IsOfWords).ToList();
            if (run.Count == 0)
            {
                continue;
            }

            foreach (var found in finder.Find([.. run.Select(bit => bit.Said)], at => run[at] is Bit.Word))
            {
                if (
                    run.ElementAtOrDefault(found.From + found.Count) is { } next
                    && Vocabulary.Holders.Contains(next.Said)
                )
                {
                    continue;
                }

                names.Add(new NamedBits(found, [.. run.Skip(found.From).Take(found.Count)]));
            }

            i += run.Count - 1;
        }

        return names;
    }

    /// <summary>To which of several names something belongs: the next behind it, or the last before it.</summary>
    public static int Owner(Bit bit, List<NamedBits> names) =>
        names.FindIndex(name => name.Start >= bit.Start) is >= 0 and var next ? next : names.Count - 1;

    /// <summary>Whether it only says where something is done: dissolved in the espresso.</summary>
    public bool IsPlaceIn(IReadOnlyList<Bit> bits) =>
        bits.TakeWhile(bit => bit.Start < Start)
            .Reverse()
            .SkipWhile(bit => bit.Said.ToLowerInvariant() is "the" or "a" or "an" or "your" or "hot" or "cold")
            .FirstOrDefault()
            ?.Said.ToLowerInvariant()
            is "in"
                or "into"
                or "over"
                or "onto"
                or "on"
                or "under"
                or "through";
}
