namespace Krasis.Core.Changing.Advising;

/// <summary>What is advised for a size.</summary>
/// <param name="Ways">The ways, the best first.</param>
/// <param name="Against">Why there is none, in a sentence; null where there is one.</param>
public sealed record Advised(IReadOnlyList<Advice> Ways, string? Against);
