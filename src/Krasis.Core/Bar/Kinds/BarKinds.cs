using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Bar.Stations;

namespace Krasis.Core.Bar.Kinds;

/// <summary>The sorts of fact that a bar has.</summary>
public static class BarKinds
{
    /// <summary>Cups.</summary>
    public static BarKind<CupDocument, CupMeasured> Cups { get; } =
        new()
        {
            Name = "cups",
            What = "cup",
            Id = cup => cup.Id,
            Called = cup => cup.Name,
            Named = (cup, id) => cup with { Id = id },
            From = bar => bar.Cups,
            Into = (bar, cups) => bar with { Cups = cups },
            IsUsed = (cup, needs) => needs.Cup(cup.Id),
            Stamp = CupMeasured.Stamp,
            Measure = (cup, bench) => CupMeasured.Of(cup, bench.Bar.House.Reserve),
        };

    /// <summary>Ingredients.</summary>
    public static BarKind<IngredientDocument, IngredientMeasured> Ingredients { get; } =
        new()
        {
            Name = "ingredients",
            What = "ingredient",
            Id = ingredient => ingredient.Id,
            Called = ingredient => ingredient.Name,
            Named = (ingredient, id) => ingredient with { Id = id },
            From = bar => bar.Ingredients,
            Into = (bar, ingredients) => bar with { Ingredients = ingredients },
            IsUsed = (ingredient, needs) => needs.Ingredient(ingredient.Id),
            Missing = (before, now) => AllergenReader.Missing(before?.Allergens, now.Allergens),
            Measure = (ingredient, bench) =>
                IngredientMeasured.Of(
                    ingredient,
                    bench.Bar.House.Sweetness,
                    bench.Bar.RecipeNameOf(new IngredientId(ingredient.Id ?? ""))
                ),
        };

    /// <summary>Dispensers.</summary>
    public static BarKind<DispenserDocument, StrokesMeasured> Dispensers { get; } =
        new()
        {
            Name = "dispensers",
            What = "dispenser",
            Id = dispenser => dispenser.Id,
            Called = dispenser => dispenser.Name,
            Named = (dispenser, id) => dispenser with { Id = id },
            From = bar => bar.Dispensers,
            Into = (bar, dispensers) => bar with { Dispensers = dispensers },
            IsUsed = (dispenser, needs) => needs.Ingredient(dispenser.Ingredient),
            Measure = (dispenser, bench) =>
                StrokesMeasured.Of(
                    dispenser,
                    bench.Bar.Find(new IngredientId(dispenser.Ingredient ?? "")),
                    bench.Bar.House,
                    bench.Today
                ),
            Stamp = StrokeWeighing.Stamp,
        };

    /// <summary>Espresso recipes.</summary>
    public static BarKind<EspressoDocument, EspressoMeasured> Espresso { get; } =
        new()
        {
            Name = "espresso",
            What = "espresso recipe",
            Id = recipe => recipe.Id,
            Called = recipe => recipe.Name,
            Named = (recipe, id) => recipe with { Id = id },
            From = bar => bar.Espresso,
            Into = (bar, recipes) => bar with { Espresso = recipes },
            IsUsed = (recipe, needs) => needs.Ingredient(recipe.Ingredient),
            Measure = (recipe, bench) =>
                EspressoMeasured.Of(
                    recipe,
                    bench.Bar.House.Serving.YieldTolerance,
                    bench.Bar.Ingredients.FirstOrDefault(made => made.Id.Value == recipe.Ingredient)?.Density
                ),
        };

    /// <summary>How brewed coffees are made.</summary>
    public static BarKind<CoffeeBaseDocument, BrewMeasured> Coffees { get; } =
        new()
        {
            Name = "coffees",
            What = "coffee recipe",
            Id = coffee => coffee.Id,
            Called = coffee => coffee.Name,
            Named = (coffee, id) => coffee with { Id = id },
            From = bar => bar.Coffees,
            Into = (bar, coffees) => bar with { Coffees = coffees },
            IsUsed = (coffee, needs) => needs.Ingredient(coffee.Ingredient),
            Measure = (coffee, bench) =>
                BrewMeasured.Of(coffee, bench.Bar.AsEntered(new IngredientId(coffee.Ingredient ?? ""))),
        };

    /// <summary>Foam levels.</summary>
    public static BarKind<FoamDocument, FoamMeasured> Foams { get; } =
        new()
        {
            Name = "foams",
            What = "foam level",
            Id = foam => foam.Id,
            Called = foam => foam.Name,
            Named = (foam, id) => foam with { Id = id },
            From = bar => bar.Foams,
            Into = (bar, foams) => bar with { Foams = foams },
            IsUsed = (foam, needs) => needs.Foam(foam.Id),
            IsKeptWhole = true,
            Measure = (foam, bench) => FoamMeasured.Of(foam, bench.Bar.House),
        };

    /// <summary>Milk pitchers.</summary>
    public static BarKind<PitcherDocument, NothingMeasured> Pitchers { get; } =
        new()
        {
            Name = "pitchers",
            What = "pitcher",
            Id = pitcher => pitcher.Id,
            Called = pitcher => pitcher.Name,
            Named = (pitcher, id) => pitcher with { Id = id },
            From = bar => bar.Pitchers,
            Into = (bar, pitchers) => bar with { Pitchers = pitchers },
            IsUsed = (_, needs) => needs.IsSteamed,
            IsKeptWhole = true,
            Measure = (_, _) => Nothing,
        };

    /// <summary>What the house makes for its drinks.</summary>
    public static BarKind<PartDocument, PartMeasured> Parts { get; } =
        new()
        {
            Name = "parts",
            What = "part",
            Id = part => part.Id,
            Called = part => part.Name,
            Named = (part, id) => part with { Id = id },
            From = bar => bar.Parts,
            Into = (bar, parts) => bar with { Parts = parts },
            IsUsed = (part, needs) => needs.Ingredient(part.Id),
            Measure = (part, bench) => bench.IsIn ? PartMeasured.Of(PartReader.Read(part).Value, bench.Bar) : null,
        };

    /// <summary>Stations.</summary>
    public static BarKind<StationDocument, NothingMeasured> Stations { get; } =
        new()
        {
            Name = "stations",
            What = "station",
            Id = station => station.Id,
            Called = station => station.Name,
            Named = (station, id) => station with { Id = id },
            From = bar => bar.Stations,
            Into = (bar, stations) => bar with { Stations = stations },
            IsUsed = (_, _) => true,
            IsKeptWhole = true,
            Measure = (_, _) => Nothing,
        };

    /// <summary>The house rules, of which there is one set.</summary>
    public static BarKind<HouseDocument, NothingMeasured> House { get; } =
        new()
        {
            Name = "house",
            What = "set of house rules",
            OnlyId = "house",
            Id = _ => "house",
            Called = _ => null,
            Named = (house, _) => house,
            From = bar => [bar.House],
            Into = (bar, houses) => bar with { House = houses.SingleOrDefault() ?? new() },
            IsUsed = (_, _) => true,
            IsKeptWhole = true,
            Measure = (_, _) => Nothing,
        };

    /// <summary>All of them, in the order in which a bar is set up.</summary>
    public static IReadOnlyList<BarKind> All { get; } =
    [Cups, Ingredients, Dispensers, Espresso, Coffees, Foams, Pitchers, Parts, Stations, House];

    /// <summary>Lets somebody do something with each of them and its types, in that order.</summary>
    public static void Each(IBarKindVisitor visitor)
    {
        foreach (var kind in All)
        {
            kind.Accept(visitor);
        }
    }

    private static NothingMeasured Nothing { get; } = new();
}
