using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Builds;

/// <summary>Says what each line of a drink goes into. It follows from how the drink is served and from each line's
/// technique, so that a drink cannot contradict itself. (Common practice, no source.)</summary>
/// <remarks>Everything of a blended drink goes into the jar. Of a shaken one, everything up to the last line that is
/// shaken goes into the shaker, and what follows is poured on it in the cup: the milk of a shaken espresso, for example.
/// Where no line is shaken, or no ice would be shaken with them, the whole drink is. Cold foam and toppings go on
/// top.</remarks>
public static class Vessels
{
    /// <summary>What each line goes into.</summary>
    /// <param name="serve">How the drink is served.</param>
    /// <param name="lines">The lines that are poured, in pour order.</param>
    /// <returns>As many vessels as there are lines, in their order.</returns>
    public static IReadOnlyList<Vessel> Of(
        Serve serve,
        IReadOnlyList<(Technique Technique, Ingredient Ingredient)> lines
    )
    {
        var shaken = serve == Serve.Shaken ? LastShaken(lines) : -1;
        return
        [
            .. lines.Select(
                (line, i) =>
                    line.Technique is Technique.Wall or Technique.Rim ? Vessel.OnTheGlass
                    : !IsInTheDrink(line) ? Vessel.OnTop
                    : serve == Serve.Blended ? Vessel.BlenderJar
                    : i <= shaken ? Vessel.Shaker
                    : Vessel.Cup
            ),
        ];
    }

    private static int LastShaken(IReadOnlyList<(Technique Technique, Ingredient Ingredient)> lines)
    {
        var last = lines.ToList().FindLastIndex(line => line.Technique == Technique.Shake);
        return lines.Take(last + 1).Any(line => line.Ingredient.IsIce)
            ? last
            : lines.ToList().FindLastIndex(IsInTheDrink);
    }

    // Cold foam is part of the drink, but goes on top.
    private static bool IsInTheDrink((Technique Technique, Ingredient Ingredient) line) =>
        line.Technique is not (Technique.Foam or Technique.Wall)
        && line.Technique.Facts().PourPlace == PourPlace.InTheDrink
        && !line.Ingredient.IsTopping;
}
