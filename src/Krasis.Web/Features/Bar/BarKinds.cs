using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;
using Krasis.Store.Bar;

namespace Krasis.Web.Features.Bar;

/// <summary>The sorts of fact that a bar has.</summary>
public static class BarKinds
{
    private static readonly NothingMeasured Nothing = new();

    /// <summary>Cups.</summary>
    public static BarKind<CupDocument, CupMeasured> Cups { get; } = new(
        FactKinds.Cups, "cup", (document, id) => document with { Id = id }, bar => bar.Cups, (bar, facts) => bar with { Cups = facts },
        (document, bench) => CupMeasured.Of(document, bench.Bar.House.Reserve));

    /// <summary>Ingredients.</summary>
    public static BarKind<IngredientDocument, IngredientMeasured> Ingredients { get; } = new(
        FactKinds.Ingredients, "ingredient", (document, id) => document with { Id = id }, bar => bar.Ingredients, (bar, facts) => bar with { Ingredients = facts },
        (document, bench) => IngredientMeasured.Of(document, bench.Bar.House.Sweetness, bench.Bar.RecipeNameOf(new IngredientId(document.Id ?? ""))));

    /// <summary>Dispensers.</summary>
    public static BarKind<DispenserDocument, StrokesMeasured> Dispensers { get; } = new(
        FactKinds.Dispensers, "dispenser", (document, id) => document with { Id = id }, bar => bar.Dispensers, (bar, facts) => bar with { Dispensers = facts },
        (document, bench) => StrokesMeasured.Of(document, bench.Bar.Find(new IngredientId(document.Ingredient ?? "")), bench.Bar.House, bench.Today))
    {
        Stamp = StrokeWeighing.Stamp,
    };

    /// <summary>Espresso recipes.</summary>
    public static BarKind<EspressoDocument, EspressoMeasured> Espresso { get; } = new(
        FactKinds.Espresso, "espresso recipe", (document, id) => document with { Id = id }, bar => bar.Espresso, (bar, facts) => bar with { Espresso = facts },
        (document, _) => EspressoMeasured.Of(document));

    /// <summary>How brewed coffees are made.</summary>
    public static BarKind<CoffeeBaseDocument, BrewMeasured> Coffees { get; } = new(
        FactKinds.Coffees, "coffee recipe", (document, id) => document with { Id = id }, bar => bar.Coffees, (bar, facts) => bar with { Coffees = facts },
        (document, bench) => BrewMeasured.Of(document, bench.Bar.AsEntered(new IngredientId(document.Ingredient ?? ""))));

    /// <summary>Foam levels.</summary>
    public static BarKind<FoamDocument, FoamMeasured> Foams { get; } = new(
        FactKinds.Foams, "foam level", (document, id) => document with { Id = id }, bar => bar.Foams, (bar, facts) => bar with { Foams = facts },
        (document, bench) => FoamMeasured.Of(document, bench.Bar.House));

    /// <summary>Milk pitchers.</summary>
    public static BarKind<PitcherDocument, NothingMeasured> Pitchers { get; } = new(
        FactKinds.Pitchers, "pitcher", (document, id) => document with { Id = id }, bar => bar.Pitchers, (bar, facts) => bar with { Pitchers = facts },
        (_, _) => Nothing);

    /// <summary>What the house makes for its drinks.</summary>
    public static BarKind<PartDocument, PartMeasured> Parts { get; } = new(
        FactKinds.Parts, "part", (document, id) => document with { Id = id }, bar => bar.Parts, (bar, facts) => bar with { Parts = facts },
        (document, bench) => bench.IsIn ? PartMeasured.Of(PartReader.Read(document).Value, bench.Bar) : null);

    /// <summary>Stations.</summary>
    public static BarKind<StationDocument, NothingMeasured> Stations { get; } = new(
        FactKinds.Stations, "station", (document, id) => document with { Id = id }, bar => bar.Stations, (bar, facts) => bar with { Stations = facts },
        (_, _) => Nothing);

    /// <summary>The house rules, of which there is one set.</summary>
    public static BarKind<HouseDocument, NothingMeasured> House { get; } = new(
        FactKinds.House, "set of house rules", (document, _) => document, bar => [bar.House], (bar, facts) => bar with { House = facts[0] },
        (_, _) => Nothing);
}
