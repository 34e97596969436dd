namespace Krasis.Core.Bar.Cups;

/// <summary>Names one cup of the bar; a build's sizes are cups.</summary>
/// <param name="Value">The id, never empty.</param>
public readonly record struct CupId(string Value)
{
    /// <summary>The id itself.</summary>
    public override string ToString() => Value;
}
