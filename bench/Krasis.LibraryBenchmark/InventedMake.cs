using Krasis.Core.Builds.Lines;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Store.Makes;

namespace Krasis.LibraryBenchmark;

/// <summary>A make that nobody poured: four lines, each within a gram of what was wanted.</summary>
internal static class InventedMake
{
    /// <summary>Invents one.</summary>
    /// <param name="i">Which it is; its four ingredients, of 25, and who poured it, of nine, follow from it.</param>
    /// <param name="id">Its id, of no other make in the file.</param>
    /// <param name="drink">The drink: its build, its name and its size.</param>
    /// <param name="atKiosk">Whether it was poured at the kiosk.</param>
    /// <param name="at">When it was poured.</param>
    /// <param name="dice">What decides how far it is off.</param>
    public static StoredMake Of(
        int i,
        string id,
        (string Build, string Name, string Size, string SizeName) drink,
        bool atKiosk,
        DateTimeOffset at,
        Random dice
    ) =>
        new(
            id,
            drink.Build,
            drink.Name,
            1,
            atKiosk ? "Kiosk" : "Bar",
            atKiosk ? "kiosk" : "bar",
            drink.Size,
            drink.SizeName,
            $"P{i % 9}",
            at,
            90,
            true,
            Percent.From(dice.NextDouble()),
            Percent.From(dice.NextDouble()),
            true,
            "{}",
            [.. Enumerable.Range(0, 4).Select(line => Poured(i, line, dice))]
        );

    private static PouredStep Poured(int i, int line, Random dice) =>
        new(
            new LineId($"line-{line}"),
            $"Ingredient {(i + line) % 25}",
            new($"ingredient-{(i + line) % 25}"),
            line == 0 ? "pump-maple" : null,
            line == 1 ? "Lock double" : null,
            Grams.From(30),
            Grams.From(29 + (2 * dice.NextDouble())),
            line == 1 ? 28 : null,
            null,
            true
        );
}
