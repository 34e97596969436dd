using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Scaling;

/// <summary>One espresso for every size; everything else grows with the cup.</summary>
public sealed class SameShot : IScaling
{
    /// <inheritdoc/>
    public Quantity Scale(BuildLine line, Ingredient ingredient, Growth growth) =>
        ingredient.Kind == IngredientKind.Espresso ? line.Set : line.Set.With(line.Set.Amount * growth.Cup);
}
