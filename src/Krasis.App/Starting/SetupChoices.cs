using Krasis.Core.Changing.Starting;

namespace Krasis.App.Starting;

/// <summary>What a bar can be set up with.</summary>
/// <param name="CanSetUp">Whether it still can be: as long as there is no build.</param>
/// <param name="Milks">The starter pantry's milks.</param>
/// <param name="Flavours">What a flavour can be like.</param>
public sealed record SetupChoices(bool CanSetUp, IReadOnlyList<NamedChoice> Milks, IReadOnlyList<NamedChoice> Flavours);
