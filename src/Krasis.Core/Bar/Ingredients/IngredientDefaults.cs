using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>What is taken for an ingredient of which the house has not said it.</summary>
public static class IngredientDefaults
{
    /// <summary>A dissolved solid takes up about its mass ÷ 1.55 g/ml: sucrose 1.59 as a solid and 1.6 in solution,
    /// cocoa about 1.45 (from memory).</summary>
    public static Density DissolvedPowder { get; } = Density.From(1.55);

    /// <summary>The share of a heap of cubes that is ice: 0.55 to 0.60 (common practice, no source).</summary>
    public const double SolidFraction = 0.58;

    /// <summary>How warm a kind of ingredient is when it goes into the cup (common practice, no source): from the
    /// fridge 4 °C, from the shelf room temperature, espresso as it falls into a warm cup 70 °C, melting ice 0 °C, ice
    /// cream from the freezer −18 °C.</summary>
    public static Celsius ServedAt(IngredientKind kind) =>
        Celsius.From(
            kind switch
            {
                IngredientKind.Espresso => 70,
                IngredientKind.Coffee or IngredientKind.Tea or IngredientKind.Milk or IngredientKind.Topping => 4,
                IngredientKind.IceCream => FrozenScoop.Freezer,
                IngredientKind.Ice => 0,
                _ => 20,
            }
        );

    /// <summary>Heat that warms a gram of a kind of ingredient by a kelvin, J: water 4.186 (IAPWS), whole milk 3.93,
    /// coffee as water, ice 2.1 (IAPWS R10-06), a syrup of 65 °Brix about 2.8, sauce 2.6, dry powder 1.5, cream 3.4, melted ice cream 3.3
    /// (all but water and ice from memory).</summary>
    public static SpecificHeat SpecificHeat(IngredientKind kind) =>
        Quantities.SpecificHeat.From(
            kind switch
            {
                IngredientKind.Milk => 3.93,
                IngredientKind.Syrup or IngredientKind.Flavour => 2.8,
                IngredientKind.Sauce => 2.6,
                IngredientKind.Powder => 1.5,
                IngredientKind.Topping => 3.4,
                IngredientKind.IceCream => 3.3,
                IngredientKind.Ice => Physics.IceFacts.SpecificHeat,
                _ => Physics.Water.SpecificHeat,
            }
        );

    /// <summary>Three strokes of 7.5 ml in a cup of 300 ml: what a flavour's usual dose is where the house has said
    /// none, in ml to 100 ml of milk (common practice, no source).</summary>
    public const double UsualSyrup = 7.5;
}
