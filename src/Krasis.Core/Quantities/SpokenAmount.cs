namespace Krasis.Core.Quantities;

/// <summary>What a barista says of how much: a quantity, a height to pour to, a printed line, or a ratio.</summary>
public abstract record SpokenAmount
{
    private SpokenAmount() { }

    /// <summary>A quantity, such as 3 strokes.</summary>
    /// <param name="Quantity">The quantity.</param>
    /// <param name="AlsoSaid">The same said again in another measure, as in "2 strokes = 50 ml"; null when it is said
    /// once.</param>
    public sealed record Plain(Quantity Quantity, Quantity? AlsoSaid) : SpokenAmount;

    /// <summary>A share or a multiple of what stands there, as in "half" and "double".</summary>
    /// <param name="Factor">How many times.</param>
    public sealed record Times(double Factor) : SpokenAmount;

    /// <summary>As much as fills the cup to a mark, as in "to the second line".</summary>
    /// <param name="Mark">The mark.</param>
    public sealed record FillTo(Mark Mark) : SpokenAmount;

    /// <summary>As much as makes coffee and the rest of it 1 : n by mass.</summary>
    /// <param name="Parts">The n.</param>
    public sealed record Ratio(double Parts) : SpokenAmount;
}
