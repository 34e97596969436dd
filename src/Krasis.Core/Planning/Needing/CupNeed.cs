using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Planning.Needing;

/// <summary>What one cup of a drink takes, with what is lost on the way.</summary>
public static class CupNeed
{
    /// <summary>What every size of a drink takes at a station, by cup.</summary>
    /// <param name="build">The drink, as it was published.</param>
    /// <param name="bar">The facts that it was published with, as seen from the station.</param>
    /// <returns>Grams, and pieces of cups, by size.</returns>
    /// <remarks>Espresso takes whole pulls of ground coffee; steamed milk what its pitcher needs above the
    /// dose.</remarks>
    public static IReadOnlyDictionary<string, IReadOnlyDictionary<Item, double>> Of(Build build, BarFacts bar) =>
        Mixer
            .Mix(build, bar, null)
            .Sizes.ToDictionary(
                size => size.Size.Value,
                size => (IReadOnlyDictionary<Item, double>)Of(size, build, bar)
            );

    private static Dictionary<Item, double> Of(SizeSheet size, Build build, BarFacts bar)
    {
        var need = new Dictionary<Item, double> { [Item.Cup(size.Size.Value)] = 1 };
        var steamed = size.Lines.Where(line => IsSteamed(line, build, bar)).ToList();
        foreach (var line in size.Lines)
        {
            var id = line.Ingredient.Value;
            if (line.Pull is { } pull)
            {
                Add(Item.Ground(id), pull.Dose.Value * pull.WholePulls);
                continue;
            }

            var waste =
                size.Milk is { } milk && steamed.Contains(line)
                    ? milk.Waste.Value
                        * (line.Mass.Value / steamed.Sum(each => each.Mass.Value))
                        * bar.Find(line.Ingredient)!.Density.Value
                    : 0;
            Add(Item.Ingredient(id), line.Mass.Value + waste);
        }

        return need;

        void Add(Item item, double amount) => need[item] = need.GetValueOrDefault(item) + amount;
    }

    private static bool IsSteamed(SheetLine line, Build build, BarFacts bar) =>
        build.Lines.First(each => each.Id == line.Line).Foam is { } foam && bar.Find(foam) is { IsCold: false };
}
