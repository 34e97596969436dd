namespace Krasis.Core.Changing.Bringing;

/// <summary>A fact of another house, and what it would be here.</summary>
/// <param name="Choice">What it would be.</param>
/// <param name="Name">What it is called there.</param>
/// <param name="Says">What is known of it there, read out: how much a cup holds, of what kind an ingredient is.</param>
/// <param name="IsSure">Whether it is the same, or was said before; what is only like it is to be looked at.</param>
/// <param name="Why">Why it would be that, in a sentence.</param>
public sealed record MatchedFact(FactChoice Choice, string Name, string Says, bool IsSure, string Why);
