namespace Krasis.Core.Quantities;

/// <summary>Grams of one thing in 100 g of another.</summary>
public readonly record struct GramsPer100Grams : IMeasured<GramsPer100Grams>
{
    private GramsPer100Grams(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "g/100 g";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static GramsPer100Grams From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
