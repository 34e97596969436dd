using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Lays sizes of builds beside each other, number by number.</summary>
public static class SideBySide
{
    /// <summary>The most that stand beside each other.</summary>
    public const int Most = 6;

    private const string NotKnown = "not known";

    /// <summary>The rows, what is farthest apart first; among equals what goes in comes first, in the order of
    /// pouring.</summary>
    /// <param name="sides">The sizes with the sheets that they are of.</param>
    public static IReadOnlyList<ComparedRow> Of(IReadOnlyList<(BuildSheet Sheet, SizeSheet Size)> sides) =>
        [.. Lines(sides).Concat(Figures(sides)).OrderByDescending(row => Math.Round(row.Apart, 3))];

    private static IEnumerable<ComparedRow> Lines(IReadOnlyList<(BuildSheet Sheet, SizeSheet Size)> sides)
    {
        foreach (var name in sides.SelectMany(side => side.Size.Lines.Select(line => line.IngredientName)).Distinct())
        {
            var lines = sides
                .Select(side => side.Size.Lines.Where(line => line.IngredientName == name).ToList())
                .ToList();
            yield return Row(
                name,
                [
                    .. lines.Select(found =>
                        found.Count == 0
                            ? null
                            : string.Join(" and ", found.Select(line => $"{Say.Fine(line.Amount)} {line.Unit}"))
                    ),
                ],
                [.. lines.Select(found => (double?)found.Sum(line => line.Mass.Value))]
            );
        }
    }

    private static IEnumerable<ComparedRow> Figures(IReadOnlyList<(BuildSheet Sheet, SizeSheet Size)> sides)
    {
        yield return Number("Strength", size => size.Taste.Poured.Strength?.Value, "%", 2);
        yield return Number("Sweetness", size => size.Taste.Poured.Sweetness?.Value, "g/100 g", 1);
        yield return Number("Milk to a part of coffee", size => size.Taste.Poured.MilkPerCoffee, "parts", 1);
        yield return Number("In the cup", size => size.Fill.OccupiedVolume.Value, "ml", 0);
        yield return Number("Room left", size => size.Fill.RoomLeft.Value, "ml", 0);
        yield return Number("At hand-over", size => size.Life.Moments[0].Temperature.Value, "°C", 0);
        yield return Number("Melted at hand-over", size => size.Life.Moments[0].Melt.Value, "g", 0);
        yield return Number("Caffeine", size => size.Inside.Nutrition.Caffeine?.Value, "mg", 0);
        yield return Number("Energy", size => size.Inside.Nutrition.Energy?.Value, "kcal", 0);
        yield return Number("Sugars", size => size.Inside.Nutrition.Sugars?.Value, "g", 0);
        yield return Number("Cost", size => size.Cost.Total?.Value, sides[0].Sheet.Currency, 2);
        yield return Row("Allergens", [.. sides.Select(side => side.Size.Inside.Allergens.Says)], null);

        ComparedRow Number(string what, Func<SizeSheet, double?> of, string unit, int digits)
        {
            var values = sides.Select(side => of(side.Size)).ToList();
            return Row(
                what,
                [
                    .. values.Select(value =>
                        value is { } known ? $"{Say.Fixed(known, digits)} {unit}".TrimEnd() : NotKnown
                    ),
                ],
                values
            );
        }
    }

    private static ComparedRow Row(string what, IReadOnlyList<string?> cells, IReadOnlyList<double?>? values)
    {
        var differs = cells.Select(cell => cell != cells[0]).ToList();
        var isAlike = !differs.Contains(true);
        var known = values?.OfType<double>().ToList() ?? [];

        // A temperature or a room below nothing has no share of the most; what is not known is apart from what is.
        return new ComparedRow(
            what,
            cells,
            differs,
            isAlike ? 0
                : known.Count < cells.Count ? 0.5
                : known.Max(Math.Abs) is var most && most > 0 ? Math.Min(1, (known.Max() - known.Min()) / most)
                : 0
        );
    }
}
