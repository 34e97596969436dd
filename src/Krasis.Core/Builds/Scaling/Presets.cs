using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Builds.Scaling;

/// <summary>A way of scaling that has one rule for espresso, one for milk, and lets everything else grow with the
/// cup.</summary>
/// <param name="espresso">What espresso follows.</param>
/// <param name="milk">What milk follows.</param>
/// <param name="stretches">Whether dose and yield grow with the cup within the basket's range.</param>
public sealed class Presets(ScaleBy espresso, ScaleBy milk, bool stretches = false) : IScaling
{
    private static readonly LineRule WithTheCup = new(ScaleBy.Cup);

    private readonly LineRule espresso = new(espresso);
    private readonly LineRule milk = new(milk);

    /// <inheritdoc/>
    public bool StretchesTheShot => stretches;

    /// <inheritdoc/>
    public LineRule RuleFor(Ingredient ingredient) =>
        ingredient.Kind switch
        {
            IngredientKind.Espresso => espresso,
            IngredientKind.Milk => milk,
            _ => WithTheCup,
        };
}
