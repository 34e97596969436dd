using Krasis.Core.Quantities;

namespace Krasis.Recipes.Grammar;

/// <summary>The smallest thing in a recipe's line that means something by itself.</summary>
internal abstract record Bit
{
    /// <summary>Where it begins in the line.</summary>
    public int Start { get; init; }

    /// <summary>Where it ends in the line; the place behind it.</summary>
    public int End { get; init; }

    /// <summary>Whether it says how much of something goes in.</summary>
    public bool IsAmount => this is Amount or Bare or To or Vague or Series;

    /// <summary>Whether a name may be of it.</summary>
    public bool IsOfWords => this is Word or Deed or Filler or Vague;

    /// <summary>What is written there.</summary>
    public string Said { get; init; } = "";

    /// <summary>How much: <c>3 pumps</c>, <c>a double shot</c>, <c>1½ fl oz</c>.</summary>
    /// <param name="Quantity">The quantity.</param>
    /// <param name="Also">The same said again in another measure; null where it is said once.</param>
    /// <param name="Upper">The other end of a range; null where it is none.</param>
    public sealed record Amount(Quantity Quantity, Quantity? Also = null, double? Upper = null) : Bit;

    /// <summary>A number that says no measure: <c>3</c>, <c>x2</c>.</summary>
    /// <param name="Value">The number.</param>
    /// <param name="Upper">The other end of a range; null where it is none.</param>
    /// <param name="IsTimes">Whether it is said to be times.</param>
    public sealed record Bare(double Value, double? Upper = null, bool IsTimes = false) : Bit;

    /// <summary>An amount for each size.</summary>
    /// <param name="Values">The numbers, the smallest size first.</param>
    /// <param name="Measure">Their measure; null where none is said.</param>
    /// <param name="Times">How many of the measure one of them is.</param>
    public sealed record Series(IReadOnlyList<double> Values, Measure? Measure, double Times) : Bit;

    /// <summary>So little or so much as nobody can measure: <c>a splash</c>.</summary>
    public sealed record Vague : Bit;

    /// <summary>To where it is filled.</summary>
    /// <param name="Says">As the quantity language takes it.</param>
    /// <param name="IsAssumed">Whether the measure was not said.</param>
    public sealed record To(string Says, bool IsAssumed) : Bit;

    /// <summary>How an espresso is pulled, or a part of that.</summary>
    /// <param name="Dose">Grams of ground coffee; null where it is not said.</param>
    /// <param name="Yield">Grams of espresso; null where it is not said.</param>
    /// <param name="Seconds">How long; null where it is not said.</param>
    public sealed record Pulled(double? Dose, double? Yield, double? Seconds) : Bit;

    /// <summary>How warm: kept as it is said.</summary>
    public sealed record Warmth : Bit;

    /// <summary>How long something is done: kept as it is said.</summary>
    public sealed record Time : Bit;

    /// <summary>So many parts of one thing to so many of the next.</summary>
    /// <param name="Parts">How many of each.</param>
    public sealed record Ratio(IReadOnlyList<double> Parts) : Bit;

    /// <summary>What is done.</summary>
    /// <param name="Does">What.</param>
    public sealed record Deed(Doing Does) : Bit;

    /// <summary>A word that takes away or makes it depend on something: <c>no</c>, <c>unless</c>.</summary>
    public sealed record Doubt : Bit;

    /// <summary>The other of two: <c>or</c>.</summary>
    public sealed record Or : Bit;

    /// <summary>A word that says nothing by itself: <c>the</c>, <c>with</c>, <c>fresh</c>.</summary>
    public sealed record Filler : Bit;

    /// <summary>A word that may be of a name.</summary>
    public sealed record Word : Bit;

    /// <summary>What ends a thought.</summary>
    /// <param name="Token">Which sign; a word where it is "and" or "then".</param>
    public sealed record Between(RecipeToken Token) : Bit;

    /// <summary>What stands in brackets.</summary>
    /// <param name="Inside">What is in it.</param>
    public sealed record Group(IReadOnlyList<Bit> Inside) : Bit;

    /// <summary>A sign that says nothing.</summary>
    public sealed record Sign : Bit;
}
