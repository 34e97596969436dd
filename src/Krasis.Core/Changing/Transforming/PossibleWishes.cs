using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Changing.Transforming;

/// <summary>What a guest may ask for of a drink.</summary>
/// <param name="Milks">The milks that can be taken in the place of its own; none where there is no milk in it.</param>
/// <param name="Sweet">The shares of its sweetness that it can be left with, %; none where nothing sweetens it that
/// could be less.</param>
/// <param name="Shots">How many shots more at the most; none where there is no espresso in it.</param>
/// <param name="Decaf">Whether without caffeine.</param>
/// <param name="NoTop">Whether without what stands on top.</param>
public sealed record PossibleWishes(
    IReadOnlyList<PossibleMilk> Milks,
    IReadOnlyList<double> Sweet,
    int Shots,
    bool Decaf,
    bool NoTop
);

/// <summary>A milk that a guest may ask for.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
public sealed record PossibleMilk(IngredientId Id, string Name);
