using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Builds;

/// <summary>The pour order that every drink keeps: first the wall and rim of the glass, then the drink, then cold foam,
/// then toppings. Nothing can go under a topping. Within the drink the lead decides. (Common practice, no
/// source.)</summary>
public static class OrderLaw
{
    // The four turns, in order.
    private enum Turn
    {
        OnTheGlass,
        InTheDrink,
        Foam,
        OnTop,
    }

    /// <summary>Finds the first earlier line that should have come after this one: cream before ice, or milk before a
    /// sauce on the wall.</summary>
    /// <param name="line">The line to check.</param>
    /// <param name="before">The lines before it, in pour order.</param>
    /// <returns>The index of that line in <paramref name="before"/>; null when the order is right.</returns>
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

    /// <summary>Sorts lines into an order that can be poured. Lines of the same turn stay in their order.</summary>
    /// <typeparam name="T">The type of a line.</typeparam>
    /// <param name="lines">The lines.</param>
    /// <param name="of">Gives a line's technique and ingredient.</param>
    public static IReadOnlyList<T> Arrange<T>(
        IReadOnlyList<T> lines,
        Func<T, (Technique Technique, Ingredient Ingredient)> of
    )
    {
        // Dust and skewers stay behind the line that they followed.
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

    // Null: dust may go under or over the milk, and a skewer may be laid across at any time.
    private static Turn? TurnOf(Technique technique, Ingredient ingredient) =>
        technique switch
        {
            Technique.Dust or Technique.Skewer => null,
            Technique.Wall or Technique.Rim => Turn.OnTheGlass,
            Technique.Foam => Turn.Foam,
            _ => technique.Facts().PourPlace == PourPlace.OnTop || ingredient.IsTopping ? Turn.OnTop : Turn.InTheDrink,
        };
}
