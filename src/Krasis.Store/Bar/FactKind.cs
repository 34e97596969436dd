using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;

namespace Krasis.Store.Bar;

/// <summary>A sort of fact, and the type of its document.</summary>
/// <typeparam name="TDocument">The document's type.</typeparam>
/// <param name="Name">Its name in the file and in addresses.</param>
public sealed record FactKind<TDocument>(string Name)
    where TDocument : class;

/// <summary>The sorts of facts there are.</summary>
public static class FactKinds
{
    /// <summary>Cups.</summary>
    public static FactKind<CupDocument> Cups { get; } = new("cups");

    /// <summary>Ingredients.</summary>
    public static FactKind<IngredientDocument> Ingredients { get; } = new("ingredients");

    /// <summary>Dispensers.</summary>
    public static FactKind<DispenserDocument> Dispensers { get; } = new("dispensers");

    /// <summary>Espresso recipes.</summary>
    public static FactKind<EspressoDocument> Espresso { get; } = new("espresso");

    /// <summary>How brewed coffees are made.</summary>
    public static FactKind<CoffeeBaseDocument> Coffees { get; } = new("coffees");

    /// <summary>Foam levels.</summary>
    public static FactKind<FoamDocument> Foams { get; } = new("foams");

    /// <summary>Milk pitchers.</summary>
    public static FactKind<PitcherDocument> Pitchers { get; } = new("pitchers");

    /// <summary>What the house makes for its drinks.</summary>
    public static FactKind<PartDocument> Parts { get; } = new("parts");

    /// <summary>Stations.</summary>
    public static FactKind<StationDocument> Stations { get; } = new("stations");

    /// <summary>House rules, of which there is one, under the id <see cref="HouseId"/>.</summary>
    public static FactKind<HouseDocument> House { get; } = new("house");

    /// <summary>The id of the house rules.</summary>
    public const string HouseId = "house";
}
