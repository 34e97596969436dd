using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Scaling;

/// <summary>A way of carrying a line's quantity from the reference size to another size. The exact quantity is asked
/// for; what the bar can pour of it is the business of <see cref="BarRounding"/>.</summary>
public interface IScaling
{
    /// <summary>How much of a line goes into a size.</summary>
    /// <param name="line">The line, which has no pin for that size.</param>
    /// <param name="ingredient">Its ingredient.</param>
    /// <param name="growth">How much larger the size is. For a growth of one the line's own quantity must come back.</param>
    Quantity Scale(BuildLine line, Ingredient ingredient, Growth growth);
}
