using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;
using Krasis.Store;

namespace Krasis.App.Bar;

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
    DateOnly Today
)
{
    /// <summary>The bar that is kept.</summary>
    public static BarView Of(Session session, DateOnly today)
    {
        var facts = session.Bar.Facts();
        var bench = new Bench(facts, true, today);
        return new(
            Measured(BarKinds.Cups),
            Pourable(BarKinds.Ingredients),
            Measured(BarKinds.Dispensers),
            Measured(BarKinds.Espresso),
            Measured(BarKinds.Coffees),
            Measured(BarKinds.Foams),
            Plain(BarKinds.Pitchers),
            Pourable(BarKinds.Parts),
            Plain(BarKinds.Stations),
            Plain(BarKinds.House).Single(),
            RulesView.Of(facts.House),
            LineWords.All,
            today
        );

        List<FactView<TDocument>> Plain<TDocument>(BarKind<TDocument> kind)
            where TDocument : class => [.. session.Bar.List(kind).Select(fact => FactView.Of(fact, session))];

        List<MeasuredView<TDocument, TMeasured>> Measured<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class =>
            [
                .. session
                    .Bar.List(kind)
                    .Select(fact => new MeasuredView<TDocument, TMeasured>(
                        fact.Id,
                        VersionTag.Of(fact.Version, session),
                        fact.Document,
                        kind.Measure(fact.Document, bench)!
                    )),
            ];

        List<PourableView<TDocument, TMeasured>> Pourable<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class =>
            [
                .. session
                    .Bar.List(kind)
                    .Select(fact => new PourableView<TDocument, TMeasured>(
                        fact.Id,
                        VersionTag.Of(fact.Version, session),
                        fact.Document,
                        [
                            .. Dosing
                                .MeasuresFor(facts.Find(new IngredientId(fact.Id))!, facts)
                                .Select(measure => new MeasureView(measure.Code, measure.Plural)),
                        ],
                        [
                            .. facts
                                .RecipesOf(new IngredientId(fact.Id))
                                .Select(recipe => new ChoiceView(recipe.Id, recipe.Name)),
                        ],
                        kind.Measure(fact.Document, bench)!
                    )),
            ];
    }
}
