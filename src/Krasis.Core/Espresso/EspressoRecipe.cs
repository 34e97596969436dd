using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Espresso;

/// <summary>How the bar pulls its espresso.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Makes">The ingredient that comes out.</param>
/// <param name="Dose">Ground coffee in, a pull.</param>
/// <param name="Yield">Espresso out, a pull.</param>
/// <param name="ShotsPerPull">How many shots a pull counts for: 2 for a double.</param>
public sealed record EspressoRecipe(
    string Id, string Name, IngredientId Makes, Grams Dose, Grams Yield, int ShotsPerPull)
{
    /// <summary>Espresso in one shot: the pull's yield shared among its shots.</summary>
    public Grams PerShot => Yield * (1.0 / ShotsPerPull);
}
