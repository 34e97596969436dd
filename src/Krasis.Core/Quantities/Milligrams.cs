namespace Krasis.Core.Quantities;

/// <summary>Mass in milligrams; of caffeine and sodium.</summary>
public readonly record struct Milligrams : IMeasured<Milligrams>
{
    private Milligrams(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "mg";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Milligrams From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
