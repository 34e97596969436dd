namespace Krasis.Core.Quantities;

/// <summary>Volume in millilitres (cubic centimetres).</summary>
public readonly record struct Millilitres : IMeasured<Millilitres>, IComparable<Millilitres>
{
    private Millilitres(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "ml";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Millilitres From(double value) => new(Finite.Of(value));

    /// <summary>The sum of two amounts.</summary>
    public static Millilitres operator +(Millilitres left, Millilitres right) => From(left.Value + right.Value);

    /// <summary>The difference of two amounts; may be negative.</summary>
    public static Millilitres operator -(Millilitres left, Millilitres right) => From(left.Value - right.Value);

    /// <summary>An amount taken <paramref name="factor"/> times.</summary>
    public static Millilitres operator *(Millilitres left, double factor) => From(left.Value * factor);

    /// <summary>How many times the second amount goes into the first.</summary>
    public static double operator /(Millilitres left, Millilitres right) => left.Value / right.Value;

    /// <summary>The mass of a volume at a density.</summary>
    public static Grams operator *(Millilitres volume, Density density) => Grams.From(volume.Value * density.Value);

    /// <summary>Whether the first amount is smaller.</summary>
    public static bool operator <(Millilitres left, Millilitres right) => left.Value < right.Value;

    /// <summary>Whether the first amount is larger.</summary>
    public static bool operator >(Millilitres left, Millilitres right) => left.Value > right.Value;

    /// <summary>Whether the first amount is smaller or the same.</summary>
    public static bool operator <=(Millilitres left, Millilitres right) => left.Value <= right.Value;

    /// <summary>Whether the first amount is larger or the same.</summary>
    public static bool operator >=(Millilitres left, Millilitres right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Millilitres other) => Value.CompareTo(other.Value);

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
