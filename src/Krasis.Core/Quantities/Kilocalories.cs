namespace Krasis.Core.Quantities;

/// <summary>Food energy in kilocalories. One is 4.184 kJ (thermochemical, exact).</summary>
public readonly record struct Kilocalories : IMeasured<Kilocalories>
{
    private Kilocalories(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "kcal";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Kilocalories From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
