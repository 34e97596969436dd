namespace Krasis.Core.Quantities;

/// <summary>An amount in one of the bar's measures, such as 3 strokes. Never negative.</summary>
public readonly record struct Quantity
{
    /// <summary>Makes a quantity.</summary>
    /// <param name="amount">Finite, zero or more, in <paramref name="measure"/>.</param>
    /// <param name="measure">The measure.</param>
    /// <exception cref="ArgumentOutOfRangeException">The amount is negative, NaN or infinite.</exception>
    public Quantity(double amount, Measure measure)
    {
        // Minus nothing is nothing: documents may say -0, which counts as negative by its sign.
        Amount = Finite.Of(amount) + 0.0;
        ArgumentOutOfRangeException.ThrowIfNegative(Amount, nameof(amount));
        Measure = measure;
    }

    /// <summary>How many.</summary>
    public double Amount { get; }

    /// <summary>Of what.</summary>
    public Measure Measure { get; }

    /// <summary>The same measure with another amount.</summary>
    public Quantity With(double amount) => new(amount, Measure);

    /// <summary>The quantity as a barista would read it, to two decimals: <c>3 strokes</c>, <c>1 shot</c>.</summary>
    public override string ToString() => $"{Say.Fine(Amount)} {(Amount == 1 ? Measure.Symbol : Measure.Plural)}";
}
