using Krasis.Core.Bar;
using Krasis.Core.Espresso;
using Krasis.Core.Milk;

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
/// <param name="House">The house rules.</param>
public sealed record BarView(
    IReadOnlyList<CupView> Cups,
    IReadOnlyList<IngredientView> Ingredients,
    IReadOnlyList<DispenserView> Dispensers,
    IReadOnlyList<FactView<EspressoDocument>> Espresso,
    IReadOnlyList<CoffeeView> Coffees,
    IReadOnlyList<FactView<FoamDocument>> Foams,
    IReadOnlyList<FactView<PitcherDocument>> Pitchers,
    IReadOnlyList<PartView> Parts,
    FactView<HouseDocument> House);
