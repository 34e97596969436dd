using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Reads a line of a recipe, one thing that it says after another.</summary>
internal sealed class LineInterpreter
{
    private static readonly HashSet<string> ToTheEnd = new(StringComparer.OrdinalIgnoreCase)
    {
        "if",
        "unless",
        "when",
        "otherwise",
        "instead",
        "except",
        "depending",
        "either",
        "sub",
        "swap",
        "replace",
        "replacing",
        "substitute",
        "optional",
        "optionally",
        "without",
        "w/o",
    };

    private readonly Drafted draft;
    private readonly Marking marking;
    private readonly SizeSpeaker sizes;
    private readonly Shots shots;
    private readonly ClauseInterpreter interpreter;

    /// <param name="draft">The build so far.</param>
    /// <param name="marking">The marks.</param>
    public LineInterpreter(Drafted draft, Marking marking)
    {
        (this.draft, this.marking) = (draft, marking);
        sizes = new SizeSpeaker(draft, marking);
        shots = new Shots(draft, marking);
        interpreter = new ClauseInterpreter(draft, marking, sizes, shots);
    }

    /// <summary>Reads a line.</summary>
    /// <param name="text">The line.</param>
    /// <param name="offset">Where it begins in the whole text.</param>
    /// <param name="isAgain">Whether it says again what was said: a step that names what is listed above.</param>
    public void Read(string text, int offset, bool isAgain)
    {
        var bits = BitGrammar.Read(text).Select(bit => Moved(bit, offset)).ToList();
        marking.Mark(bits.Where(bit => bit is Bit.Between), PieceKind.Between, null);

        var (size, isUnknown) = (draft.Size, draft.IsSizeUnknown);
        var clauses = Clause.Of(bits, draft.Sizes.IsSize);
        if (clauses.Count > 1 && clauses.All(clause => draft.Sizes.IsSize(clause.Said)))
        {
            sizes.AllSizes(clauses);
            return;
        }

        var depends = false;
        foreach (var clause in clauses)
        {
            depends = clause.Before != RecipeToken.Stop && depends;
            if (depends || clause.Bits.Any(bit => bit is Bit.Doubt))
            {
                depends |= clause.Bits.Any(bit => bit is Bit.Doubt && ToTheEnd.Contains(bit.Said));
                marking.Mark(clause.Bits, PieceKind.NotUnderstood, ClauseInterpreter.Depends);
                continue;
            }

            if (clause.IsLabel || (clauses.Count == 1 && draft.Sizes.IsSize(clause.Said)))
            {
                sizes.Label(clause.Bits, clause.Said);
                continue;
            }

            interpreter.Read(clause.Bits, isAgain, inBrackets: false);
        }

        shots.Settle();

        // A label by itself is of what stands below it, and one before amounts of these.
        if (clauses.Count > 1 || (clauses.Count == 1 && !draft.Sizes.IsSize(clauses[0].Said)))
        {
            (draft.Size, draft.IsSizeUnknown) = clauses is [{ IsLabel: true, After: RecipeToken.Colon }]
                ? (draft.Size, draft.IsSizeUnknown)
                : (size, isUnknown);
        }
    }

    private static Bit Moved(Bit bit, int offset)
    {
        var moved = bit with { Start = bit.Start + offset, End = bit.End + offset };
        return moved is Bit.Group group
            ? group with
            {
                Inside = [.. group.Inside.Select(one => Moved(one, offset))],
            }
            : moved;
    }
}
