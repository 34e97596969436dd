namespace Krasis.Core.Quantities;

/// <summary>An amount of money in the house's currency.</summary>
public readonly record struct Money : IMeasured<Money>
{
    private Money(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "the house's currency";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Money From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
