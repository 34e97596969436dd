using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Quantities;

namespace Krasis.Core.Planning.Plans;

/// <summary>What the house makes and buys for its drinks.</summary>
public static class PrepCatalogue
{
    /// <summary>Everything of a bar that can be needed.</summary>
    /// <param name="document">The bar as it is kept.</param>
    /// <param name="bar">The same, read.</param>
    /// <param name="prep">How the house prepares.</param>
    public static IReadOnlyDictionary<Item, PrepItem> Of(BarDocument document, BarFacts bar, PrepFacts prep)
    {
        var parts = document
            .Parts.Select(part => (Document: part, Part: PartReader.Read(part)))
            .Where(part => part.Part.IsRead)
            .ToDictionary(part => part.Part.Value.Id, part => (part.Document, part.Part.Value));
        var packs = document.Ingredients.Where(entry => entry.Id is not null).ToDictionary(entry => entry.Id!);
        var found = new Dictionary<Item, PrepItem>();
        foreach (var ingredient in bar.Ingredients)
        {
            var id = ingredient.Id.Value;
            var making = prep.Makings.GetValueOrDefault(id);
            var pack = packs.GetValueOrDefault(id);
            var coffee = bar.CoffeeOf(ingredient.Id);
            IReadOnlyList<(Item, double)> of =
                parts.TryGetValue(ingredient.Id, out var part) ? Shares(part.Value, bar)
                : coffee is not null ? [(Item.Ground(id), coffee.Coffee.Value / coffee.Yield.Value)]
                : ingredient.FrozenFrom is { } frozen ? [(Item.Ingredient(frozen.Value), 1)]
                : [];
            var isGround = coffee is not null || bar.EspressoOf(ingredient.Id) is not null;
            if (isGround)
            {
                var ground = Item.Ground(id);
                found[ground] = Bought(
                    ground,
                    ingredient.Kind == IngredientKind.Espresso ? ingredient.Name : $"{ingredient.Name}, ground",
                    pack,
                    null,
                    prep
                );
            }

            if (ingredient.Kind == IngredientKind.Espresso && of.Count == 0)
            {
                continue;
            }

            var item = Item.Ingredient(id);
            var isMade = of.Count > 0 || making is not null;
            var isChilled = making?.IsChilled ?? ingredient.IsChilled;
            found[item] = isMade
                ? new PrepItem(
                    item,
                    ingredient.Name,
                    ingredient.Density.Value,
                    true,
                    DateMarking.Days(
                        making?.Keeps ?? (part.Document?.ShelfLifeDays is { } days ? (int)days : null),
                        isChilled
                    ),
                    isChilled,
                    making is { IsCooked: true } or { WaitsFor: Waiting.Freeze },
                    of,
                    null,
                    null,
                    null,
                    ingredient.PricePerGram?.Value
                )
                : Bought(item, ingredient.Name, pack, ingredient, prep);
        }

        foreach (var cup in bar.Cups)
        {
            var item = Item.Cup(cup.Id.Value);
            var pieces = prep.Buying.GetValueOrDefault(item)?.PackPieces;
            found[item] = new PrepItem(
                item,
                cup.LidClearance is null ? $"{cup.Name} cup" : $"{cup.Name} cup and lid",
                null,
                false,
                null,
                false,
                false,
                [],
                pieces,
                pieces is null ? null : $"{pieces} cups",
                pieces * cup.Price?.Value,
                cup.Price?.Value
            );
        }

        // What holds something that keeps shorter keeps no longer itself, unless cooking or freezing begins its days
        // anew.
        foreach (var item in found.Values.Where(item => item.IsMade).ToList())
        {
            found[item.Item] = item with { Keeps = Keeps(item.Item, found, []) };
        }

        return found;
    }

    private static int? Keeps(Item item, IReadOnlyDictionary<Item, PrepItem> all, HashSet<Item> within) =>
        !all.TryGetValue(item, out var known) || !within.Add(item) ? null
        : known.StartsAnew ? known.Keeps
        : known
            .Of.Where(of => all.TryGetValue(of.Item, out var inner) && inner.IsMade)
            .Select(of => Keeps(of.Item, all, within))
            .Append(known.Keeps)
            .Min();

    private static PrepItem Bought(
        Item item,
        string name,
        IngredientDocument? pack,
        Ingredient? ingredient,
        PrepFacts prep
    )
    {
        var usable = (pack?.UsablePercent ?? 100) / 100;
        var isVolume = pack?.PackMeasure == "ml";
        double? grams =
            pack?.PackAmount is { } amount && (!isVolume || ingredient is not null)
                ? amount * (isVolume ? ingredient!.Density.Value : 1) * usable
                : null;
        return new PrepItem(
            item,
            name,
            ingredient?.Density.Value,
            false,
            null,
            ingredient?.IsChilled ?? false,
            false,
            [],
            grams,
            pack?.PackAmount is { } says ? $"{Say.Fine(says)} {pack.PackMeasure ?? "g"}" : null,
            pack?.PackPrice,
            grams > 0 ? pack?.PackPrice / grams
                : ingredient is { IsKnownAsNothing: true } ? 0
                : null
        );
    }

    private static IReadOnlyList<(Item, double)> Shares(Part part, BarFacts bar)
    {
        var masses = PartBatch.MassesOf(part, bar);
        var yields = masses.Sum(mass => mass.Value) * (1 - part.Loss);
        return
        [
            .. part
                .Lines.Zip(masses, (line, mass) => (line.Ingredient, Grams: mass.Value))
                .Where(line => bar.Find(line.Ingredient)!.Kind != IngredientKind.Water)
                .Select(line =>
                    (
                        bar.EspressoOf(line.Ingredient) is { } recipe
                            ? Item.Ground(line.Ingredient.Value)
                            : Item.Ingredient(line.Ingredient.Value),
                        line.Grams
                            / yields
                            * (
                                bar.EspressoOf(line.Ingredient) is { } pulled
                                    ? pulled.Dose.Value / pulled.Yield.Value
                                    : 1
                            )
                    )
                ),
        ];
    }
}
