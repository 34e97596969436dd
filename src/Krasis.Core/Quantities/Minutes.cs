namespace Krasis.Core.Quantities;

/// <summary>Time in minutes.</summary>
public readonly record struct Minutes : IMeasured<Minutes>
{
    private Minutes(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "min";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Minutes From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
