namespace Krasis.Core.Quantities;

/// <summary>A share or a difference in hundredths of the whole.</summary>
public readonly record struct Percent : IMeasured<Percent>
{
    private Percent(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "%";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Percent From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
