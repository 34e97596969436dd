using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Bar.Parts;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Packs what comes along from another house: the facts that nothing here stands for, under ids and names that
/// are free here.</summary>
internal sealed class BundleDependencies
{
    private readonly BarDocument own;
    private readonly Dictionary<string, string> ids = new(StringComparer.Ordinal);
    private readonly Dictionary<string, string> stands;
    private readonly HashSet<string> takenIds;
    private readonly FreeNames names;

    /// <summary>Packs.</summary>
    /// <param name="theirs">The facts there.</param>
    /// <param name="own">The facts here.</param>
    /// <param name="choices">What each is to be here.</param>
    /// <param name="taken">Ids that are not free here beside those of its facts.</param>
    public BundleDependencies(
        BarDocument theirs,
        BarDocument own,
        IReadOnlyList<FactChoice> choices,
        IReadOnlyCollection<string> taken
    )
    {
        this.own = own;
        takenIds = BarKinds.All.SelectMany(kind => kind.IdsIn(own)).Concat(taken).ToHashSet(StringComparer.Ordinal);
        names = new FreeNames(
            BarKinds.All.SelectMany(kind => kind.IdsIn(own).Select((_, i) => kind.NameIn(own, i) ?? ""))
        );
        stands = choices
            .Where(choice =>
                !choice.Comes
                && choice.Own is not null
                && (choice.Kind == BarKinds.Ingredients.Name || choice.Kind == BarKinds.Parts.Name)
            )
            .DistinctBy(choice => choice.Id)
            .ToDictionary(choice => choice.Id, choice => choice.Own!, StringComparer.Ordinal);
        var chosen = choices.ToLookup(choice => (choice.Kind, choice.Id));
        var cups = Those(BarKinds.Cups.Name);
        var foams = Those(BarKinds.Foams.Name);
        var ingredients = Those(BarKinds.Ingredients.Name);
        var parts = Those(BarKinds.Parts.Name);
        foreach (var id in cups.Concat(foams).Concat(ingredients).Concat(parts))
        {
            ids[id] = FreeId(id);
        }

        Added = new BarDocument
        {
            Cups = [.. theirs.Cups.Where(cup => cups.Contains(cup.Id!)).Select(UnpackCup)],
            Foams = [.. theirs.Foams.Where(foam => foams.Contains(foam.Id!)).Select(UnpackFoam)],
            Ingredients = [.. theirs.Ingredients.Where(one => ingredients.Contains(one.Id!)).Select(UnpackIngredient)],
            Parts = [.. theirs.Parts.Where(part => parts.Contains(part.Id!)).Select(UnpackPart)],
            Dispensers =
            [
                .. theirs
                    .Dispensers.Where(pump => ids.ContainsKey(pump.Ingredient ?? ""))
                    .Select(pump =>
                        UnpackPump(pump, chosen[(BarKinds.Dispensers.Name, pump.Id ?? "")].FirstOrDefault())
                    )
                    .OfType<DispenserDocument>(),
            ],
            Espresso =
            [
                .. theirs.Espresso.Where(recipe => ids.ContainsKey(recipe.Ingredient ?? "")).Select(UnpackRecipe),
            ],
            Coffees =
            [
                .. theirs.Coffees.Where(coffee => ids.ContainsKey(coffee.Ingredient ?? "")).Select(UnpackCoffee),
            ],
        };

        HashSet<string> Those(string kind) =>
            choices
                .Where(choice => choice.Kind == kind && choice.Comes)
                .Select(choice => choice.Id)
                .ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>The facts that come along.</summary>
    public BarDocument Added { get; }

    /// <summary>This bar with all of them.</summary>
    public BarDocument Here =>
        own with
        {
            Cups = [.. own.Cups, .. Added.Cups],
            Foams = [.. own.Foams, .. Added.Foams],
            Ingredients = [.. own.Ingredients, .. Added.Ingredients],
            Parts = [.. own.Parts, .. Added.Parts],
            Dispensers = [.. own.Dispensers, .. Added.Dispensers],
            Espresso = [.. own.Espresso, .. Added.Espresso],
            Coffees = [.. own.Coffees, .. Added.Coffees],
        };

    /// <summary>The id here of what comes along; null for what does not.</summary>
    public string? ComesAs(string? id) => id is null ? null : ids.GetValueOrDefault(id);

    // What is in what comes along is of this bar where something here stands for it.
    private string IdOf(string id) => ids.GetValueOrDefault(id) ?? stands.GetValueOrDefault(id) ?? id;

    private CupDocument UnpackCup(CupDocument cup) =>
        cup with
        {
            Id = ids[cup.Id!],
            Name = names.Give(cup.Name),
            Stations = [],
        };

    private FoamDocument UnpackFoam(FoamDocument foam) =>
        foam with
        {
            Id = ids[foam.Id!],
            Name = names.Give(foam.Name),
        };

    private IngredientDocument UnpackIngredient(IngredientDocument one) =>
        one with
        {
            Id = ids[one.Id!],
            Name = names.Give(one.Name),
            FrozenFrom = one.FrozenFrom is { } from ? IdOf(from) : null,
            OpenedOn = null,
        };

    // Where the pump here is to be used, its facts go with the flavour that comes.
    private DispenserDocument? UnpackPump(DispenserDocument pump, FactChoice? choice)
    {
        var like =
            choice is null || choice.Comes ? pump : own.Dispensers.FirstOrDefault(other => other.Id == choice.Own);
        return like is null
            ? null
            : like with
            {
                Id = FreeId(pump.Id ?? "pump"),
                Name = names.Give(pump.Name),
                Ingredient = ids[pump.Ingredient!],
                Station = null,
                WeighedOn = null,
            };
    }

    private PartDocument UnpackPart(PartDocument part) =>
        part with
        {
            Id = ids[part.Id!],
            Name = names.Give(part.Name),
            MadeOn = null,
            Lines =
            [
                .. part.Lines.Select(line =>
                    line with
                    {
                        Ingredient = line.Ingredient is { } inner ? IdOf(inner) : null,
                    }
                ),
            ],
        };

    private EspressoDocument UnpackRecipe(EspressoDocument recipe) =>
        recipe with
        {
            Id = ids[recipe.Id ?? ""] = FreeId(recipe.Id ?? "recipe"),
            Name = names.Give(recipe.Name),
            Ingredient = ids[recipe.Ingredient!],
            Station = null,
        };

    private CoffeeBaseDocument UnpackCoffee(CoffeeBaseDocument coffee) =>
        coffee with
        {
            Id = FreeId(coffee.Id ?? "coffee"),
            Name = names.Give(coffee.Name),
            Ingredient = ids[coffee.Ingredient!],
        };

    private string FreeId(string id) =>
        Enumerable.Range(1, int.MaxValue).Select(n => n == 1 ? id : $"{id}-{n}").First(takenIds.Add);
}
