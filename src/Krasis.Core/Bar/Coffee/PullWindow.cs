namespace Krasis.Core.Bar.Coffee;

/// <summary>How long a good pull takes.</summary>
/// <param name="From">The shortest, s.</param>
/// <param name="To">The longest, s.</param>
public sealed record PullWindow(double From, double To);
