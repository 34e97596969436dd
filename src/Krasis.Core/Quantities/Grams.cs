namespace Krasis.Core.Quantities;

/// <summary>Mass in grams.</summary>
public readonly record struct Grams : IMeasured<Grams>, IComparable<Grams>
{
    private Grams(double value) => Value = value;

    /// <inheritdoc/>
    public static string Symbol => "g";

    /// <inheritdoc/>
    public double Value { get; }

    /// <inheritdoc/>
    public static Grams From(double value) => new(Finite.Of(value));

    /// <summary>The sum of two amounts.</summary>
    public static Grams operator +(Grams left, Grams right) => From(left.Value + right.Value);

    /// <summary>The difference of two amounts; may be negative.</summary>
    public static Grams operator -(Grams left, Grams right) => From(left.Value - right.Value);

    /// <summary>An amount taken <paramref name="factor"/> times.</summary>
    public static Grams operator *(Grams left, double factor) => From(left.Value * factor);

    /// <summary>How many times the second amount goes into the first.</summary>
    public static double operator /(Grams left, Grams right) => left.Value / right.Value;

    /// <summary>The volume that a mass fills at a density.</summary>
    /// <param name="mass">The mass.</param>
    /// <param name="density">A density above zero.</param>
    public static Millilitres operator /(Grams mass, Density density) => Millilitres.From(mass.Value / density.Value);

    /// <summary>Whether the first amount is smaller.</summary>
    public static bool operator <(Grams left, Grams right) => left.Value < right.Value;

    /// <summary>Whether the first amount is larger.</summary>
    public static bool operator >(Grams left, Grams right) => left.Value > right.Value;

    /// <summary>Whether the first amount is smaller or the same.</summary>
    public static bool operator <=(Grams left, Grams right) => left.Value <= right.Value;

    /// <summary>Whether the first amount is larger or the same.</summary>
    public static bool operator >=(Grams left, Grams right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Grams other) => Value.CompareTo(other.Value);

    /// <summary>The number and its symbol, for messages to developers.</summary>
    public override string ToString() => $"{Value} {Symbol}";
}
