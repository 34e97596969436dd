namespace Krasis.Tasting.JustRight;

/// <summary>Those who said that something is off to one side.</summary>
/// <param name="Count">How many.</param>
/// <param name="Share">Their share of all who answered, 0 to 1.</param>
/// <param name="MeanLiking">What they gave, 1 to 9; null where none of them gave anything.</param>
/// <param name="Drop">By how many points of liking they are below those for whom it is right; null where this side has
/// nobody, or too few found it right.</param>
/// <param name="DropChance">How likely a drop as large is if liking has nothing to do with it (every way of dealing the
/// same points out); null where there is none.</param>
public sealed record SideCount(int Count, double Share, double? MeanLiking, double? Drop, double? DropChance);
