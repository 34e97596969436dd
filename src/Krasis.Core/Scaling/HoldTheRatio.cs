using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Scaling;

/// <summary>Coffee grows with the cup, in what the bar can pour of it, and milk grows with that coffee, so that their
/// ratio is held; everything else grows with the cup.</summary>
public sealed class HoldTheRatio : IScaling
{
    /// <inheritdoc/>
    public Quantity Scale(BuildLine line, Ingredient ingredient, Growth growth) => line.Set.With(
        line.Set.Amount * (ingredient.Kind == IngredientKind.Milk ? growth.Coffee ?? growth.Cup : growth.Cup));
}
