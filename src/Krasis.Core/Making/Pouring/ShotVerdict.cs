using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>Judges the espresso of a step by the recipe that the station pulls it by.</summary>
public static class ShotVerdict
{
    /// <summary>Judges what ran into a cup.</summary>
    /// <remarks>What ran is held against the recipe a pull: where several pulls go into the cup, as their mean. Of a
    /// pull that a part goes into no cup of, only the time is judged.</remarks>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The facts that it was published with.</param>
    /// <param name="station">The id of the station; null for the one where standards are set.</param>
    /// <param name="size">The cup.</param>
    /// <param name="pulled">The line, and what ran into the cup.</param>
    /// <param name="seconds">How long a pull ran, s; above zero.</param>
    /// <returns>The verdict; problems as <see cref="HalfMade.Read"/>, and under <c>line</c> where the line is no
    /// espresso with a recipe.</returns>
    public static Reading<PullVerdict> On(
        Build build,
        BarFacts bar,
        string? station,
        CupId size,
        PouredLine pulled,
        double seconds
    )
    {
        var cup = HalfMade.Read(build, bar, station, size, [pulled]);
        if (!cup.IsRead)
        {
            return Reading<PullVerdict>.Failed(cup.Problems);
        }

        var line = cup.Value.Own.Lines.Single(each => each.Line.Id == pulled.Line);
        if (line.Facts.Recipe is not { } recipe || line.Pulls == 0)
        {
            return Problem.At(
                "line",
                pulled.Line.Value,
                $"{line.Ingredient.Name} is not pulled.",
                "an espresso with a recipe"
            );
        }

        var ran = line.PouredAway > 0 ? recipe.Yield : Grams.From(pulled.Grams.Value / line.Pulls / line.Stretch);
        return ran.Value <= 0
            ? Problem.At("grams", "0", "Nothing has run into the cup.", "more than 0 g")
            : Reading<PullVerdict>.Of(PullVerdict.On(new Pull(ran, seconds), recipe, bar.House.Serving.YieldTolerance));
    }
}
