namespace Krasis.Core.Quantities;

/// <summary>Heat that warms one gram of something by one kelvin.</summary>
public readonly record struct SpecificHeat : IMeasured<SpecificHeat>
{
    private SpecificHeat(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "J/(g·K)";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static SpecificHeat From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
