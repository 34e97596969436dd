using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>One line in one size: a cell of the sheet.</summary>
/// <param name="Line">The line.</param>
/// <param name="Ingredient">The ingredient.</param>
/// <param name="IngredientName">What the bar calls it.</param>
/// <param name="Measure">The code of the line's measure.</param>
/// <param name="Unit">What stands after the amount on screen, in the singular or the plural as the amount
/// needs.</param>
/// <param name="Amount">How much goes in, in that measure.</param>
/// <param name="Exact">What the lead's rules ask for before any rounding; the same as <paramref name="Amount"/>
/// where the lead has set or pinned it.</param>
/// <param name="Step">The smallest difference that the bar pours, in that measure.</param>
/// <param name="Origin">Where the amount comes from.</param>
/// <param name="Mass">The same in grams.</param>
/// <param name="Volume">The same in millilitres; for ice, of the solid.</param>
/// <param name="Units">In what volume and mass are said beside the amount.</param>
/// <param name="Pull">How it is pulled, where it is espresso.</param>
/// <param name="Mark">To where it fills the cup; null where it goes in by amount.</param>
/// <param name="Stated">The same as the card says it again, such as 15 ml; null when it is said once.</param>
public sealed record SheetLine(
    LineId Line,
    IngredientId Ingredient,
    string IngredientName,
    string Measure,
    string Unit,
    double Amount,
    double Exact,
    double Step,
    Origin Origin,
    Grams Mass,
    Millilitres Volume,
    DisplayUnits Units,
    PullSize? Pull,
    SheetMark? Mark,
    string? Stated
)
{
    /// <summary>Volume and mass as they are said beside the amount. Worked out when it is asked for: most sheets are
    /// never read out.</summary>
    public string Beside => Bar.Beside.Say(Volume, Mass, Units);
}
