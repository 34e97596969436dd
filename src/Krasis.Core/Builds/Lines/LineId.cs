namespace Krasis.Core.Builds.Lines;

/// <summary>Names one line of a build.</summary>
/// <param name="Value">The id, never empty, once in a build.</param>
public readonly record struct LineId(string Value)
{
    /// <summary>The id itself.</summary>
    public override string ToString() => Value;
}
