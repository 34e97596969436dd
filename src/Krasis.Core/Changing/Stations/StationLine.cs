using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Stations;

/// <summary>One line as it is poured at a station, beside how it was set.</summary>
/// <param name="Line">The line.</param>
/// <param name="IngredientName">What the bar calls the ingredient.</param>
/// <param name="Amount">How much goes in there.</param>
/// <param name="Unit">What stands after that amount.</param>
/// <param name="Mass">The same in grams.</param>
/// <param name="SetAmount">How much goes in where it was set.</param>
/// <param name="SetUnit">What stands after that amount.</param>
/// <param name="SetMass">The same in grams.</param>
public sealed record StationLine(
    LineId Line,
    string IngredientName,
    double Amount,
    string Unit,
    Grams Mass,
    double SetAmount,
    string SetUnit,
    Grams SetMass
);
