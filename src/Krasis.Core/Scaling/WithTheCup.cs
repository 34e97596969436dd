using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Scaling;

/// <summary>Everything grows with the cup: each quantity is in proportion to the working volume.</summary>
public sealed class WithTheCup : IScaling
{
    /// <inheritdoc/>
    public Quantity Scale(BuildLine line, Ingredient ingredient, Growth growth) => line.Set.With(line.Set.Amount * growth.Cup);
}
