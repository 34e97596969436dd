namespace Krasis.Core.Changing.Moving;

/// <summary>What a change of the bar's facts does to a build that rests on them.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="Trouble">Why it could no longer be read; null when it could.</param>
/// <param name="Sizes">The sizes that move; empty when none does.</param>
public sealed record BuildMove(string Build, string Name, string? Trouble, IReadOnlyList<MovedSize> Sizes);
