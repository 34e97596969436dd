namespace Krasis.Core.Bar.Ingredients;

/// <summary>How sweet a gram of each sugar tastes, against a gram of sucrose.</summary>
/// <param name="Glucose">Of glucose.</param>
/// <param name="Fructose">Of fructose.</param>
/// <param name="Lactose">Of lactose.</param>
/// <param name="Maltose">Of maltose.</param>
public sealed record RelativeSweetness(double Glucose, double Fructose, double Lactose, double Maltose)
{
    /// <summary>The usual textbook values for dilute solutions: sucrose 1, glucose 0.7, fructose 1.2, lactose 0.16,
    /// maltose 0.33 (all from memory; published values scatter, lactose from 0.16 to 0.2 and maltose from 0.3 to 0.5,
    /// and all of them shift with strength and temperature).</summary>
    public static RelativeSweetness Usual { get; } = new(0.7, 1.2, 0.16, 0.33);

    /// <summary>How sweet one sugar is.</summary>
    public double Of(Sugar sugar) => sugar switch
    {
        Sugar.Sucrose => 1,
        Sugar.Glucose => Glucose,
        Sugar.Fructose => Fructose,
        Sugar.Lactose => Lactose,
        Sugar.Maltose => Maltose,
        _ => throw new ArgumentOutOfRangeException(nameof(sugar), sugar, "There is no such sugar."),
    };

    /// <summary>Sucrose that tastes as sweet as the sugars in 100 g of an ingredient, g; null when they are not known. Black
    /// coffee and water have none to speak of.</summary>
    public double? Of(Ingredient ingredient)
    {
        if (ingredient.Sugars is not { } sugars)
        {
            return ingredient.IsCoffee || ingredient.Kind == IngredientKind.Water || (ingredient.IsIce && ingredient.Strength is null or { Value: 0 }) ? 0 : null;
        }

        var sum = 0.0;
        foreach (var (sugar, grams) in sugars)
        {
            sum += grams.Value * Of(sugar);
        }

        return sum;
    }
}
