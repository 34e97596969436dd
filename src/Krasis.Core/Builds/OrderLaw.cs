using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Builds;

/// <summary>The order in which a drink can be put together at all: what is on the glass before anything is in it, then
/// the drink, then cold foam, then what stands on top. Nothing goes under what is already on top. Within the drink the
/// order is the lead's. (Common practice, no source.)</summary>
public static class OrderLaw
{
    /// <summary>When in this order something goes in.</summary>
    private enum Turn
    {
        OnTheGlass,
        InTheDrink,
        Foam,
        OnTop,
    }

    /// <summary>The first line that a later one cannot go in before or under: cream, when ice comes after it; the drink,
    /// when the wall is drawn after it.</summary>
    /// <param name="line">The later line.</param>
    /// <param name="before">The lines before it, in pour order.</param>
    /// <returns>Its place among those; null where the line keeps the order.</returns>
    public static int? Breaks(
        (Technique Technique, Ingredient Ingredient) line,
        IReadOnlyList<(Technique Technique, Ingredient Ingredient)> before
    )
    {
        if (TurnOf(line.Technique, line.Ingredient) is not { } turn)
        {
            return null;
        }

        for (var i = 0; i < before.Count; i++)
        {
            if (TurnOf(before[i].Technique, before[i].Ingredient) > turn)
            {
                return i;
            }
        }

        return null;
    }

    /// <summary>Lines in an order that can be poured, each otherwise where it was.</summary>
    /// <typeparam name="T">What a line is.</typeparam>
    /// <param name="lines">The lines.</param>
    /// <param name="of">How each goes in, and what it is.</param>
    public static IReadOnlyList<T> Arrange<T>(
        IReadOnlyList<T> lines,
        Func<T, (Technique Technique, Ingredient Ingredient)> of
    )
    {
        // What may go in at any time stays behind what it came after.
        var last = Turn.OnTheGlass;
        return
        [
            .. lines
                .Select(line => (Line: line, Turn: last = TurnOf(of(line).Technique, of(line).Ingredient) ?? last))
                .ToList()
                .OrderBy(pair => pair.Turn)
                .Select(pair => pair.Line),
        ];
    }

    // Dust lies under the milk or over it, and a skewer is laid across at the end or not: at any time.
    private static Turn? TurnOf(Technique technique, Ingredient ingredient) =>
        technique switch
        {
            Technique.Dust or Technique.Skewer => null,
            Technique.Wall or Technique.Rim => Turn.OnTheGlass,
            Technique.Foam => Turn.Foam,
            _ => technique.Facts().PourPlace == PourPlace.OnTop || ingredient.IsTopping ? Turn.OnTop : Turn.InTheDrink,
        };
}
