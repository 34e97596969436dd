using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>What is said of a pull.</summary>
/// <param name="IsGood">Whether it is as the recipe wants it.</param>
/// <param name="Words">What is wrong and which way to go, in a sentence.</param>
public sealed record PullVerdict(bool IsGood, string Words)
{
    /// <summary>How far beyond what the recipe's yield and window allow a pull may flow, as a share (common practice, no
    /// source).</summary>
    public const double FlowTolerance = 0.10;

    /// <summary>Judges a pull by its recipe: first how fast it ran, because that tells the grind whatever ran into the
    /// cup, then how long and how much.</summary>
    /// <remarks>The recipe's yield within its window is how fast it may run. Too fast tastes sour, too slow tastes
    /// bitter (common practice, no source).</remarks>
    /// <param name="pull">The pull.</param>
    /// <param name="recipe">The recipe.</param>
    /// <param name="tolerance">How far what it gives may be off, either way; the house's.</param>
    public static PullVerdict On(Pull pull, EspressoRecipe recipe, Grams tolerance)
    {
        var off = pull.Yield.Value - recipe.Yield.Value;
        if (recipe.Window is { } window)
        {
            var flow = pull.Yield.Value / pull.Seconds;
            var (slowest, fastest) = (recipe.Yield.Value / window.To, recipe.Yield.Value / window.From);

            // What ran within the window is not too fast or too slow for a gram more or less in the cup.
            if (flow > fastest * (1 + FlowTolerance) || (flow > fastest + Hair && pull.Seconds < window.From))
            {
                return new(false, $"{Runs()}: it runs too fast and will taste sour. Grind finer.");
            }

            if (flow < slowest * (1 - FlowTolerance) || (flow < slowest - Hair && pull.Seconds > window.To))
            {
                return new(false, $"{Runs()}: it runs too slowly and will taste bitter. Grind coarser.");
            }

            // Most pulls are as they should be.
            string Runs() =>
                $"{Came()} is {Say.Hundredths(flow)} g a second; {Say.Short(recipe.Yield.Value)} g in {Say.Short(window.From)} to {Say.Short(window.To)} s are {Say.Hundredths(slowest)} to {Say.Hundredths(fastest)}";
        }

        return Math.Abs(off) <= tolerance.Value + Hair
            ? new(true, $"{Came()} is as the recipe wants it.")
            : new(
                false,
                $"{Came()} runs as it should, but is {(off > 0 ? "more" : "less")} than the recipe's {Say.Short(recipe.Yield.Value)} g. Stop the pull {(off > 0 ? "sooner" : "later")}."
            );

        string Came() => $"{Say.Short(pull.Yield.Value)} g in {Say.Short(pull.Seconds)} s";
    }

    private const double Hair = 1e-9;
}
