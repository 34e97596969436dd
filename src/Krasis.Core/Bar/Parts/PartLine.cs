using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Parts;

/// <summary>One thing that goes into a part.</summary>
/// <param name="Ingredient">The ingredient or part.</param>
/// <param name="Amount">How much, in <paramref name="Measure"/>; parts of a ratio are grams or millilitres.</param>
/// <param name="Measure">A measure of mass or volume.</param>
public sealed record PartLine(IngredientId Ingredient, double Amount, Measure Measure)
{
    /// <summary>Its mass at a density.</summary>
    public Grams MassAt(Density density) =>
        Measure.Kind == MeasureKind.Mass ? Measure.ToGrams(Amount) : Measure.ToMillilitres(Amount) * density;
}
