namespace Krasis.Core.Bar.House;

/// <summary>The house rules as they are entered and stored. Nothing in them is trusted before
/// <see cref="HouseReader"/> has read them.</summary>
public sealed record HouseDocument
{
    /// <summary>Height kept free below the brim in a new build, mm.</summary>
    public double? ReserveMm { get; init; }

    /// <summary>To what milk, coffee and water are rounded, ml.</summary>
    public double? LiquidStepMl { get; init; }

    /// <summary>To what ice is rounded, g.</summary>
    public double? IceStepGrams { get; init; }

    /// <summary>To what anything else on the scale is rounded, g.</summary>
    public double? WeighingStepGrams { get; init; }

    /// <summary>How far a size may be from the reference size in strength, %.</summary>
    public double? StrengthDriftPercent { get; init; }

    /// <summary>How far a size may be from the reference size in sweetness, %.</summary>
    public double? SweetnessDriftPercent { get; init; }

    /// <summary>How warm the room is, °C; 21 when it is missing.</summary>
    public double? RoomCelsius { get; init; }

    /// <summary>The coolest that steamed milk should be, °C; 55 when it is missing.</summary>
    public double? MilkFromCelsius { get; init; }

    /// <summary>The hottest that steamed milk should be, °C; 65 when it is missing.</summary>
    public double? MilkToCelsius { get; init; }

    /// <summary>How far a squeeze of sauce may overshoot, %; 10 when it is missing.</summary>
    public double? SauceTolerancePercent { get; init; }

    /// <summary>How much of the ice that a layered drink could melt has melted by hand-over, %; 40 when it is
    /// missing.</summary>
    public double? LayeredMeltPercent { get; init; }

    /// <summary>How much of the ice that a built iced drink could melt has melted by hand-over, %; 50 when it is
    /// missing.</summary>
    public double? BuiltMeltPercent { get; init; }

    /// <summary>Air that shaking puts into a drink, % of its volume; 10 when it is missing.</summary>
    public double? ShakenAirPercent { get; init; }

    /// <summary>Air that blending puts into a drink, % of its volume; 15 when it is missing.</summary>
    public double? BlendedAirPercent { get; init; }

    /// <summary>The coolest that a hot drink may be handed over, °C; 55 when it is missing.</summary>
    public double? HotFromCelsius { get; init; }

    /// <summary>How long espresso may stand in the cup before anything is poured onto it, s; 30 when it is
    /// missing.</summary>
    public double? ShotStandsSeconds { get; init; }

    /// <summary>How long steamed milk may stand in its pitcher, s; 20 when it is missing.</summary>
    public double? MilkStandsSeconds { get; init; }

    /// <summary>How long a hot drink may stand before it is handed over, s; 180 when it is missing.</summary>
    public double? HotStandsSeconds { get; init; }

    /// <summary>How long a drink with ice may stand before it is handed over, s; 120 when it is missing.</summary>
    public double? ColdStandsSeconds { get; init; }

    /// <summary>How many baristas make an order's drinks at a time; 1 when it is missing.</summary>
    public double? Baristas { get; init; }

    /// <summary>How many pulls the espresso machine runs at once; 1 when it is missing.</summary>
    public double? Groups { get; init; }

    /// <summary>How many pitchers are steamed at once; 1 when it is missing.</summary>
    public double? Wands { get; init; }

    /// <summary>What a served cup is held to, where the house holds other values than the usual.</summary>
    public ServingLimitsDocument? Serving { get; init; }

    /// <summary>How far a size may be from the reference size in colour, ΔE₀₀; 5 when it is missing.</summary>
    public double? ColourDrift { get; init; }

    /// <summary>For how many days a weighing of strokes is good; 90 when it is missing.</summary>
    public double? CalibrationDays { get; init; }

    /// <summary>How near the average of weighed strokes is to come to the true stroke, %; 2 when it is
    /// missing.</summary>
    public double? CalibrationTolerancePercent { get; init; }

    /// <summary>Whether half strokes are given from pumps that do not say otherwise; no when it is missing.</summary>
    public bool? HalfStrokes { get; init; }

    /// <summary>One of metric, us, imperial: in what a cell says beside the bar's measure how much that is; metric when
    /// it is missing.</summary>
    public string? Units { get; init; }

    /// <summary>How much a percent of drift in strength weighs when the adviser ranks; 1 when it is missing.</summary>
    public double? StrengthWeight { get; init; }

    /// <summary>How much a percent of drift in sweetness weighs when the adviser ranks; 1 when it is missing.</summary>
    public double? SweetnessWeight { get; init; }

    /// <summary>How sweet the sugars are against sucrose, where the house holds other values than the usual.</summary>
    public SweetnessDocument? Sweetness { get; init; }

    /// <summary>How many strokes of each sort of flavour (syrup, sauce, powder) go into each cup, by the cup's id; what
    /// is missing is not said.</summary>
    public IReadOnlyDictionary<string, IReadOnlyDictionary<string, double?>?>? Flavours { get; init; }

    /// <summary>The id of the espresso recipe that a new build is pulled by; the first that there is when it is
    /// missing.</summary>
    public string? Espresso { get; init; }

    /// <summary>The id of the milk that goes into a new build; the first unsweetened one when it is missing.</summary>
    public string? Milk { get; init; }

    /// <summary>The id of the foam level that milk is steamed to where it is right for it; the right one with the least
    /// foam when it is missing.</summary>
    public string? Foam { get; init; }

    /// <summary>What stands after an amount of money, such as EUR.</summary>
    public string? Currency { get; init; }
}
