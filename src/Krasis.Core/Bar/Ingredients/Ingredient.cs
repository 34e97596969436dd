using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Something that goes into a cup: bought, or a part that the house makes.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Density">Its density as served; for ice, that of the solid; for a powder, as it lies in a
/// spoon.</param>
/// <param name="Colour">Its colour in drawings, as <c>#rrggbb</c>.</param>
/// <param name="PieceMass">The mass of one piece of ice; null for everything else.</param>
/// <param name="Strength">Coffee solids by mass in a coffee that is not espresso, in coffee ice and in a part with
/// coffee in it; null when not known, and where there is no coffee.</param>
/// <param name="Sugars">The sugars in it, every kind; null when they are not known. See
/// <see cref="IsSugarTaken"/>.</param>
public sealed record Ingredient(
    IngredientId Id,
    string Name,
    IngredientKind Kind,
    Density Density,
    string Colour,
    Grams? PieceMass,
    Percent? Strength,
    IReadOnlyDictionary<Sugar, GramsPer100Grams>? Sugars
)
{
    /// <summary>Whether it is coffee, espresso or brewed.</summary>
    public bool IsCoffee => Kind is IngredientKind.Espresso or IngredientKind.Coffee;

    /// <summary>Whether it is ice.</summary>
    public bool IsIce => Kind == IngredientKind.Ice;

    /// <summary>Whether it is ice or ice cream.</summary>
    public bool IsFrozen => Kind is IngredientKind.Ice or IngredientKind.IceCream;

    /// <summary>Whether it brings nothing and costs nothing unless something is entered of it: water, and ice of
    /// water.</summary>
    public bool IsKnownAsNothing =>
        Kind == IngredientKind.Water || (IsIce && Strength is null or { Value: 0 } && Sugars is null);

    /// <summary>Whether it has no sugars to speak of although nobody has entered that: black coffee, and what is known
    /// as nothing.</summary>
    public bool IsUnsweet => Sugars is null && (IsKnownAsNothing || (IsCoffee && Composition.Sugars is null or 0));

    /// <summary>Whether it stands on the drink or clings to the cup and is no part of the liquid.</summary>
    public bool IsTopping => Kind == IngredientKind.Topping;

    /// <summary>Whether the kinds of its sugars, or some of them, are taken to be as usual of such a thing, because its
    /// label does not say them.</summary>
    public bool IsSugarTaken { get; init; }

    /// <summary>What sweetens it without being sugar, g in 100 g.</summary>
    public IReadOnlyDictionary<Sweetener, double> Sweeteners { get; init; } = new Dictionary<Sweetener, double>();

    /// <summary>The share of it by mass that is milk, cream or a plant drink: all of a milk, none of anything else, and
    /// of a part what went in of them, which is more than one where much was boiled away.</summary>
    public double MilkShare { get; init; } = Kind == IngredientKind.Milk ? 1 : 0;

    /// <summary>The share of it by mass that is coffee, likewise.</summary>
    public double CoffeeShare { get; init; } = Kind is IngredientKind.Espresso or IngredientKind.Coffee ? 1 : 0;

    /// <summary>The caffeine of the ground coffee that it is made of; null for what is not coffee, and when it is not
    /// known.</summary>
    public Roast? Roast { get; init; }

    /// <summary>The coffee that ice was frozen from; null for everything else.</summary>
    public IngredientId? FrozenFrom { get; init; }

    /// <summary>What is in 100 g of it.</summary>
    public Composition Composition { get; init; } = Composition.Unknown;

    /// <summary>Its allergens, as far as anybody knows them.</summary>
    public AllergenStatement Allergens { get; init; } = AllergenStatement.Unread;

    /// <summary>What a gram of it costs; null when not known. Of a coffee that a recipe makes, as it stands in the bar,
    /// by the dose.</summary>
    public Money? PricePerGram { get; init; }

    /// <summary>How warm it is when it goes into the cup.</summary>
    public Celsius ServedAt { get; init; }

    /// <summary>How warm it is when it goes into a hot drink; null where that makes no difference.</summary>
    public Celsius? HotAt { get; init; }

    /// <summary>Parts of milk or water that go to one part of a tea; 0 when it is ready to drink, null when that is not
    /// said and for everything else.</summary>
    public double? DilutionParts { get; init; }

    /// <summary>Whether it has to be whisked smooth before it goes in.</summary>
    public bool IsWhisked { get; init; }

    /// <summary>Heat that melts what is frozen of a gram of it, J; zero for what is not frozen, and for ice, which is
    /// kept apart.</summary>
    public double MeltHeat { get; init; }

    /// <summary>Heat that warms a gram of it by a kelvin.</summary>
    public SpecificHeat SpecificHeat { get; init; } = SpecificHeat.From(Physics.Water.SpecificHeat);

    /// <summary>The share of a heap of it that is solid; for ice only.</summary>
    public double SolidFraction { get; init; } = 1;

    /// <summary>The most of it that a drink bears; null where there is no such limit.</summary>
    public Grams? MostPerDrink { get; init; }

    /// <summary>Its usual dose in ml to 100 ml of milk; null when the house has none.</summary>
    public double? UsualMlPer100Ml { get; init; }

    /// <summary>The warmest that it foams well cold; null when not known.</summary>
    public Celsius? FoamsColdBelow { get; init; }

    /// <summary>The warmest that it bears steaming; null when not known.</summary>
    public Celsius? SteamsBelow { get; init; }

    /// <summary>The last day on which it may be used; null when no day is known.</summary>
    public DateOnly? UseBy { get; init; }

    /// <summary>Whether it must be held at or below 5 °C.</summary>
    public bool IsChilled { get; init; }

    /// <summary>Whether it sparkles.</summary>
    public bool IsSparkling { get; init; }

    /// <summary>Whether it may curdle milk and soy.</summary>
    public bool CurdlesMilk { get; init; }

    /// <summary>What the house makes it of besides milk and water, by name; empty for what is bought.</summary>
    public IReadOnlyList<string> MadeOf { get; init; } = [];

    /// <summary>Whether the house makes it: it is a part.</summary>
    public bool IsPart { get; init; }

    /// <summary>The density that it has in the drink: of a powder, once it is dissolved.</summary>
    public Density DensityInDrink => Kind == IngredientKind.Powder ? IngredientDefaults.DissolvedPowder : Density;
}
