using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.House;

/// <summary>What this house has decided for all its drinks.</summary>
/// <param name="Reserve">Height kept free below the brim in a new build.</param>
/// <param name="LiquidStep">To what milk, coffee and water are rounded.</param>
/// <param name="IceStep">To what ice is rounded.</param>
/// <param name="WeighingStep">To what anything else on the scale is rounded.</param>
/// <param name="AllowedStrengthDrift">How far a size may be from the reference size in strength.</param>
/// <param name="AllowedSweetnessDrift">How far a size may be from the reference size in sweetness.</param>
public sealed record HouseRules(
    Millimetres Reserve,
    Millilitres LiquidStep,
    Grams IceStep,
    Grams WeighingStep,
    Percent AllowedStrengthDrift,
    Percent AllowedSweetnessDrift
)
{
    /// <summary>How warm the room is.</summary>
    public Celsius Room { get; init; } = Celsius.From(21);

    /// <summary>The coolest that steamed milk should be: 55 °C to begin with (common practice, no source).</summary>
    public Celsius MilkFrom { get; init; } = Celsius.From(55);

    /// <summary>The hottest that steamed milk should be: 65 °C to begin with (common practice, no source).</summary>
    public Celsius MilkTo { get; init; } = Celsius.From(65);

    /// <summary>How far a squeeze of sauce may overshoot: 10 % to begin with (19.2 g for 18 g was judged fine; common
    /// practice, no source).</summary>
    public Percent SauceTolerance { get; init; } = Percent.From(10);

    /// <summary>How much of the ice that a layered drink could melt has melted by hand-over: 40 % to begin with (no
    /// source; weigh your own).</summary>
    public Percent LayeredMelt { get; init; } = Percent.From(40);

    /// <summary>How much of the ice that a built iced drink could melt has melted by hand-over: half, about a minute
    /// after it was put together (common practice, no source; strain it and weigh the ice). Stirred, shaken and blended
    /// drinks have melted all of it.</summary>
    public Percent BuiltMelt { get; init; } = Percent.From(50);

    /// <summary>Air that shaking puts into a drink, of its volume: 10 % to begin with (no source; measure it in a
    /// jug).</summary>
    public Percent ShakenAir { get; init; } = Percent.From(10);

    /// <summary>Air that blending puts into a drink, of its volume: 15 % to begin with (no source; measure it in a
    /// jug).</summary>
    public Percent BlendedAir { get; init; } = Percent.From(15);

    /// <summary>The coolest that a hot drink may be handed over: 55 °C to begin with (common practice, no
    /// source).</summary>
    public Celsius HotFrom { get; init; } = Celsius.From(55);

    /// <summary>How long what is made may stand before it is poured on or handed over.</summary>
    public StandingLimits Standing { get; init; } = StandingLimits.Usual;

    /// <summary>How many people make an order's drinks at a time, and with what.</summary>
    public Workplaces Places { get; init; } = Workplaces.Usual;

    /// <summary>What a served cup is held to.</summary>
    public ServingLimits Serving { get; init; } = new();

    /// <summary>How far a size may be from the reference size in colour, ΔE₀₀: 5 to begin with; about 1 is just seen
    /// side by side, about 5 at a glance (from memory of colour science).</summary>
    public double AllowedColourDrift { get; init; } = 5;

    /// <summary>For how many days a weighing of strokes is good: 90 to begin with (no source; springs and syrups
    /// change).</summary>
    public int CalibrationDays { get; init; } = 90;

    /// <summary>How near the average of weighed strokes is to come to the true stroke, with 95 % confidence: 2 % to
    /// begin with (no source; a fifth of what is tasted).</summary>
    public Percent CalibrationTolerance { get; init; } = Percent.From(2);

    /// <summary>Whether half strokes are given from pumps that do not say otherwise.</summary>
    public bool HalfStrokes { get; init; }

    /// <summary>How many strokes of each sort of flavour go into each cup.</summary>
    public FlavourStandard Flavours { get; init; } = FlavourStandard.Nothing;

    /// <summary>The espresso recipe that a new build is pulled by; null for the first that there is.</summary>
    public string? Espresso { get; init; }

    /// <summary>The milk that goes into a new build; null for the first unsweetened one.</summary>
    public IngredientId? Milk { get; init; }

    /// <summary>The foam level that milk is steamed to where it is right for it; null for the right one with the least
    /// foam.</summary>
    public FoamId? Foam { get; init; }

    /// <summary>In what a cell says beside the bar's measure how much that is.</summary>
    public DisplayUnits Units { get; init; }

    /// <summary>How much a percent of drift in strength weighs when the adviser ranks.</summary>
    public double StrengthWeight { get; init; } = 1;

    /// <summary>How much a percent of drift in sweetness weighs when the adviser ranks.</summary>
    public double SweetnessWeight { get; init; } = 1;

    /// <summary>How sweet the sugars are.</summary>
    public RelativeSweetness Sweetness { get; init; } = RelativeSweetness.Usual;

    /// <summary>What stands after an amount of money.</summary>
    public string Currency { get; init; } = "";
}
