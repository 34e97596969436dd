namespace Krasis.Core.Bar.Ingredients;

/// <summary>Names one ingredient of the bar.</summary>
/// <param name="Value">The id, never empty.</param>
public readonly record struct IngredientId(string Value)
{
    /// <summary>The id itself.</summary>
    public override string ToString() => Value;
}
