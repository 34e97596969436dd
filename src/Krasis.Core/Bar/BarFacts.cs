using Krasis.Core.Coffee;
using Krasis.Core.Dispensers;
using Krasis.Core.Espresso;
using Krasis.Core.Ingredients;
using Krasis.Core.Milk;
using Krasis.Core.Vessels;

namespace Krasis.Core.Bar;

/// <summary>The measured facts of one bar, which belong together: every dispenser and every espresso recipe is for an
/// ingredient that is here. Made by <see cref="BarReader"/>.</summary>
public sealed class BarFacts
{
    private readonly Dictionary<CupId, Cup> cups;
    private readonly Dictionary<IngredientId, Ingredient> ingredients;
    private readonly Dictionary<IngredientId, Dispenser> dispensers;
    private readonly Dictionary<IngredientId, EspressoRecipe> espresso;
    private readonly Dictionary<IngredientId, CoffeeBase> coffees;

    internal BarFacts(
        IReadOnlyList<Cup> cups,
        IReadOnlyList<Ingredient> ingredients,
        IReadOnlyList<Dispenser> dispensers,
        IReadOnlyList<EspressoRecipe> espresso,
        IReadOnlyList<CoffeeBase> coffees,
        IReadOnlyList<FoamLevel> foams,
        IReadOnlyList<Pitcher> pitchers,
        HouseRules house)
    {
        Foams = foams;
        Pitchers = pitchers;
        Dispensers = dispensers;
        Cups = cups;
        Ingredients = ingredients;
        House = house;
        this.cups = cups.ToDictionary(cup => cup.Id);
        this.ingredients = ingredients.ToDictionary(ingredient => ingredient.Id);
        this.dispensers = dispensers.ToDictionary(dispenser => dispenser.Holds);
        this.espresso = espresso.ToDictionary(recipe => recipe.Makes);
        this.coffees = coffees.ToDictionary(coffee => coffee.Makes);
    }

    /// <summary>The cups, in the bar's order.</summary>
    public IReadOnlyList<Cup> Cups { get; }

    /// <summary>The dispensers, in the bar's order.</summary>
    public IReadOnlyList<Dispenser> Dispensers { get; }

    /// <summary>The foam levels, in the bar's order.</summary>
    public IReadOnlyList<FoamLevel> Foams { get; }

    /// <summary>The milk pitchers, in the bar's order.</summary>
    public IReadOnlyList<Pitcher> Pitchers { get; }

    /// <summary>The ingredients and then the parts, each in the bar's order.</summary>
    public IReadOnlyList<Ingredient> Ingredients { get; }

    /// <summary>The house rules.</summary>
    public HouseRules House { get; }

    /// <summary>The cup of an id, or null.</summary>
    public Cup? Find(CupId id) => cups.GetValueOrDefault(id);

    /// <summary>The ingredient of an id, or null.</summary>
    public Ingredient? Find(IngredientId id) => ingredients.GetValueOrDefault(id);

    /// <summary>The foam level of an id, or null.</summary>
    public FoamLevel? Find(FoamId id) => Foams.FirstOrDefault(foam => foam.Id == id);

    /// <summary>The dispenser that holds an ingredient, or null.</summary>
    public Dispenser? DispenserOf(IngredientId id) => dispensers.GetValueOrDefault(id);

    /// <summary>The espresso recipe that makes an ingredient, or null.</summary>
    public EspressoRecipe? EspressoOf(IngredientId id) => espresso.GetValueOrDefault(id);

    /// <summary>How a brewed coffee is made, or null.</summary>
    public CoffeeBase? CoffeeOf(IngredientId id) => coffees.GetValueOrDefault(id);
}
