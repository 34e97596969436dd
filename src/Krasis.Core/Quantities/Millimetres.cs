namespace Krasis.Core.Quantities;

/// <summary>Length in millimetres.</summary>
public readonly record struct Millimetres : IMeasured<Millimetres>, IComparable<Millimetres>
{
    private Millimetres(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "mm";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Millimetres From(double value) => new(Finite.Of(value));

    /// <summary>The sum of two amounts.</summary>
    public static Millimetres operator +(Millimetres left, Millimetres right) => From(left.Value + right.Value);

    /// <summary>The difference of two amounts; may be negative.</summary>
    public static Millimetres operator -(Millimetres left, Millimetres right) => From(left.Value - right.Value);

    /// <summary>An amount taken <paramref name="factor"/> times.</summary>
    public static Millimetres operator *(Millimetres left, double factor) => From(left.Value * factor);

    /// <summary>How many times the second amount goes into the first.</summary>
    public static double operator /(Millimetres left, Millimetres right) => left.Value / right.Value;

    /// <summary>Whether the first amount is smaller.</summary>
    public static bool operator <(Millimetres left, Millimetres right) => left.Value < right.Value;

    /// <summary>Whether the first amount is larger.</summary>
    public static bool operator >(Millimetres left, Millimetres right) => left.Value > right.Value;

    /// <summary>Whether the first amount is smaller or the same.</summary>
    public static bool operator <=(Millimetres left, Millimetres right) => left.Value <= right.Value;

    /// <summary>Whether the first amount is larger or the same.</summary>
    public static bool operator >=(Millimetres left, Millimetres right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Millimetres other) => Value.CompareTo(other.Value);

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
