using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;

namespace Krasis.App.Making;

/// <summary>What the cards of a drink say.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Drink">What the drink is called.</param>
/// <param name="Standard">Which standard it is; null for a trial.</param>
/// <param name="At">When it was published, or last saved where it is a trial.</param>
/// <param name="IsLast">Whether no later standard has been published.</param>
/// <param name="State">How far the build has come by now.</param>
/// <param name="Station">The id of the station that they are for; null where the house has one place only.</param>
/// <param name="Stations">The stations of the house, the one where standards are set first.</param>
/// <param name="Wishes">What a guest may ask for of it.</param>
/// <param name="Limits">What can be said of a pour when it is made.</param>
/// <param name="Changes">What is different from the standard, as a guest asks for it.</param>
/// <param name="Allergens">The allergens of its sizes at that station, in sentences.</param>
/// <param name="Plans">How each size is made there, in the build's order of sizes.</param>
public sealed record CardsView(
    string Build,
    string Drink,
    long? Standard,
    DateTimeOffset At,
    bool IsLast,
    BuildState State,
    string? Station,
    IReadOnlyList<StationName> Stations,
    PossibleWishes Wishes,
    PourLimits Limits,
    IReadOnlyList<Change> Changes,
    IReadOnlyList<string> Allergens,
    IReadOnlyList<MakingPlan> Plans
);

/// <summary>A station by name.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it.</param>
public sealed record StationName(string Id, string Name);
