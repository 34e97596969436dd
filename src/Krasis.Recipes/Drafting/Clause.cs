using Krasis.Recipes.Grammar;

namespace Krasis.Recipes.Drafting;

/// <summary>One thing that a line of a recipe says.</summary>
/// <param name="Bits">Its bits.</param>
/// <param name="Before">The sign before it; null at the beginning.</param>
/// <param name="After">The sign after it; null at the end.</param>
internal sealed record Clause(IReadOnlyList<Bit> Bits, RecipeToken? Before, RecipeToken? After)
{
    /// <summary>Whether it says how much.</summary>
    public bool HasAmount => Bits.Any(bit => bit.IsAmount);

    /// <summary>Whether a word in it may be of a name.</summary>
    public bool HasWords => Bits.Any(bit => bit is Bit.Word);

    /// <summary>Whether its amount says of what it is: shots are of espresso, and cubes of ice.</summary>
    public bool SaysOfWhat =>
        Bits.Any(bit =>
            bit
                is Bit.Amount
                {
                    Quantity.Measure.Kind: Core.Quantities.MeasureKind.Shot or Core.Quantities.MeasureKind.Piece
                }
        );

    /// <summary>What is written.</summary>
    public string Said => string.Join(' ', Bits.Select(bit => bit.Said));

    /// <summary>Whether it only says of which size the next one is.</summary>
    public bool IsLabel { get; init; }

    /// <summary>Whether it begins with the size that it is of.</summary>
    public bool HasSize { get; init; }

    /// <summary>Takes a line's bits apart into what they say one after another. An amount that stands apart from its
    /// name is said with it.</summary>
    /// <param name="bits">The bits.</param>
    /// <param name="isSize">Whether words call a size.</param>
    public static IReadOnlyList<Clause> Of(IReadOnlyList<Bit> bits, Func<string, bool> isSize)
    {
        var raw = new List<Clause>();
        var (open, before) = (new List<Bit>(), default(RecipeToken?));
        foreach (var bit in bits)
        {
            if (bit is Bit.Between { Token: var token })
            {
                raw.Add(new Clause([.. open], before, token));
                (open, before) = ([], token);
            }
            else
            {
                open.Add(bit);
            }
        }

        raw.Add(new Clause([.. open], before, null));
        raw =
        [
            .. raw.Select(one =>
                one with
                {
                    IsLabel =
                        one.After is RecipeToken.Colon or RecipeToken.Dash or RecipeToken.Equals or RecipeToken.Cell
                        && isSize(one.Said),
                    HasSize = Enumerable
                        .Range(1, 3)
                        .Any(count =>
                            count < one.Bits.Count
                            && isSize(string.Join(' ', one.Bits.Take(count).Select(bit => bit.Said)))
                        ),
                }
            ),
        ];
        var clauses = new List<Clause>();
        foreach (var next in raw)
        {
            if (clauses.Count > 0 && clauses[^1] is var last && IsOneThing(last, next))
            {
                clauses[^1] = last with { Bits = [.. last.Bits, .. next.Bits], After = next.After };
            }
            else
            {
                clauses.Add(next);
            }
        }

        return [.. clauses.Where(clause => clause.Bits.Count > 0)];
    }

    // "Hazelnut – 3 pumps", "hazelnut syrup: 3 pumps", "hazelnut, 3 pumps".
    private static bool IsOneThing(Clause name, Clause amount) => IsDeed(name, amount) || IsName(name, amount);

    // "Finish: 3 g sugar".
    private static bool IsDeed(Clause deed, Clause next) =>
        next.Before == RecipeToken.Colon
        && deed.Bits.Count > 0
        && next.Bits.Count > 0
        && deed.Bits.All(bit => bit is Bit.Deed or Bit.Filler)
        && deed.Bits.Any(bit => bit is Bit.Deed);

    private static bool IsName(Clause name, Clause amount) =>
        name.Bits.Count > 0
        && amount.Bits.Count > 0
        && name.HasWords
        && !name.HasAmount
        && !name.IsLabel
        && !amount.IsLabel
        && !amount.HasSize
        && amount.HasAmount
        && (
            amount.Before
                is RecipeToken.Dash
                    or RecipeToken.Colon
                    or RecipeToken.Equals
                    or RecipeToken.Cell
                    or RecipeToken.Arrow
            || (amount.Before == RecipeToken.Comma && !amount.HasWords && !amount.SaysOfWhat)
        )
        && !name.Bits.Any(bit => bit is Bit.Group or Bit.Doubt);
}
