namespace Krasis.App.Builds;

/// <summary>A build that is what was looked for.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Why">What is known of it and what is not; null where its words alone say so.</param>
/// <param name="IsKnown">Whether all that was asked is known of it.</param>
public sealed record FoundBuild(string Id, string? Why, bool IsKnown);
