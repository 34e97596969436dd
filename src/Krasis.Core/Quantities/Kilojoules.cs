namespace Krasis.Core.Quantities;

/// <summary>Energy in kilojoules.</summary>
public readonly record struct Kilojoules : IMeasured<Kilojoules>
{
    private Kilojoules(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "kJ";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Kilojoules From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
