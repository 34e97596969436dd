using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>A quantity in another of the bar's measures.</summary>
/// <param name="Measure">The code of the measure.</param>
/// <param name="Amount">How much.</param>
/// <param name="Says">The same as it is read out, such as 1.5 US fl oz.</param>
public sealed record Equivalent(string Measure, double Amount, string Says)
{
    /// <summary>A quantity of an ingredient in every measure in which this bar can say it.</summary>
    public static IReadOnlyList<Equivalent> Of(Quantity quantity, Ingredient ingredient, BarFacts bar) =>
        [
            .. Dosing
                .MeasuresFor(ingredient, bar)
                .Select(measure => Dosing.Convert(quantity, measure, ingredient, bar, "text"))
                .Where(reading => reading.IsRead)
                .Select(reading => new Equivalent(
                    reading.Value.Measure.Code,
                    reading.Value.Amount,
                    reading.Value.ToString()
                )),
        ];
}
