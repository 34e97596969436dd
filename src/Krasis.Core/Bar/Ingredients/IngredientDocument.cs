namespace Krasis.Core.Bar.Ingredients;

/// <summary>An ingredient as it is entered and stored. Nothing in it is trusted before
/// <see cref="IngredientReader"/> has read it.</summary>
public sealed record IngredientDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>One of espresso, coffee, tea, milk, syrup, sauce, water, ice, iceCream, powder, topping, flavour.</summary>
    public string? Kind { get; init; }

    /// <summary>Density as served, g/ml; of a powder, as it lies in a spoon. Not used for ice, whose density is known,
    /// and not needed where <see cref="Brix"/> is said.</summary>
    public double? DensityGramsPerMl { get; init; }

    /// <summary>Grams of sugar in 100 g of a syrup, as a refractometer shows it; gives the density.</summary>
    public double? Brix { get; init; }

    /// <summary>Colour in drawings, as #rrggbb.</summary>
    public string? Colour { get; init; }

    /// <summary>Mass of one piece, g. For ice only.</summary>
    public double? PieceGrams { get; init; }

    /// <summary>The share of a heap of ice that is ice, %. For ice only.</summary>
    public double? SolidPercent { get; init; }

    /// <summary>The id of the brewed coffee that the ice was frozen from: what that brings, the ice brings. For ice
    /// only.</summary>
    public string? FrozenFrom { get; init; }

    /// <summary>How warm it is when it goes into the cup, °C.</summary>
    public double? ServedCelsius { get; init; }

    /// <summary>How warm it is when it goes into a hot drink, °C; as <see cref="ServedCelsius"/> when it is missing. For
    /// tea only: brewed coffee has it from its recipe.</summary>
    public double? HotCelsius { get; init; }

    /// <summary>Parts of milk or water that go to one part of it; 0 when it is ready to drink. For tea only: brewed
    /// coffee has it from its recipe.</summary>
    public double? DilutionParts { get; init; }

    /// <summary>Whether it has to be whisked smooth with a splash of hot water, because it lumps and does not dissolve.
    /// For powder only.</summary>
    public bool? Whisked { get; init; }

    /// <summary>Heat that warms a gram by a kelvin, J.</summary>
    public double? SpecificHeat { get; init; }

    /// <summary>Coffee solids, % by mass. For brewed coffee, coffee ice and instant coffee; espresso has it from its
    /// recipe.</summary>
    public double? StrengthPercent { get; init; }

    /// <summary>Caffeine in the ground or instant coffee that it is made of, % by mass: arabica about 1.2, robusta
    /// about 2.2.</summary>
    public double? RoastCaffeinePercent { get; init; }

    /// <summary>How far that may be off, % of it; 10 when it is missing.</summary>
    public double? RoastCaffeineSpreadPercent { get; init; }

    /// <summary>What is in 100 g of it. Not needed for coffee, water and ice. The caffeine of a coffee that a recipe
    /// makes goes by <see cref="RoastCaffeinePercent"/>.</summary>
    public CompositionDocument? Per100g { get; init; }

    /// <summary>What the label says of allergens; null while nobody has looked.</summary>
    public AllergenDocument? Allergens { get; init; }

    /// <summary>How much is in a pack, in <see cref="PackMeasure"/>; of a coffee that a recipe makes, of the ground
    /// coffee.</summary>
    public double? PackAmount { get; init; }

    /// <summary>g or ml.</summary>
    public string? PackMeasure { get; init; }

    /// <summary>What a pack costs, in the house's currency.</summary>
    public double? PackPrice { get; init; }

    /// <summary>The share of a pack that reaches the cups, %.</summary>
    public double? UsablePercent { get; init; }

    /// <summary>The most of it that a drink bears, g: for flavours that are dangerous or unbearable above it.</summary>
    public double? MostGramsPerDrink { get; init; }

    /// <summary>Its usual dose, ml to 100 ml of milk, by which a dose that belongs to another sauce is told.</summary>
    public double? UsualMlPer100Ml { get; init; }

    /// <summary>The warmest that it foams well cold, °C.</summary>
    public double? FoamsColdBelowCelsius { get; init; }

    /// <summary>The warmest that it bears steaming, °C.</summary>
    public double? SteamsBelowCelsius { get; init; }

    /// <summary>The day the pack in use was opened, as 2026-11-25.</summary>
    public string? OpenedOn { get; init; }

    /// <summary>How many days it keeps once open, the day of opening counted.</summary>
    public double? OpenedDays { get; init; }

    /// <summary>Whether it must be held at or below 5 °C.</summary>
    public bool? Chilled { get; init; }

    /// <summary>Whether it sparkles: it is never shaken, blended or put under a lid.</summary>
    public bool? Sparkling { get; init; }

    /// <summary>Whether it may curdle milk and soy: acid fruit, tonic, raw ginger.</summary>
    public bool? CurdlesMilk { get; init; }

    /// <summary>Where its values come from.</summary>
    public string? Source { get; init; }
}
