using Krasis.Core.Changing.Starting;

namespace Krasis.App.Starting;

/// <summary>What a build can begin with at this bar.</summary>
/// <param name="Bases">What it can be made on, and what the bar lacks for it.</param>
/// <param name="Flavours">What it can be flavoured with.</param>
public sealed record StartChoices(IReadOnlyList<BaseChoice> Bases, IReadOnlyList<NamedChoice> Flavours);
