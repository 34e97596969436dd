using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Says of which size a recipe speaks, where its words call one.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed class SizeSpeaker(Drafted draft, Marking marking)
{
    /// <summary>Takes what the drink is sold in, which is not of which size the next is said: "Wren / Plover /
    /// Heron".</summary>
    public void AllSizes(IReadOnlyList<Clause> clauses)
    {
        foreach (var clause in clauses)
        {
            Label(clause.Bits, clause.Said);
        }

        (draft.Size, draft.IsSizeUnknown) = (DraftedLine.AnySize, false);
    }

    /// <summary>Speaks of the size that words call; of none that is known where the bar has none such.</summary>
    public void Label(IReadOnlyList<Bit> bits, string said)
    {
        if (draft.Sizes.Find(said) is { } found)
        {
            draft.Speak(found.Cup.Id.Value);
            marking.Mark(bits, found.Doubt is null ? PieceKind.Read : PieceKind.Guessed, found.Doubt ?? found.Cup.Name);
        }
        else
        {
            draft.IsSizeUnknown = true;
            marking.Mark(bits, PieceKind.NotUnderstood, "No cup of the bar is called or sold as that.");
        }
    }

    /// <summary>Takes the size away that a clause says, and speaks of it.</summary>
    /// <param name="all">The clause.</param>
    /// <param name="lasts">Whether what comes after is of that size too.</param>
    /// <returns>The rest of the clause.</returns>
    public IReadOnlyList<Bit> Take(IReadOnlyList<Bit> all, out bool lasts)
    {
        var rest = TakeSize(TakeFirstSize(all, out var isOfAll), out var isWhole);
        lasts = isOfAll || isWhole;
        return rest;
    }

    // "20 oz gets 4 pumps", "Wren 1", "3 pumps (16 oz)".
    private IReadOnlyList<Bit> TakeFirstSize(IReadOnlyList<Bit> all, out bool isOfAll)
    {
        isOfAll = false;
        if (
            all.OfType<Bit.Group>()
                .FirstOrDefault(group => draft.Sizes.IsSize(string.Join(' ', group.Inside.Select(bit => bit.Said)))) is
            { } sized
        )
        {
            Label([sized], string.Join(' ', sized.Inside.Select(bit => bit.Said)));
            return [.. all.Where(bit => bit != sized)];
        }

        for (var count = Math.Min(3, all.Count - 1); count > 0; count--)
        {
            var text = string.Join(' ', all.Take(count).Select(bit => bit.Said));
            var next = all[count];
            var gets = next.Said.ToLowerInvariant() is "gets" or "get" or "takes" or "has";
            if (draft.Sizes.IsSize(text) && (gets || (next is Bit.Amount or Bit.Bare && all.Count == count + 1)))
            {
                isOfAll = gets;
                Label([.. all.Take(count), .. gets ? new[] { next } : []], text);
                return [.. all.Skip(gets ? count + 1 : count)];
            }
        }

        return all;
    }

    // "In a 12 oz cup", "for the large": takes these bits away and speaks of that size.
    private IReadOnlyList<Bit> TakeSize(IReadOnlyList<Bit> all, out bool isWhole)
    {
        isWhole = false;
        for (var i = 0; i < all.Count; i++)
        {
            if (all[i] is not Bit.Filler { Said: var word } || word.ToLowerInvariant() is not ("for" or "in" or "into"))
            {
                continue;
            }

            for (var count = Math.Min(4, all.Count - i - 1); count > 0; count--)
            {
                var said = all.Skip(i + 1).Take(count).ToList();
                var text = string.Join(' ', said.Select(bit => bit.Said));
                if (
                    !said.TrueForAll(bit => bit is Bit.Filler or Bit.Word or Bit.Amount or Bit.Deed)
                    || !draft.Sizes.IsSize(text)
                    || said.TrueForAll(bit => bit is Bit.Filler)
                )
                {
                    continue;
                }

                // A volume is a size only where a cup is said of it, or nothing more and there is such a cup: 'in 30 ml
                // of water' is not.
                if (
                    said.Exists(bit => bit is Bit.Amount)
                    && !IsCup(all, i + 1 + count, said)
                    && !(i + 1 + count == all.Count && i > 0 && draft.Sizes.Find(text) is not null)
                )
                {
                    continue;
                }

                Label([all[i], .. said], text);
                isWhole = all.Count == count + 1;
                return [.. all.Take(i), .. all.Skip(i + 1 + count)];
            }
        }

        return all;
    }

    private static bool IsCup(IReadOnlyList<Bit> all, int next, List<Bit> said) =>
        said[^1].Said.ToLowerInvariant() is "cup" or "glass" or "mug" or "size"
        || (next < all.Count && all[next].Said.ToLowerInvariant() is "cup" or "glass" or "mug");
}
