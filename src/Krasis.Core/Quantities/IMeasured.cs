namespace Krasis.Core.Quantities;

/// <summary>A finite number in one fixed unit, as a type of its own.</summary>
/// <typeparam name="TSelf">The type itself.</typeparam>
public interface IMeasured<TSelf>
    where TSelf : struct, IMeasured<TSelf>
{
    /// <summary>The unit's symbol as it is printed after the number, such as <c>g</c>.</summary>
    static abstract string Symbol { get; }

    /// <summary>The number, in the type's unit. Always finite.</summary>
    double Value { get; }

    /// <summary>Makes a value from a number in the type's unit.</summary>
    /// <param name="value">Any finite number.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is NaN or infinite. Input from people is
    /// checked before it comes here, so this is a defect in the caller.</exception>
    static abstract TSelf From(double value);
}
