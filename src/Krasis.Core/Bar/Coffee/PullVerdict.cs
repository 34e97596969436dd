using System.Globalization;

namespace Krasis.Core.Bar.Coffee;

/// <summary>What is said of a pull.</summary>
/// <param name="IsGood">Whether it is as the recipe wants it.</param>
/// <param name="Words">What is wrong and which way to go, in a sentence.</param>
public sealed record PullVerdict(bool IsGood, string Words)
{
    // A scale under the spout and a hand on the button: within a tenth of the yield is as wanted (common practice).
    private const double YieldTolerance = 0.10;

    /// <summary>Judges a pull by its recipe: first the time, because it tells the grind, then the yield.</summary>
    /// <remarks>Too fast tastes sour, too slow tastes bitter (common practice, no source).</remarks>
    public static PullVerdict On(Pull pull, EspressoRecipe recipe)
    {
        var came = $"{Say(pull.Yield.Value)} g in {Say(pull.Seconds)} s";
        if (recipe.Window is { } window && pull.Seconds < window.From)
        {
            return new(false, $"{came} is too fast for {Say(window.From)} to {Say(window.To)} s: it will taste sour. Grind finer.");
        }

        if (recipe.Window is { } slow && pull.Seconds > slow.To)
        {
            return new(false, $"{came} is too slow for {Say(slow.From)} to {Say(slow.To)} s: it will taste bitter. Grind coarser.");
        }

        var off = (pull.Yield / recipe.Yield) - 1;
        return Math.Abs(off) <= YieldTolerance + 1e-9
            ? new(true, $"{came} is as the recipe wants it.")
            : new(false, $"{came} is {(off > 0 ? "more" : "less")} than the recipe's {Say(recipe.Yield.Value)} g. Stop the pull {(off > 0 ? "sooner" : "later")}.");
    }

    private static string Say(double number) => number.ToString("0.#", CultureInfo.InvariantCulture);
}
