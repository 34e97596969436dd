namespace Krasis.Core.Changing.Starting;

/// <summary>A base, and whether the bar can make it.</summary>
/// <param name="Base">The base.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Of">Of what of the bar's it can be made, the one that is meant when none is said first.</param>
/// <param name="Missing">What the bar lacks for it; null when it lacks nothing.</param>
public sealed record BaseChoice(DrinkBase Base, string Name, IReadOnlyList<BaseKind> Of, string? Missing);
