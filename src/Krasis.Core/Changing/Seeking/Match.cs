namespace Krasis.Core.Changing.Seeking;

/// <summary>Why a build is what was looked for.</summary>
/// <param name="Why">What is known of it and what is not; null where its words alone say so.</param>
/// <param name="IsKnown">Whether all that was asked is known of it; what is not known stands behind.</param>
public sealed record Match(string? Why, bool IsKnown);
