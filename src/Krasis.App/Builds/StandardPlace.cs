namespace Krasis.App.Builds;

/// <summary>Where a build stands to what was last published of it.</summary>
/// <param name="Number">The number of its newest standard.</param>
/// <param name="IsChangedSince">Whether the build has been changed since.</param>
public sealed record StandardPlace(long Number, bool IsChangedSince);
