using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;

namespace Krasis.Web.Features.Bar;

/// <summary>All of the bar's facts.</summary>
/// <param name="Cups">The cups.</param>
/// <param name="Ingredients">The ingredients.</param>
/// <param name="Dispensers">The dispensers.</param>
/// <param name="Espresso">The espresso recipes.</param>
/// <param name="Coffees">How brewed coffees are made.</param>
/// <param name="Foams">The foam levels.</param>
/// <param name="Pitchers">The milk pitchers.</param>
/// <param name="Parts">What the house makes for its drinks.</param>
/// <param name="Stations">The stations.</param>
/// <param name="House">The house rules.</param>
/// <param name="Rules">The house rules as they hold, with what is taken for those that are not said.</param>
/// <param name="Words">What can be chosen of how a line goes in.</param>
/// <param name="Today">The day where the server stands.</param>
public sealed record BarView(
    IReadOnlyList<MeasuredView<CupDocument, CupMeasured>> Cups,
    IReadOnlyList<PourableView<IngredientDocument, IngredientMeasured>> Ingredients,
    IReadOnlyList<MeasuredView<DispenserDocument, StrokesMeasured>> Dispensers,
    IReadOnlyList<MeasuredView<EspressoDocument, EspressoMeasured>> Espresso,
    IReadOnlyList<MeasuredView<CoffeeBaseDocument, BrewMeasured>> Coffees,
    IReadOnlyList<MeasuredView<FoamDocument, FoamMeasured>> Foams,
    IReadOnlyList<FactView<PitcherDocument>> Pitchers,
    IReadOnlyList<PourableView<PartDocument, PartMeasured>> Parts,
    IReadOnlyList<FactView<StationDocument>> Stations,
    FactView<HouseDocument> House,
    RulesView Rules,
    LineWords Words,
    DateOnly Today);
