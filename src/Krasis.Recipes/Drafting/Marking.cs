using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Marks a text piece by piece.</summary>
/// <param name="text">The text.</param>
internal sealed class Marking(string text)
{
    private readonly List<Piece> marked = [];

    public void Mark(int start, int end, PieceKind kind, string? says)
    {
        if (end > start)
        {
            marked.Add(new Piece(start, end - start, kind, says));
        }
    }

    /// <summary>Marks bits, each with the same.</summary>
    public void Mark(IEnumerable<Bit> bits, PieceKind kind, string? says)
    {
        foreach (var bit in bits)
        {
            Mark(bit.Start, bit.End, kind, says);
        }
    }

    /// <summary>The pieces of a stretch of the text, side by side: what nobody has marked is between them where it is
    /// white space, and else was not understood.</summary>
    public IReadOnlyList<Piece> Tile(int start, int end)
    {
        var pieces = new List<Piece>();
        var at = start;
        foreach (
            var piece in marked
                .Where(piece => piece.Start >= start && piece.Start < end)
                .OrderBy(piece => piece.Start)
                .ThenByDescending(piece => piece.Length)
        )
        {
            if (piece.Start < at)
            {
                continue;
            }

            Gap(at, piece.Start);
            Put(piece with { Length = Math.Min(piece.Length, end - piece.Start) });
            at = piece.Start + piece.Length;
        }

        Gap(at, end);
        return pieces;

        void Gap(int from, int to)
        {
            if (to > from)
            {
                Put(
                    new Piece(
                        from,
                        to - from,
                        string.IsNullOrWhiteSpace(text[from..to]) ? PieceKind.Between : PieceKind.NotUnderstood,
                        null
                    )
                );
            }
        }

        // Words that say one thing together are one piece, with what stands between them.
        void Put(Piece piece)
        {
            if (pieces.Count > 0 && pieces[^1] is var last && last.Kind == piece.Kind && last.Says == piece.Says)
            {
                pieces[^1] = last with { Length = last.Length + piece.Length };
                return;
            }

            if (
                pieces.Count > 1
                && pieces[^1] is { Kind: PieceKind.Between }
                && pieces[^2] is var before
                && before.Kind == piece.Kind
                && before.Says == piece.Says
                && !text[pieces[^1].Start..piece.Start].Contains('\n', StringComparison.Ordinal)
            )
            {
                pieces.RemoveAt(pieces.Count - 1);
                pieces[^1] = before with { Length = piece.Start + piece.Length - before.Start };
                return;
            }

            pieces.Add(piece);
        }
    }
}
