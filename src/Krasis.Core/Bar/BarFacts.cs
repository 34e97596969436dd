using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Stations;

namespace Krasis.Core.Bar;

/// <summary>The measured facts of one bar, which belong together: every dispenser and every espresso recipe is for an
/// ingredient that is here. Seen from one of its stations, whose pumps and recipes are found. Made by
/// <see cref="Kinds.BarReader"/>.</summary>
public sealed class BarFacts
{
    private readonly Dictionary<CupId, Cup> cups;
    private readonly Dictionary<IngredientId, Ingredient> ingredients;
    private readonly IReadOnlyList<Ingredient> entered;
    private readonly Dictionary<IngredientId, Dispenser> dispensers;
    private readonly Dictionary<IngredientId, EspressoRecipe> espresso;
    private readonly Dictionary<IngredientId, CoffeeBase> coffees;
    private readonly IReadOnlyList<EspressoRecipe> recipes;

    internal BarFacts(
        IReadOnlyList<Cup> cups,
        IReadOnlyList<Ingredient> ingredients,
        IReadOnlyList<Dispenser> dispensers,
        IReadOnlyList<EspressoRecipe> espresso,
        IReadOnlyList<CoffeeBase> coffees,
        IReadOnlyList<FoamLevel> foams,
        IReadOnlyList<Pitcher> pitchers,
        IReadOnlyList<Station> stations,
        HouseRules house
    )
    {
        Stations = stations;
        Station = stations.Count > 0 ? stations[0] : null;
        recipes = espresso;
        Foams = foams;
        Pitchers = pitchers;
        Dispensers = dispensers;
        Cups = cups;
        entered = ingredients;
        House = house;
        this.cups = cups.ToDictionary(cup => cup.Id);
        this.dispensers = Here(dispensers, Station, dispenser => dispenser.Station, dispenser => dispenser.Holds);
        this.espresso = Here(espresso, Station, recipe => recipe.Station, recipe => recipe.Makes);
        this.coffees = coffees.ToDictionary(coffee => coffee.Makes);
        Ingredients = Resolved();
        this.ingredients = Ingredients.ToDictionary(ingredient => ingredient.Id);
    }

    private BarFacts(BarFacts other, EspressoRecipe recipe)
        : this(
            other,
            other.Station,
            new Dictionary<IngredientId, EspressoRecipe>(other.espresso) { [recipe.Makes] = recipe }
        ) { }

    private BarFacts(BarFacts other, Station? station, Dictionary<IngredientId, EspressoRecipe>? espresso = null)
    {
        Stations = other.Stations;
        Station = station;
        Foams = other.Foams;
        Pitchers = other.Pitchers;
        Dispensers = other.Dispensers;
        Cups = other.Cups;
        entered = other.entered;
        House = other.House;
        cups = other.cups;
        coffees = other.coffees;
        recipes = other.recipes;
        dispensers = Here(Dispensers, station, dispenser => dispenser.Station, dispenser => dispenser.Holds);
        this.espresso = espresso ?? Here(recipes, station, recipe => recipe.Station, recipe => recipe.Makes);
        Ingredients = Resolved();
        ingredients = Ingredients.ToDictionary(ingredient => ingredient.Id);
    }

    /// <summary>The stations, the one where standards are set first; none where the bar is a single place.</summary>
    public IReadOnlyList<Station> Stations { get; }

    /// <summary>The station that the bar is seen from; null where it is a single place.</summary>
    public Station? Station { get; }

    /// <summary>The same bar as seen from one of its stations.</summary>
    public BarFacts At(Station station) => new(this, station);

    /// <summary>The cups, in the bar's order.</summary>
    public IReadOnlyList<Cup> Cups { get; }

    /// <summary>The dispensers of every station, in the bar's order.</summary>
    public IReadOnlyList<Dispenser> Dispensers { get; }

    /// <summary>The foam levels, in the bar's order.</summary>
    public IReadOnlyList<FoamLevel> Foams { get; }

    /// <summary>The milk pitchers, in the bar's order.</summary>
    public IReadOnlyList<Pitcher> Pitchers { get; }

    /// <summary>The ingredients and then the parts, each in the bar's order; coffees as their recipes make them
    /// here.</summary>
    public IReadOnlyList<Ingredient> Ingredients { get; }

    /// <summary>The house rules.</summary>
    public HouseRules House { get; }

    /// <summary>The cup of an id, or null.</summary>
    public Cup? Find(CupId id) => cups.GetValueOrDefault(id);

    /// <summary>The ingredient of an id, or null.</summary>
    public Ingredient? Find(IngredientId id) => ingredients.GetValueOrDefault(id);

    /// <summary>The ingredient of an id as it was entered, whatever a recipe makes of it; null where there is none, and
    /// of a part.</summary>
    public Ingredient? AsEntered(IngredientId id) =>
        entered.FirstOrDefault(ingredient => ingredient.Id == id && !ingredient.IsPart);

    /// <summary>What a recipe makes of a coffee, by the recipe's name; null where none makes it.</summary>
    public string? RecipeNameOf(IngredientId id) => EspressoOf(id)?.Name ?? CoffeeOf(id)?.Name;

    /// <summary>The foam level of an id, or null.</summary>
    public FoamLevel? Find(FoamId id) => Foams.FirstOrDefault(foam => foam.Id == id);

    /// <summary>The dispenser that holds an ingredient at the station, or null.</summary>
    public Dispenser? DispenserOf(IngredientId id) => dispensers.GetValueOrDefault(id);

    /// <summary>The espresso recipe that makes an ingredient at the station, or null; of several the first.</summary>
    public EspressoRecipe? EspressoOf(IngredientId id) => espresso.GetValueOrDefault(id);

    /// <summary>Every espresso recipe that makes an ingredient at the station, the one that is meant when none is named
    /// first.</summary>
    public IReadOnlyList<EspressoRecipe> RecipesOf(IngredientId id)
    {
        var first = EspressoOf(id);
        return first is null
            ? []
            :
            [
                first,
                .. recipes.Where(recipe =>
                    recipe != first && recipe.Makes == id && (recipe.Station is null || recipe.Station == Station?.Id)
                ),
            ];
    }

    /// <summary>Whether there is such a recipe for a coffee at any station.</summary>
    public bool HasRecipe(string recipe, IngredientId id) =>
        recipes.Any(known => known.Id == recipe && known.Makes == id);

    /// <summary>The same bar with one of an ingredient's espresso recipes as the one that is meant; the bar itself
    /// where there is no such recipe.</summary>
    /// <param name="recipe">The recipe's id.</param>
    public BarFacts Pulling(string? recipe) =>
        recipe is not null
        && recipes.FirstOrDefault(known => known.Id == recipe) is { } named
        && EspressoOf(named.Makes) != named
            ? new BarFacts(this, named)
            : this;

    /// <summary>How a brewed coffee is made, or null.</summary>
    public CoffeeBase? CoffeeOf(IngredientId id) => coffees.GetValueOrDefault(id);

    // A coffee is what its recipe makes of it; everything else as it was entered.
    private List<Ingredient> Resolved() =>
        [
            .. entered.Select(ingredient =>
                EspressoOf(ingredient.Id) is { } recipe ? CoffeeContent.Of(ingredient, recipe)
                : CoffeeOf(ingredient.Id) is { } brew ? CoffeeContent.Of(ingredient, brew)
                : ingredient
            ),
        ];

    // What stands at the station comes before what serves every station.
    private static Dictionary<IngredientId, T> Here<T>(
        IReadOnlyList<T> all,
        Station? station,
        Func<T, string?> place,
        Func<T, IngredientId> key
    )
    {
        var found = new Dictionary<IngredientId, T>();
        foreach (
            var item in all.Where(item => station is not null && place(item) == station.Id)
                .Concat(all.Where(item => place(item) is null))
        )
        {
            found.TryAdd(key(item), item);
        }

        return found;
    }
}
