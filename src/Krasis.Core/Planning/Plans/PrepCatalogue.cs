using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
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
        var found = bar
            .Ingredients.SelectMany(ingredient =>
                OfIngredient(
                    ingredient,
                    parts.TryGetValue(ingredient.Id, out var part) ? part : null,
                    packs.GetValueOrDefault(ingredient.Id.Value),
                    bar,
                    prep
                )
            )
            .Concat(bar.Cups.Select(cup => OfCup(cup, prep)))
            .ToDictionary(item => item.Item);

        // What holds something that keeps shorter keeps no longer itself, unless cooking or freezing begins its days
        // anew.
        foreach (var item in found.Values.Where(item => item.IsMade).ToList())
        {
            found[item.Item] = item with { Keeps = Keeps(item.Item, found, []) };
        }

        return found;
    }

    private static IEnumerable<PrepItem> OfIngredient(
        Ingredient ingredient,
        (PartDocument Document, Part Part)? part,
        IngredientDocument? pack,
        BarFacts bar,
        PrepFacts prep
    )
    {
        var id = ingredient.Id.Value;
        var coffee = bar.CoffeeOf(ingredient.Id);
        if (coffee is not null || bar.EspressoOf(ingredient.Id) is not null)
        {
            var name = ingredient.Kind == IngredientKind.Espresso ? ingredient.Name : $"{ingredient.Name}, ground";
            yield return Bought(Item.Ground(id), name, pack, null, prep);
        }

        IReadOnlyList<(Item, double)> of =
            part is { } made ? Shares(made.Part, bar)
            : coffee is not null ? [(Item.Ground(id), coffee.Coffee.Value / coffee.Yield.Value)]
            : ingredient.FrozenFrom is { } frozen ? [(Item.Ingredient(frozen.Value), 1)]
            : [];
        if (ingredient.Kind == IngredientKind.Espresso && of.Count == 0)
        {
            yield break;
        }

        var making = prep.Makings.GetValueOrDefault(id);
        if (of.Count == 0 && making is null)
        {
            yield return Bought(Item.Ingredient(id), ingredient.Name, pack, ingredient, prep);
            yield break;
        }

        var isChilled = making?.IsChilled ?? ingredient.IsChilled;
        var keeps = making?.Keeps
            ?? (
                part?.Document.ShelfLifeDays is { } days ? (int)days
                : coffee?.HoldsHours is { } hours ? Math.Max(1, (int)(hours / 24))
                : null
            );
        yield return new PrepItem(
            Item.Ingredient(id),
            ingredient.Name,
            ingredient.Density.Value,
            true,
            DateMarking.Days(keeps, isChilled),
            isChilled,
            making is { IsCooked: true } or { WaitsFor: Waiting.Freeze },
            of,
            null,
            null,
            null,
            ingredient.PricePerGram?.Value
        );
    }

    private static PrepItem OfCup(Cup cup, PrepFacts prep)
    {
        var item = Item.Cup(cup.Id.Value);
        var pieces = prep.Buying.GetValueOrDefault(item)?.PackPieces;
        return new PrepItem(
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
