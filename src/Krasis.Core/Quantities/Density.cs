namespace Krasis.Core.Quantities;

/// <summary>Mass per volume in grams per millilitre, above zero. Water at 20 °C is 0.9982 g/ml.</summary>
/// <remarks><c>default(Density)</c> is 0 and stands for nothing; make densities with <see cref="From"/>.</remarks>
public readonly record struct Density : IMeasured<Density>
{
    private Density(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "g/ml";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    /// <exception cref="ArgumentOutOfRangeException">Also when the number is zero or less.</exception>
    public static Density From(double value)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(Finite.Of(value), nameof(value));
        return new(value);
    }

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
