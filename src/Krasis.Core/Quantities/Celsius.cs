namespace Krasis.Core.Quantities;

/// <summary>Temperature in degrees Celsius.</summary>
public readonly record struct Celsius : IMeasured<Celsius>
{
    private Celsius(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "°C";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Celsius From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
