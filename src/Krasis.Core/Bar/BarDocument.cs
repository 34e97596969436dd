using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;

namespace Krasis.Core.Bar;

/// <summary>All of the bar's facts as they are entered and stored. Nothing in it is trusted before
/// <see cref="Kinds.BarReader"/> has read it.</summary>
public sealed record BarDocument
{
    /// <summary>The cups, smallest first as the lead keeps them.</summary>
    public IReadOnlyList<CupDocument> Cups { get; init; } = [];

    /// <summary>The ingredients.</summary>
    public IReadOnlyList<IngredientDocument> Ingredients { get; init; } = [];

    /// <summary>The dispensers.</summary>
    public IReadOnlyList<DispenserDocument> Dispensers { get; init; } = [];

    /// <summary>The espresso recipes.</summary>
    public IReadOnlyList<EspressoDocument> Espresso { get; init; } = [];

    /// <summary>How brewed coffees are made.</summary>
    public IReadOnlyList<CoffeeBaseDocument> Coffees { get; init; } = [];

    /// <summary>The foam levels.</summary>
    public IReadOnlyList<FoamDocument> Foams { get; init; } = [];

    /// <summary>The milk pitchers.</summary>
    public IReadOnlyList<PitcherDocument> Pitchers { get; init; } = [];

    /// <summary>What the house makes for its drinks.</summary>
    public IReadOnlyList<PartDocument> Parts { get; init; } = [];

    /// <summary>The stations, the one where standards are set first; none where the bar is a single place.</summary>
    public IReadOnlyList<StationDocument> Stations { get; init; } = [];

    /// <summary>The house rules.</summary>
    public HouseDocument House { get; init; } = new();
}
