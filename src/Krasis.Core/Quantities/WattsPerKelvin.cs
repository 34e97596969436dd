namespace Krasis.Core.Quantities;

/// <summary>Heat that goes through a cup's walls and surface, for each kelvin between the drink and the room.</summary>
public readonly record struct WattsPerKelvin : IMeasured<WattsPerKelvin>
{
    private WattsPerKelvin(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "W/K";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static WattsPerKelvin From(double value) => new(Finite.Of(value));

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
