namespace Krasis.Core.Bar.House;

/// <summary>Names one foam level of the house.</summary>
/// <param name="Value">The id, never empty.</param>
public readonly record struct FoamId(string Value)
{
    /// <summary>The id itself.</summary>
    public override string ToString() => Value;
}
