namespace Krasis.Core.Changing.Publishing;

/// <summary>Something that is not known of a build.</summary>
/// <param name="What">What it is, to stand after "Not known:".</param>
/// <param name="For">The ingredients or cups of which it is not known.</param>
public sealed record UnknownFact(string What, IReadOnlyList<string> For);
