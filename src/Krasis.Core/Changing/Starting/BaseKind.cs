using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Starting;

/// <summary>What of the bar's a drink can be made of.</summary>
/// <param name="Id">The ingredient's id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="NotServed">How it is not served, and why.</param>
public sealed record BaseKind(string Id, string Name, IReadOnlyList<NotServed> NotServed);

/// <summary>A way of serving that makes no sense of a base.</summary>
/// <param name="Serve">The way.</param>
/// <param name="Why">Why not, in a sentence.</param>
public sealed record NotServed(Serve Serve, string Why);
