namespace Krasis.App.Standards;

/// <summary>A published build in a list.</summary>
/// <param name="Number">Which of the build's standards it is, from 1.</param>
/// <param name="PublishedAt">When it was published.</param>
/// <param name="Reason">Why.</param>
/// <param name="Name">What the drink was called.</param>
/// <param name="Who">Who published it; empty where it is not known.</param>
public sealed record StandardSummary(long Number, DateTimeOffset PublishedAt, string Reason, string Name, string Who);
