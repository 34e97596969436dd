using Krasis.App.Builds;

namespace Krasis.App.Making;

/// <summary>What is on the board at a station.</summary>
/// <param name="Now">When this was so.</param>
/// <param name="Station">The id of the station; null where the house has one place only.</param>
/// <param name="Stations">The stations of the house, the one where standards are set first.</param>
/// <param name="MostDrinks">The most drinks that an order may have.</param>
/// <param name="Drinks">The drinks, by name.</param>
public sealed record ServiceView(
    DateTimeOffset Now,
    string? Station,
    IReadOnlyList<StationName> Stations,
    int MostDrinks,
    IReadOnlyList<ServiceDrink> Drinks
);

/// <summary>A drink on the board.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Standard">Which of its standards it is.</param>
/// <param name="Allergens">Its allergens, in sentences. They name the sizes if those differ.</param>
/// <param name="Words">What it can be found by besides its name: what goes in, and its tags.</param>
/// <param name="Sizes">Its sizes at the station.</param>
public sealed record ServiceDrink(
    string Build,
    string Name,
    long Standard,
    string Allergens,
    IReadOnlyList<string> Words,
    IReadOnlyList<ServiceSize> Sizes
);

/// <summary>A size of a drink on the board.</summary>
/// <param name="Id">The cup's id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Cup">What it looks like.</param>
public sealed record ServiceSize(string Id, string Name, RowCup Cup);
