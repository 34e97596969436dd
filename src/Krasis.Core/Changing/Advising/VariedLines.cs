using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Changing.Advising;

/// <summary>Says which lines of a size may be poured in other amounts.</summary>
internal static class VariedLines
{
    /// <summary>Whether a line is of a sort that is varied at all.</summary>
    public static bool Has(WorkedLine line) => line.Mark is null && (line.Exact > 0 || line.IsPoured) && IsOfSort(line);

    /// <summary>Whether a line is in the drink and of a sort of which more or less may be poured: coffee, milk, water,
    /// ice and flavours.</summary>
    public static bool IsOfSort(WorkedLine line) =>
        line.IsInside
        && (
            line.IsIce
            || line.Ingredient.Kind
                is IngredientKind.Espresso
                    or IngredientKind.Coffee
                    or IngredientKind.Tea
                    or IngredientKind.Milk
                    or IngredientKind.Water
            || FlavourBalance.IsFlavour(line)
        );

    /// <summary>The lines that a search varies in a size: the largest coffee, every flavour, the largest ice, and the milk,
    /// water or coffee that fills the cup.</summary>
    public static IReadOnlyList<int> Of(WorkedSize own)
    {
        var free = own.Lines.Where(Has).ToList();
        var coffee = Largest(line => line.Ingredient.Kind == IngredientKind.Espresso)
            ?? Largest(line => line.Ingredient.Kind is IngredientKind.Coffee or IngredientKind.Tea);
        var filler = Largest(line =>
            line.Ingredient.Kind is IngredientKind.Milk or IngredientKind.Water
            || (
                line.Ingredient.Kind == IngredientKind.Coffee
                && coffee is not null
                && coffee.Ingredient.Id != line.Ingredient.Id
            )
        );
        return
        [
            .. new[] { coffee }
                .Concat(free.Where(FlavourBalance.IsFlavour))
                .Append(Largest(line => line.IsIce))
                .Append(filler)
                .OfType<WorkedLine>()
                .Select(line => line.Index)
                .Distinct(),
        ];

        WorkedLine? Largest(Func<WorkedLine, bool> which) => free.Where(which).MaxBy(line => line.Mass);
    }
}
