using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Changing.Transforming;

/// <summary>What a guest may ask for of a drink.</summary>
/// <param name="Milks">The milks that can be taken in the place of its own; none where there is no milk in it.</param>
/// <param name="Sweet">The shares of its sweetness that it can be left with, %; none where nothing sweetens it that
/// could be less.</param>
/// <param name="Shots">How many shots more at the most; none where there is no espresso in it.</param>
/// <param name="Fewer">How many shots fewer at the most; none where no size has two.</param>
/// <param name="Decaf">Whether without caffeine.</param>
/// <param name="HalfCaf">Whether half of its shots without caffeine.</param>
/// <param name="Strokes">Whether a stroke of its first flavour more or less.</param>
/// <param name="Syrups">The syrups that can replace its first; empty if it has no syrup.</param>
/// <param name="Ice">How much ice can be asked for.</param>
/// <param name="Heat">How hot its milk can be asked for.</param>
/// <param name="BiggerCup">Whether it can be had in the next larger cup.</param>
/// <param name="NoTop">Whether without what stands on top.</param>
public sealed record PossibleWishes(
    IReadOnlyList<PossibleIngredient> Milks,
    IReadOnlyList<double> Sweet,
    int Shots,
    int Fewer,
    bool Decaf,
    bool HalfCaf,
    bool Strokes,
    IReadOnlyList<PossibleIngredient> Syrups,
    IReadOnlyList<IceWish> Ice,
    IReadOnlyList<HeatWish> Heat,
    bool BiggerCup,
    bool NoTop
);

/// <summary>A milk or a syrup that a guest may ask for.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
public sealed record PossibleIngredient(IngredientId Id, string Name);
