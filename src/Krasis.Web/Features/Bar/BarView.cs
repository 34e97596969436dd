using Krasis.Core.Bar;
using Krasis.Core.Dispensers;
using Krasis.Core.Espresso;

namespace Krasis.Web.Features.Bar;

/// <summary>All of the bar's facts.</summary>
/// <param name="Cups">The cups.</param>
/// <param name="Ingredients">The ingredients.</param>
/// <param name="Dispensers">The dispensers.</param>
/// <param name="Espresso">The espresso recipes.</param>
/// <param name="House">The house rules.</param>
public sealed record BarView(
    IReadOnlyList<CupView> Cups,
    IReadOnlyList<IngredientView> Ingredients,
    IReadOnlyList<FactView<DispenserDocument>> Dispensers,
    IReadOnlyList<FactView<EspressoDocument>> Espresso,
    FactView<HouseDocument> House);
